import { isDueWithin } from './clock';

/** Calls `leave` when the page is hidden or goes away: the last moment to save. */
export function onPageLeave(leave: () => void): void {
  document.addEventListener('visibilitychange', () => {
    if (document.hidden) leave();
  });
  window.addEventListener('pagehide', () => {
    // A field hands on what was typed into it when it is left, and now is the last time.
    if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
    leave();
  });
}

/**
 * Calls `handOn` when the page is hidden or goes, before what is known by then is saved; returns the way
 * to stop.
 */
export function beforePageLeave(handOn: () => void): () => void {
  const hidden = () => {
    if (document.hidden) handOn();
  };
  document.addEventListener('visibilitychange', hidden, { capture: true });
  window.addEventListener('pagehide', handOn, { capture: true });
  return () => {
    document.removeEventListener('visibilitychange', hidden, { capture: true });
    window.removeEventListener('pagehide', handOn, { capture: true });
  };
}

/** Calls `look` whenever somebody comes back to the page. */
export function onPageLook(look: () => void): void {
  document.addEventListener('visibilitychange', () => {
    if (!document.hidden) look();
  });
  window.addEventListener('focus', look);
}

/** Calls `wake` once, at the first sign that somebody is about to do something. */
export function onFirstTouch(wake: () => void): void {
  const signs = ['pointermove', 'pointerdown', 'keydown'] as const;
  const once = () => {
    signs.forEach((sign) => window.removeEventListener(sign, once));
    wake();
  };
  signs.forEach((sign) => window.addEventListener(sign, once, { passive: true }));
}

/** Tells when somebody begins to change what is in a field, and when they have left it. */
export function onTyping(tell: (isTyping: boolean) => void): void {
  let is = false;
  const now = (next: boolean) => {
    if (next !== is) tell(next);
    is = next;
  };
  document.addEventListener('input', ({ target }) => {
    now(target instanceof HTMLElement && target.matches('input, textarea'));
  });
  document.addEventListener('focusout', () => now(false));
}

/** Whether this page is where a class is led or shown. */
export const isOnStage = (): boolean =>
  /^\/(?:lead|wall|rehearse)\b/u.test(window.location.pathname);

/** Whether somebody asked for less movement on their screens. */
export function wantsLessMotion(): boolean {
  return window.matchMedia('(prefers-reduced-motion: reduce)').matches;
}

/** Calls `press` for keys that are not typed into a field; returns the way to stop. */
export function onKey(press: (key: string, event: KeyboardEvent) => void): () => void {
  const listen = (event: KeyboardEvent) => {
    const target = event.target as HTMLElement | null;
    const typing = target?.closest('input, textarea, [contenteditable=true]');
    if (!typing && !event.altKey) press(event.key, event);
  };
  window.addEventListener('keydown', listen);
  return () => window.removeEventListener('keydown', listen);
}

/** Whether a key press already means something to what has the focus. */
export function isOnButton(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null;
  return Boolean(target?.closest('button, a, [role=button], [role=switch], [role=link]'));
}

const labelled = (label: string) => `[aria-label="${CSS.escape(label)}"]`;

/**
 * Hands on what is pasted into the field with this label where it is more than one line; returns the
 * way to stop.
 */
export function onPastedLines(label: string, take: (text: string) => void): () => void {
  const paste = (event: ClipboardEvent) => {
    const text = event.clipboardData?.getData('text/plain') ?? '';
    const isHere = event.target instanceof Element && event.target.matches(labelled(label));
    if (!isHere || text.trim().split(/[\r\n]+/u).length < 2) return;
    event.preventDefault();
    take(text);
  };
  document.addEventListener('paste', paste);
  return () => document.removeEventListener('paste', paste);
}

/** So long before a sound nothing is drawn: a slow machine may still be drawing when it is due. */
const STILL_MS = 60;

/** Draws from frame to frame; returns the way to stop. */
export function onFrame(draw: () => void): () => void {
  let frame = 0;
  const next = () => {
    if (!isDueWithin(STILL_MS)) draw();
    frame = requestAnimationFrame(next);
  };
  frame = requestAnimationFrame(next);
  return () => cancelAnimationFrame(frame);
}

/** Goes to the first field or note that is marked as to be mended, once it is drawn. */
export function showFirstToMend(): void {
  requestAnimationFrame(() => {
    const first = document.querySelector<HTMLElement>('[aria-invalid="true"], [data-mend]');
    first?.scrollIntoView({ block: 'center' });
    first?.focus({ preventScroll: true });
  });
}

/** The rows and section heads of the strand as they lie on the page, without the one that is carried. */
export function laidRows(
  carried: string,
): readonly { readonly key: string; readonly top: number; readonly bottom: number }[] {
  const rows = [
    ...document.querySelectorAll<HTMLElement>('[data-strand-row],[data-strand-section]'),
  ];
  return rows.flatMap((row) => {
    const key = row.dataset.strandRow ?? row.dataset.strandSection ?? '';
    const { top, bottom } = row.getBoundingClientRect();
    return key === carried ? [] : [{ key, top, bottom }];
  });
}

/** How far from the top of the window something begins. */
export function pageTop(view: unknown): number {
  return view instanceof HTMLElement ? view.getBoundingClientRect().top : 0;
}

/** Whether no words of the page are marked, so that copying means rows. */
export function hasOnlyRows(): boolean {
  return (window.getSelection()?.toString() ?? '') === '';
}

let before: Element | null = null;

/** Goes into what carries `data-panel`, from where it was opened. */
export function enterPanel(): void {
  const panel = document.querySelector<HTMLElement>('[data-panel]');
  // Who is typing stays where they type.
  const isTyping = document.activeElement?.matches('input, textarea');
  if (!panel || isTyping || panel.contains(document.activeElement)) return;
  before = document.activeElement;
  panel.focus({ preventScroll: true });
}

/** Goes back to where a panel was opened from, if that is still there and nothing else was gone to. */
export function leavePanel(): void {
  const at = document.activeElement;
  const isLost = !at || at === document.body || !at.isConnected;
  if (isLost && before instanceof HTMLElement && before.isConnected) before.focus();
  before = null;
}

/** Moves the focus from one to the next of those that share a mark, with the arrow keys. */
export function arrowTo(mark: string, from: unknown, key: string): boolean {
  const all = [...document.querySelectorAll<HTMLElement>(`[${mark}]`)];
  const at = all.indexOf(from as HTMLElement);
  const to: Readonly<Record<string, number>> = {
    ArrowDown: at + 1,
    ArrowUp: at - 1,
    Home: 0,
    End: all.length - 1,
  };
  const next = to[key];
  if (next === undefined) return false;
  all[Math.min(all.length - 1, Math.max(0, next))]?.focus();
  return true;
}

/** Puts the focus into the field with this label. */
export function focusField(label: string): void {
  document.querySelector<HTMLElement>(labelled(label))?.focus();
}

/** Brings the element that carries `data-strand-row` with this id into view. */
export function showRow(id: string): void {
  document
    .querySelector(`[data-strand-row="${CSS.escape(id)}"]`)
    ?.scrollIntoView({ block: 'nearest' });
}

/** Has the browser ask before this page is closed or left for another one; returns the way to stop. */
export function askBeforeLeaving(): () => void {
  const ask = (event: BeforeUnloadEvent) => event.preventDefault();
  window.addEventListener('beforeunload', ask);
  return () => window.removeEventListener('beforeunload', ask);
}

/** Opens a page of the application in a window of its own. */
export function openWindow(path: string): void {
  window.open(path, '_blank', 'popup,noopener');
}

/** Loads this page anew. */
export function reload(): void {
  window.location.reload();
}

/** Opens the application anew: what was laid into storage is read from there. */
export function openAnew(path: string): void {
  window.location.assign(path);
}

/** Chooses all that is in a field, so that typing goes over it. */
export function selectAll(field: unknown): void {
  if (field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement) field.select();
}

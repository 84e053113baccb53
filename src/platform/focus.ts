/** Where something with the focus stood, from itself up to the page. */
type Trail = readonly { readonly parent: Element; readonly at: number }[];

const CAN_FOCUS =
  'button, a[href], [role=button], [role=link], [role=radio], [role=checkbox], [role=switch], [tabindex="0"]';

/** Pages and panels set the focus themselves within this time; what they choose stands. */
const LET_OTHERS_MS = 60;

/**
 * Sees to it that the focus never falls to nowhere: where what had it goes away, what took its place has
 * it from then on, or else the heading of the page. Returns the way to stop.
 */
export function keepFocus(): () => void {
  let last: Element | null = null;
  let trail: Trail = [];
  let timer: ReturnType<typeof setTimeout> | undefined;
  const remember = ({ target }: FocusEvent) => {
    last = target instanceof Element ? target : null;
    trail = last ? trailOf(last) : [];
  };
  const isLost = () =>
    last !== null &&
    !last.isConnected &&
    (document.activeElement ?? document.body) === document.body;
  const look = () => {
    if (!isLost()) return;
    clearTimeout(timer);
    timer = setTimeout(() => {
      if (isLost()) successorOf(trail)?.focus({ preventScroll: true });
    }, LET_OTHERS_MS);
  };
  const observer = new MutationObserver(look);
  document.addEventListener('focusin', remember);
  observer.observe(document.body, { childList: true, subtree: true });
  return () => {
    clearTimeout(timer);
    document.removeEventListener('focusin', remember);
    observer.disconnect();
  };
}

function trailOf(element: Element): Trail {
  const trail: { parent: Element; at: number }[] = [];
  for (let one = element; one.parentElement && one !== document.body; one = one.parentElement) {
    trail.push({ parent: one.parentElement, at: [...one.parentElement.children].indexOf(one) });
  }
  return trail;
}

/** What stands where the trail was broken off; the heading where a whole page went. */
function successorOf(trail: Trail): HTMLElement | null {
  const place = trail.find(({ parent }) => parent.isConnected);
  const isWholePage = !place || place.parent.querySelector('[role=main]') !== null;
  if (!isWholePage) {
    for (const { parent, at } of trail.filter(({ parent }) => parent.isConnected)) {
      if (parent.querySelector('[role=main]')) break;
      const next = parent.children[Math.min(at, parent.children.length - 1)];
      const found = next && focusable(next);
      if (found) return found;
      const any = focusable(parent);
      if (any) return any;
    }
  }
  const heading = document.querySelector<HTMLElement>('h1, [role=heading][aria-level="1"]');
  if (heading && !heading.hasAttribute('tabindex')) heading.setAttribute('tabindex', '-1');
  // It is read from there, and nothing that can be pressed.
  if (heading) heading.style.outline = 'none';
  return heading;
}

function focusable(within: Element): HTMLElement | null {
  const all = [within, ...within.querySelectorAll(CAN_FOCUS)];
  const first = all.find(
    (one): one is HTMLElement =>
      one instanceof HTMLElement &&
      one.matches(CAN_FOCUS) &&
      one.getAttribute('aria-disabled') !== 'true' &&
      one.getClientRects().length > 0,
  );
  return first ?? null;
}

/** How the marks of a side stand in a text, and how a person sees them. */
const MARKS = [
  ['{side}', '‹side›'],
  ['{other}', '‹other side›'],
] as const;

/** A text with its marks as a person sees them: `Turn to the ‹side›`. */
export function sidedShown(text: string): string {
  return MARKS.reduce((shown, [kept, seen]) => shown.replaceAll(kept, seen), text);
}

/** The same text as it is kept. */
export function sidedKept(shown: string): string {
  return MARKS.reduce((text, [kept, seen]) => text.replaceAll(seen, kept), shown);
}

/** The marks, to be put in by a press. */
export const SIDE_MARKS = MARKS.map(([, seen]) => seen);

/** What is put in at a place of a text, with blanks where words would run together. */
export function putIn(text: string, mark: string, at: number): string {
  const [before, after] = [text.slice(0, at), text.slice(at)];
  const left = before === '' || /\s$/u.test(before) ? '' : ' ';
  const right = after === '' || /^[\s.,;:!?]/u.test(after) ? '' : ' ';
  return `${before}${left}${mark}${right}${after}`;
}

/** Letters of the sans face are so wide on average, in ems; bold ones a little wider. */
const EM = 0.52;

/** How many lines a text takes at a size, words kept whole. */
export function linesOf(text: string, width: number, size: number): number {
  const most = Math.max(1, Math.floor(width / (size * EM)));
  let lines = 1;
  let used = 0;
  for (const word of text.split(/\s+/u).filter(Boolean)) {
    const with_ = used === 0 ? word.length : used + 1 + word.length;
    if (with_ <= most || used === 0) used = with_;
    else {
      lines += 1;
      used = word.length;
    }
    if (used > most) {
      lines += Math.ceil(used / most) - 1;
      used = used % most || most;
    }
  }
  return lines;
}

export interface Fitting {
  readonly width: number;
  readonly lines: number;
  readonly most: number;
  readonly least: number;
}

/**
 * The largest size, in pixels, at which a text takes no more than so many lines; the least where none
 * does.
 * @example fitted('Seated twist', { width: 400, lines: 1, most: 80, least: 20 }) // 64
 */
export function fitted(text: string, { width, lines, most, least }: Fitting): number {
  let size = most;
  while (size > least && linesOf(text, width, size) > lines) size -= 1;
  return size;
}

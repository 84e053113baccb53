/** A stretch of a score, in milliseconds. */
export interface Span {
  readonly fromMs: number;
  readonly untilMs: number;
}

/** The stretches in which somebody speaks or something counts, by when they begin. */
export type TakenTime = Span[];

/** How far back a stretch may begin that still reaches into another. */
const LONGEST_MS = 600_000;

/** Takes a stretch, so that nothing else is said in it. */
export function take(taken: TakenTime, span: Span): void {
  taken.splice(indexOf(taken, span.fromMs), 0, span);
}

/** Gives back one stretch that was taken. */
export function giveBack(taken: TakenTime, { fromMs, untilMs }: Span): void {
  const at = taken.findIndex((one) => one.fromMs === fromMs && one.untilMs === untilMs);
  if (at >= 0) taken.splice(at, 1);
}

/** The first moment from which so many milliseconds are free; undefined where there is none. */
export function firstFree(
  taken: TakenTime,
  ms: number,
  { fromMs, untilMs }: Span,
): number | undefined {
  let atMs = fromMs;
  for (let i = indexOf(taken, fromMs - LONGEST_MS); i < taken.length; i++) {
    const span = taken[i];
    if (!span || span.fromMs >= atMs + ms) break;
    if (span.untilMs > atMs) atMs = span.untilMs;
  }
  return atMs + ms <= untilMs ? atMs : undefined;
}

/** The last moment from which so many milliseconds are free; undefined where there is none. */
export function lastFree(
  taken: TakenTime,
  ms: number,
  { fromMs, untilMs }: Span,
): number | undefined {
  let endMs = untilMs;
  const least = indexOf(taken, fromMs - LONGEST_MS);
  for (let i = indexOf(taken, untilMs) - 1; i >= least; i--) {
    const span = taken[i];
    if (span && span.fromMs < endMs && span.untilMs > endMs - ms) endMs = span.fromMs;
  }
  return endMs - ms >= fromMs ? endMs - ms : undefined;
}

/** The place of the first stretch that begins at this moment or later. */
function indexOf(taken: TakenTime, ms: number): number {
  let low = 0;
  let high = taken.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((taken[middle]?.fromMs ?? 0) < ms) low = middle + 1;
    else high = middle;
  }
  return low;
}

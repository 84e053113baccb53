import { isWork, msOf, type Score, type Segment } from '@/core/timing';

/** A segment with all its moments later by so much; earlier where that is negative. */
export function shifted(segment: Segment, byMs: number): Segment {
  if (byMs === 0) return segment;
  const later = <T extends { readonly atMs: number }>(one: T) => ({
    ...one,
    atMs: one.atMs + byMs,
  });
  return {
    ...segment,
    startMs: segment.startMs + byMs,
    endMs: segment.endMs + byMs,
    marks: segment.marks.map(later),
    cues: segment.cues.map(later),
  };
}

/** A score with other segments, and its sums told from them. */
export function totals(score: Score, segments: readonly Segment[]): Score {
  const sides = { left: 0, right: 0 };
  for (const segment of segments.filter(isWork)) {
    const { side } = segment;
    if (side === 'left' || side === 'right') sides[side] += msOf(segment);
    else {
      sides.left += msOf(segment) / 2;
      sides.right += msOf(segment) / 2;
    }
  }
  return {
    ...score,
    segments,
    totalMs: segments.at(-1)?.endMs ?? 0,
    leftMs: Math.round(sides.left),
    rightMs: Math.round(sides.right),
  };
}

/**
 * The score up to the end of a play, or of what is going on behind it, and from there on as another
 * one goes.
 * @param at the segment that is going on; it and all before it stay
 * @param of its play, and how many plays stand before the first of `next`
 */
export function playedOn(
  score: Score,
  at: number,
  next: Score,
  { play, from }: { readonly play: number; readonly from: number },
): Score {
  const end = score.segments.findLastIndex((one) => one.play === play);
  const nextEnd = next.segments.findLastIndex((one) => one.play === play - from);
  if (end < 0 || nextEnd < 0) return score;
  const kept = score.segments.slice(0, Math.max(end, at) + 1);
  // Time between that has begun is not given twice.
  const behind = next.segments.slice(nextEnd + 1);
  const gaps = behind.findIndex((one) => one.play !== null);
  const rest = behind.slice(Math.min(Math.max(0, at - end), gaps < 0 ? behind.length : gaps));
  const byMs = (kept.at(-1)?.endMs ?? 0) - (rest[0]?.startMs ?? 0);
  const tail = rest.map((one) => ({
    ...shifted(one, byMs),
    play: one.play === null ? null : one.play + from,
  }));
  return totals(score, [...kept, ...tail]);
}

import { paceOf } from '@/core/body';
import { sideSetMs } from '@/core/moves';
import { itemInForce, itemsInOrder, type Routine } from '@/core/routine';
import { type Score, type Segment, isWork, msOf, setKey } from '@/core/timing';
import { shifted, totals } from './shift';

export const EXTEND_MS = 10_000;

/** Another ten seconds for one set; `segment` counts in the score, which keeps its order. */
export interface Extension {
  readonly segment: number;
}

function sameSet(a: Segment, b: Segment): boolean {
  return setKey(a) === setKey(b);
}

/** The last part of the set that a segment belongs to, so that presses keep their places. */
function endOfSet(segments: readonly Segment[], at: number): number {
  const here = segments[at];
  if (!here) return at;
  let last = at;
  segments.forEach((segment, i) => {
    if (i > at && segment.kind === 'work' && sameSet(segment, here)) last = i;
  });
  return last;
}

/** The same set of the other side, where it is still to come. */
function laterMate(segments: readonly Segment[], at: number): number | undefined {
  const here = segments[at];
  if (!here || (here.side !== 'left' && here.side !== 'right')) return undefined;
  const mate = segments.findIndex(
    (segment, i) =>
      i > at &&
      segment.kind === 'work' &&
      segment.play === here.play &&
      segment.set === here.set &&
      segment.side !== here.side,
  );
  return mate < 0 ? undefined : endOfSet(segments, mate);
}

/**
 * The score with ten seconds more for a set that is being done, and for the other side alike where
 * that is still to come. What stands behind it moves on.
 */
export function extended(score: Score, { segment: at }: Extension): Score {
  const longer = new Set([endOfSet(score.segments, at)]);
  const mate = laterMate(score.segments, at);
  if (mate !== undefined) longer.add(mate);
  let shiftMs = 0;
  const segments = score.segments.map((segment, i) => {
    const moved = shifted(segment, shiftMs);
    if (!longer.has(i)) return moved;
    shiftMs += EXTEND_MS;
    return lengthened(moved);
  });
  return totals(score, segments);
}

/** What is told ahead of the end stays as far ahead of it, and the half stays the half. */
function lengthened(segment: Segment): Segment {
  return {
    ...segment,
    endMs: segment.endMs + EXTEND_MS,
    marks: segment.marks.map((mark) =>
      mark.kind === 'halfway' ? { ...mark, atMs: mark.atMs + EXTEND_MS / 2 } : mark,
    ),
    cues: segment.cues.map((cue) =>
      cue.atMs > segment.startMs ? { ...cue, atMs: cue.atMs + EXTEND_MS } : cue,
    ),
  };
}

function setMs({ segments }: Score, of: Segment): number {
  const parts = segments.filter((one) => isWork(one) && sameSet(one, of));
  return parts.reduce((sum, part) => sum + msOf(part), 0);
}

/** Why a set gets no ten seconds more; `most` is the longest that it may last, in milliseconds. */
export type WhyNotLonger =
  | { readonly why: 'no-work' | 'balance' | 'counted' }
  | { readonly why: 'range'; readonly most: number };

/** Held or steady work gets ten seconds more inside its range, balance never; undefined where it may. */
export function whyNotLonger(routine: Routine, score: Score, at: number): WhyNotLonger | undefined {
  const segment = score.segments[at];
  if (!segment || !isWork(segment) || !segment.moveId) return { why: 'no-work' };
  const item = itemsInOrder(routine).find(({ id }) => id === segment.itemId);
  if (!item) return { why: 'no-work' };
  const { move, dose, level } = itemInForce(item, routine);
  const onOneLeg = level.loads.some(({ load }) => load === 'one-leg');
  if (move.kind === 'balance' || onOneLeg) return { why: 'balance' };
  if (dose.kind !== 'hold' && dose.kind !== 'timed') return { why: 'counted' };
  const range = dose.kind === 'hold' ? move.range.holdMs : move.range.timedMs;
  const planned = sideSetMs(dose, paceOf(routine.group, routine.pace));
  const most = range?.[1] ?? 0;
  // The other side is lengthened alike, and may be the longer one.
  const mate = laterMate(score.segments, at);
  const sets = [segment, ...(mate === undefined ? [] : [score.segments[mate] ?? segment])];
  const longest =
    segment.side === 'alternating' ? planned : Math.max(...sets.map((one) => setMs(score, one)));
  return longest + EXTEND_MS <= most ? undefined : { why: 'range', most };
}

/** Whether ten seconds more are on offer. */
export function mayExtend(routine: Routine, score: Score, at: number): boolean {
  return whyNotLonger(routine, score, at) === undefined;
}

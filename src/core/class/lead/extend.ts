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

/** Whether ten seconds more are on offer: held or steady work inside its range, never balance. */
export function mayExtend(routine: Routine, score: Score, at: number): boolean {
  const segment = score.segments[at];
  if (!segment || !isWork(segment) || !segment.moveId) return false;
  const item = itemsInOrder(routine).find(({ id }) => id === segment.itemId);
  if (!item) return false;
  const { move, dose, level } = itemInForce(item, routine);
  if (move.kind === 'balance') return false;
  if (level.loads.some(({ load }) => load === 'one-leg')) return false;
  if (dose.kind !== 'hold' && dose.kind !== 'timed') return false;
  const range = dose.kind === 'hold' ? move.range.holdMs : move.range.timedMs;
  const planned = sideSetMs(dose, paceOf(routine.group, routine.pace));
  const most = range?.[1] ?? 0;
  if (segment.side === 'alternating') return planned + EXTEND_MS <= most;
  // The other side is lengthened alike, and may be the longer one.
  const mate = laterMate(score.segments, at);
  const sets = [segment, ...(mate === undefined ? [] : [score.segments[mate] ?? segment])];
  return sets.every((one) => setMs(score, one) + EXTEND_MS <= most);
}

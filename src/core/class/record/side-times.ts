import { laneEntries } from '@/core/people';
import { catalogueFor, type Routine } from '@/core/routine';
import { doneBy, isWork, msOf, type Score, type Segment } from '@/core/timing';
import type { SideTime } from './schema';

/** Real work so far, in milliseconds, by item and side. */
export type Tally = Readonly<Record<string, number>>;

function keyOf({ itemId, side }: Segment): string {
  return `${itemId} ${side}`;
}

/** Adds the work that stands between two places of the score. */
export function tallied(tally: Tally, score: Score, fromMs: number, toMs: number): Tally {
  const next: Record<string, number> = { ...tally };
  for (const segment of score.segments) {
    if (!isWork(segment)) continue;
    const ms = Math.min(toMs, segment.endMs) - Math.max(fromMs, segment.startMs);
    if (ms > 0) next[keyOf(segment)] = (next[keyOf(segment)] ?? 0) + ms;
  }
  return next;
}

/**
 * Planned and real work for each item and side, in the order of the routine.
 * @param led the score as it was led, where it was changed on the way: what each way did is told by it
 */
export function sideTimes(
  routine: Routine,
  planned: Score,
  real: Tally,
  led: Score = planned,
): readonly SideTime[] {
  const asLed = new Map(led.segments.filter(isWork).map((one) => [keyOf(one), one]));
  const rows = new Map<string, SideTime>();
  for (const segment of planned.segments) {
    const { itemId, moveName, side } = segment;
    if (!isWork(segment) || !itemId || !moveName || !side) continue;
    const key = keyOf(segment);
    const plannedMs = (rows.get(key)?.plannedMs ?? 0) + msOf(segment);
    const realMs = Math.round(real[key] ?? 0);
    const lanes = rows.get(key)?.lanes ?? doneByLane(routine, asLed.get(key) ?? segment);
    rows.set(key, { itemId, moveName, side, plannedMs, realMs, ...(lanes && { lanes }) });
  }
  return [...rows.values()];
}

/** Undefined where all did the move that the row is named for. */
function doneByLane(routine: Routine, { moveId, lanes }: Segment): SideTime['lanes'] {
  const works = laneEntries(lanes);
  if (works.every(([, work]) => work.moveId === moveId)) return undefined;
  const catalogue = catalogueFor(routine);
  return works.map(([lane, work]) => {
    const done = doneBy(catalogue, work);
    return { lane, moveName: done?.move.name ?? null, level: done?.level.name ?? '' };
  });
}

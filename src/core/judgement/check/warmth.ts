import { isWork, msOf } from '@/core/timing';
import type { Region } from '@/core/body';
import { unitCount } from '@/core/moves';
import { playWorkMs, type LaneDoing, type SeenItem, type SeenPlay } from './seen';

/** Reps and steady movement warm what they move; holding still does not. */
export function isMovement({ inForce: { dose, move } }: SeenItem): boolean {
  return move.kind !== 'breath' && dose.kind !== 'hold' && move.warms.length > 0;
}

/** How warm somebody is: all movement so far, and that of each region. */
export interface Warmth {
  movedMs: number;
  readonly regionMs: Map<Region, number>;
  readonly regionReps: Map<Region, number>;
}

export const cold = (): Warmth => ({ movedMs: 0, regionMs: new Map(), regionReps: new Map() });

/** Adds what one play of an item does for a lane. */
export function warm(warmth: Warmth, one: SeenItem, play: SeenPlay, doing: LaneDoing): void {
  if (!isMovement(one)) return;
  const ms = playWorkMs(play);
  const sets = play.segments.filter((segment) => isWork(segment) && msOf(segment) > 0).length;
  const reps = (unitCount(one.inForce.dose) ?? 0) * sets;
  warmth.movedMs += ms;
  for (const region of doing.move.warms) {
    warmth.regionMs.set(region, (warmth.regionMs.get(region) ?? 0) + ms);
    warmth.regionReps.set(region, (warmth.regionReps.get(region) ?? 0) + reps);
  }
}

export const COLD_HOLD = {
  holdMs: 30_000,
  movementMs: 120_000,
  olderMovementMs: 180_000,
  regionReps: 8,
  regionMs: 30_000,
} as const;

/** Regions that a long hold takes to the end of their range while they are cold; none where warm. */
export function coldRegions(
  one: SeenItem,
  doing: LaneDoing,
  warmth: Warmth,
  older: boolean,
): readonly Region[] {
  const { dose } = one.inForce;
  if (dose.kind !== 'hold' || dose.holdMs < COLD_HOLD.holdMs) return [];
  const wanted = older ? COLD_HOLD.olderMovementMs : COLD_HOLD.movementMs;
  if (warmth.movedMs < wanted) return doing.move.endRange;
  return doing.move.endRange.filter(
    (region) =>
      (warmth.regionReps.get(region) ?? 0) < COLD_HOLD.regionReps &&
      (warmth.regionMs.get(region) ?? 0) < COLD_HOLD.regionMs,
  );
}

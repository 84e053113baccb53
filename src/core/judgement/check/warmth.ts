import { isWork, msOf } from '@/core/timing';
import type { Region } from '@/core/body';
import { unitCount } from '@/core/moves';
import { longestSetMs, playWorkMs } from './seen-times';
import type { LaneDoing, SeenItem, SeenPlay } from './seen';

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

/** Whether a set stays long at the end of its range; breaths count as the seconds they take. */
export function isLongHold(one: SeenItem): boolean {
  return heldMs(one) >= COLD_HOLD.holdMs;
}

function heldMs(one: SeenItem): number {
  const { dose, move } = one.inForce;
  if (dose.kind === 'hold') return dose.holdMs;
  const stays = move.kind === 'stretch' && dose.kind === 'breaths';
  return stays ? longestSetMs(one) : 0;
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
  if (!isLongHold(one)) return [];
  const wanted = older ? COLD_HOLD.olderMovementMs : COLD_HOLD.movementMs;
  if (warmth.movedMs < wanted) return doing.move.endRange;
  return doing.move.endRange.filter(
    (region) =>
      (warmth.regionReps.get(region) ?? 0) < COLD_HOLD.regionReps &&
      (warmth.regionMs.get(region) ?? 0) < COLD_HOLD.regionMs,
  );
}

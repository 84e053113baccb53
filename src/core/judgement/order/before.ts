import { isWork } from '@/core/timing';
import type { Region } from '@/core/body';
import type { ItemId } from '@/core/common';
import { unitCount } from '@/core/moves';
import { TIRING_MS } from '../check/rules/balance-tired';
import { playWorkMs } from '../check/seen-times';
import type { Seen } from '../check/seen';
import { COLD_HOLD, isLongHold, isMovement } from '../check/warmth';
import { taughtBy } from './teaches';
import type { Unit } from './units';

/** What one play of a unit adds to what came before, and asks of it. */
interface Deed {
  readonly itemId: ItemId;
  readonly lane: number;
  readonly tiringMs: number;
  readonly movedMs: number;
  readonly regions: readonly { readonly at: number; readonly ms: number; readonly reps: number }[];
  readonly balance: boolean;
  /** Regions that a long hold wants warm; none where it is no long hold. */
  readonly wantsWarm: readonly number[];
}

/** What the rules that look back need to know of a unit. */
export interface UnitDeeds {
  /** Whole milliseconds and reps. */
  readonly sum: Int32Array;
  readonly deeds: readonly Deed[];
  readonly asks: boolean;
  /** The families that it builds up to, which are not to come before it. */
  readonly taught: readonly number[];
  /** Whether it is one item, done once: nothing in it comes before anything else of it. */
  readonly once: boolean;
}

/** Sums over everything that came before, lane by lane: tiring work, movement, and by region. */
export interface Lookback {
  readonly size: number;
  readonly of: (unit: Unit) => UnitDeeds;
  /**
   * How many items of a unit, or the unit itself, come too early or too late after such a past.
   * @param warmedBy where the past that tires is not the one that warms: the least that any order
   * between the two breaks
   */
  readonly broken: (before: Int32Array, deeds: UnitDeeds, warmedBy?: Int32Array) => number;
}

const TIRING = 0;
const MOVED = 1;
const FIXED = 2;

/** Lays out the sums that the order rules of a routine look back on. */
export function lookback(seen: Seen): Lookback {
  const wanted = [
    ...new Set(
      seen.items
        .filter(isLongHold)
        .flatMap(({ lanes }) => lanes.flatMap(({ move }) => move.endRange)),
    ),
  ];
  const families = [
    ...new Set(
      seen.routine.sections.main
        .concat(seen.routine.sections['warm-up'], seen.routine.sections.settle)
        .flatMap((entry) =>
          entry.kind === 'block' && entry.buildUp ? taughtBy(entry, seen.catalogue) : [],
        ),
    ),
  ];
  const perLane = FIXED + 2 * wanted.length;
  const laneSize = perLane * seen.lanes.length;
  const size = laneSize + families.length;
  const regionAt = (region: Region) => wanted.indexOf(region);
  const neededMs = seen.older ? COLD_HOLD.olderMovementMs : COLD_HOLD.movementMs;

  const of = (unit: Unit): UnitDeeds => {
    const ids = new Set(unit.entries.map(({ id }) => id));
    const own = seen.inOrder.filter(({ seen: one }) => ids.has(one.entryId));
    const deeds = own.flatMap(({ seen: one, play }) =>
      one.lanes.map(({ lane, move }): Deed => {
        const ms = playWorkMs(play);
        const { dose } = one.inForce;
        const moving = isMovement(one);
        const sets = play.segments.filter(isWork).length;
        const reps = (unitCount(dose) ?? 0) * sets;
        const long = isLongHold(one);
        return {
          itemId: one.item.id,
          lane: seen.lanes.indexOf(lane),
          tiringMs: move.tiringLegs ? ms : 0,
          movedMs: moving ? ms : 0,
          regions: moving
            ? move.warms.flatMap((region) =>
                regionAt(region) >= 0 ? [{ at: regionAt(region), ms, reps }] : [],
              )
            : [],
          balance: move.kind === 'balance',
          wantsWarm: long ? move.endRange.map(regionAt) : [],
        };
      }),
    );
    const sum = new Int32Array(size);
    deeds.forEach((deed) => addDeed(sum, deed));
    for (const { seen: one } of own) {
      const at = families.indexOf(one.inForce.move.family);
      if (at >= 0) sum[laneSize + at] = 1;
    }
    const [entry] = unit.entries.filter(({ kind }) => kind === 'block' || kind === 'item');
    const buildUp = entry?.kind === 'block' && entry.buildUp ? taughtBy(entry, seen.catalogue) : [];
    const taught = buildUp.map((family) => families.indexOf(family)).filter((at) => at >= 0);
    const asks =
      taught.length > 0 || deeds.some(({ balance, wantsWarm }) => balance || wantsWarm.length > 0);
    return { sum, deeds, asks, taught, once: own.length <= 1 };
  };

  const addDeed = (sums: Int32Array, deed: Deed) => {
    const at = deed.lane * perLane;
    bump(sums, at + TIRING, deed.tiringMs);
    bump(sums, at + MOVED, deed.movedMs);
    for (const { at: region, ms, reps } of deed.regions) {
      bump(sums, at + FIXED + 2 * region, ms);
      bump(sums, at + FIXED + 2 * region + 1, reps);
    }
  };

  const isCold = (sums: Int32Array, { lane, wantsWarm }: Deed): boolean => {
    const at = lane * perLane;
    if (wantsWarm.length === 0) return false;
    if ((sums[at + MOVED] ?? 0) < neededMs) return true;
    return wantsWarm.some(
      (region) =>
        (sums[at + FIXED + 2 * region] ?? 0) < COLD_HOLD.regionMs &&
        (sums[at + FIXED + 2 * region + 1] ?? 0) < COLD_HOLD.regionReps,
    );
  };

  const broken = (before: Int32Array, unit: UnitDeeds, warmedBy = before): number => {
    if (!unit.asks) return 0;
    const late = unit.taught.some((family) => (before[laneSize + family] ?? 0) > 0);
    if (unit.once) {
      const tired = unit.deeds.some((deed) => isTired(before, deed));
      const cold = unit.deeds.some((deed) => isCold(warmedBy, deed));
      return Number(tired) + Number(cold) + Number(late);
    }
    const sums = before.slice();
    const warmth = warmedBy === before ? sums : warmedBy.slice();
    const tired = new Set<ItemId>();
    const cold = new Set<ItemId>();
    for (const deed of unit.deeds) {
      if (isTired(sums, deed)) tired.add(deed.itemId);
      if (isCold(warmth, deed)) cold.add(deed.itemId);
      addDeed(sums, deed);
      if (warmth !== sums) addDeed(warmth, deed);
    }
    return tired.size + cold.size + Number(late);
  };

  const isTired = (sums: Int32Array, { balance, lane }: Deed): boolean =>
    balance && (sums[lane * perLane + TIRING] ?? 0) >= TIRING_MS;

  return { size, of, broken };
}

function bump(sums: Int32Array, at: number, by: number): void {
  sums[at] = (sums[at] as number) + by;
}

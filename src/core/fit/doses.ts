import { alternatingSetMs, pressFits, sideSetMs } from '../dose';
import type { Pace } from '../pace';
import { amountOf, amountRange, itemInForce, type Item, type Setting } from '../routine';
import type { Segment } from '../score';

/** How often the sets of an item are done, all rounds and sides together. */
export interface Repeats {
  /** Passes over all sets: one for each play and side. */
  readonly passes: number;
  /** Extra time of a weak side, in all. */
  readonly extraMs: number;
}

/** One dose that an item could have. */
export interface DoseOption {
  readonly amount: number;
  readonly sets: number;
  /** Work in all plays. */
  readonly workMs: number;
  /** Work and the rests between its sets. */
  readonly timeMs: number;
}

/** Counts the passes of an item from the segments of its plays. */
export function repeatsOf(item: Item, segments: readonly Segment[]): Repeats {
  const passes = new Set<string>();
  const weakSets = new Set<string>();
  for (const { kind, play, side, set } of segments) {
    if (kind !== 'work' && kind !== 'press') continue;
    passes.add(`${play} ${side}`);
    if (item.weak && side === item.weak.side) weakSets.add(`${play} ${set}`);
  }
  return { passes: passes.size, extraMs: weakSets.size * (item.weak?.extraMs ?? 0) };
}

/**
 * Every dose of an item inside its move's range, from the least up.
 * @param sets `kept` moves the amount alone; `free` the sets too
 * @returns none where the item is pinned or its move names no range
 */
export function doseOptions(
  item: Item,
  pace: Pace,
  setting: Setting,
  { passes, extraMs }: Repeats,
  sets: 'kept' | 'free',
): readonly DoseOption[] {
  const range = amountRange(item, setting);
  if (!range || item.pinned || passes === 0) return [];
  const { move, dose, sides } = itemInForce(item, setting);
  const setMs = sides.way === 'alternating' ? alternatingSetMs(dose, pace) : sideSetMs(dose, pace);
  // A set is as long as its amount says: so many milliseconds, reps or breaths of one length.
  const eachMs = setMs / amountOf(dose);
  const extraPerSetMs = extraMs / Math.max(1, dose.sets);
  const [fewest, most] = sets === 'free' ? move.range.sets : [dose.sets, dose.sets];
  const doses = amounts(range).filter((amount) => keepsPress(item, amount));
  const options: DoseOption[] = [];
  for (let count = fewest; count <= most; count++) {
    const restMs = passes * (count - 1) * dose.restMs;
    for (const amount of doses) {
      const workMs = count * (passes * amount * eachMs + extraPerSetMs);
      options.push({ amount, sets: count, workMs, timeMs: workMs + restMs });
    }
  }
  return options.sort((a, b) => a.timeMs - b.timeMs || a.sets - b.sets);
}

function keepsPress({ press }: Item, amount: number): boolean {
  return !press || pressFits(amount, press);
}

/** Steps from the present amount, inside the range; from the nearer end where it is outside. */
function amounts({
  now,
  least,
  most,
  step,
}: {
  readonly now: number;
  readonly least: number;
  readonly most: number;
  readonly step: number;
}): readonly number[] {
  const anchor = Math.min(most, Math.max(least, now));
  const first = anchor - Math.floor((anchor - least) / step) * step;
  const count = Math.floor((most - first) / step) + 1;
  return Array.from({ length: count }, (_, i) => first + i * step);
}

import { ownDose } from '../catalog';
import { alternatingSetMs, doseInForce, pressFits, sideSetMs, type Dose } from '../dose';
import type { Pace, PaceName } from '../pace';
import {
  amountOf,
  amountRange,
  doseChanged,
  itemInForce,
  type Item,
  type ItemWords,
} from '../routine';
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
  paceName: PaceName,
  { passes, extraMs }: Repeats,
  sets: 'kept' | 'free',
): readonly DoseOption[] {
  const range = amountRange(item, paceName);
  if (!range || item.pinned || passes === 0) return [];
  const { move, dose, sides } = itemInForce(item, paceName);
  const setMs = (one: Dose) =>
    sides.way === 'alternating' ? alternatingSetMs(one, pace) : sideSetMs(one, pace);
  const [fewest, most] = sets === 'free' ? move.range.sets : [dose.sets, dose.sets];
  const options: DoseOption[] = [];
  for (let count = fewest; count <= most; count++) {
    for (const amount of amounts(range)) {
      const words = doseChanged(item, paceName, { amount, sets: count });
      const changed = doseOf(item, words, paceName);
      if (amountOf(changed) !== amount || !keepsPress(item, amount)) continue;
      const perSet = extraMs / Math.max(1, dose.sets);
      const workMs = passes * count * setMs(changed) + perSet * count;
      const restMs = passes * (count - 1) * changed.restMs;
      options.push({ amount, sets: count, workMs, timeMs: workMs + restMs });
    }
  }
  return options.sort((a, b) => a.timeMs - b.timeMs || a.sets - b.sets);
}

function doseOf(item: Item, words: ItemWords, pace: PaceName): Dose {
  const { move } = itemInForce(item, pace);
  return doseInForce({ ...item, ...words }, ownDose(move, pace));
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

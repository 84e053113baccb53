import type { Pace } from '@/core/body';
import { alternatingSetMs, pressFits, sideSetMs, amountOf, type Dose } from '@/core/moves';
import {
  TIME_STEP_MS,
  amountRange,
  itemInForce,
  type AmountRange,
  type Item,
  type Setting,
} from '@/core/routine';
import { type Segment, isWork } from '@/core/timing';

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
  for (const { play, side, set } of segments.filter(isWork)) {
    passes.add(`${play} ${side}`);
    if (item.weak && side === item.weak.side) weakSets.add(`${play} ${set}`);
  }
  return { passes: passes.size, extraMs: weakSets.size * (item.weak?.extraMs ?? 0) };
}

/** What every dose of an item is counted by: its sets and amounts, and how long one takes. */
interface Counting {
  readonly fewest: number;
  readonly most: number;
  readonly amounts: readonly number[];
  readonly optionOf: (count: number, amount: number) => DoseOption;
}

/** Undefined where the item is pinned or its move names no range. */
function counting(
  item: Item,
  pace: Pace,
  setting: Setting,
  { passes, extraMs }: Repeats,
  sets: Sets,
): Counting | undefined {
  const { move, dose, sides } = itemInForce(item, setting);
  const range = spanOf(dose) ?? amountRange(item, setting);
  if (!range || item.pinned || passes === 0) return undefined;
  const setMs = sides.way === 'alternating' ? alternatingSetMs(dose, pace) : sideSetMs(dose, pace);
  // A set is as long as its amount says: so many milliseconds, reps or breaths of one length.
  const eachMs = setMs / amountOf(dose);
  const extraPerSetMs = extraMs / Math.max(1, dose.sets);
  const span = dose.mostSets ? ([dose.sets, dose.mostSets] as const) : move.range.sets;
  const [fewest, most] = sets === 'free' ? span : [dose.sets, dose.sets];
  const optionOf = (count: number, amount: number) => {
    const workMs = count * (passes * amount * eachMs + extraPerSetMs);
    return {
      amount,
      sets: count,
      workMs,
      timeMs: workMs + passes * (count - 1) * dose.restMs,
    };
  };
  const own = amountsIn(range).filter((amount) => keepsPress(item, amount));
  return { fewest, most, amounts: own, optionOf };
}

/** A dose that is given as a span may be anything in it, and nothing else. */
function spanOf(dose: Dose): AmountRange | undefined {
  if (dose.most === undefined) return undefined;
  const timed = dose.kind === 'hold' || dose.kind === 'timed';
  const now = amountOf(dose);
  return { now, least: now, most: dose.most, step: timed ? TIME_STEP_MS : 1 };
}

/** `kept` moves the amount alone; `free` the sets too. */
export type Sets = 'kept' | 'free';

/**
 * Every dose of an item inside its move's range, from the least up.
 * @returns none where the item is pinned or its move names no range
 */
export function doseOptions(
  ...asked: readonly [Item, Pace, Setting, Repeats, Sets]
): readonly DoseOption[] {
  const counts = counting(...asked);
  if (!counts) return [];
  const { fewest, most, amounts, optionOf } = counts;
  const options: DoseOption[] = [];
  for (let count = fewest; count <= most; count++) {
    for (const amount of amounts) options.push(optionOf(count, amount));
  }
  if (fewest === most) return options;
  return options.sort((a, b) => a.timeMs - b.timeMs || a.sets - b.sets);
}

/** The least and the greatest dose of an item, sets and all; none where it has but one. */
export function doseEnds(
  item: Item,
  pace: Pace,
  setting: Setting,
  repeats: Repeats,
): readonly [least: DoseOption, most: DoseOption] | undefined {
  const counts = counting(item, pace, setting, repeats, 'free');
  const [least] = counts?.amounts ?? [];
  const most = counts?.amounts.at(-1);
  if (!counts || least === undefined || most === undefined) return undefined;
  if (least === most && counts.fewest === counts.most) return undefined;
  return [counts.optionOf(counts.fewest, least), counts.optionOf(counts.most, most)];
}

function keepsPress({ press }: Item, amount: number): boolean {
  return !press || pressFits(amount, press);
}

/** Steps from the present amount, inside the range; from the nearer end where it is outside. */
function amountsIn({
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

import type { ItemId } from '@/core/common';
import { amountOf } from '@/core/moves';
import { paceOf } from '@/core/body';
import {
  changeItem,
  choiceBlocks,
  doseChanged,
  itemInForce,
  itemsInOrder,
  type Item,
  type Routine,
  type Step,
} from '@/core/routine';
import { type Score, type Segment, isWork, msOf } from '@/core/timing';
import { doseEnds, doseOptions, repeatsOf, type DoseOption, type Sets } from './doses';

/** An item on its way to another dose. */
export interface Adjustable {
  readonly item: Item;
  readonly options: readonly DoseOption[];
  readonly oldWorkMs: number;
  readonly oldTimeMs: number;
}

/** The segments of each item, by its id. */
function byItem({ segments }: Score): ReadonlyMap<string, readonly Segment[]> {
  const all = new Map<string, Segment[]>();
  for (const segment of segments) {
    if (!segment.itemId) continue;
    const known = all.get(segment.itemId);
    if (known) known.push(segment);
    else all.set(segment.itemId, [segment]);
  }
  return all;
}

function timesOf(segments: readonly Segment[]) {
  let oldWorkMs = 0;
  let restMs = 0;
  for (const one of segments) {
    if (isWork(one)) oldWorkMs += msOf(one);
    else if (one.kind === 'rest') restMs += msOf(one);
  }
  return { oldWorkMs, oldTimeMs: oldWorkMs + restMs };
}

/** Lines that are still to be chosen from: which of them is longest may not hang on their doses. */
function itemsOpen(routine: Routine): ReadonlySet<ItemId> {
  return new Set(choiceBlocks(routine).flatMap(({ lines }) => lines.map(({ id }) => id)));
}

export function adjustableItems(routine: Routine, score: Score, sets: Sets): readonly Adjustable[] {
  const pace = paceOf(routine.group, routine.pace);
  const all = byItem(score);
  const open = itemsOpen(routine);
  return itemsInOrder(routine).flatMap((item): readonly Adjustable[] => {
    if (open.has(item.id)) return [];
    const segments = all.get(item.id) ?? [];
    const repeats = repeatsOf(item, segments);
    const options = doseOptions(item, pace, routine, repeats, sets);
    if (options.length < 2) return [];
    return [{ item, options, ...timesOf(segments) }];
  });
}

/** An item that can be shorter or longer than it is, and how far. */
export interface Stretchable {
  readonly item: Item;
  readonly oldTimeMs: number;
  readonly least: DoseOption;
  readonly most: DoseOption;
}

export function stretchableItems(routine: Routine, score: Score): readonly Stretchable[] {
  const pace = paceOf(routine.group, routine.pace);
  const all = byItem(score);
  const open = itemsOpen(routine);
  return itemsInOrder(routine).flatMap((item): readonly Stretchable[] => {
    if (open.has(item.id)) return [];
    const segments = all.get(item.id) ?? [];
    const ends = doseEnds(item, pace, routine, repeatsOf(item, segments));
    if (!ends) return [];
    const [least, most] = ends;
    return [{ item, least, most, oldTimeMs: timesOf(segments).oldTimeMs }];
  });
}

export function doseSteps(
  routine: Routine,
  item: Item,
  { amount, sets }: DoseOption,
): readonly Step[] {
  const { dose } = itemInForce(item, routine);
  if (amountOf(dose) === amount && dose.sets === sets) return [];
  return changeItem(routine, item.id, doseChanged(item, routine, { amount, sets }))?.steps ?? [];
}

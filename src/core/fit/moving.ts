import type { ItemId } from '../ids';
import { paceOf } from '../pace';
import {
  amountOf,
  changeItem,
  doseChanged,
  itemInForce,
  itemsInOrder,
  type Item,
  type Routine,
  type Step,
} from '../routine';
import type { Score, Segment } from '../score';
import { doseOptions, repeatsOf, type DoseOption, type Repeats } from './doses';

/** An item on its way to another dose. */
export interface Moving {
  readonly item: Item;
  readonly repeats: Repeats;
  readonly options: readonly DoseOption[];
  readonly oldWorkMs: number;
  readonly oldTimeMs: number;
}

export type Sets = 'kept' | 'free';

export function movingItems(routine: Routine, score: Score, sets: Sets): readonly Moving[] {
  const pace = paceOf(routine.pace, routine.paceChanges);
  const byItem = new Map<string, Segment[]>();
  for (const segment of score.segments) {
    if (!segment.itemId) continue;
    const known = byItem.get(segment.itemId);
    if (known) known.push(segment);
    else byItem.set(segment.itemId, [segment]);
  }
  return itemsInOrder(routine).flatMap((item): readonly Moving[] => {
    const segments = byItem.get(item.id) ?? [];
    const repeats = repeatsOf(item, segments);
    const options = doseOptions(item, pace, routine, repeats, sets);
    if (options.length < 2) return [];
    const oldWorkMs = segments.reduce((sum, one) => sum + (isWork(one) ? length(one) : 0), 0);
    const restMs = segments.reduce((sum, one) => sum + (one.kind === 'rest' ? length(one) : 0), 0);
    return [{ item, repeats, options, oldWorkMs, oldTimeMs: oldWorkMs + restMs }];
  });
}

const isWork = ({ kind }: Segment) => kind === 'work' || kind === 'press';
const length = ({ startMs, endMs }: Segment) => endMs - startMs;

export function workByItem({ segments }: Score): ReadonlyMap<ItemId, number> {
  const work = new Map<ItemId, number>();
  for (const segment of segments) {
    if (segment.itemId && isWork(segment)) {
      work.set(segment.itemId, (work.get(segment.itemId) ?? 0) + length(segment));
    }
  }
  return work;
}

export function doseSteps(
  routine: Routine,
  item: Item,
  { amount, sets }: DoseOption,
): readonly Step[] {
  const { dose } = itemInForce(item, routine);
  if (amountOf(dose) === amount && dose.sets === sets) return [];
  return changeItem(routine, item.id, doseChanged(item, routine, { amount, sets })).steps;
}

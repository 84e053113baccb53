import isEqual from 'fast-deep-equal';
import type { Level, Move } from '@/core/moves';
import {
  amountRange,
  applyChange,
  changeItem,
  doseChanged,
  itemInForce,
  itemsInOrder,
  type Item,
  type ItemWords,
  type Routine,
} from '@/core/routine';
import { laneEntries } from '@/core/people';

/** Steps of a dose: holds and steady work by ten seconds, reps by two, breaths by one. */
const STEP = { hold: 10_000, timed: 10_000, reps: 2, breaths: 1 } as const;

/**
 * The next easier level in the same place that asks for nothing more than this one: no thing that is
 * not in hand, no load that the group was not asked about. Levels stand easiest first.
 */
function easierLevel(move: Move, level: Level, { group }: Routine): Level | undefined {
  const at = move.levels.findIndex(({ id }) => id === level.id);
  const loads = new Set(level.loads.map(({ load }) => load));
  return move.levels
    .slice(0, Math.max(0, at))
    .findLast(
      (one) =>
        isEqual(one.from, level.from) &&
        one.props.every((prop) => level.props.includes(prop)) &&
        one.loads.every(({ load }) => loads.has(load)) &&
        !one.notFor?.includes(group),
    );
}

/** One level down, else one step of the dose inside the move's range, else a set less. */
function easedWords(item: Item, routine: Routine): ItemWords | undefined {
  const { move, level, dose } = itemInForce(item, routine);
  const easier = easierLevel(move, level, routine);
  if (easier) {
    const laneLevels = Object.fromEntries(
      laneEntries(item.laneLevels ?? {}).map(([lane, id]) => {
        const own = move.levels.find((one) => one.id === id);
        return [lane, (own && easierLevel(move, own, routine)?.id) ?? id];
      }),
    );
    return { level: easier.id, ...(item.laneLevels && { laneLevels }) };
  }
  if (dose.sets > 1) return doseChanged(item, routine, { sets: dose.sets - 1 });
  const range = amountRange(item, routine);
  const next = range && Math.max(range.least, range.now - STEP[dose.kind]);
  if (!range || next === undefined || next >= range.now) return undefined;
  return doseChanged(item, routine, { amount: next });
}

/** Whether an item has an easier level, or a smaller dose inside its range. */
export function mayBeEased(item: Item, routine: Routine): boolean {
  return easedWords(item, routine) !== undefined;
}

/** A routine with some of its items made easier by one step each; what has no step stays. */
export function easedItems(routine: Routine, ids: ReadonlySet<string>): Routine {
  return itemsInOrder(routine).reduce((grown, item) => {
    const words = ids.has(item.id) ? easedWords(item, grown) : undefined;
    const change = words && changeItem(grown, item.id, words);
    return change ? applyChange(grown, change) : grown;
  }, routine);
}

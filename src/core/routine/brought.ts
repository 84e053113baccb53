import type { Change } from './edit/change';
import { itemInForce } from './item';
import type { Entry, Item } from './entries';
import type { Routine } from './schema';

/** What an edit brings that was not there: a move, or another level of one. */
export interface Brought {
  readonly move: string;
  /** Named where the move has been there and is done at another level now. */
  readonly level?: string;
}

/**
 * The moves and levels that an edit brings, in the order of its steps; none for one that only changes
 * doses, sides or places.
 */
export function broughtBy(routine: Routine, { steps }: Change): readonly Brought[] {
  const taken = new Set(
    steps
      .flatMap((step) => (step.kind === 'remove' ? itemsOf(step.entry) : []))
      .map(({ id }) => id),
  );
  return steps.flatMap((step): Brought[] => {
    if (step.kind === 'add') {
      return itemsOf(step.entry)
        .filter(({ id }) => !taken.has(id))
        .map((item) => ({ move: itemInForce(item, routine).move.name }));
    }
    if (step.kind !== 'replace') return [];
    const before = new Map(itemsOf(step.from).map((item) => [item.id, item]));
    return itemsOf(step.to).flatMap((item) => brought(routine, before.get(item.id), item));
  });
}

function brought(routine: Routine, before: Item | undefined, item: Item): readonly Brought[] {
  const { move, level } = itemInForce(item, routine);
  if (before?.moveId !== item.moveId) return [{ move: move.name }];
  const lanes = Object.entries(item.laneLevels ?? {});
  const ofLane = lanes.find(([lane, id]) => Object(before.laneLevels)[lane] !== id);
  const id = ofLane?.[1] ?? (before.level === item.level ? undefined : level.id);
  const named = id && move.levels.find((one) => one.id === id);
  return named ? [{ move: move.name, level: named.name }] : [];
}

function itemsOf(entry: Entry): readonly Item[] {
  const lines = entry.kind === 'block' ? entry.lines : [entry];
  return lines.filter((line) => line.kind === 'item');
}

import type { ItemId } from '@/core/common';
import type { Entry, Item, SectionName } from '../entries';
import type { Routine } from '../schema';
import {
  applyChange,
  entriesAround,
  entryAt,
  hasEntry,
  placeOf,
  type Change,
  type Place,
} from './change';
import { addEntry, moveEntry, removeEntry } from './edits';
import { together } from './together';

/** Where rows are let go: beside another row, or at the start of a section. */
export type Drop =
  { readonly before: ItemId } | { readonly after: ItemId } | { readonly startOf: SectionName };

/** Rows in the order in which they stand in the routine, blocks before their lines. */
export function rowIds({ sections }: Routine): readonly ItemId[] {
  return Object.values(sections).flatMap((entries: readonly Entry[]) =>
    entries.flatMap((entry) =>
      entry.kind === 'block' ? [entry.id, ...entry.lines.map(({ id }) => id)] : [entry.id],
    ),
  );
}

/** The rows that are there, in order; a line whose block is among them goes with the block. */
function inOrder(routine: Routine, ids: readonly ItemId[]): readonly ItemId[] {
  return rowIds(routine).filter((id) => {
    if (!ids.includes(id)) return false;
    const { inBlock } = placeOf(routine, id);
    return inBlock === undefined || !ids.includes(inBlock);
  });
}

/** Moves rows to where they are let go, in the order in which they stand. */
export function moveEntries(
  routine: Routine,
  ids: readonly ItemId[],
  drop: Drop,
): Change | undefined {
  let beside = drop;
  return together('move', routine, inOrder(routine, ids), (grown, id) => {
    const to = placeFor(grown, id, beside);
    beside = { after: id };
    if (!to || isThere(grown, id, to)) return to && { what: 'move', steps: [] };
    return leavingNothing(grown, id, to) ?? moveEntry(grown, id, to);
  });
}

/** The only line of a block leaves, and the block goes with it. */
function leavingNothing(routine: Routine, id: ItemId, to: Place): Change | undefined {
  const place = placeOf(routine, id);
  const { inBlock } = place;
  if (!inBlock || to.inBlock === inBlock || entriesAround(routine, place).length > 1)
    return undefined;
  const entry = entryAt(routine, place);
  const block = placeOf(routine, inBlock);
  const isBehind = to.inBlock === undefined && to.section === block.section && to.at > block.at;
  const gone = removeEntry(routine, id);
  const put = addEntry(applyChange(routine, gone), entry, isBehind ? { ...to, at: to.at - 1 } : to);
  return put && { what: 'move', steps: [...gone.steps, ...put.steps] };
}

const isThere = (routine: Routine, id: ItemId, to: Place): boolean => {
  const from = placeOf(routine, id);
  return from.section === to.section && from.inBlock === to.inBlock && from.at === to.at;
};

/** A place counted as if the row that moves were gone already. */
function placeFor(routine: Routine, id: ItemId, drop: Drop): Place | undefined {
  if ('startOf' in drop) return { section: drop.startOf, at: 0 };
  const [target, by] = 'before' in drop ? [drop.before, 0] : [drop.after, 1];
  if (target === id) return placeOf(routine, id);
  if (!hasEntry(routine, target)) return undefined;
  const moved = entryAt(routine, placeOf(routine, id));
  let place = placeOf(routine, target);
  // No block stands in a block: beside a line it goes behind that line's block.
  if (moved.kind === 'block' && place.inBlock === id) return placeOf(routine, id);
  const inBlock = moved.kind === 'block' ? place.inBlock : undefined;
  if (inBlock) place = placeOf(routine, inBlock);
  // Behind the head of a block is its first line.
  const isHead = by === 1 && !inBlock && moved.kind !== 'block' && isBlock(routine, place);
  const to: Place = isHead
    ? { section: place.section, inBlock: target, at: 0 }
    : { ...place, at: place.at + (inBlock ? 1 : by) };
  const from = placeOf(routine, id);
  const isSame = from.section === to.section && from.inBlock === to.inBlock;
  return isSame && from.at < to.at ? { ...to, at: to.at - 1 } : to;
}

const isBlock = (routine: Routine, place: Place) => entryAt(routine, place).kind === 'block';

/** Takes rows out. */
export function removeEntries(routine: Routine, ids: readonly ItemId[]): Change | undefined {
  return together('remove', routine, inOrder(routine, ids), (grown, id) =>
    hasEntry(grown, id) ? removeEntry(grown, id) : { what: 'remove', steps: [] },
  );
}

/** Changes each item among rows, lines of blocks too, where it can be; undefined where none can. */
export function changeEach(
  routine: Routine,
  ids: readonly ItemId[],
  edit: (grown: Routine, item: Item) => Change | undefined,
): Change | undefined {
  const items = rowIds(routine).filter((id) => {
    const place = placeOf(routine, id);
    return ids.includes(id) || (place.inBlock !== undefined && ids.includes(place.inBlock));
  });
  return together('change', routine, items, (grown, id) => {
    const entry = entryAt(grown, placeOf(grown, id));
    const nothing = { what: 'change', steps: [] };
    return entry.kind === 'item' ? (edit(grown, entry) ?? nothing) : nothing;
  });
}

/** The rows themselves, to be put elsewhere. */
export function entriesOf(routine: Routine, ids: readonly ItemId[]): readonly Entry[] {
  return inOrder(routine, ids).map((id) => entryAt(routine, placeOf(routine, id)));
}

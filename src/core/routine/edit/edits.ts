import type { ItemId, NewId } from '../../ids';
import { itemIdSchema } from '../../ids';
import { SECTIONS, type Entry, type Item, type Routine } from '../schema';
import { entryAt, placeOf, type Change, type Place } from './change';

/** Adds an entry; at the end of main where no place is named. */
export function addEntry(routine: Routine, entry: Entry, place?: Place): Change {
  const at = place ?? { section: 'main', at: routine.sections.main.length };
  return { what: 'add', steps: [{ kind: 'add', place: at, entry }] };
}

export function removeEntry(routine: Routine, id: ItemId): Change {
  const place = placeOf(routine, id);
  return { what: 'remove', steps: [{ kind: 'remove', place, entry: entryAt(routine, place) }] };
}

/** Puts an entry somewhere else; `to` counts after the entry has been taken out. */
export function moveEntry(routine: Routine, id: ItemId, to: Place): Change {
  const place = placeOf(routine, id);
  const entry = entryAt(routine, place);
  return {
    what: 'move',
    steps: [
      { kind: 'remove', place, entry },
      { kind: 'add', place: to, entry },
    ],
  };
}

/** One row up or down; from the edge of a section into the next one. Undefined at the very end. */
export function nudgeEntry(routine: Routine, id: ItemId, by: -1 | 1): Change | undefined {
  const { section, at } = placeOf(routine, id);
  const to = at + by;
  if (to >= 0 && to < routine.sections[section].length) {
    return moveEntry(routine, id, { section, at: to });
  }
  const next = SECTIONS[SECTIONS.indexOf(section) + by];
  if (!next) return undefined;
  const end = by < 0 ? routine.sections[next].length : 0;
  return moveEntry(routine, id, { section: next, at: end });
}

/** A copy right below, under a new id. */
export function duplicateEntry(routine: Routine, id: ItemId, newId: NewId): Change {
  const { section, at } = placeOf(routine, id);
  const entry = { ...entryAt(routine, { section, at }), id: itemIdSchema.parse(newId()) };
  return { what: 'duplicate', steps: [{ kind: 'add', place: { section, at: at + 1 }, entry }] };
}

/** Changes what an item says; a key set to undefined goes back to the move's own. */
export function changeItem(
  routine: Routine,
  id: ItemId,
  changed: { readonly [K in keyof Omit<Item, 'kind' | 'id'>]?: Item[K] | undefined },
): Change {
  const entry = entryAt(routine, placeOf(routine, id));
  if (entry.kind !== 'item') throw new Error(`not an item: ${id}`);
  const to = Object.fromEntries(
    Object.entries({ ...entry, ...changed }).filter(([, value]) => value !== undefined),
  ) as Item;
  return replaceEntry(routine, to);
}

/** Puts another entry in the place of the one with its id. */
export function replaceEntry(routine: Routine, to: Entry): Change {
  const place = placeOf(routine, to.id);
  const from = entryAt(routine, place);
  return { what: 'change', steps: [{ kind: 'replace', place, from, to }] };
}

type Head = Omit<Routine, 'id' | 'sections'>;

/** Changes title, pace, slot and the other headers; undefined leaves one out. */
export function changeHead(
  routine: Routine,
  to: { readonly [K in keyof Head]?: Head[K] | undefined },
): Change {
  const from = Object.fromEntries(Object.keys(to).map((key) => [key, routine[key as keyof Head]]));
  return {
    what: 'head',
    steps: [{ kind: 'head', from: from as Partial<Head>, to: to as Partial<Head> }],
  };
}

import type { NewId } from '@/core/common';
import type { Entry, SectionName } from '../entries';
import type { Routine } from '../schema';
import { placeOf, type Change, type Place } from './change';
import { addEntry, withFreshIds } from './edits';
import { together } from './together';

/** An entry and the section at whose end it goes. */
export interface Placed {
  readonly entry: Entry;
  readonly section: SectionName;
}

/**
 * Adds entries under ids of their own side by side from a place on, as one change. A block among them
 * goes behind the block that the place is in, and so does what follows it.
 * @returns undefined where there is no room for all of them
 */
export function addEntriesAt(
  routine: Routine,
  entries: readonly Entry[],
  place: Place,
  newId: NewId,
): Change | undefined {
  let at = place;
  return together('add', routine, entries, (grown, entry) => {
    const { inBlock } = at;
    if (inBlock && entry.kind === 'block') {
      const block = placeOf(grown, inBlock);
      at = { ...block, at: block.at + 1 };
    }
    const change = addEntry(grown, withFreshIds(entry, newId), at);
    at = { ...at, at: at.at + 1 };
    return change;
  });
}

/**
 * Adds entries under ids of their own, each to the end of its section, as one change.
 * @returns undefined where there is no room for all of them
 */
export function addEntries(
  routine: Routine,
  placed: readonly Placed[],
  newId: NewId,
): Change | undefined {
  return together('add', routine, placed, (grown, { entry, section }) =>
    addEntry(grown, withFreshIds(entry, newId), { section, at: grown.sections[section].length }),
  );
}

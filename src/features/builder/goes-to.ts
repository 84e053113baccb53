import type { PositionId } from '@/core/body';
import type { ItemId } from '@/core/common';
import {
  entriesAround,
  entriesInOrder,
  hasEntry,
  placeOf,
  type Entry,
  type Place,
  type Routine,
  type SectionName,
} from '@/core/routine';
import { placeAfter } from '@/core/writing';

/** Where what is added next goes: behind a row, or to the end of a section. */
export type GoesTo = { readonly after: ItemId } | { readonly section: SectionName };

/** Where the first line goes: a class begins with its warm-up; what has rows goes on at the end of main. */
export function usualPlace(routine: Routine): GoesTo {
  return { section: entriesInOrder(routine).length === 0 ? 'warm-up' : 'main' };
}

/** Where a new entry goes; to the end of main where the row is gone that it was to follow. */
export function placeForNew(routine: Routine, goesTo: GoesTo): Place {
  if ('after' in goesTo && hasEntry(routine, goesTo.after)) {
    const place = placeOf(routine, goesTo.after);
    return { ...place, at: place.at + 1 };
  }
  const section = 'section' in goesTo ? goesTo.section : 'main';
  return { section, at: routine.sections[section].length };
}

/** What a new entry would stand behind; undefined at the start of a section. */
export function entryBefore(routine: Routine, place: Place): Entry | undefined {
  return entriesAround(routine, place)[place.at - 1];
}

/** Where the line before leaves people, if anything stands there that moves them. */
export function placeBefore(routine: Routine, place: Place): PositionId | undefined {
  const before = entryBefore(routine, place);
  const line = before?.kind === 'block' ? before.lines.at(-1) : before;
  return line && placeAfter(line, routine);
}

/** Where lines go on once rows are carried away: behind the row before them, where there is one. */
export function staying(
  routine: Routine,
  goesTo: Extract<GoesTo, { readonly after: ItemId }>,
  carried: readonly ItemId[],
): GoesTo {
  if (!hasEntry(routine, goesTo.after)) return goesTo;
  const place = placeOf(routine, goesTo.after);
  const before = entriesAround(routine, place)
    .slice(0, place.at)
    .findLast(({ id }) => !carried.includes(id));
  return before ? { after: before.id } : { section: place.section };
}

import { type ItemId, withCapital } from '@/core/common';
import {
  entryAt,
  itemClauses,
  itemInForce,
  placeOf,
  type Entry,
  type Routine,
  type Setting,
} from '@/core/routine';
import { blockWords, doseWords, timeWords } from '@/words/names';
import { BUILD } from './strings';

/** What an entry is called: its move's name, its rest, its block. */
export function nameOf(entry: Entry, setting: Setting): string {
  switch (entry.kind) {
    case 'item':
      return itemInForce(entry, setting).move.name;
    case 'rest':
      return BUILD.rest(timeWords(entry.restMs));
    case 'notice':
      return BUILD.notice(timeWords(entry.noticeMs), entry.words);
    case 'note':
      return BUILD.note;
    case 'block':
      return withCapital(blockWords(entry));
  }
}

export function entryName(routine: Routine, id: ItemId): string {
  return nameOf(entryAt(routine, placeOf(routine, id)), routine);
}

/** What two states of one entry say, as short as tells them apart. */
export function saysOf(
  before: Entry,
  after: Entry,
  was: Setting,
  is: Setting,
): readonly [before: string, after: string] {
  if (before.kind === 'item' && after.kind === 'item') {
    const names = [nameOf(before, was), nameOf(after, is)] as const;
    if (names[0] !== names[1]) return names;
    const doses = [doseWords(itemInForce(before, was)), doseWords(itemInForce(after, is))] as const;
    if (doses[0] !== doses[1]) return doses;
    const [old, now] = [
      itemClauses(before, itemInForce(before, was).move),
      itemClauses(after, itemInForce(after, is).move),
    ];
    const only = (own: readonly string[], other: readonly string[]) =>
      own.filter((clause) => !other.includes(clause)).join(', ') || BUILD.usual;
    return [only(old, now), only(now, old)];
  }
  return [nameOf(before, was), nameOf(after, is)];
}

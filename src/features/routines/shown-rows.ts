import type { Mark, Row } from '@/state/hall';
import { GROUP_TITLES } from '@/words/groups';
import { PLACE_WORDS, type Sort } from './strings';

export interface Wanted {
  readonly words: string;
  readonly sort: Sort;
  readonly tag: string | undefined;
  readonly archived: boolean;
}

export const ALL: Wanted = { words: '', sort: 'title', tag: undefined, archived: false };

export interface ShownRow {
  readonly row: Row;
  readonly mark: Mark | undefined;
}

const ORDER: Readonly<Record<Sort, (a: ShownRow, b: ShownRow) => number>> = {
  title: (a, b) => a.row.title.localeCompare(b.row.title),
  led: (a, b) =>
    Date.parse(b.mark?.ledAt ?? '1970-01-01') - Date.parse(a.mark?.ledAt ?? '1970-01-01'),
  longest: (a, b) => b.row.totalMs - a.row.totalMs,
  shortest: (a, b) => a.row.totalMs - b.row.totalMs,
};

/** The rows that have all that is wanted, in the order that is wanted; titles part what is equal. */
export function shownRows(all: readonly ShownRow[], wanted: Wanted): readonly ShownRow[] {
  const words = wanted.words.toLowerCase().split(/\s+/u).filter(Boolean);
  return all
    .filter(({ row, mark }) => {
      if ((mark?.archived ?? false) !== wanted.archived) return false;
      if (wanted.tag !== undefined && !mark?.tags.includes(wanted.tag)) return false;
      const places = row.where.map((place) => PLACE_WORDS[place]);
      const text = [row.title, GROUP_TITLES[row.group], ...places, ...(mark?.tags ?? [])]
        .join(' ')
        .toLowerCase();
      return words.every((word) => text.includes(word));
    })
    .sort((a, b) => ORDER[wanted.sort](a, b) || ORDER.title(a, b));
}

/** All tags there are, each once. */
export function allTags(all: readonly ShownRow[]): readonly string[] {
  const tags = all.flatMap(({ mark }) => mark?.tags ?? []);
  return [...new Set(tags)].sort((a, b) => a.localeCompare(b));
}

/** Tags as they are typed, with commas between. */
export function tagsIn(typed: string, most: number, longest: number): string[] {
  const tags = typed
    .split(',')
    .map((tag) => tag.replace(/\s+/gu, ' ').trim().slice(0, longest))
    .filter(Boolean);
  return [...new Set(tags)].slice(0, most);
}

import { parse } from 'papaparse';
import { cleanLine, cleanText, isDay } from '@/core/common';
import { armed, csvOf } from './csv';
import { OUTCOMES, type Entry, type EntryWords, type Outcome } from '../record/attendance';
import { MOST_NOTE, SKIP_WHYS, type SkipWhy } from '../record/changes';
import type { RunRow } from '../record/months';

/** The columns of who came and how it went, one row for each person in each class. */
const PEOPLE_COLUMNS = [
  'date',
  'time',
  'minutes',
  'routine',
  'group',
  'person',
  'person id',
  'came',
  'outcome',
  'why',
  'effort',
  'pain before',
  'pain after',
  'pain next morning',
  'sore days',
  'dizzy',
  'falls',
  'note',
] as const;
type Column = (typeof PEOPLE_COLUMNS)[number];

export interface PeopleNames {
  readonly person: (entry: Entry) => string;
  readonly group: (row: RunRow) => string;
}

/** Who came to what and how it went, as a table; a text that would start a formula is disarmed. */
export function peopleCsv(rows: readonly RunRow[], names: PeopleNames): string {
  const lines = rows.flatMap((row) =>
    (row.people ?? []).map((entry): readonly (string | number)[] => [
      row.startedAt.slice(0, 10),
      row.startedAt.slice(11, 16),
      Math.round(row.realMs / 60_000),
      row.title,
      names.group(row),
      names.person(entry),
      entry.person,
      entry.came ? 'yes' : 'no',
      entry.outcome ?? '',
      entry.why ?? '',
      entry.effort ?? '',
      entry.painBefore ?? '',
      entry.painAfter ?? '',
      entry.painNext ?? '',
      entry.soreDays ?? '',
      entry.dizzy ? 'yes' : '',
      entry.falls ?? '',
      entry.note ?? '',
    ]),
  );
  const table = [PEOPLE_COLUMNS, ...lines].map((line) => [...line]);
  return csvOf(table);
}

/** A class as a table tells of it. */
export interface TableClass {
  readonly date: string;
  readonly time: string;
  readonly minutes: number;
  readonly routine: string;
  readonly group: string;
  readonly people: readonly TablePerson[];
}

/** Somebody as a table tells of them: by their name, and by their id where it came from here. */
export interface TablePerson {
  readonly name: string;
  readonly id: string;
  /** The line of the table. */
  readonly line: number;
  readonly words: Omit<EntryWords, 'person'>;
}

export type TableFault =
  | { readonly code: 'missing-columns'; readonly columns: readonly string[] }
  | { readonly code: 'too-many-rows'; readonly most: number }
  | { readonly code: 'empty' }
  | {
      readonly code: 'wrong-value';
      readonly line: number;
      readonly column: Column;
      readonly value: string;
    };

type TableRead =
  | { readonly ok: true; readonly classes: readonly TableClass[] }
  | { readonly ok: false; readonly faults: readonly TableFault[] };

const MOST_ROWS = 100_000;
const MOST_FAULTS = 10;
const NEEDED: readonly Column[] = ['date', 'person'];

/**
 * Reads such a table, from here or from anywhere with these headings; nothing of a wrong one is taken.
 * @param today a class that is still to come is refused
 */
export function readPeopleCsv(text: string, today: string): TableRead {
  const { data } = parse<Record<string, string>>(text.replace(/^\uFEFF/u, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim().toLowerCase(),
  });
  const [first] = data;
  if (!first) return { ok: false, faults: [{ code: 'empty' }] };
  const columns = NEEDED.filter((name) => !(name in first));
  if (columns.length > 0) return { ok: false, faults: [{ code: 'missing-columns', columns }] };
  if (data.length > MOST_ROWS) {
    return { ok: false, faults: [{ code: 'too-many-rows', most: MOST_ROWS }] };
  }
  const faults: TableFault[] = [];
  const classes = new Map<
    string,
    { head: Omit<TableClass, 'people'>; people: TableClass['people'][number][] }
  >();
  data.forEach((row, i) => {
    const read = readRow(row, i + 2, today, faults);
    if (!read) return;
    const { head, person } = read;
    const key = JSON.stringify(head);
    const known = classes.get(key) ?? { head, people: [] };
    known.people.push(person);
    classes.set(key, known);
  });
  if (faults.length > 0) return { ok: false, faults: faults.slice(0, MOST_FAULTS) };
  return {
    ok: true,
    classes: [...classes.values()].map(({ head, people }) => ({ ...head, people })),
  };
}

function readRow(
  row: Readonly<Record<string, string>>,
  line: number,
  today: string,
  faults: TableFault[],
) {
  const at = (column: Column) => cleanText(armed(row[column] ?? '')).trim();
  const before = faults.length;
  const wrong = (column: Column) =>
    void faults.push({ code: 'wrong-value', line, column, value: at(column).slice(0, 40) });
  const count = (column: Column, most: number): number | undefined => {
    const said = at(column);
    if (said === '') return undefined;
    if (!/^\d{1,3}$/u.test(said) || Number(said) > most) {
      wrong(column);
      return undefined;
    }
    return Number(said);
  };
  const one = <T extends string>(column: Column, all: readonly T[]): T | undefined => {
    const said = at(column).toLowerCase();
    if (said === '') return undefined;
    const found = all.find((name) => name === said);
    if (!found) wrong(column);
    return found;
  };
  const date = at('date');
  if (!isDay(date) || date > today) wrong('date');
  const time = at('time') || '12:00';
  if (!/^([01]\d|2[0-3]):[0-5]\d$/u.test(time)) wrong('time');
  const name = cleanLine(at('person')).replace(/\s+/gu, ' ');
  if (name === '' || name.length > 80) wrong('person');
  const came = one('came', ['yes', 'no'] as const) !== 'no';
  const outcome: Outcome | undefined = one('outcome', OUTCOMES);
  const why: SkipWhy | undefined = one('why', SKIP_WHYS);
  const numbers = {
    effort: count('effort', 10),
    painBefore: count('pain before', 10),
    painAfter: count('pain after', 10),
    painNext: count('pain next morning', 10),
    soreDays: count('sore days', 14),
    falls: count('falls', 20),
  };
  const minutes = count('minutes', 300) ?? 0;
  const dizzy = one('dizzy', ['yes', 'no'] as const) === 'yes';
  if (faults.length > before) return undefined;
  const words: Omit<EntryWords, 'person'> = {
    came,
    ...(outcome && came && { outcome }),
    ...(why && { why }),
    ...Object.fromEntries(Object.entries(numbers).filter(([, value]) => value !== undefined)),
    ...(dizzy && { dizzy: true as const }),
    ...(at('note') && { note: cleanText(at('note'), MOST_NOTE) }),
  };
  const head = {
    date,
    time,
    minutes,
    routine: cleanLine(at('routine'), 120),
    group: cleanLine(at('group'), 80),
  };
  return { head, person: { name, id: at('person id'), line, words } };
}

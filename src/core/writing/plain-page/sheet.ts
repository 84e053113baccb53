import { countingIds, itemIdSchema, routineIdSchema, type GroupName } from '@/core/common';
import { addEntries, applyChange, emptyRoutine, type Placed, type Routine } from '@/core/routine';
import type { PlainSetting } from '../plain-line/plain-line';
import { readSaidLine } from '../plain-line/said-line';
import { notes } from '../plain-line/typed-line';
import type { PageLine, PlainPage } from './plain-page';

/** What an instructor made of a row of a plan: other words for it, a note, or nothing. */
export type Decided = { readonly as: string } | 'note' | 'out';

export interface SheetRow {
  /** Counted from 1, over all rows: of one sentence there may be several. */
  readonly row: number;
  readonly line: number;
  readonly kind: PageLine['kind'];
  readonly typed: string;
  readonly section: PageLine['section'];
  /** What it becomes, as strict text; empty where that is still open, or it is left out. */
  readonly text: string;
  readonly state: 'sure' | 'open' | 'note' | 'out';
  /** Words that the reading passed over. */
  readonly passed: readonly string[];
  readonly others: PageLine['reading']['others'];
  readonly entry: Placed['entry'] | undefined;
  /** Other rows that are still open and say the same. */
  readonly alike: readonly number[];
}

export interface Sheet extends Omit<PlainPage, 'lines'> {
  readonly rows: readonly SheetRow[];
  readonly open: number;
}

export type Decisions = Readonly<Record<number, Decided>>;

const TRIAL = itemIdSchema.parse('trial');
const folded = (typed: string) => typed.toLowerCase().replace(/\s+/gu, ' ').trim();

/** A plan row by row, with what was decided of each; a row by its number. */
export function sheetOf(
  { lines, ...page }: PlainPage,
  setting: PlainSetting,
  decided: Decisions,
): Sheet {
  const bare = lines.map((line, i) => rowOf(line, i + 1, setting, decided[i + 1]));
  const open = bare.filter(({ state }) => state === 'open');
  const rows = bare.map((row) => ({
    ...row,
    alike: open
      .filter((one) => one.row !== row.row && folded(one.typed) === folded(row.typed))
      .map((one) => one.row),
  }));
  return { ...page, rows, open: open.length };
}

function rowOf(
  { line, typed, kind, section, reading, note }: PageLine,
  at: number,
  setting: PlainSetting,
  decided: Decided | undefined,
): Omit<SheetRow, 'alike'> {
  const row = { row: at, line, kind, typed, section, passed: [], others: reading.others, text: '' };
  if (decided === 'out') return { ...row, state: 'out', entry: undefined };
  if (decided === 'note') {
    return { ...row, state: 'note', entry: { kind: 'note', id: TRIAL, note: notes(typed, note) } };
  }
  const read = decided ? readSaidLine(decided.as, setting).reading : reading;
  if (!read?.line) return { ...row, state: 'open', others: read?.others ?? [], entry: undefined };
  const { text, passed, others } = read;
  const entry = withNote(read.line, note);
  return { ...row, state: 'sure', text, passed, others, entry };
}

/** What a plan says of a row besides is its note. */
function withNote(entry: Placed['entry'], note: string | undefined): Placed['entry'] {
  if (note === undefined || entry.kind === 'note' || entry.kind === 'block') return entry;
  return { ...entry, note: notes(entry.note, note) };
}

/** What is taken in of it. */
export function placedFrom({ rows }: Sheet): readonly Placed[] {
  return rows.flatMap(({ entry, section }) => (entry ? [{ entry, section }] : []));
}

/** The routine that a sheet's rows make by themselves, for its time; undefined where it has no room. */
export function routineOfSheet(
  sheet: Sheet,
  { group, moves }: { readonly group: GroupName; readonly moves?: Routine['moves'] },
): Routine | undefined {
  const empty = { ...emptyRoutine(SHEET, '', group), ...(moves && { moves }) };
  const change = addEntries(empty, placedFrom(sheet), countingIds('row'));
  return change && applyChange(empty, change);
}
const SHEET = routineIdSchema.parse('sheet');

/** A plan and what was made of it differ by more than so much of what the plan says. */
const FAR = 0.2;

/** Whether the whole time is far from what the plan itself says. */
export const isFarOff = (saidMs: number, totalMs: number): boolean =>
  Math.abs(totalMs - saidMs) > FAR * saidMs;

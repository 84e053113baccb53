import { csvOf } from './csv';
import type { Run } from '../record/schema';

/** The columns of a record, one row for each side of each item; the header row is the caller's words. */
export const RUN_COLUMNS = [
  'startedAt',
  'routine',
  'how',
  'move',
  'side',
  'plannedSeconds',
  'realSeconds',
] as const;
export type RunColumn = (typeof RUN_COLUMNS)[number];

const seconds = (ms: number) => Math.round(ms / 100) / 10;

/** Runs as a table that a spreadsheet opens; a text that would start a formula is disarmed. */
export function runsCsv(
  runs: readonly Run[],
  headings: Readonly<Record<RunColumn, string>>,
): string {
  const rows = runs.flatMap(({ startedAt, title, how, sides }) =>
    sides.map(({ moveName, side, plannedMs, realMs }) => [
      startedAt,
      title,
      how,
      moveName,
      side,
      seconds(plannedMs),
      seconds(realMs),
    ]),
  );
  const header = RUN_COLUMNS.map((column) => headings[column]);
  return csvOf([header, ...rows]);
}

/** A table as a spreadsheet opens it; a text that would start a formula is disarmed. */
export function tableCsv(rows: readonly (readonly string[])[]): string {
  const plain = rows.map((row) => row.map(numberOr));
  return csvOf(plain);
}

/** A number stays one: escaping is for what a spreadsheet would run. */
const numberOr = (text: string) => (/^-?\d+(\.\d+)?$/u.test(text) ? Number(text) : text);

import { z } from 'zod';
import { isRecord, type MigrationStep, type PersonId } from '@/core/common';
import { runSchema, type Run } from './schema';

/** The version of a month as it is kept; from 2 on its rows say what was not led. */
export const MONTH_VERSION = 2;

/** A month of before is made anew from its runs. */
export const MONTH_MIGRATIONS: readonly MigrationStep[] = [
  {
    from: 1,
    what: 'rows say what was not led',
    apply: (month) => (isRecord(month) ? { ...month, rows: [] } : month),
  },
];

/** What lists and trends need of a run: all but what it did minute by minute. */
export const runRowSchema = runSchema.pick({
  id: true,
  routineId: true,
  title: true,
  led: true,
  groupId: true,
  startedAt: true,
  endedAt: true,
  plannedMs: true,
  realMs: true,
  how: true,
  people: true,
  headcount: true,
  overall: true,
  byHand: true,
});
export type RunRow = Readonly<z.infer<typeof runRowSchema>> & {
  /** Items that were planned, and of which nothing was led: nobody did them, and nobody is asked. */
  readonly left?: readonly string[];
};

/** Items of a class that was led of which not a second was; none where it was entered by hand. */
export function notLed({ sides }: Pick<Run, 'sides'>): readonly string[] {
  const led = new Set(sides.filter(({ realMs }) => realMs > 0).map(({ itemId }) => itemId));
  return [...new Set(sides.map(({ itemId }) => itemId))].filter((id) => !led.has(id));
}

/** Whether a class went as it was planned: to its end, with nothing changed on the way or left. */
export function wentAsPlanned(run: Pick<Run, 'how' | 'edits' | 'skips' | 'sides'>): boolean {
  const { how, edits = [], skips = [] } = run;
  return (
    how === 'completed' && edits.length === 0 && skips.length === 0 && notLed(run).length === 0
  );
}

/**
 * The runs of one month, as `2026-11`: made from them, and made anew where it is damaged. Each row was
 * checked whole as a run; years of them are not checked again each time they are read.
 */
export const monthSchema = z.strictObject({
  id: z.string().regex(/^\d{4}-\d{2}$/u),
  rows: z.array(z.custom<RunRow>(isRow)).max(5000),
});
export type Month = Readonly<z.infer<typeof monthSchema>>;

function isRow(row: unknown): boolean {
  if (!isRecord(row)) return false;
  const { id, title, startedAt, people } = row;
  const texts = [id, title, startedAt].every((one) => typeof one === 'string');
  return texts && (people === undefined || Array.isArray(people));
}

/** What stays of a run in its month. */
export function rowOfRun(run: Run): RunRow {
  const { id, routineId, title, led, groupId, startedAt, endedAt, plannedMs, realMs, how } = run;
  const { people, byHand, headcount, overall } = run;
  const left = notLed(run);
  return {
    id,
    title,
    startedAt,
    endedAt,
    plannedMs,
    realMs,
    how,
    ...(routineId && { routineId }),
    ...(led !== undefined && { led }),
    ...(groupId && { groupId }),
    ...(people && { people }),
    ...(byHand && { byHand }),
    ...(headcount !== undefined && { headcount }),
    ...(overall && { overall }),
    ...(left.length > 0 && { left }),
  };
}

/** The month that a run is in, by the clock on the wall where it was led. */
export const monthOf = ({ startedAt }: Pick<Run, 'startedAt'>) => startedAt.slice(0, 7);

/** A month with a run in it, in place of what stood there of that run. */
export function withRow(month: Month | undefined, row: RunRow): Month {
  const others = month?.rows.filter(({ id }) => id !== row.id) ?? [];
  return { id: monthOf(row), rows: [...others, row] };
}

/** Runs by their start, the earliest first. */
export function rowsInOrder(months: readonly Month[]): readonly RunRow[] {
  return months
    .flatMap(({ rows }) => rows)
    .map((row) => ({ row, at: Date.parse(row.startedAt) }))
    .sort((a, b) => a.at - b.at)
    .map(({ row }) => row);
}

/** Somebody's entry in a run. */
export function entryOf({ people }: Pick<RunRow, 'people'>, person: PersonId) {
  return people?.find((one) => one.person === person);
}

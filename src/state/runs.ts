import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import isEqual from 'fast-deep-equal';
import {
  monthOf,
  rowOfRun,
  withRow,
  type LedRoutine,
  type Month,
  type Plan,
  type Run,
} from '@/core/class';
import { keyedSlice } from './hall/keyed-slice';

/** Classes that were led, as far as they were read; saved. */
export const {
  put: runsBrought,
  taken: runDeleted,
  reducer: runsReducer,
} = keyedSlice<Run>('runs', ({ id }) => id);

/** Routines as they were led, as far as they were read; saved. */
export const {
  put: ledKept,
  taken: ledTaken,
  reducer: ledReducer,
} = keyedSlice<LedRoutine>('led', ({ id }) => id);

/** What led routines asked of whom; saved. */
export const {
  put: plansKept,
  taken: planTaken,
  reducer: plansReducer,
} = keyedSlice<Plan>('plans', ({ id }) => id);

/** What lists and trends need of all runs, month by month; saved, and made from the runs. */
export const {
  put: monthsPut,
  taken: monthTaken,
  reducer: monthsReducer,
} = keyedSlice<Month>('months', ({ id }) => id);

/** Every month is read: from here on they are kept in step with the runs. */
export const recordOpened = createAction('record/opened');
export const recordReducer = (open = false, action: UnknownAction): boolean =>
  open || recordOpened.match(action);

interface Recorded {
  readonly runs: Readonly<Record<string, Run>>;
  readonly months: Readonly<Record<string, Month>>;
  readonly record: boolean;
}

/** Keeps the months in step with the runs; before they are read nothing is laid over them. */
export function monthly(before: Recorded | undefined, after: Recorded): Recorded['months'] {
  const { runs, months, record } = after;
  const opened = record && !before?.record;
  if (!record || (runs === before?.runs && !opened)) return months;
  // What was recorded before the months were read is laid over them now.
  const was = opened ? {} : (before?.runs ?? {});
  const next: Record<string, Month> = { ...months };
  const put = (month: Month) => {
    if (month.rows.length > 0) next[month.id] = month;
    else delete next[month.id];
  };
  for (const run of Object.values(was)) {
    const now = runs[run.id];
    const month = next[monthOf(run)];
    if (!month || (now && monthOf(now) === monthOf(run))) continue;
    put({ ...month, rows: month.rows.filter(({ id }) => id !== run.id) });
  }
  for (const run of Object.values(runs)) {
    if (was[run.id] === run) continue;
    const row = rowOfRun(run);
    const month = next[monthOf(run)];
    const known = month?.rows.find(({ id }) => id === run.id);
    if (!isEqual(known, row)) put(withRow(month, row));
  }
  const same =
    Object.keys(next).length === Object.keys(months).length &&
    Object.values(next).every((month) => months[month.id] === month);
  return same ? months : next;
}

import isEqual from 'fast-deep-equal';
import type { Routine } from '@/core/routine';
import type { OpenClass, Row, ShelfState } from './hall/shelf';
import type { LeadState } from './lead';
import type { RoutinesState } from './routines';
import { scoreOf } from './scores';

interface Shown {
  readonly routines: RoutinesState;
  readonly shelf: ShelfState;
  readonly lead: LeadState;
}

/** What the list shows of a routine. */
export function rowOf(routine: Routine): Row {
  const { id, title, group } = routine;
  return { id, title, group, totalMs: scoreOf(routine).totalMs };
}

/**
 * Keeps the rows of the list in step with the routines, and its notice with the class. A routine that
 * was just read has its row already; whether that still holds is seen to when there is time.
 */
export function shelved(before: Shown | undefined, after: Shown): ShelfState {
  const { routines, shelf, lead } = after;
  const brokenOff = lead === before?.lead ? shelf.brokenOff : brokenOffIn(lead);
  const rows = routines === before?.routines ? shelf.rows : rowsFor(before, after);
  const same = rows === shelf.rows && isEqual(brokenOff, shelf.brokenOff);
  return same ? shelf : { rows, brokenOff };
}

function rowsFor(before: Shown | undefined, { routines, shelf }: Shown): ShelfState['rows'] {
  const rows = { ...shelf.rows };
  for (const { routine } of Object.values(before?.routines ?? {})) {
    if (!routines[routine.id]) delete rows[routine.id];
  }
  for (const { routine } of Object.values(routines)) {
    const was = before?.routines[routine.id]?.routine;
    if (was === routine || (!was && rows[routine.id]?.title === routine.title)) continue;
    const row = rowOf(routine);
    if (!isEqual(rows[routine.id], row)) rows[routine.id] = row;
  }
  return rows;
}

function brokenOffIn({ current }: LeadState): OpenClass | null {
  if (!current?.interrupted) return null;
  const { routine, fromMs } = current.lead;
  return { routineId: routine.id, title: routine.title, placeMs: fromMs };
}

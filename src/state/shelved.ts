import isEqual from 'fast-deep-equal';
import { position, type PositionId } from '@/core/body';
import { readOften } from '@/core/common';
import { GROUP_ALONE, laneValues } from '@/core/people';
import type { Routine } from '@/core/routine';
import { isWork, type Score, type Segment } from '@/core/timing';
import { ROW_PLACES, type OpenClass, type Row, type RowPlace, type ShelfState } from './hall/shelf';
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
  const score = scoreOf(routine, GROUP_ALONE);
  const often = readOften(routine.often ?? '');
  return {
    id,
    title,
    group,
    totalMs: score.totalMs,
    band: bandOf(score),
    where: placesIn(score),
    ...(often && { often }),
  };
}

/** So many parts does a band have. */
const PARTS = 60;

/** l, r and b for work on a side or on both, w for ways, - for all else. */
function bandOf({ segments, totalMs }: Score): string {
  const letter = (segment: Segment) => {
    if (isWork(segment))
      return segment.side === 'left' ? 'l' : segment.side === 'right' ? 'r' : 'b';
    return segment.kind === 'transfer' || segment.kind === 'prop' ? 'w' : '-';
  };
  if (totalMs === 0) return '';
  let at = 0;
  return Array.from({ length: PARTS }, (_, part) => {
    const middle = ((part + 0.5) * totalMs) / PARTS;
    while ((segments[at]?.endMs ?? Infinity) <= middle) at += 1;
    const segment = segments[at];
    return segment ? letter(segment) : '-';
  }).join('');
}

function placesIn({ segments }: Score): RowPlace[] {
  const ids = new Set(segments.flatMap(({ position: at }) => laneValues(at)));
  return ROW_PLACES.filter((place) => [...ids].some((id) => placeOf(id) === place));
}

const BY_HEIGHT: readonly RowPlace[] = ['floor', 'kneeling', 'kneeling', 'chair', 'standing'];

function placeOf(id: PositionId): RowPlace | undefined {
  return /^(?:bed|couch)-/u.test(id) ? 'bed' : BY_HEIGHT[position(id).height];
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

import type { RunId } from '@/core/common';
import { compile, type ScorePhrases } from '@/core/timing';
import type { Run, RunEnd } from '../record/schema';
import { sideTimes } from '../record/side-times';
import { ledClass, type Lead } from './lead';

export interface Ended {
  readonly id: RunId;
  /** ISO times of day. */
  readonly startedAt: string;
  readonly endedAt: string;
  readonly how: RunEnd;
  /** The id under which the routine is kept as it was led. */
  readonly led: string;
}

/** A class may be held as long as this; what lies further off is a clock that was changed. */
const LONGEST_HELD_MS = 12 * 3_600_000;
/** What a device's clock is put right by now and then. */
const PUT_RIGHT_MS = 60_000;

/**
 * The time of day at the place where a class is. A device's clock may be changed in the middle; how
 * long was led may not, so a clock that disagrees with it is not believed.
 * @param startedAt ISO time of day of the class's first second
 * @param ledMs so much was led since then, by a clock that only goes forward
 * @param clock what the device says now
 */
export function timeInClass(startedAt: string, ledMs: number, clock: Date): Date {
  const earliest = Date.parse(startedAt) + Math.floor(ledMs);
  const later = clock.getTime() - earliest;
  return later >= -PUT_RIGHT_MS && later <= LONGEST_HELD_MS ? clock : new Date(earliest);
}

/** The record of a class that has ended; `lead` is to be tallied up to its last place. */
export function runOf(lead: Lead, ended: Ended, phrases: ScorePhrases): Run {
  const planned = compile(lead.routine, lead.part, phrases);
  const { edits, skips, events } = lead;
  const led = edits.length > 0 ? ledClass(lead, phrases).score : planned;
  return {
    ...ended,
    routineId: lead.routine.id,
    title: lead.routine.title,
    plannedMs: planned.totalMs,
    realMs: Math.round(lead.ledMs),
    sides: [...sideTimes(lead.routine, planned, lead.tally, led)],
    ...(lead.passedStops !== undefined && { passedStops: lead.passedStops }),
    ...(edits.length > 0 && { edits: [...edits] }),
    ...(skips.length > 0 && { skips: [...skips] }),
    ...(events.length > 0 && { events: [...events] }),
  };
}

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

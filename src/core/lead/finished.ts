import type { RunId } from '../ids';
import { sideTimes, type Run, type RunEnd } from '../record';
import { compile, type ScorePhrases } from '../score';
import type { Lead } from './lead';

export interface Ended {
  readonly id: RunId;
  /** ISO times of day. */
  readonly startedAt: string;
  readonly endedAt: string;
  readonly how: RunEnd;
}

/** The record of a class that has ended; `lead` is to be tallied up to its last place. */
export function runOf(lead: Lead, ended: Ended, phrases: ScorePhrases): Run {
  const planned = compile(lead.routine, phrases);
  return {
    ...ended,
    routine: lead.routine,
    plannedMs: planned.totalMs,
    realMs: Math.round(lead.ledMs),
    sides: [...sideTimes(planned, lead.tally)],
  };
}

import { runOf, type LeadAction } from '@/core/lead';
import { runIdSchema, type RoutineId } from '@/core/ids';
import type { RunEnd } from '@/core/record';
import { scorePhrases } from '@/words';
import { leadActed, leadEnded, leadLeft, leadOpened, leadTakenUp, leadTallied } from './lead';
import { runsBrought } from './runs';
import type { AppThunk } from './store';

/** Makes ready to lead a routine; the clock starts with `go`. */
export function openLead(id: RoutineId): AppThunk {
  return (dispatch, getState, { newId, clock }) => {
    const routine = getState().routines[id]?.routine;
    if (!routine) return;
    const runId = runIdSchema.parse(newId());
    dispatch(leadOpened({ routine, runId, startedAt: clock.wallTime().toISOString() }));
  };
}

/** One of the instructor's keys or targets; a press also lets the browser make sound. */
export function act(kind: LeadAction['kind']): AppThunk {
  return (dispatch, _, { clock, sound }) => {
    sound.wake();
    dispatch(leadTakenUp());
    dispatch(leadActed({ action: { kind }, nowMs: clock.now() }));
  };
}

/** Writes the class into the record and closes it. One that never began leaves nothing behind. */
export function endLead(how: RunEnd): AppThunk {
  return (dispatch, getState, { clock }) => {
    dispatch(leadTallied(clock.now()));
    const current = getState().lead.current;
    if (!current) return;
    const { runId, startedAt, lead } = current;
    if (lead.ledMs === 0) {
      dispatch(leadEnded(null));
      return;
    }
    const endedAt = clock.wallTime().toISOString();
    dispatch(runsBrought([runOf(lead, { id: runId, startedAt, endedAt, how }, scorePhrases)]));
    dispatch(leadEnded(runId));
  };
}

/** The screen goes away in the middle: the class is held, or closed where it never began. */
export function leaveLead(): AppThunk {
  return (dispatch, getState, { clock }) => {
    const lead = getState().lead.current?.lead;
    if (!lead) return;
    if (lead.clockMs === null && lead.ledMs === 0) dispatch(leadEnded(null));
    else dispatch(leadLeft(clock.now()));
  };
}

/** The monotonic clock that a class runs by, and the time of day. */
export function readClock(): AppThunk<{ nowMs: number; wallTime: Date }> {
  return (_, __, { clock }) => ({ nowMs: clock.now(), wallTime: clock.wallTime() });
}

export function hasVoice(): AppThunk<boolean> {
  return (_, __, { speech }) => speech.hasVoice();
}

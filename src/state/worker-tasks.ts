import { dayOfDate } from '@/core/common';
import type {
  Ordering,
  PlacedFinding,
  RuleFinding,
  SafeFitting,
  Tonight,
  TonightAsked,
} from '@/core/judgement';
import type { Move } from '@/core/moves';
import type { Change, Routine } from '@/core/routine';
import type { Incoming } from '@/core/writing';
import type { AppThunk } from './slices';
import { partOf } from './taking-part';

/** Who takes part today in a routine's class. */
export function partToday(routine: Pick<Routine, 'id'>): AppThunk<ReturnType<typeof partOf>> {
  return (_, getState, { clock }) => partOf(getState(), routine.id, dayOfDate(clock.wallTime()));
}

/** What the checks find, worked out beside the page. */
export function findingsOf(routine: Routine): AppThunk<Promise<readonly PlacedFinding[]>> {
  return (dispatch, _, { work }) => work.findings(routine, dispatch(partToday(routine)));
}

export function mendsFor(
  routine: Routine,
  finding: RuleFinding,
): AppThunk<Promise<readonly Change[]>> {
  return (dispatch, _, { work }) => work.mends(routine, dispatch(partToday(routine)), finding);
}

export function fitTo(routine: Routine, slotMs: number): AppThunk<Promise<SafeFitting>> {
  return (dispatch, _, { work }) => work.fit(routine, dispatch(partToday(routine)), slotMs);
}

export function ordered(routine: Routine): AppThunk<Promise<Ordering>> {
  return (dispatch, _, { work }) => work.order(routine, dispatch(partToday(routine)));
}

/** A routine for a day that is different; named people are part of who takes part, and not asked of it. */
export function forTonight(routine: Routine, asked: TonightAsked): AppThunk<Promise<Tonight>> {
  return (dispatch, _, { work }) => work.tonight(routine, dispatch(partToday(routine)), asked);
}

/** What a text is, read beside the page. */
export function readInWorker(
  text: string,
  own: readonly Move[],
  untitled: string,
): AppThunk<Promise<Incoming>> {
  return (_, __, { work }) => work.incoming(text, own, untitled);
}

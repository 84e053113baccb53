import { combineReducers, type ThunkDispatch, type UnknownAction } from '@reduxjs/toolkit';
import type { Platform } from '@/platform';
import { carried } from './carried';
import { HALL_SLICES } from './hall/reducer';
import { leadReducer } from './lead';
import { binReducer, lotsReducer } from './bin';
import { linesReducer } from './lines';
import { movesReducer } from './moves';
import { ownWordsReducer } from './own-words';
import { routinesReducer } from './routines';
import { met } from './meetings';
import {
  classForReducer,
  groupsReducer,
  peopleOpenReducer,
  peopleReducer,
  readingsReducer,
  standingsReducer,
} from './people';
import {
  ledReducer,
  monthly,
  monthsReducer,
  plansReducer,
  recordReducer,
  runsReducer,
} from './runs';
import { shelved } from './shelved';
import { typedReducer } from './typed';
import { versionsReducer } from './versions';

const slices = combineReducers({
  ...HALL_SLICES,
  routines: routinesReducer,
  moves: movesReducer,
  runs: runsReducer,
  led: ledReducer,
  plans: plansReducer,
  months: monthsReducer,
  record: recordReducer,
  people: peopleReducer,
  peopleOpen: peopleOpenReducer,
  groups: groupsReducer,
  classFor: classForReducer,
  readings: readingsReducer,
  standings: standingsReducer,
  lines: linesReducer,
  ownWords: ownWordsReducer,
  typed: typedReducer,
  bin: binReducer,
  lots: lotsReducer,
  versions: versionsReducer,
  lead: leadReducer,
});

export type AppState = ReturnType<typeof slices>;
export type AppDispatch = ThunkDispatch<AppState, Platform, UnknownAction>;
export type AppThunk<T = void> = (
  dispatch: AppDispatch,
  getState: () => AppState,
  platform: Platform,
) => T;

/** Routines carry the own moves that they do, and the list shows each routine as it is. */
export const reducer = (state: AppState | undefined, action: UnknownAction): AppState => {
  const next = slices(state, action);
  // What the hall left is a state without routines.
  const before = state && 'routines' in state ? state : undefined;
  const routines = carried(before, next);
  const whole = routines === next.routines ? next : { ...next, routines };
  const shelf = shelved(before, whole);
  const months = monthly(before, whole);
  const meetings = met(before, whole);
  const same = shelf === whole.shelf && months === whole.months && meetings === whole.meetings;
  return same ? whole : { ...whole, shelf, months, meetings };
};

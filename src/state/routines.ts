import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { RoutineId } from '@/core/common';
import {
  MOST_UNDO,
  withHistory,
  type History,
  type KeptRoutine,
  type RoutinesState,
} from './histories';
import { plain } from './plain';
import {
  applyChange,
  changeBetween,
  continued,
  reversed,
  type Change,
  type Routine,
} from '@/core/routine';

const initialState: RoutinesState = {};
const fresh = (routine: Routine): KeptRoutine => ({ routine, past: [], future: [] });

const slice = createSlice({
  name: 'routines',
  initialState,
  reducers: {
    /** From storage, a file, another tab, or brought back after a deletion. */
    routinesBrought: (draft, { payload }: PayloadAction<readonly Routine[]>) => ({
      ...plain(draft),
      ...Object.fromEntries(payload.map((routine) => [routine.id, fresh(routine)])),
    }),
    /** What can be undone, from storage; after the routines themselves. */
    historiesBrought: (draft, { payload }: PayloadAction<readonly History[]>) => {
      const state = plain(draft);
      const withTheirs = payload.flatMap((history) => {
        const kept = state[history.id];
        return kept ? [[history.id, withHistory(kept, history)]] : [];
      });
      return { ...state, ...Object.fromEntries(withTheirs) };
    },
    /** What another tab made of a routine: one more change, which can be undone like any other. */
    routineTold: (draft, { payload: routine }: PayloadAction<Routine>) => {
      const state = plain(draft);
      const kept = state[routine.id];
      if (!kept) return { ...state, [routine.id]: fresh(routine) };
      const change = changeBetween(kept.routine, routine);
      const past = change.steps.length > 0 ? [...kept.past, change].slice(-MOST_UNDO) : kept.past;
      return { ...state, [routine.id]: { routine, past, future: [] } };
    },
    historyLost: (draft, { payload }: PayloadAction<RoutineId>) => {
      const state = plain(draft);
      const kept = state[payload];
      return kept ? { ...state, [payload]: fresh(kept.routine) } : state;
    },
    routineDeleted: (draft, { payload }: PayloadAction<RoutineId>) =>
      Object.fromEntries(Object.entries(plain(draft)).filter(([id]) => id !== payload)),
    routineChanged: (
      draft,
      { payload: { id, change } }: PayloadAction<{ id: RoutineId; change: Change }>,
    ) => {
      const state = plain(draft);
      const kept = state[id];
      if (!kept) return state;
      const routine = applyChange(kept.routine, change);
      const whole = continued(kept.past.at(-1), change);
      const past = whole
        ? [...kept.past.slice(0, -1), whole]
        : [...kept.past, change].slice(-MOST_UNDO);
      return { ...state, [id]: { routine, past, future: [] } };
    },
    changeUndone: (draft, { payload }: PayloadAction<RoutineId>) => {
      const state = plain(draft);
      const kept = state[payload];
      const change = kept?.past.at(-1);
      if (!kept || !change) return state;
      const routine = applyChange(kept.routine, reversed(change));
      const future = [...kept.future, change];
      return { ...state, [payload]: { routine, past: kept.past.slice(0, -1), future } };
    },
    changeRedone: (draft, { payload }: PayloadAction<RoutineId>) => {
      const state = plain(draft);
      const kept = state[payload];
      const change = kept?.future.at(-1);
      if (!kept || !change) return state;
      const routine = applyChange(kept.routine, change);
      const whole = continued(kept.past.at(-1), change);
      const past = whole
        ? [...kept.past.slice(0, -1), whole]
        : [...kept.past, change].slice(-MOST_UNDO);
      return { ...state, [payload]: { routine, past, future: kept.future.slice(0, -1) } };
    },
  },
});

export const {
  routinesBrought,
  historiesBrought,
  historyLost,
  routineTold,
  routineDeleted,
  routineChanged,
  changeUndone,
  changeRedone,
} = slice.actions;
export const routinesReducer = slice.reducer;
export type { KeptRoutine, RoutinesState } from './histories';

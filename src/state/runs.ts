import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Run } from '@/core/class';
import type { RunId } from '@/core/common';

/** Every class that was led; saved. */
export type RunsState = Readonly<Record<RunId, Run>>;

const initialState: RunsState = {};

const slice = createSlice({
  name: 'runs',
  initialState,
  reducers: {
    runsBrought: (state, { payload }: PayloadAction<readonly Run[]>) => ({
      ...state,
      ...Object.fromEntries(payload.map((run) => [run.id, run])),
    }),
    runDeleted: (state, { payload }: PayloadAction<RunId>) =>
      Object.fromEntries(Object.entries(state).filter(([id]) => id !== payload)),
  },
});

export const { runsBrought, runDeleted } = slice.actions;
export const runsReducer = slice.reducer;

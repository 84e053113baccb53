import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { z } from 'zod';
import { routineIdSchema, type RoutineId } from '@/core/common';

/** What stands in the line for adding of a routine, and was not added yet. */
export const unsentLineSchema = z.object({
  id: routineIdSchema,
  typed: z.string().min(1).max(300),
});
export type UnsentLine = z.infer<typeof unsentLineSchema>;

export type LinesState = Readonly<Record<RoutineId, UnsentLine>>;
const initialState: LinesState = {};

const slice = createSlice({
  name: 'lines',
  initialState,
  reducers: {
    linesKept: (state, { payload }: PayloadAction<readonly UnsentLine[]>) => ({
      ...state,
      ...Object.fromEntries(payload.map((line) => [line.id, line])),
    }),
    lineGone: (state, { payload }: PayloadAction<RoutineId>) =>
      Object.fromEntries(Object.entries(state).filter(([id]) => id !== payload)),
  },
});

export const { linesKept, lineGone } = slice.actions;
export const linesReducer = slice.reducer;

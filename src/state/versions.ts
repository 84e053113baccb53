import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { z } from 'zod';
import { routineIdSchema } from '@/core/common';
import { routineSchema } from '@/core/routine';

/** A routine as it was, under a name of its own. */
export const versionSchema = z.strictObject({
  id: z.string().min(1).max(80),
  routineId: routineIdSchema,
  name: z.string().min(1).max(80),
  keptAt: z.string().max(40),
  routine: routineSchema,
});
export type Version = z.infer<typeof versionSchema>;

export type VersionsState = Readonly<Record<string, Version>>;
const initialState: VersionsState = {};

const slice = createSlice({
  name: 'versions',
  initialState,
  reducers: {
    versionsKept: (state, { payload }: PayloadAction<readonly Version[]>) => ({
      ...state,
      ...Object.fromEntries(payload.map((version) => [version.id, version])),
    }),
    versionGone: (state, { payload }: PayloadAction<string>) =>
      Object.fromEntries(Object.entries(state).filter(([id]) => id !== payload)),
  },
});

export const { versionsKept, versionGone } = slice.actions;
export const versionsReducer = slice.reducer;

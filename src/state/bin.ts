import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { z } from 'zod';
import type { RoutineId } from '@/core/common';
import { routineSchema } from '@/core/routine';

/** So long a routine that was deleted can be brought back. */
export const BIN_DAYS = 30;

export const binnedSchema = z.strictObject({
  routine: routineSchema,
  /** When it was deleted, with the offset of that place. */
  binnedAt: z.string().max(40),
});
export type Binned = z.infer<typeof binnedSchema>;

export type BinState = Readonly<Record<RoutineId, Binned>>;
const initialState: BinState = {};

const slice = createSlice({
  name: 'bin',
  initialState,
  reducers: {
    binFilled: (state, { payload }: PayloadAction<readonly Binned[]>) => ({
      ...state,
      ...Object.fromEntries(payload.map((one) => [one.routine.id, one])),
    }),
    binEmptied: (state, { payload }: PayloadAction<string>) =>
      Object.fromEntries(Object.entries(state).filter(([id]) => id !== payload)),
  },
});

export const { binFilled, binEmptied } = slice.actions;
export const binReducer = slice.reducer;

const DAY_MS = 86_400_000;

/** How many whole days are left to bring it back; none below nought. */
export function daysLeft({ binnedAt }: Pick<Binned, 'binnedAt'>, now: Date): number {
  return BIN_DAYS - Math.floor((now.getTime() - Date.parse(binnedAt)) / DAY_MS);
}

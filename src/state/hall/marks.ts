import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import isEqual from 'fast-deep-equal';
import { z } from 'zod';
import { oneLineSchema, routineIdSchema, type RoutineId } from '@/core/common';

export const MOST_TAGS = 8;
export const LONGEST_TAG = 24;

/** What stands on a routine in the list, and is no part of the routine itself. */
export const markSchema = z.strictObject({
  id: routineIdSchema,
  tags: z.array(oneLineSchema(LONGEST_TAG).min(1)).max(MOST_TAGS),
  archived: z.boolean(),
  /** When it was last led, with the offset of that place. */
  ledAt: z.string().max(40).optional(),
  /** What the checks found when they last looked: stops, cautions, notes. */
  found: z.tuple([z.int().min(0), z.int().min(0), z.int().min(0)]).optional(),
});
export type Mark = Readonly<z.infer<typeof markSchema>>;

export type MarksState = Readonly<Record<RoutineId, Mark>>;
const initialState: MarksState = {};

export const unmarked = (id: RoutineId): Mark => ({ id, tags: [], archived: false });

const slice = createSlice({
  name: 'marks',
  initialState,
  reducers: {
    marksPut: (state, { payload }: PayloadAction<readonly Mark[]>) => ({
      ...state,
      ...Object.fromEntries(payload.map((mark) => [mark.id, mark])),
    }),
    marked: (
      state,
      { payload: { id, ...words } }: PayloadAction<Partial<Mark> & Pick<Mark, 'id'>>,
    ) => {
      const mark = { ...unmarked(id), ...state[id], ...words };
      // What is marked so already is not written again.
      return isEqual(mark, state[id]) ? state : { ...state, [id]: mark };
    },
    markTaken: (state, { payload }: PayloadAction<string>) =>
      Object.fromEntries(Object.entries(state).filter(([id]) => id !== payload)),
  },
});

export const { marksPut, marked, markTaken } = slice.actions;
export const marksReducer = slice.reducer;

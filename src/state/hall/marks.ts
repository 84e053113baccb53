import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import isEqual from 'fast-deep-equal';
import { z } from 'zod';
import {
  daysBetween,
  oneLineSchema,
  routineIdSchema,
  weekOf,
  type Often,
  type RoutineId,
} from '@/core/common';

export const MOST_TAGS = 8;
export const LONGEST_TAG = 24;

/** So many times are counted within a week. */
export const MOST_LATELY = 70;

/** What stands on a routine in the list, and is no part of the routine itself. */
export const markSchema = z.strictObject({
  id: routineIdSchema,
  tags: z.array(oneLineSchema(LONGEST_TAG).min(1)).max(MOST_TAGS),
  archived: z.boolean(),
  /** When it was last led, with the offset of that place. */
  ledAt: z.string().max(40).optional(),
  /** Every time it was led in the last days, for counting against how often it is meant. */
  lately: z.array(z.string().max(40)).max(MOST_LATELY).optional(),
  /** What the checks found when they last looked: stops, cautions, notes. */
  found: z.tuple([z.int().min(0), z.int().min(0), z.int().min(0)]).optional(),
});
export type Mark = Readonly<z.infer<typeof markSchema>>;

/** A routine's mark once it was led at a moment, which has the offset of its place. */
export function ledMark(mark: Mark, at: string): Mark {
  const last = [mark.ledAt ?? '', at].sort(byMoment).at(-1) ?? at;
  const lately = [...new Set([...(mark.lately ?? []), at])]
    .filter((one) => daysBetween(one, last) < 7)
    .sort(byMoment)
    .slice(-MOST_LATELY);
  return { ...mark, ledAt: last, lately };
}

const byMoment = (a: string, b: string) => (Date.parse(a) || 0) - (Date.parse(b) || 0);

/** How often it was led on a day, or in that day's week from Monday. */
export function timesLed(mark: Mark | undefined, per: Often['per'], today: string): number {
  const counts = (at: string) =>
    per === 'day'
      ? at.slice(0, 10) === today
      : weekOf(at) === weekOf(today) && at.slice(0, 10) <= today;
  return (mark?.lately ?? []).filter(counts).length;
}

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
    /** It was led at a moment, now or some time ago. */
    markLed: (
      state,
      { payload: { id, at } }: PayloadAction<{ readonly id: RoutineId; readonly at: string }>,
    ) => ({ ...state, [id]: ledMark(state[id] ?? unmarked(id), at) }),
    markTaken: (state, { payload }: PayloadAction<string>) =>
      Object.fromEntries(Object.entries(state).filter(([id]) => id !== payload)),
  },
});

export const { marksPut, marked, markLed, markTaken } = slice.actions;
export const marksReducer = slice.reducer;

import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { z } from 'zod';
import { GROUP_NAMES } from '@/core/common';
import { routineIdSchema, type RoutineId } from '@/core/common';

/** Where a routine is done; a bed is a couch too. */
export const ROW_PLACES = ['floor', 'kneeling', 'bed', 'chair', 'standing'] as const;
export type RowPlace = (typeof ROW_PLACES)[number];

/** What the list of routines shows of one: enough to draw it without the routine itself. */
export const rowSchema = z.strictObject({
  id: routineIdSchema,
  title: z.string().min(1).max(120),
  group: z.enum(GROUP_NAMES),
  totalMs: z.int().min(0),
  /** The whole class in equal parts, a letter for what most of each is. */
  band: z.string().max(80),
  where: z.array(z.enum(ROW_PLACES)),
  /** How often it is meant, where its own words give a count. */
  often: z
    .strictObject({
      least: z.int().min(1).max(99),
      most: z.int().min(1).max(99),
      per: z.enum(['day', 'week']),
    })
    .optional(),
});
export type Row = Readonly<z.infer<typeof rowSchema>>;

/** A class that was broken off, or is led in another tab. */
export interface OpenClass {
  readonly routineId: RoutineId;
  readonly title: string;
  readonly placeMs: number;
}

export interface ShelfState {
  /** One for each routine; saved, and made anew from the routines whenever those are read. */
  readonly rows: Readonly<Record<RoutineId, Row>>;
  /** The class that a reload or a crash broke off. Momentary: the class itself is saved. */
  readonly brokenOff: OpenClass | null;
}

const initialState: ShelfState = { rows: {}, brokenOff: null };

const slice = createSlice({
  name: 'shelf',
  initialState,
  reducers: {
    rowsPut: (state, { payload }: PayloadAction<readonly Row[]>): ShelfState => ({
      ...state,
      rows: { ...state.rows, ...Object.fromEntries(payload.map((row) => [row.id, row])) },
    }),
    rowTaken: (state, { payload }: PayloadAction<string>): ShelfState => ({
      ...state,
      rows: Object.fromEntries(Object.entries(state.rows).filter(([id]) => id !== payload)),
    }),
    brokenOffFound: (state, { payload }: PayloadAction<OpenClass | null>): ShelfState => ({
      ...state,
      brokenOff: payload,
    }),
  },
});

export const { rowsPut, rowTaken, brokenOffFound } = slice.actions;
export const shelfReducer = slice.reducer;

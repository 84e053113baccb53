import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { z } from 'zod';

/** Where those stand who are in no group. */
export const NO_GROUP = 'none';

/** What has to be asked of somebody, and from which day on; empty is since ever. */
const askSchema = z.strictObject({
  person: z.string().max(64),
  name: z.string().max(80),
  due: z.enum(['happened', 'never-asked', 'ask-again', 'clearance-lapses', 'never-agreed']),
  from: z.string().max(10),
});
export type Ask = Readonly<z.infer<typeof askSchema>>;

/** What the first screen shows of a group: enough to draw it without its people. */
export const meetingSchema = z.strictObject({
  id: z.string().min(1).max(64),
  name: z.string().max(80),
  weekday: z.int().min(0).max(6).optional(),
  time: z.string().max(5).optional(),
  routineId: z.string().max(64).optional(),
  people: z.int().min(0),
  /** Who does other than their class, by what they took on. */
  own: z.array(z.string().max(80)).max(500).optional(),
  asks: z.array(askSchema).max(500),
});
export type Meeting = Readonly<z.infer<typeof meetingSchema>>;

export type MeetingsState = Readonly<Record<string, Meeting>>;
const initialState: MeetingsState = {};

const slice = createSlice({
  name: 'meetings',
  initialState,
  reducers: {
    meetingsPut: (state, { payload }: PayloadAction<readonly Meeting[]>) => ({
      ...state,
      ...Object.fromEntries(payload.map((one) => [one.id, one])),
    }),
    meetingTaken: (state, { payload }: PayloadAction<string>) =>
      Object.fromEntries(Object.entries(state).filter(([id]) => id !== payload)),
  },
});

export const { meetingsPut, meetingTaken } = slice.actions;
export const meetingsReducer = slice.reducer;

import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import { z } from 'zod';
import type { ClassFor, ClassGroup } from '@/core/class';
import { rungSchema, sessionSchema, type Member, type Reading } from '@/core/people';
import { keyedSlice } from './hall/keyed-slice';

/** Everybody who takes part; saved. */
export const {
  put: peoplePut,
  taken: personTaken,
  reducer: peopleReducer,
} = keyedSlice<Member>('people', ({ id }) => id);

/** People who meet for a class; saved. */
export const {
  put: groupsPut,
  taken: groupTaken,
  reducer: groupsReducer,
} = keyedSlice<ClassGroup>('groups', ({ id }) => id);

/** People and groups are read: from here on the first screen is kept in step with them. */
export const peopleOpened = createAction('people/opened');
export const peopleOpenReducer = (open = false, action: UnknownAction): boolean =>
  open || peopleOpened.match(action);

/** For which group a routine is opened, by routine; saved. */
export const {
  put: classForPut,
  taken: classForTaken,
  reducer: classForReducer,
} = keyedSlice<ClassFor>('class-for', ({ id }) => id);

/** What was measured; saved. */
export const {
  put: readingsPut,
  taken: readingTaken,
  reducer: readingsReducer,
} = keyedSlice<Reading>('readings', ({ id }) => id);

/** Where somebody stands on their ladders, and what a group did last; worked out when the record was last read. */
export const standingSchema = z.strictObject({
  id: z.string().min(1).max(64),
  /** By family of drills. */
  rungs: z.record(z.string().max(40), rungSchema).optional(),
  /** Of a group: what its last classes did. */
  sessions: z.array(sessionSchema).max(40).optional(),
});
export type Standing = Readonly<z.infer<typeof standingSchema>>;

export const {
  put: standingsPut,
  taken: standingTaken,
  reducer: standingsReducer,
} = keyedSlice<Standing>('standings', ({ id }) => id);

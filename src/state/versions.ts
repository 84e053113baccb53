import { z } from 'zod';
import { oneLineSchema, routineIdSchema } from '@/core/common';
import { routineSchema } from '@/core/routine';
import { keyedSlice } from './hall/keyed-slice';

/** A routine as it was, under a name of its own. */
export const versionSchema = z.strictObject({
  id: z.string().min(1).max(80),
  routineId: routineIdSchema,
  name: oneLineSchema(80).min(1),
  keptAt: z.string().max(40),
  routine: routineSchema,
});
export type Version = z.infer<typeof versionSchema>;

export const {
  put: versionsKept,
  taken: versionGone,
  reducer: versionsReducer,
} = keyedSlice<Version>('versions', ({ id }) => id);

import { z } from 'zod';
import { routineIdSchema } from '@/core/common';
import { keyedSlice } from './hall/keyed-slice';

/** What stands in the line for adding of a routine, and was not added yet. */
export const unsentLineSchema = z.object({
  id: routineIdSchema,
  typed: z.string().min(1).max(300),
});
export type UnsentLine = z.infer<typeof unsentLineSchema>;

export const {
  put: linesKept,
  taken: lineGone,
  reducer: linesReducer,
} = keyedSlice<UnsentLine>('lines', ({ id }) => id);

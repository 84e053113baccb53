import { z } from 'zod';
import { keyedSlice } from './keyed-slice';

/**
 * A version of a thing that could not stand in its place, since another tab had changed the same: kept
 * as it would have been written, until somebody has looked at it.
 */
export const besideSchema = z.strictObject({
  id: z.string().min(1).max(80),
  /** The key that it would stand under. */
  of: z.string().min(1).max(200),
  /** What people call it. */
  name: z.string().max(200),
  at: z.string().max(40),
  /** As it would stand in storage. */
  text: z.string(),
});
export type Beside = Readonly<z.infer<typeof besideSchema>>;

export const {
  put: besidePut,
  taken: besideTaken,
  reducer: besideReducer,
} = keyedSlice<Beside>('beside', ({ id }) => id);

import { z } from 'zod';
import { routineSchema } from '@/core/routine';
import { keyedSlice } from './keyed-slice';

/** So long a routine that was deleted can be brought back. */
export const BIN_DAYS = 30;

export const binnedSchema = z.strictObject({
  routine: routineSchema,
  /** When it was deleted, with the offset of that place. */
  binnedAt: z.string().max(40),
});
export type Binned = z.infer<typeof binnedSchema>;

export const {
  put: binFilled,
  taken: binEmptied,
  reducer: binReducer,
} = keyedSlice<Binned>('bin', ({ routine }) => routine.id);

const DAY_MS = 86_400_000;

/** How many whole days are left to bring it back; none below nought. */
export function daysLeft({ binnedAt }: Pick<Binned, 'binnedAt'>, now: Date): number {
  return BIN_DAYS - Math.floor((now.getTime() - Date.parse(binnedAt)) / DAY_MS);
}

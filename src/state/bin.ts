import { z } from 'zod';
import { dayOfDate } from '@/core/common';
import { routineSchema } from '@/core/routine';
import { keyedSlice } from './hall/keyed-slice';

/** So long what was deleted can be brought back. */
export const BIN_DAYS = 30;

const when = {
  /** When it was deleted, with the offset of that place. */
  binnedAt: z.string().max(40),
  /** The day on which it was first found to have been there for its time. */
  overdueOn: z.iso.date().optional(),
};

export const binnedSchema = z.strictObject({ routine: routineSchema, ...when });
export type Binned = z.infer<typeof binnedSchema>;

export const {
  put: binFilled,
  taken: binEmptied,
  reducer: binReducer,
} = keyedSlice<Binned>('bin', ({ routine }) => routine.id);

/** Many things that went at once, such as the demo data, each as it stood in storage. */
export const lotSchema = z.strictObject({
  id: z.string().min(1).max(80),
  ...when,
  kept: z.record(z.string().max(200), z.looseObject({ version: z.int() })),
});
export type Lot = Readonly<z.infer<typeof lotSchema>>;

export const {
  put: lotBinned,
  taken: lotGone,
  reducer: lotsReducer,
} = keyedSlice<Lot>('lots', ({ id }) => id);

const DAY_MS = 86_400_000;

/** How many whole days are left to bring it back; below zero where its time is over. */
export function daysLeft({ binnedAt }: Pick<Binned, 'binnedAt'>, now: Date): number {
  return BIN_DAYS - Math.floor((now.getTime() - Date.parse(binnedAt)) / DAY_MS);
}

/**
 * What is to be done with something in the bin at a visit: a clock that is wrong for a day empties
 * nothing, so that two days have to agree.
 * @returns the thing as it is kept from now on; undefined where it goes
 */
export function afterVisit<T extends Pick<Binned, 'binnedAt' | 'overdueOn'>>(
  binned: T,
  now: Date,
): T | undefined {
  const { overdueOn, ...rest } = binned;
  const today = dayOfDate(now);
  if (daysLeft(binned, now) >= 0) return overdueOn === undefined ? binned : (rest as T);
  if (overdueOn !== undefined && overdueOn < today) return undefined;
  return overdueOn === today ? binned : { ...binned, overdueOn: today };
}

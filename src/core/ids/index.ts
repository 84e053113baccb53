import { z } from 'zod';

const idText = z.string().regex(/^[A-Za-z0-9][A-Za-z0-9_-]{0,63}$/);

export const routineIdSchema = idText.brand<'RoutineId'>();
export const itemIdSchema = idText.brand<'ItemId'>();
export const runIdSchema = idText.brand<'RunId'>();
export const moveIdSchema = idText.brand<'MoveId'>();

export type RoutineId = z.infer<typeof routineIdSchema>;
export type ItemId = z.infer<typeof itemIdSchema>;
export type RunId = z.infer<typeof runIdSchema>;
export type MoveId = z.infer<typeof moveIdSchema>;

/** Makes fresh id text; passed in, because the core has no randomness of its own. */
export type NewId = () => string;

/** Ids `i1`, `i2`, … for callers that need repeatable output, such as the command line. */
export function countingIds(prefix: string): NewId {
  let n = 0;
  return () => `${prefix}${++n}`;
}

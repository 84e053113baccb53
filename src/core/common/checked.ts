import type { z } from 'zod';
import { fail, succeed, type Result } from './result';

/** Where the first fault is, as `sections.main.2`; empty for the whole. */
export function placeOf(error: z.ZodError): string {
  return error.issues[0]?.path.join('.') ?? '';
}

/**
 * Checks each value once: what never changes is as good as it was found, so that of a whole only what
 * is new in it costs time.
 * @returns what the schema makes of a value, or the place of its first fault
 */
export function checkedOnce<T extends object>(
  schema: z.ZodType<T>,
): (value: T) => Result<T, string> {
  const known = new WeakMap<T, Result<T, string>>();
  return (value) => {
    const before = known.get(value);
    if (before) return before;
    const read = schema.safeParse(value);
    const checked = read.success ? succeed(read.data) : fail(placeOf(read.error));
    known.set(value, checked);
    return checked;
  };
}

/** Many of them; where one is wrong its place is told, and where there are too many that of them all. */
export function checkedAll<T>(
  values: readonly T[],
  check: (value: T) => Result<T, string>,
  { path, most }: { readonly path: string; readonly most: number },
): Result<readonly T[], string> {
  if (values.length > most) return fail(path);
  const good: T[] = [];
  for (const [at, value] of values.entries()) {
    const read = check(value);
    if (!read.ok) return fail([path, at, ...read.problems].filter((one) => one !== '').join('.'));
    good.push(read.value);
  }
  return succeed(good);
}

import { z } from 'zod';

/** Things are kept by their ids, so that what every object knows is none. */
const idText = z
  .string()
  .regex(
    /^(?!(?:constructor|hasOwnProperty|isPrototypeOf|propertyIsEnumerable|toLocaleString|toString|valueOf)$)[A-Za-z0-9][A-Za-z0-9_-]{0,63}$/,
  );

export const routineIdSchema = idText.brand<'RoutineId'>();
export const itemIdSchema = idText.brand<'ItemId'>();
export const runIdSchema = idText.brand<'RunId'>();
export const personIdSchema = idText.brand<'PersonId'>();
export const groupIdSchema = idText.brand<'GroupId'>();
export const moveIdSchema = idText.brand<'MoveId'>();
/** Unique in its move only. */
export const levelIdSchema = idText.brand<'LevelId'>();

export type RoutineId = z.infer<typeof routineIdSchema>;
export type ItemId = z.infer<typeof itemIdSchema>;
export type RunId = z.infer<typeof runIdSchema>;
export type PersonId = z.infer<typeof personIdSchema>;
export type GroupId = z.infer<typeof groupIdSchema>;
export type MoveId = z.infer<typeof moveIdSchema>;
export type LevelId = z.infer<typeof levelIdSchema>;

/** Makes fresh id text; passed in, because the core has no randomness of its own. */
export type NewId = () => string;

/** Ids `i1`, `i2`, … for callers that need repeatable output, such as the command line. */
export function countingIds(prefix: string): NewId {
  let n = 0;
  return () => `${prefix}${++n}`;
}

/**
 * A name as the text of an id: plain letters, digits and hyphens, at most 60 of them.
 * @example slugOf('Child’s pose, wide') // 'childs-pose-wide'
 */
export function slugOf(name: string): string {
  const slug = name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[’'\p{M}]/gu, '')
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 60)
    .replace(/^-+|-+$/g, '');
  return idText.safeParse(slug).success ? slug : `x${slug}`;
}

/**
 * Names as ids that differ among themselves, in the same order; one that is taken gets a number.
 * @example slugsOf(['Small', 'small!', 'full']) // ['small', 'small-2', 'full']
 */
export function slugsOf(names: readonly string[]): readonly string[] {
  const taken = new Set<string>();
  return names.map((name) => {
    const slug = slugOf(name);
    let free = slug;
    for (let n = 2; taken.has(free); n++) free = `${slug}-${n}`;
    taken.add(free);
    return free;
  });
}

import { z } from 'zod';
import {
  checkedAll,
  checkedOnce,
  fail,
  isRecord,
  placeOf,
  routineIdSchema,
  succeed,
  type Result,
  type RoutineId,
} from '@/core/common';
import { entrySchema, SECTIONS, type Change, type Routine } from '@/core/routine';

/** A routine with what can be undone. Both are saved. */
export interface KeptRoutine {
  readonly routine: Routine;
  readonly past: readonly Change[];
  readonly future: readonly Change[];
}

export type RoutinesState = Readonly<Record<RoutineId, KeptRoutine>>;

/** So many edits can be undone. */
export const MOST_UNDO = 500;

const placeSchema = z.strictObject({
  section: z.enum(SECTIONS),
  at: z.int().min(0),
  inBlock: z.string().optional(),
});
/** What a header was; null where it was not there at all, which JSON can't say otherwise. */
const headerSchema = z.record(z.string(), z.unknown());
const stepSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('header'), from: headerSchema, to: headerSchema }),
  z.strictObject({ kind: z.literal('add'), place: placeSchema, entry: entrySchema }),
  z.strictObject({ kind: z.literal('remove'), place: placeSchema, entry: entrySchema }),
  z.strictObject({
    kind: z.literal('replace'),
    place: placeSchema,
    from: entrySchema,
    to: entrySchema,
  }),
]);
const changeSchema = z.strictObject({ what: z.string().max(40), steps: z.array(stepSchema) });
const changesSchema = z.array(changeSchema).max(MOST_UNDO);

/** What can be undone and done again, as it is kept beside a routine. */
export const historySchema = z.strictObject({
  id: routineIdSchema,
  /** Of the routine that it belongs to: with any other it would not fit. */
  mark: z.string().max(40),
  past: changesSchema,
  future: changesSchema,
});
export type History = z.infer<typeof historySchema>;

/** Keys in their order: a routine that was read says the same in another one. */
const inOrder = (_: string, value: unknown): unknown =>
  isRecord(value)
    ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
    : value;

/** A short mark of a routine's state: its text's length and a sum over it (FNV-1a). */
export function markOf(routine: Routine): string {
  const text = JSON.stringify(routine, inOrder);
  let sum = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) {
    sum = Math.imul(sum ^ text.charCodeAt(i), 0x01000193);
  }
  return `${text.length} ${(sum >>> 0).toString(36)}`;
}

const nulled = (header: object) =>
  Object.fromEntries(Object.entries(header).map(([key, value]) => [key, value ?? null]));
const unnulled = (header: object) =>
  Object.fromEntries(Object.entries(header).map(([key, value]) => [key, value ?? undefined]));

function headersBy(changes: readonly Change[], by: (header: object) => object): Change[] {
  return changes.map(({ what, steps }) => ({
    what,
    steps: steps.map((step) =>
      step.kind === 'header' ? { ...step, from: by(step.from), to: by(step.to) } : step,
    ),
  }));
}

const kept = new WeakMap<Change, Change>();

/** A change as it is kept: the same for the same, so that each is written out and checked once. */
function asKept(change: Change): Change {
  const known = kept.get(change);
  if (known) return known;
  const [made = change] = headersBy([change], nulled);
  kept.set(change, made);
  return made;
}

const checkedChange = checkedOnce(changeSchema as z.ZodType<object>);

/** A history as it would be read if it were written now; only what is new in it is checked. */
export function checkedHistory(history: History): Result<History, string> {
  const { past, future, ...frame } = history;
  const head = historySchema.safeParse({ ...frame, past: [], future: [] });
  if (!head.success) return fail(placeOf(head.error));
  const bound = { path: 'past', most: MOST_UNDO };
  const done = checkedAll(past, checkedChange, bound);
  const undone = checkedAll(future, checkedChange, { ...bound, path: 'future' });
  if (!done.ok) return done;
  return undone.ok ? succeed(history) : undone;
}

const known = new WeakMap<KeptRoutine, History>();

/** The histories of all routines that have any. */
export function historiesOf(routines: RoutinesState): Readonly<Record<string, History>> {
  return Object.fromEntries(
    Object.values(routines)
      .filter(({ past, future }) => past.length + future.length > 0)
      .map((kept) => [kept.routine.id, historyOf(kept)]),
  );
}

function historyOf(kept: KeptRoutine): History {
  const made = known.get(kept);
  if (made) return made;
  const { routine, past, future } = kept;
  const history = {
    id: routine.id,
    mark: markOf(routine),
    past: past.slice(-MOST_UNDO).map(asKept),
    future: future.slice(-MOST_UNDO).map(asKept),
  } as History;
  known.set(kept, history);
  return history;
}

/** A routine with its history, if that is its own; as it is where it has one already. */
export function withHistory(kept: KeptRoutine, history: History): KeptRoutine {
  const { routine, past, future } = kept;
  if (past.length + future.length > 0 || markOf(routine) !== history.mark) return kept;
  const back = (changes: unknown) => headersBy(changes as Change[], unnulled);
  const whole = { routine, past: back(history.past), future: back(history.future) };
  known.set(whole, history);
  return whole;
}

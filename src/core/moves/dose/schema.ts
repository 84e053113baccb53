import { z } from 'zod';
import { LONGEST_MS } from '@/core/common';

const wholeSeconds = (least: number, most: number) =>
  z
    .number()
    .int()
    .min(least)
    .max(most)
    .refine((ms) => ms % 1000 === 0, { error: 'must be whole seconds' });

export const MOST_COUNT = 300;
export const MOST_SETS = 12;

export const countSchema = z.number().int().min(1).max(MOST_COUNT);
export const setsSchema = z.number().int().min(1).max(MOST_SETS);
export const workMsSchema = wholeSeconds(1000, LONGEST_MS);
export const restMsSchema = wholeSeconds(0, LONGEST_MS);
export const breathMsSchema = wholeSeconds(1000, 20_000);

/** In and out, with a wait after either where one is asked for. */
const breathSchema = z
  .strictObject({
    inMs: breathMsSchema,
    outMs: breathMsSchema,
    /** After breathing in, and after breathing out. */
    fullMs: breathMsSchema.optional(),
    emptyMs: breathMsSchema.optional(),
  })
  .readonly();
export type Breath = z.infer<typeof breathSchema>;

/** How long each rep is held, in place of the tempo's pause: a time, or breaths at the pace. */
export const heldSchema = z
  .union([
    z.strictObject({ ms: wholeSeconds(1000, 300_000) }),
    z.strictObject({ breaths: z.number().int().min(1).max(30) }),
  ])
  .readonly();
export type Held = z.infer<typeof heldSchema>;

/** One rep a breath: at the pace's breath, or at one of its own. */
export const repBreathSchema = z.union([
  z.literal('pace'),
  z.strictObject({ inMs: breathMsSchema, outMs: breathMsSchema }).readonly(),
]);
export type RepBreath = z.infer<typeof repBreathSchema>;

/** The upper ends of a dose that is given as a span; led and timed is the lower end. */
const spanShape = { sets: setsSchema, mostSets: setsSchema.optional() };

/** A dose as a person writes it: what they leave out comes from the move and the pace. */
export const writtenDoseSchema = z
  .discriminatedUnion('kind', [
    z.strictObject({
      kind: z.literal('hold'),
      holdMs: workMsSchema,
      most: workMsSchema.optional(),
      ...spanShape,
    }),
    z.strictObject({
      kind: z.literal('reps'),
      reps: countSchema,
      most: countSchema.optional(),
      /** The count is for both sides together, by turns. */
      inAll: z.literal(true).optional(),
      ...spanShape,
    }),
    z.strictObject({
      kind: z.literal('breaths'),
      breaths: countSchema,
      most: countSchema.optional(),
      breath: breathSchema.optional(),
      ...spanShape,
    }),
    z.strictObject({
      kind: z.literal('timed'),
      timedMs: workMsSchema,
      most: workMsSchema.optional(),
      ...spanShape,
    }),
  ])
  .refine((dose) => dose.most === undefined || dose.most > leastOf(dose), {
    error: 'a span ends above its start',
  })
  .refine(({ sets, mostSets }) => mostSets === undefined || mostSets > sets, {
    error: 'a span ends above its start',
  });
export type WrittenDose = z.infer<typeof writtenDoseSchema>;

function leastOf(dose: {
  readonly kind: string;
  readonly holdMs?: number;
  readonly timedMs?: number;
  readonly reps?: number;
  readonly breaths?: number;
}): number {
  return dose.holdMs ?? dose.timedMs ?? dose.reps ?? dose.breaths ?? 0;
}

export type DoseKind = WrittenDose['kind'];
export const DOSE_KINDS = ['hold', 'reps', 'breaths', 'timed'] as const satisfies DoseKind[];

/** Rounds of pushing into the stretch and letting go, inside one hold. */
export const pressSchema = z.strictObject({
  pressMs: wholeSeconds(1000, 60_000),
  times: z.number().int().min(1).max(20),
});
export type Press = z.infer<typeof pressSchema>;

/** Milliseconds out, paused, back and waiting: one rep. */
export const tempoSchema = z
  .tuple([
    wholeSeconds(0, 60_000),
    wholeSeconds(0, 60_000),
    wholeSeconds(0, 60_000),
    wholeSeconds(0, 60_000),
  ])
  .refine((parts) => parts.some((ms) => ms > 0), { error: 'must take time' })
  .readonly();
export type Tempo = z.infer<typeof tempoSchema>;

const setsShape = { sets: setsSchema, restMs: restMsSchema };

/** A dose with nothing left out, as a move has it. */
export const doseSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('hold'), holdMs: workMsSchema, ...setsShape }).readonly(),
  z
    .strictObject({
      kind: z.literal('reps'),
      reps: countSchema,
      tempo: tempoSchema,
      /** Led with the breath where the line does not say otherwise. */
      breath: repBreathSchema.optional(),
      ...setsShape,
    })
    .readonly(),
  z
    .strictObject({
      kind: z.literal('breaths'),
      breaths: countSchema,
      inMs: breathMsSchema.optional(),
      outMs: breathMsSchema.optional(),
      fullMs: breathMsSchema.optional(),
      emptyMs: breathMsSchema.optional(),
      ...setsShape,
    })
    .readonly(),
  z.strictObject({ kind: z.literal('timed'), timedMs: workMsSchema, ...setsShape }).readonly(),
]);

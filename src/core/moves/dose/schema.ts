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

/** A dose as a person writes it: what they leave out comes from the move and the pace. */
export const writtenDoseSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('hold'), holdMs: workMsSchema, sets: setsSchema }),
  z.strictObject({ kind: z.literal('reps'), reps: countSchema, sets: setsSchema }),
  z.strictObject({
    kind: z.literal('breaths'),
    breaths: countSchema,
    breath: z.strictObject({ inMs: breathMsSchema, outMs: breathMsSchema }).optional(),
    sets: setsSchema,
  }),
  z.strictObject({ kind: z.literal('timed'), timedMs: workMsSchema, sets: setsSchema }),
]);
export type WrittenDose = z.infer<typeof writtenDoseSchema>;
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
      ...setsShape,
    })
    .readonly(),
  z
    .strictObject({
      kind: z.literal('breaths'),
      breaths: countSchema,
      inMs: breathMsSchema.optional(),
      outMs: breathMsSchema.optional(),
      ...setsShape,
    })
    .readonly(),
  z.strictObject({ kind: z.literal('timed'), timedMs: workMsSchema, ...setsShape }).readonly(),
]);

import { z } from 'zod';
import { itemIdSchema, personIdSchema, textSchema } from '@/core/common';
import { laneNameSchema } from '@/core/people';

const count = z.number().int().min(0);

/** The longest note, in letters. */
export const MOST_NOTE = 1000;

/**
 * What an instructor changed while leading, kept in the run so that the score can be made again.
 * `segment` is the one that it came in, counted in the score as it was before this edit.
 */
export const leadEditSchema = z.discriminatedUnion('kind', [
  /** Ten seconds more for one set, and for the other side alike where that is to come. */
  z.strictObject({ kind: z.literal('extend'), segment: count }),
  /** The other side once more, behind this one. */
  z.strictObject({ kind: z.literal('again'), segment: count }),
  /** All that comes after this play, one level or one step of its dose down. */
  z.strictObject({ kind: z.literal('ease'), segment: count }),
  /** Other ways of taking part, from the next play on. */
  z.strictObject({
    kind: z.literal('lanes'),
    segment: count,
    lanes: z.array(laneNameSchema).min(1).max(20),
  }),
  /** From this play straight to what settles. */
  z.strictObject({ kind: z.literal('settle'), segment: count }),
]);
export type LeadEdit = Readonly<z.infer<typeof leadEditSchema>>;

/** Why something was left before it was done. */
export const SKIP_WHYS = ['too-hard', 'no-time', 'no-room', 'not-today', 'other'] as const;
export type SkipWhy = (typeof SKIP_WHYS)[number];

export const skipSchema = z.strictObject({
  itemId: itemIdSchema,
  why: z.enum(SKIP_WHYS).optional(),
});
export type Skip = Readonly<z.infer<typeof skipSchema>>;

/** Something that happened in a class: when, where in it, and a word on it. */
export const eventSchema = z.strictObject({
  at: z.iso.datetime({ offset: true }),
  placeMs: count,
  itemId: itemIdSchema.optional(),
  note: textSchema(MOST_NOTE).optional(),
  /** Whom it happened to, where that was said. */
  people: z.array(personIdSchema).min(1).max(50).optional(),
});
export type HappenedEvent = Readonly<z.infer<typeof eventSchema>>;

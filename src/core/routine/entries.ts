import { z } from 'zod';
import { SIDES, SIDE_WAYS } from '@/core/body';
import { itemIdSchema, levelIdSchema, moveIdSchema, oneLineSchema } from '@/core/common';
import {
  CHALLENGES,
  PROP_NAMES,
  SUPPORTS,
  heldSchema,
  pressSchema,
  repBreathSchema,
  restMsSchema,
  tempoSchema,
  workMsSchema,
  writtenDoseSchema,
} from '@/core/moves';
import { LANE_NAMES } from '@/core/people';

/** Findings that one line keeps. */
export const MOST_ACCEPTS = 20;

const wordsSchema = oneLineSchema(300).min(1);

/** How the sides of one item are done, where the line says other than the move's own way. */
export const sidesSchema = z.union([
  z.enum(SIDE_WAYS).exclude(['both']),
  z.enum(['left-only', 'right-only']),
]);
export type SidesClause = z.infer<typeof sidesSchema>;

export const itemSchema = z.strictObject({
  kind: z.literal('item'),
  id: itemIdSchema,
  moveId: moveIdSchema,
  dose: writtenDoseSchema.optional(),
  restMs: restMsSchema.optional(),
  press: pressSchema.optional(),
  tempo: tempoSchema.optional(),
  held: heldSchema.optional(),
  breath: repBreathSchema.optional(),
  sides: sidesSchema.optional(),
  firstSide: z.enum(SIDES).optional(),
  /** Extra time for each set of the weaker side. */
  weak: z.strictObject({ side: z.enum(SIDES), extraMs: workMsSchema }).optional(),
  /** Why one side only is meant. */
  meant: wordsSchema.optional(),
  /** Findings that the instructor has looked at and keeps, with the reason. */
  accept: z
    .array(z.strictObject({ finding: z.string().regex(/^[a-z][a-z-]{0,40}$/), why: wordsSchema }))
    .max(MOST_ACCEPTS)
    .optional(),
  level: levelIdSchema.optional(),
  /** Levels for one lane alone. */
  laneLevels: z
    .partialRecord(z.enum(LANE_NAMES), levelIdSchema)
    .refine((levels) => Object.keys(levels).length > 0, { error: 'names no lane' })
    .optional(),
  support: z.enum(SUPPORTS).optional(),
  challenge: z.enum(CHALLENGES).optional(),
  props: z.array(z.enum(PROP_NAMES)).min(1).max(7).optional(),
  pinned: z.literal(true).optional(),
  cue: wordsSchema.optional(),
  setUp: wordsSchema.optional(),
  note: wordsSchema.optional(),
});
export type Item = z.infer<typeof itemSchema>;

export const restSchema = z.strictObject({
  kind: z.literal('rest'),
  id: itemIdSchema,
  restMs: workMsSchema,
  note: wordsSchema.optional(),
});
export type RestLine = z.infer<typeof restSchema>;

/** A line of a person's own, kept where it stands. */
export const noteSchema = z.strictObject({
  kind: z.literal('note'),
  id: itemIdSchema,
  note: oneLineSchema(300),
});

const lineSchema = z.discriminatedUnion('kind', [itemSchema, restSchema, noteSchema]);
export type Line = z.infer<typeof lineSchema>;

export const MOST_ROUNDS = 12;
/** The most lines that a block holds. */
export const MOST_LINES = 40;

/** Lines that are repeated, run side by side, or built up. Blocks do not nest. */
export const blockSchema = z
  .strictObject({
    kind: z.literal('block'),
    id: itemIdSchema,
    rounds: z.number().int().min(2).max(MOST_ROUNDS).optional(),
    perSide: z.literal(true).optional(),
    firstSide: z.enum(SIDES).optional(),
    buildUp: z.literal(true).optional(),
    /** Between rounds and between steps of a build-up. */
    restMs: workMsSchema.optional(),
    note: wordsSchema.optional(),
    lines: z.array(lineSchema).min(1).max(MOST_LINES),
  })
  .refine(({ rounds, perSide, buildUp }) => rounds || perSide || buildUp, {
    error: 'a block has rounds, each side, or a build-up',
  })
  .refine(({ firstSide, perSide }) => !firstSide || perSide, {
    error: 'a first side goes with each side',
  });
export type Block = z.infer<typeof blockSchema>;

export const entrySchema = z.union([lineSchema, blockSchema]);
export type Entry = z.infer<typeof entrySchema>;

export const SECTIONS = ['warm-up', 'main', 'settle'] as const;
export type SectionName = (typeof SECTIONS)[number];

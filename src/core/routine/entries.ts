import { z } from 'zod';
import { LOADS, POSITION_IDS, SIDES, SIDE_WAYS } from '@/core/body';
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
import { laneNameSchema } from '@/core/people';

/** Findings that one line keeps. */
export const MOST_ACCEPTS = 20;

const wordsSchema = oneLineSchema(300).min(1);

/** How the sides of one item are done, where the line says other than the move's own way. */
export const sidesSchema = z.union([
  z.enum(SIDE_WAYS).exclude(['both']),
  z.enum(['left-only', 'right-only']),
]);
export type SidesClause = z.infer<typeof sidesSchema>;

/** Options that one line offers. */
export const MOST_OPTIONS = 6;

/** Another thing to do at a line: for one way of taking part, or offered to anybody. */
export const optionSchema = z.strictObject({
  /** Who does it instead; left out, it is offered to all, and not timed. */
  lane: laneNameSchema.optional(),
  moveId: moveIdSchema,
  level: levelIdSchema.optional(),
  /** How much, where it is other than the line's; its time is the room's. */
  dose: writtenDoseSchema.optional(),
});
export type ItemOption = z.infer<typeof optionSchema>;

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
    .partialRecord(laneNameSchema, levelIdSchema)
    .refine((levels) => Object.keys(levels).length > 0, { error: 'names no lane' })
    .optional(),
  support: z.enum(SUPPORTS).optional(),
  challenge: z.enum(CHALLENGES).optional(),
  /** In place of the level's; none at all where the list is empty. */
  props: z.array(z.enum(PROP_NAMES)).max(7).optional(),
  /** Besides the level's. */
  alsoProps: z.array(z.enum(PROP_NAMES)).min(1).max(7).optional(),
  /** Which of the places that its level can be done at. */
  at: z.enum(POSITION_IDS).optional(),
  /** What own words ask of a body beyond the level's loads. */
  asks: z.array(z.enum(LOADS)).min(1).max(20).optional(),
  /** What part of the room does instead, or what anybody may. */
  options: z.array(optionSchema).min(1).max(MOST_OPTIONS).optional(),
  pinned: z.literal(true).optional(),
  /** Follows the line before without a pause, a set-up or a count-in. */
  straightOn: z.literal(true).optional(),
  cue: wordsSchema.optional(),
  setUp: wordsSchema.optional(),
  /** Where to press, said at each press. */
  pressWhere: wordsSchema.optional(),
  /** The way out, in own words. */
  out: wordsSchema.optional(),
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

/** Time for attention: what is said and shown, and the time to notice it in. */
export const noticeSchema = z.strictObject({
  kind: z.literal('notice'),
  id: itemIdSchema,
  noticeMs: workMsSchema,
  words: wordsSchema,
  note: wordsSchema.optional(),
});
export type NoticeLine = z.infer<typeof noticeSchema>;

/** A line of a person's own, kept where it stands. */
export const noteSchema = z.strictObject({
  kind: z.literal('note'),
  id: itemIdSchema,
  note: oneLineSchema(300),
});

const lineSchema = z.discriminatedUnion('kind', [itemSchema, restSchema, noticeSchema, noteSchema]);
export type Line = z.infer<typeof lineSchema>;

export const MOST_ROUNDS = 12;
/** The most lines that a block holds. */
export const MOST_LINES = 40;

/** What is kept up in all lines of a block or section: words, and things that stay in use. */
export const throughoutSchema = z
  .strictObject({
    words: wordsSchema.optional(),
    props: z.array(z.enum(PROP_NAMES)).min(1).max(7).optional(),
  })
  .refine(({ words, props }) => words !== undefined || props !== undefined, {
    error: 'says nothing',
  });
export type Throughout = z.infer<typeof throughoutSchema>;

/** What stands at the head of a section: how often it is done, and what is kept up in it. */
export const sectionHeadSchema = z
  .strictObject({
    rounds: z.number().int().min(2).max(MOST_ROUNDS).optional(),
    /** Between rounds. */
    restMs: workMsSchema.optional(),
    throughout: throughoutSchema.optional(),
  })
  .refine(({ rounds, throughout }) => rounds !== undefined || throughout !== undefined, {
    error: 'says nothing',
  })
  .refine(({ rounds, restMs }) => restMs === undefined || rounds !== undefined, {
    error: 'a rest stands between rounds',
  });
export type SectionHead = z.infer<typeof sectionHeadSchema>;

const blockWordsShape = {
  rounds: z.number().int().min(2).max(MOST_ROUNDS).optional(),
  perSide: z.literal(true).optional(),
  firstSide: z.enum(SIDES).optional(),
  buildUp: z.literal(true).optional(),
  /** Its lines flow into one another. */
  inOneGo: z.literal(true).optional(),
  /** So many of its lines are done, chosen on the day. */
  choose: z.number().int().min(1).max(MOST_LINES).optional(),
  throughout: throughoutSchema.optional(),
  /** Between rounds and between steps of a build-up. */
  restMs: workMsSchema.optional(),
};

/** What a block does with its lines. */
export type BlockWords = z.infer<z.ZodObject<typeof blockWordsShape>>;

/** Whether a block does anything with its lines; one that does not is none. */
export function saysSomething(words: BlockWords): boolean {
  const { rounds, perSide, buildUp, inOneGo, choose, throughout } = words;
  return Boolean(rounds ?? perSide ?? buildUp ?? inOneGo ?? choose ?? throughout);
}

/** Lines that are repeated, run side by side, built up, flow on, or are chosen from. Blocks do not nest. */
export const blockSchema = z
  .strictObject({
    kind: z.literal('block'),
    id: itemIdSchema,
    ...blockWordsShape,
    note: wordsSchema.optional(),
    lines: z.array(lineSchema).min(1).max(MOST_LINES),
  })
  .refine((block) => saysSomething(block), {
    error: 'a block has rounds, each side, a build-up, one go, a choice, or something throughout',
  })
  .refine(({ choose, lines }) => choose === undefined || choose < itemCount(lines), {
    error: 'a choice leaves something out',
  })
  .refine(({ firstSide, perSide }) => !firstSide || perSide, {
    error: 'a first side goes with each side',
  });
export type Block = z.infer<typeof blockSchema>;

/** Whether an entry follows straight on what is before it; of a block, any line may be its first. */
export function flowsOn(entry: Entry): boolean {
  if (entry.kind === 'block') return entry.lines.some(flowsOn);
  return entry.kind === 'item' && entry.straightOn === true;
}

function itemCount(lines: readonly Line[]): number {
  return lines.filter(({ kind }) => kind === 'item').length;
}

export const entrySchema = z.union([lineSchema, blockSchema]);
export type Entry = z.infer<typeof entrySchema>;

export const SECTIONS = ['warm-up', 'main', 'settle'] as const;
export type SectionName = (typeof SECTIONS)[number];

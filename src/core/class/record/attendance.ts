import { z } from 'zod';
import {
  itemIdSchema,
  levelIdSchema,
  moveIdSchema,
  personIdSchema,
  textSchema,
} from '@/core/common';
import { SUPPORTS } from '@/core/moves';
import { laneNameSchema, rungSchema } from '@/core/people';
import { MOST_NOTE, SKIP_WHYS } from './changes';

/** How a class, or one move of it, went for one person. */
export const OUTCOMES = ['done', 'eased', 'stopped-early', 'skipped'] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** A scale that people are asked on: 0 is nothing, 10 is the most there is. */
const scale = z.number().int().min(0).max(10);
const few = z.number().int().min(0).max(50);
const heldMs = z.number().int().min(0).max(600_000);
const reps = z.number().int().min(0).max(500);

/** What one person did of one item, where that is not simply what was planned. */
export const itemResultSchema = z.strictObject({
  moveId: moveIdSchema,
  level: levelIdSchema.optional(),
  outcome: z.enum(OUTCOMES).optional(),
  why: z.enum(SKIP_WHYS).optional(),
  hands: z.enum(SUPPORTS).optional(),
  reps: reps.optional(),
  leftReps: reps.optional(),
  rightReps: reps.optional(),
  /** The best of two tries. */
  leftMs: heldMs.optional(),
  rightMs: heldMs.optional(),
  steps: few.optional(),
  grabs: few.optional(),
  nearFalls: few.optional(),
  /** What a balance drill asked of this person. */
  rung: rungSchema.optional(),
  /** The instructor or a helper watched this person. */
  watched: z.literal(true).optional(),
});
export type ItemResult = Readonly<z.infer<typeof itemResultSchema>>;

const entryShape = {
  person: personIdSchema,
  came: z.boolean(),
  lane: laneNameSchema.optional(),
  /** How they were on the day, so that what was decided from it is read with that for ever. */
  stood: z
    .strictObject({
      /** Whether the stricter table of older groups held. */
      older: z.boolean(),
      /** How they usually took part, where anything said so. */
      way: laneNameSchema.optional(),
    })
    .optional(),
  outcome: z.enum(OUTCOMES).optional(),
  why: z.enum(SKIP_WHYS).optional(),
  effort: scale.optional(),
  painBefore: scale.optional(),
  painAfter: scale.optional(),
  painNext: scale.optional(),
  /** Days of soreness afterwards. */
  soreDays: z.number().int().min(0).max(14).optional(),
  /** Dizzy on rising. */
  dizzy: z.literal(true).optional(),
  /** Ill, without a meal, a joint flaring up. */
  unwell: z.literal(true).optional(),
  /** Falls since last time. */
  falls: z.number().int().min(0).max(20).optional(),
  note: textSchema(MOST_NOTE).optional(),
  items: z.record(itemIdSchema, itemResultSchema).optional(),
  /** What became of the proposals that followed, by move. */
  answers: z.record(moveIdSchema, z.enum(['taken', 'left'])).optional(),
};

/** An entry as it stood before it was corrected, and when that was. */
const earlierSchema = z.strictObject({ ...entryShape, until: z.iso.datetime({ offset: true }) });

/** What is recorded of one person in one class. */
export const entrySchema = z.strictObject({
  ...entryShape,
  earlier: z.array(earlierSchema).max(100).optional(),
});
export type Entry = Readonly<z.infer<typeof entrySchema>>;

/** What an entry says without what stood there before. */
export type EntryWords = Omit<Entry, 'earlier'>;

/** So long after a class was first noted its changes are still its making; later ones are corrections. */
const MAKING_MS = 12 * 3600_000;

/**
 * An entry with something of it changed. What is corrected later keeps the earlier entry; an answer to
 * a proposal corrects nothing.
 * @param noted when the class was first noted, and when the change is made: moments with their offset
 */
export function corrected(
  entry: Entry,
  words: { readonly [K in keyof EntryWords]?: EntryWords[K] | undefined },
  { noted, now }: { readonly noted: string; readonly now: string },
): Entry {
  const { earlier = [], ...before } = entry;
  const next = without({ ...before, ...words }) as EntryWords;
  if (JSON.stringify(next) === JSON.stringify(before)) return entry;
  const later =
    Date.parse(now) - Date.parse(noted) > MAKING_MS && Object.keys(words).join() !== 'answers';
  const kept = later ? [...earlier, { ...before, until: now }].slice(-100) : earlier;
  return kept.length > 0 ? { ...next, earlier: [...kept] } : next;
}

function without(words: object): object {
  return Object.fromEntries(Object.entries(words).filter(([, value]) => value !== undefined));
}

/** What is taken for granted where all went as planned. */
export const asPlanned = (person: Entry['person']): Entry => ({
  person,
  came: true,
  outcome: 'done',
});

/** Of a class that was changed on the way, or stopped: how it went is asked. */
export const justCame = (person: Entry['person']): Entry => ({ person, came: true });

export const wasAway = (person: Entry['person']): Entry => ({ person, came: false });

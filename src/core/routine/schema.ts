import { z } from 'zod';
import { REGIONS, SIDES, SIDE_WAYS } from '../body';
import { CHALLENGES, PROP_NAMES, SUPPORTS, hasMove, moveSchema } from '../catalog';
import { pressSchema, restMsSchema, tempoSchema, workMsSchema, writtenDoseSchema } from '../dose';
import { itemIdSchema, moveIdSchema, routineIdSchema } from '../ids';
import { limitOfBodySchema } from '../limit';
import { PACE_NAMES, paceChangesSchema } from '../pace';
import { POSITION_IDS } from '../position';
import { LONGEST_MS } from '../time';
import { LANE_NAMES } from '../lane';
import { oneLineSchema } from '../line';
import { catalogFor, itemFaults } from './item';
import { MOST_WORK, entryWork } from './size';
import { IN_ROOM, MOST_OF_A_THING, SCHOOLS, SCHOOL_QUESTIONS } from './school';

/** The version that this application writes. */
export const ROUTINE_VERSION = 4;
export const MOST_ENTRIES = 400;
export const MOST_OWN_MOVES = 500;

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
  sides: sidesSchema.optional(),
  firstSide: z.enum(SIDES).optional(),
  /** Extra time for each set of the weaker side. */
  weak: z.strictObject({ side: z.enum(SIDES), extraMs: workMsSchema }).optional(),
  /** Why one side only is meant. */
  meant: wordsSchema.optional(),
  /** Findings that the instructor has looked at and keeps, with the reason. */
  accept: z
    .array(z.strictObject({ finding: z.string().regex(/^[a-z][a-z-]{0,40}$/), why: wordsSchema }))
    .max(20)
    .optional(),
  level: oneLineSchema(60).min(1).optional(),
  /** Levels for one lane alone. */
  laneLevels: z
    .partialRecord(z.enum(LANE_NAMES), oneLineSchema(60).min(1))
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
    lines: z.array(lineSchema).min(1).max(40),
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

const entriesSchema = z.array(entrySchema).max(MOST_ENTRIES);
const positionSchema = z.enum(POSITION_IDS);

const schoolShape = {
  hold: z.enum(SCHOOLS.hold).optional(),
  count: z.enum(SCHOOLS.count).optional(),
  sides: z.enum(SCHOOLS.sides).optional(),
  curl: z.enum(SCHOOLS.curl).optional(),
  bend: z.enum(SCHOOLS.bend).optional(),
  breath: z.enum(SCHOOLS.breath).optional(),
  strength: z.enum(SCHOOLS.strength).optional(),
  balance: z.enum(SCHOOLS.balance).optional(),
  often: z.enum(SCHOOLS.often).optional(),
  chair: z.enum(SCHOOLS.chair).optional(),
  grip: z.enum(SCHOOLS.grip).optional(),
} satisfies Record<(typeof SCHOOL_QUESTIONS)[number], z.ZodType>;

export const routineSchema = z
  .strictObject({
    id: routineIdSchema,
    title: oneLineSchema(120).min(1),
    pace: z.enum(PACE_NAMES),
    paceChanges: paceChangesSchema,
    slotMs: workMsSchema.max(LONGEST_MS).optional(),
    start: positionSchema.optional(),
    end: z.union([positionSchema, z.literal('stay')]).optional(),
    notes: z.array(oneLineSchema(300)).max(50),
    /** Ways of taking part, the leading one first; the pace's own where left out. */
    lanes: z.array(z.enum(LANE_NAMES)).min(1).max(LANE_NAMES.length).optional(),
    schools: z
      .strictObject(schoolShape)
      .refine((schools) => Object.keys(schools).length > 0, { error: 'names no school' })
      .optional(),
    /** What is there; a thing without a count is there for everybody. */
    room: z
      .array(
        z.strictObject({
          thing: z.enum(IN_ROOM),
          count: z.number().int().min(1).max(MOST_OF_A_THING).optional(),
        }),
      )
      .min(1)
      .max(40)
      .optional(),
    /** What the group has; an empty list says that it was asked and has none. */
    limits: z.array(limitOfBodySchema).max(60).optional(),
    goals: z.array(z.enum(REGIONS)).min(1).max(REGIONS.length).optional(),
    /** Moves that are not, or not so, in the shipped catalogue, for what is done and stands in. */
    moves: z.array(moveSchema).min(1).max(MOST_OWN_MOVES).readonly().optional(),
    sections: z.strictObject({
      'warm-up': entriesSchema,
      main: entriesSchema,
      settle: entriesSchema,
    }),
  })
  .superRefine((routine, context) => {
    const seen = new Set<string>();
    const catalog = catalogFor(routine);
    const issue = (path: readonly (string | number)[], message: string) =>
      context.addIssue({ code: 'custom', path: ['sections', ...path], message });
    const check = (entry: Entry, path: readonly (string | number)[]) => {
      if (seen.has(entry.id)) issue([...path, 'id'], 'this id stands twice');
      seen.add(entry.id);
      if (entry.kind === 'block') {
        entry.lines.forEach((line, at) => check(line, [...path, 'lines', at]));
      }
      if (entry.kind !== 'item') return;
      if (!hasMove(catalog, entry.moveId)) issue([...path, 'moveId'], 'no such move');
      else itemFaults(entry, routine).forEach((fault) => issue(path, fault));
    };
    for (const section of SECTIONS) {
      routine.sections[section].forEach((entry, at) => check(entry, [section, at]));
    }
    if (context.issues.length > 0) return;
    const work = entriesInOrder(routine).reduce(
      (sum, { entry }) => sum + entryWork(entry, routine),
      0,
    );
    if (work > MOST_WORK)
      context.addIssue({ code: 'custom', path: ['sections'], message: 'too much for one class' });
  });
export type Routine = z.infer<typeof routineSchema>;

/** All entries in the order they are done, with their section. */
export function entriesInOrder(
  routine: Pick<Routine, 'sections'>,
): readonly { readonly section: SectionName; readonly at: number; readonly entry: Entry }[] {
  return SECTIONS.flatMap((section) =>
    routine.sections[section].map((entry, at) => ({ section, at, entry })),
  );
}

/** All items in the order of the text, those of blocks too. */
export function itemsInOrder(routine: Routine): readonly Item[] {
  return entriesInOrder(routine)
    .flatMap(({ entry }): readonly Entry[] => (entry.kind === 'block' ? entry.lines : [entry]))
    .filter((entry) => entry.kind === 'item');
}

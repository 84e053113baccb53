import { z } from 'zod';
import { SIDES, SIDE_WAYS } from '../body';
import { CHALLENGES, PROP_NAMES, SUPPORTS, hasMove } from '../catalog';
import { pressSchema, restMsSchema, tempoSchema, workMsSchema, writtenDoseSchema } from '../dose';
import { itemIdSchema, moveIdSchema, routineIdSchema } from '../ids';
import { PACE_NAMES, paceChangesSchema } from '../pace';
import { POSITION_IDS } from '../position';
import { LONGEST_MS } from '../time';
import { itemFaults } from './item';

/** The version that this application writes. */
export const ROUTINE_VERSION = 1;
export const MOST_ENTRIES = 400;

/** One line of a person's own words: what routine text can keep on one line. */
export const oneLineSchema = (most: number) =>
  z
    .string()
    .max(most)
    .refine((text) => text === text.trim() && !/[\p{Cc}\u2028\u2029]/u.test(text), {
      error: 'must be one line without space around it',
    });

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

export const entrySchema = z.discriminatedUnion('kind', [itemSchema, restSchema, noteSchema]);
export type Entry = z.infer<typeof entrySchema>;

export const SECTIONS = ['warm-up', 'main', 'settle'] as const;
export type SectionName = (typeof SECTIONS)[number];

const entriesSchema = z.array(entrySchema).max(MOST_ENTRIES);
const positionSchema = z.enum(POSITION_IDS);

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
    sections: z.strictObject({
      'warm-up': entriesSchema,
      main: entriesSchema,
      settle: entriesSchema,
    }),
  })
  .superRefine((routine, context) => {
    const seen = new Set<string>();
    for (const section of SECTIONS) {
      routine.sections[section].forEach((entry, at) => {
        if (seen.has(entry.id)) {
          context.addIssue({
            code: 'custom',
            path: ['sections', section, at, 'id'],
            message: 'this id stands twice',
          });
        }
        seen.add(entry.id);
        if (entry.kind !== 'item') return;
        const path = ['sections', section, at];
        if (!hasMove(entry.moveId)) {
          context.addIssue({ code: 'custom', path: [...path, 'moveId'], message: 'no such move' });
          return;
        }
        for (const message of itemFaults(entry, routine.pace)) {
          context.addIssue({ code: 'custom', path, message });
        }
      });
    }
  });
export type Routine = z.infer<typeof routineSchema>;

/** All entries in the order they are done, with their section. */
export function entriesInOrder(
  routine: Routine,
): readonly { readonly section: SectionName; readonly at: number; readonly entry: Entry }[] {
  return SECTIONS.flatMap((section) =>
    routine.sections[section].map((entry, at) => ({ section, at, entry })),
  );
}

export function itemsInOrder(routine: Routine): readonly Item[] {
  return entriesInOrder(routine).flatMap(({ entry }) => (entry.kind === 'item' ? [entry] : []));
}

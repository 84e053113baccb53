import { z } from 'zod';
import { POSITION_IDS, REGIONS, paceChangesSchema } from '@/core/body';
import {
  GROUP_NAMES,
  LONGEST_MS,
  checkedAll,
  checkedOnce,
  fail,
  oneLineSchema,
  placeOf,
  routineIdSchema,
  succeed,
  type Result,
} from '@/core/common';
import { hasMove, moveSchema, workMsSchema } from '@/core/moves';
import { LANE_NAMES, laneNameSchema, laneSaid, limitsSchema } from '@/core/people';
import {
  SECTIONS,
  entrySchema,
  sectionHeadSchema,
  type Entry,
  type Item,
  type SectionName,
} from './entries';
import { catalogueFor, itemFaults } from './item';
import { SCHOOLS, SCHOOL_QUESTIONS } from './school';
import { IN_ROOM, MOST_OF_A_THING } from './room';
import { isLeadable } from './size';

/** The version that this application writes. */
export const ROUTINE_VERSION = 6;
export const MOST_ENTRIES = 400;
export const MOST_OWN_MOVES = 500;
/** Notes of a routine's own, before its first section. */
export const MOST_NOTES = 50;
/** Words said of limits that wait for an answer. */
export const MOST_UNREAD = { count: 20, letters: 60 } as const;

/** Letters of how often it is done. */
export const MOST_OFTEN = 80;

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

const routineShape = z.strictObject({
  id: routineIdSchema,
  title: oneLineSchema(120).min(1),
  group: z.enum(GROUP_NAMES),
  pace: paceChangesSchema,
  slotMs: workMsSchema.max(LONGEST_MS).optional(),
  start: positionSchema.optional(),
  end: z.union([positionSchema, z.literal('stay')]).optional(),
  notes: z.array(oneLineSchema(300)).max(MOST_NOTES),
  /** Ways of taking part, the leading one first; the pace's own where left out. */
  lanes: z
    .array(laneNameSchema)
    .min(1)
    .max(LANE_NAMES.length)
    .refine((lanes) => new Set(lanes.map(laneSaid)).size === lanes.length, {
      error: 'has two under one word',
    })
    .optional(),
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
  limits: limitsSchema.optional(),
  /** What was said of limits and names none: as good as not asked, till somebody answers. */
  limitsUnread: z
    .array(oneLineSchema(MOST_UNREAD.letters).regex(/^[^,;#]+$/))
    .min(1)
    .max(MOST_UNREAD.count)
    .optional(),
  /** When and how often it is meant to be done, in own words. */
  often: oneLineSchema(MOST_OFTEN)
    .min(1)
    .regex(/^[^#]*$/)
    .optional(),
  /** What stands at the heads of sections. */
  heads: z
    .partialRecord(z.enum(SECTIONS), sectionHeadSchema)
    .refine((heads) => Object.keys(heads).length > 0, { error: 'names no section' })
    .optional(),
  goals: z.array(z.enum(REGIONS)).min(1).max(REGIONS.length).optional(),
  /** Moves that are not, or not so, in the shipped catalogue, for what is done and stands in. */
  moves: z.array(moveSchema).min(1).max(MOST_OWN_MOVES).readonly().optional(),
  sections: z.strictObject({
    'warm-up': entriesSchema,
    main: entriesSchema,
    settle: entriesSchema,
  }),
});

/** What is wrong between the parts of a routine, each of which is good by itself. */
function faultsBetween(routine: z.infer<typeof routineShape>): readonly Fault[] {
  const faults: Fault[] = [];
  const seen = new Set<string>();
  const catalogue = catalogueFor(routine);
  const issue = (path: readonly (string | number)[], message: string) =>
    void faults.push({ path: ['sections', ...path], message });
  const check = (entry: Entry, path: readonly (string | number)[]) => {
    if (seen.has(entry.id)) issue([...path, 'id'], 'this id stands twice');
    seen.add(entry.id);
    if (entry.kind === 'block') {
      entry.lines.forEach((line, at) => check(line, [...path, 'lines', at]));
    }
    if (entry.kind !== 'item') return;
    if (!hasMove(catalogue, entry.moveId)) issue([...path, 'moveId'], 'no such move');
    else itemFaults(entry, routine).forEach((fault) => issue(path, fault));
  };
  for (const section of SECTIONS) {
    routine.sections[section].forEach((entry, at) => check(entry, [section, at]));
  }
  if (faults.length === 0 && !isLeadable(routine)) issue([], 'too much for one class');
  return faults;
}

interface Fault {
  readonly path: readonly (string | number)[];
  readonly message: string;
}

export const routineSchema = routineShape.superRefine((routine, context) => {
  for (const { path, message } of faultsBetween(routine)) {
    context.addIssue({ code: 'custom', path: [...path], message });
  }
});
export type Routine = z.infer<typeof routineSchema>;

const frameSchema = routineShape.omit({ sections: true, moves: true });
const checkedEntry = checkedOnce(entrySchema);
const checkedMove = checkedOnce(moveSchema);

/**
 * A routine as it would be read if it were written now: the same as `routineSchema` makes of it, in a
 * tenth of the time where most of its entries were checked before.
 * @returns the routine with its texts cleaned, or the place of the first fault, as `sections.main.2`
 */
export function checkedRoutine({ sections, moves, ...frame }: Routine): Result<Routine, string> {
  const head = frameSchema.safeParse(frame);
  if (!head.success) return fail(placeOf(head.error));
  const own = moves && checkedAll(moves, checkedMove, { path: 'moves', most: MOST_OWN_MOVES });
  if (own && (!own.ok || own.value.length === 0)) return own.ok ? fail('moves') : own;
  const parts: Record<string, Entry[]> = {};
  for (const section of SECTIONS) {
    const bound = { path: `sections.${section}`, most: MOST_ENTRIES };
    const read = checkedAll(sections[section], checkedEntry, bound);
    if (!read.ok) return read;
    parts[section] = [...read.value];
  }
  const routine = {
    ...head.data,
    ...(own?.ok && { moves: own.value }),
    sections: parts as unknown as Routine['sections'],
  };
  const [fault] = faultsBetween(routine);
  return fault ? fail(fault.path.join('.')) : succeed(routine);
}

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

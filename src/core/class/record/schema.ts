import { z } from 'zod';
import {
  groupIdSchema,
  isRecord,
  oneLineSchema,
  textSchema,
  routineIdSchema,
  runIdSchema,
  type MigrationStep,
} from '@/core/common';
import { MOST_IN_GROUP, laneNameSchema } from '@/core/people';
import { routineSchema } from '@/core/routine';
import { entrySchema } from './attendance';
import { MOST_NOTE, eventSchema, leadEditSchema, skipSchema } from './changes';

/** The version of a run as it is kept; the routine in it counts its own. */
export const RUN_VERSION = 9;

export const RUN_ENDS = ['completed', 'finished-early', 'broken-off'] as const;
export type RunEnd = (typeof RUN_ENDS)[number];

/** As many people as one class can have. */
export const MOST_IN_CLASS = MOST_IN_GROUP;

const ms = z.number().int().min(0);

/** What one side of one item was meant to get and what it got. */
export const sideTimeSchema = z.strictObject({
  itemId: z.string(),
  moveName: z.string(),
  side: z.enum(['left', 'right', 'both', 'alternating']),
  plannedMs: ms,
  realMs: ms,
  /** What each way of taking part did, where some did another move or rested. */
  lanes: z
    .array(
      z.strictObject({
        lane: laneNameSchema,
        /** Null is rest. */
        moveName: z.string().nullable(),
        level: z.string(),
      }),
    )
    .optional(),
});
export type SideTime = z.infer<typeof sideTimeSchema>;

/** How a move went, for the room as a whole. */
export const WENT = ['easy', 'well', 'hard'] as const;
export type Went = (typeof WENT)[number];

/** One time that a routine was led. */
export const runSchema = z.strictObject({
  id: runIdSchema,
  routineId: routineIdSchema.optional(),
  title: oneLineSchema(120).min(1),
  /** The routine as it was led, whatever becomes of it later; left out where none was led. */
  led: z.string().min(1).max(64).optional(),
  /** In what an earlier version kept; it is moved out when it is read. */
  routine: routineSchema.optional(),
  /** Whom it was led for, and how it went for each. */
  groupId: groupIdSchema.optional(),
  people: z.array(entrySchema).max(MOST_IN_CLASS).optional(),
  /** When the first of them was noted. */
  notedAt: z.iso.datetime({ offset: true }).optional(),
  /** Entered afterwards, and not led with the application. */
  byHand: z.literal(true).optional(),
  /** When it began and ended, by the clock on the wall where it was led. */
  startedAt: z.iso.datetime({ offset: true }),
  endedAt: z.iso.datetime({ offset: true }),
  plannedMs: ms,
  /** Time led, without holds. */
  realMs: ms,
  how: z.enum(RUN_ENDS),
  /** So many stops of the checks the instructor led past, by a deliberate act. */
  passedStops: z.number().int().min(1).max(10_000).optional(),
  sides: z.array(sideTimeSchema),
  /** What was changed on the way: as in the class, in order. */
  edits: z.array(leadEditSchema).max(1000).optional(),
  skips: z.array(skipSchema).max(1000).optional(),
  events: z.array(eventSchema).max(100).optional(),
  /** How many came, where nobody is named. */
  headcount: z.int().min(0).max(500).optional(),
  /** How the whole of it was. */
  overall: z.enum(WENT).optional(),
  /** How each item went, by its id. */
  went: z.record(z.string(), z.enum(WENT)).optional(),
  note: textSchema(MOST_NOTE).optional(),
  /** What the room said to its notices: their words, and a word on them. */
  noticed: z
    .array(z.strictObject({ words: z.string().max(300), said: oneLineSchema(300).min(1) }))
    .max(100)
    .optional(),
});
export type Run = z.infer<typeof runSchema>;

/** A run of before carries its routine; its title is read from there, and the routine moved out later. */
export const RUN_MIGRATIONS: readonly MigrationStep[] = [
  {
    from: 6,
    what: 'the title of what was led stands in the run',
    apply: (run) => {
      if (!isRecord(run) || !isRecord(run.routine)) return run;
      const { id, title } = run.routine;
      return { ...run, routineId: id, title };
    },
  },
  { from: 7, what: 'whom something happened to may be said', apply: (run) => run },
  { from: 8, what: 'how somebody was on the day is kept with their entry', apply: (run) => run },
];

/** A routine as it was led once or many times. */
export const ledSchema = z.strictObject({ id: z.string().min(1).max(64), routine: routineSchema });
export type LedRoutine = Readonly<z.infer<typeof ledSchema>>;

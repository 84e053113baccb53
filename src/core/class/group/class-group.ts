import { z } from 'zod';
import {
  GROUP_NAMES,
  groupIdSchema,
  itemIdSchema,
  levelIdSchema,
  oneLineSchema,
  textSchema,
  personIdSchema,
  routineIdSchema,
} from '@/core/common';
import { LIMITS, laneNameSchema } from '@/core/people';
import { IN_ROOM, MOST_OF_A_THING } from '@/core/routine';

export const CLASS_GROUP_VERSION = 1;

/** People who meet for a class, with their room and their hour. */
export const classGroupSchema = z.strictObject({
  id: groupIdSchema,
  name: oneLineSchema(80).min(1),
  /** Whose pace they go at. */
  pace: z.enum(GROUP_NAMES),
  /** 0 is Monday. */
  weekday: z.number().int().min(0).max(6).optional(),
  /** As `10:30`. */
  time: z
    .string()
    .regex(/^([01]\d|2[0-3]):[0-5]\d$/u)
    .optional(),
  room: z
    .array(
      z.strictObject({
        thing: z.enum(IN_ROOM),
        count: z.number().int().min(1).max(MOST_OF_A_THING).optional(),
      }),
    )
    .max(40)
    .optional(),
  /** What they do next. */
  routineId: routineIdSchema.optional(),
  notes: textSchema(1000).optional(),
});
export type ClassGroup = Readonly<z.infer<typeof classGroupSchema>>;

/** What one person does in place of what the routine says, in a class for their group. */
const ownWaySchema = z.strictObject({
  lane: laneNameSchema.optional(),
  /** By item: a level of its move, or rest. */
  items: z.record(itemIdSchema, z.union([levelIdSchema, z.null()])).optional(),
});
export type OwnWay = Readonly<z.infer<typeof ownWaySchema>>;

/** The group that a routine is opened for, and what is different for one or another of them. */
export const classForSchema = z.strictObject({
  id: routineIdSchema,
  groupId: groupIdSchema,
  own: z.record(personIdSchema, ownWaySchema),
  /** So many more are there on a day, whom nobody has named. */
  more: z.strictObject({ on: z.iso.date(), count: z.int().min(1).max(50) }).optional(),
  /** What was said of people for a day by this class's own sheet, so that it alone is taken back. */
  given: z
    .strictObject({
      on: z.iso.date(),
      people: z.record(personIdSchema, z.array(z.string().min(1).max(80)).max(2 * LIMITS.length)),
    })
    .optional(),
});
export type ClassFor = Readonly<z.infer<typeof classForSchema>>;

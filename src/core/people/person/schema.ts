import { z } from 'zod';
import { LOADS, SIDES } from '@/core/body';
import { moveIdSchema, oneLineSchema, textSchema } from '@/core/common';
import { CHALLENGES, SUPPORTS } from '@/core/moves';
import { BASES } from '../balance/ladder';
import { laneNameSchema } from '../lane/lanes';
import { limitsSaidSchema } from '../limit/schema';

export const PEOPLE_VERSION = 1;
export const PEOPLE_FORMAT = 'hushed-willow-people';

const name = oneLineSchema(80).min(1);

/** What ends a clearance at once, and what is asked before a class. */
export const EVENTS = ['fall', 'faint', 'fracture', 'operation', 'stop-sign'] as const;

/** A clinician's leave for some loads; it lapses after a year, and at once on an event. */
export const clearanceSchema = z.strictObject({
  loads: z.array(z.enum(LOADS)).min(1).max(LOADS.length),
  side: z.enum(SIDES).optional(),
  by: name,
  on: z.iso.date(),
  /** The first day on which it no longer holds, where that is before a year has passed. */
  until: z.iso.date().optional(),
});
export type Clearance = z.infer<typeof clearanceSchema>;

export const rungSchema = z.strictObject({
  base: z.enum(BASES),
  hands: z.enum(SUPPORTS),
  challenge: z.enum(CHALLENGES),
  timeMs: z.number().int().min(1000).max(60_000),
});

/**
 * Somebody who takes part. Limits left out were never asked; an empty list was asked and has none.
 * In a file they may stand as people say them: `"bad knees"`.
 */
export const personSchema = z.strictObject({
  name,
  lane: laneNameSchema.optional(),
  /** Of a group that is checked by the first row of the limits table where nobody asked. */
  unknownIsStrict: z.literal(true).optional(),
  limits: limitsSaidSchema.optional(),
  /** What they have on this day besides; it was asked, whatever else was. */
  limitsToday: limitsSaidSchema.optional(),
  /** What else a doctor told them not to do: until somebody decides, they are checked as not asked. */
  told: textSchema(300).optional(),
  clearances: z.array(clearanceSchema).max(20).optional(),
  events: z
    .array(
      z.strictObject({
        what: z.enum(EVENTS),
        on: z.iso.date(),
        /** When somebody had asked about it, and settled what follows. */
        dealtOn: z.iso.date().optional(),
      }),
    )
    .max(100)
    .optional(),
  /** When the questions were asked last; what happened before is answered by them. */
  askedOn: z.iso.date().optional(),
  /** The rung of the balance ladder that was passed last. */
  rung: rungSchema.optional(),
});
export type Person = z.infer<typeof personSchema>;

/** A class that was led: when it ended, and the moves that were done, some of them gone since. */
export const sessionSchema = z.strictObject({
  endedAt: z.iso.datetime({ offset: true }),
  moves: z.array(moveIdSchema).max(400),
});
export type Session = z.infer<typeof sessionSchema>;

export const peopleFileSchema = z.strictObject({
  format: z.literal(PEOPLE_FORMAT),
  version: z.literal(PEOPLE_VERSION),
  people: z.array(personSchema).max(200),
  sessions: z.array(sessionSchema).max(2000).optional(),
});
export type PeopleFile = z.infer<typeof peopleFileSchema>;

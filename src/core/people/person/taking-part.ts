import { z } from 'zod';
import type { LaneName } from '../lane/lanes';
import { personSchema, sessionSchema, type Person } from './schema';

/** As many people as one group can have. */
export const MOST_IN_GROUP = 500;

/** Who takes part in a class and what they have done. Score, checks, fit, order and lead ask for it. */
export const takingPartSchema = z.strictObject({
  people: z.array(personSchema).max(MOST_IN_GROUP).readonly(),
  sessions: z.array(sessionSchema).max(2000).readonly(),
  /** The moment of the class with its own offset, as `2026-11-25T10:00:00+01:00`; empty without people. */
  at: z.union([z.literal(''), z.iso.datetime({ offset: true })]),
});
export type TakingPart = Readonly<z.infer<typeof takingPartSchema>>;

/** The group as its routine describes it, with nobody named. */
export const GROUP_ALONE: TakingPart = { people: [], sessions: [], at: '' };

/** The day of a class where it is held, as `2026-11-25`. */
export function dayOf({ at }: TakingPart): string {
  return at.slice(0, 10);
}

/** The lane that a person takes: their usual one where the routine has it, else the first. */
export function laneOf(person: Person, lanes: readonly LaneName[]): LaneName | undefined {
  return person.lane && lanes.includes(person.lane) ? person.lane : lanes[0];
}

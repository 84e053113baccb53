import { z } from 'zod';
import type { LaneName } from '../lane/lanes';
import { nearestWay } from '../lane/nearest';
import type { LimitName } from '../limit/names';
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

/** Limits that say how somebody takes part, where nobody said it of them: what they need first. */
const BY_LIMIT: readonly (readonly [LimitName, LaneName])[] = [
  ['pushes a wheelchair', 'wheelchair'],
  ['no standing', 'chair'],
  ['stands only with hands held', 'stand-held'],
  ['walks on crutches', 'stand-held'],
];

/** How somebody takes part wherever they can: as it was said, else as their limits say. */
export function usualWay({
  lane,
  limits = [],
}: Pick<Person, 'lane' | 'limits'>): LaneName | undefined {
  return lane ?? BY_LIMIT.find(([name]) => limits.some(({ limit }) => limit === name))?.[1];
}

/**
 * The way that a person takes: their usual one where the routine has it, else the nearest that asks less;
 * undefined where there is none, and they rest. Who has none takes the first.
 */
export function laneOf(person: Person, lanes: readonly LaneName[]): LaneName | undefined {
  return nearestWay(usualWay(person), lanes);
}

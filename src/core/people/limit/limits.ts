import { GROUP_NAMES, type GroupName } from '@/core/common';
import type { PlainLane } from '../lane/lanes';
import { LIMITS, type LimitName } from './names';
import { decidedFor, type Decided } from './table';

export interface Limit extends Decided {
  /** The pauses on rising that it asks for, in milliseconds. */
  readonly rising?: { readonly risingMs: number; readonly standingMs: number };
}

/** Longer pauses for those who faint or freeze on rising: working values. */
const SLOW_RISING = { risingMs: 60_000, standingMs: 30_000 };
/** For a heart or blood pressure that follows slowly: what the older pace has for everybody. */
const UNHURRIED_RISING = { risingMs: 20_000, standingMs: 10_000 };

const RISING: Readonly<Partial<Record<LimitName, Limit['rising']>>> = {
  dizziness: SLOW_RISING,
  'faint on rising': SLOW_RISING,
  parkinson: SLOW_RISING,
  'spinal-cord injury': SLOW_RISING,
  'blood pressure': UNHURRIED_RISING,
  heart: UNHURRIED_RISING,
};

/**
 * What each limit rules out and what needs care. Source: practice, reviewed as a physiotherapist
 * and a master instructor would; never a diagnosis and never a clearance.
 */
export const LIMIT_TABLE: Readonly<Record<LimitName, Limit>> = Object.fromEntries(
  LIMITS.map((name): [LimitName, Limit] => {
    const rising = RISING[name];
    return [name, { ...decidedFor(name), ...(rising && { rising }) }];
  }),
) as Record<LimitName, Limit>;

/** What a limit asks of a class besides loads. */
const WISHES = {
  /** Nothing is said alone where nobody can look. */
  'to see what is said': ['hearing'],
  /** The heart is brought up and down slowly. */
  'a longer way in and out': ['heart'],
} as const satisfies Record<string, readonly LimitName[]>;
export type LimitWish = keyof typeof WISHES;

export function wishes(name: LimitName, wish: LimitWish): boolean {
  const those: readonly LimitName[] = WISHES[wish];
  return those.includes(name);
}

/** What an older or a chair group is checked by while nobody has asked about its limits. */
export const NOT_ASKED: Limit = decidedFor('not asked');

const NOTHING: Limit = { out: [], care: [] };
const OF_GROUP: Readonly<Partial<Record<GroupName, Limit>>> = {
  older: decidedFor('older group'),
  chair: decidedFor('chair group'),
};

/** What a group as such does not do, whatever was asked and answered. */
export const GROUP_FLOOR = Object.fromEntries(
  GROUP_NAMES.map((group) => [group, OF_GROUP[group] ?? NOTHING]),
) as Readonly<Record<GroupName, Limit>>;

/** What a way of taking part as such does not do, or only with care. */
export const WAY_FLOOR: Readonly<Partial<Record<PlainLane, Limit>>> = {
  walker: decidedFor('with a walker'),
  wheelchair: decidedFor('in a wheelchair'),
  'wheelchair-stands': decidedFor('in a wheelchair'),
  bed: decidedFor('in a bed'),
};

export function limitNamed(name: LimitName): Limit {
  return LIMIT_TABLE[name];
}

import { STANCES, type Stance } from '@/core/body';
import { CHALLENGES, SUPPORTS, type Challenge, type Support } from '@/core/moves';

/** How the body stands in a drill, from the widest base to the narrowest. */
export const BASES = ['seated', ...STANCES] as const;
export type Base = (typeof BASES)[number];

/** One value of each dimension: where somebody is on the ladder, or what a drill asks. */
export interface Rung {
  readonly base: Base;
  readonly hands: Support;
  readonly challenge: Challenge;
  readonly timeMs: number;
}

const WIDE_TIMES_MS = [10_000, 15_000, 20_000, 30_000] as const;
const NARROW_TIMES_MS = [3_000, 5_000, 10_000, 15_000, 20_000, 30_000] as const;

/** The steps of time on a base. */
export function timesOn(base: Base): readonly number[] {
  return base === 'tandem' || base === 'one-leg' ? NARROW_TIMES_MS : WIDE_TIMES_MS;
}

type Contact = Support | 'not-used';

/** Least contact by challenge: apart and together, semi-tandem, tandem, one leg. Source: practice. */
export const LEAST_CONTACT: Readonly<
  Record<Challenge, readonly [Contact, Contact, Contact, Contact]>
> = {
  still: ['none', 'none', 'none', 'none'],
  'arms moving': ['none', 'none', 'hover', 'hover'],
  'head turning': ['hover', 'hover', 'fingertips', 'fingertips'],
  'trunk turning': ['hover', 'hover', 'fingertips', 'fingertips'],
  'naming things': ['hover', 'hover', 'fingertips', 'fingertips'],
  'looking up': ['fingertips', 'fingertips', 'one hand', 'not-used'],
  'eyes closed': ['fingertips', 'one hand', 'one hand', 'not-used'],
};

const COLUMN: Readonly<Record<Stance, 0 | 1 | 2 | 3>> = {
  apart: 0,
  together: 0,
  'semi-tandem': 1,
  tandem: 2,
  'one-leg': 3,
};

/**
 * The least that the hands must hold.
 * @returns `not-used` where the challenge is not given on this stance at all
 * @example leastContact('tandem', 'still', true) // 'none'
 */
export function leastContact(stance: Stance, challenge: Challenge, older: boolean): Contact {
  const tips = challenge === 'eyes closed' || challenge === 'looking up';
  if (older && stance === 'tandem' && tips) return 'not-used';
  if (older && stance === 'one-leg' && challenge === 'still') return 'hover';
  return LEAST_CONTACT[challenge][COLUMN[stance]];
}

/**
 * Whether hands that hold `support` hold at least as much as `least`.
 * @example holdsAtLeast('one hand', 'fingertips') // true
 */
export function holdsAtLeast(support: Support, least: Support): boolean {
  return SUPPORTS.indexOf(support) <= SUPPORTS.indexOf(least);
}

/** How many single steps of the ladder a drill is harder than a rung; easier dimensions don't make up. */
export function stepsHarder(from: Rung, to: Rung): number {
  const up = (fromAt: number, toAt: number) => Math.max(0, toAt - fromAt);
  return (
    up(BASES.indexOf(from.base), BASES.indexOf(to.base)) +
    up(SUPPORTS.indexOf(from.hands), SUPPORTS.indexOf(to.hands)) +
    up(CHALLENGES.indexOf(from.challenge), CHALLENGES.indexOf(to.challenge)) +
    up(timeStep(to.base, from.timeMs), timeStep(to.base, to.timeMs))
  );
}

/** The first step of time that is at least as long. */
function timeStep(base: Base, timeMs: number): number {
  const times = timesOn(base);
  const at = times.findIndex((one) => one >= timeMs);
  return at < 0 ? times.length : at;
}

import { CHALLENGES, SUPPORTS, type Support } from '@/core/moves';
import { BASES, leastContact, stepsHarder, timesOn, type Base, type Rung } from './ladder';

/** In which order the four dimensions are made harder. */
export const LADDER_SCHOOLS = ['hands first', 'base first', 'challenge first'] as const;
export type LadderSchool = (typeof LADDER_SCHOOLS)[number];

/** One dimension a step harder, or undefined where it is at its end. */
type Step = (rung: Rung, older: boolean) => Rung | undefined;

const easierHands = (a: Support, b: Support) =>
  SUPPORTS[Math.min(SUPPORTS.indexOf(a), SUPPORTS.indexOf(b))] ?? a;

const firstTime = (base: Base) => timesOn(base)[0] ?? 0;

/** The least that the hands hold; seated, nothing has to be held. */
function least({ base, challenge }: Pick<Rung, 'base' | 'challenge'>, older: boolean) {
  return base === 'seated' ? 'none' : leastContact(base, challenge, older);
}

const lessHands: Step = (rung, older) => {
  const next = SUPPORTS[SUPPORTS.indexOf(rung.hands) + 1];
  const floor = least(rung, older);
  if (!next || floor === 'not-used' || SUPPORTS.indexOf(next) > SUPPORTS.indexOf(floor)) {
    return undefined;
  }
  return { ...rung, hands: next };
};

const longer: Step = (rung) => {
  const timeMs = timesOn(rung.base).find((one) => one > rung.timeMs);
  return timeMs === undefined ? undefined : { ...rung, timeMs };
};

/** A narrower base sets hands back, the challenge to still, and time to its first value. */
const narrower: Step = (rung) => {
  const base = BASES[BASES.indexOf(rung.base) + 1];
  if (!base) return undefined;
  const hands = easierHands(rung.hands, base === 'one-leg' ? 'one hand' : 'fingertips');
  return { base, hands, challenge: 'still', timeMs: firstTime(base) };
};

/** A new challenge sets hands to the table's least and time to its first value. */
const busier: Step = (rung, older) => {
  const challenge = CHALLENGES[CHALLENGES.indexOf(rung.challenge) + 1];
  if (!challenge) return undefined;
  const floor = least({ base: rung.base, challenge }, older);
  if (floor === 'not-used') return undefined;
  const { base, hands } = rung;
  return { base, hands: easierHands(hands, floor), challenge, timeMs: firstTime(base) };
};

/** What each school makes harder first; the later ones only where the earlier are at their end. */
const STEPS: Readonly<Record<LadderSchool, readonly Step[]>> = {
  'hands first': [lessHands, longer, narrower, busier],
  'base first': [narrower, lessHands, longer, busier],
  'challenge first': [busier, lessHands, longer, narrower],
};

const FIRST: Rung = { base: 'seated', hands: 'two hands', challenge: 'still', timeMs: 10_000 };

/**
 * The rungs of a school from the easiest to the hardest. Each step up makes exactly one dimension
 * harder by one, and may make others easier.
 * @param older whether the stricter table of older groups holds
 */
export function rungsOf(school: LadderSchool, older: boolean): readonly Rung[] {
  const key = `${school} ${older}`;
  const known = RUNGS.get(key);
  if (known) return known;
  const rungs: Rung[] = [];
  for (let rung: Rung | undefined = FIRST; rung; rung = nextOf(STEPS[school], rung, older)) {
    rungs.push(rung);
  }
  RUNGS.set(key, rungs);
  return rungs;
}
const RUNGS = new Map<string, readonly Rung[]>();

function nextOf(steps: readonly Step[], rung: Rung, older: boolean): Rung | undefined {
  for (const step of steps) {
    const next = step(rung, older);
    if (next) return next;
  }
  return undefined;
}

/**
 * Where a rung stands in a list: itself, else the hardest that asks nothing more than it.
 * @returns an index; 0 where even the first asks more
 */
export function placeOn(rungs: readonly Rung[], rung: Rung): number {
  const exact = rungs.findIndex((one) => sameRung(one, rung));
  if (exact >= 0) return exact;
  return Math.max(
    0,
    rungs.findLastIndex((one) => stepsHarder(rung, one) === 0),
  );
}

export function sameRung(a: Rung, b: Rung): boolean {
  return (
    a.base === b.base && a.hands === b.hands && a.challenge === b.challenge && a.timeMs === b.timeMs
  );
}

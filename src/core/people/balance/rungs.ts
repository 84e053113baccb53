import { CHALLENGES, SUPPORTS, type Challenge, type Support } from '@/core/moves';
import { BASES, leastContact, stepsHarder, timesOn, type Base, type Rung } from './ladder';

/** In which order the four dimensions are made harder. */
export const LADDER_SCHOOLS = ['hands first', 'base first', 'challenge first'] as const;
export type LadderSchool = (typeof LADDER_SCHOOLS)[number];

const easierHands = (a: Support, b: Support) =>
  SUPPORTS[Math.min(SUPPORTS.indexOf(a), SUPPORTS.indexOf(b))] ?? a;

const firstTime = (base: Base) => timesOn(base)[0] ?? 0;

/** The least that the hands hold; seated, nothing has to be held. */
function least({ base, challenge }: Pick<Rung, 'base' | 'challenge'>, older: boolean) {
  return base === 'seated' ? 'none' : leastContact(base, challenge, older);
}

/** Looking up is short for everybody: the head tipped back for long makes dizzy. */
const LOOK_UP_MS = 10_000;

/** Whether a challenge is given on a base at all. */
function isGiven(base: Base, challenge: Challenge, older: boolean): boolean {
  return least({ base, challenge }, older) !== 'not-used';
}

/** On one base and with one challenge: the hands let go one after the other, down to a contact. */
function lettingGo(from: Rung, to: Support, older: boolean): readonly Rung[] {
  const floor = least(from, older);
  const last = floor === 'not-used' ? from.hands : easierHands(to, floor);
  return SUPPORTS.filter(
    (hands) =>
      SUPPORTS.indexOf(hands) > SUPPORTS.indexOf(from.hands) &&
      SUPPORTS.indexOf(hands) <= SUPPORTS.indexOf(last),
  ).map((hands) => ({ ...from, hands }));
}

function growing(from: Rung): readonly Rung[] {
  const most = from.challenge === 'looking up' ? LOOK_UP_MS : Infinity;
  return timesOn(from.base)
    .filter((timeMs) => timeMs > from.timeMs && timeMs <= most)
    .map((timeMs) => ({ ...from, timeMs }));
}

/** A narrower base sets hands back, the challenge to still, and time to its first value. */
function narrower({ base, hands }: Rung): Rung | undefined {
  const next = BASES[BASES.indexOf(base) + 1];
  if (!next) return undefined;
  const held = easierHands(hands, next === 'one-leg' ? 'one hand' : 'fingertips');
  return { base: next, hands: held, challenge: 'still', timeMs: firstTime(next) };
}

/** A challenge begins with the table's least in the hands, and for its first time. */
function challenged({ base, hands }: Rung, challenge: Challenge, older: boolean): Rung {
  const floor = least({ base, challenge }, older);
  const held = floor === 'not-used' ? hands : easierHands(hands, floor);
  return { base, hands: held, challenge, timeMs: firstTime(base) };
}

const LAST: Challenge = 'eyes closed';
const DURING = CHALLENGES.filter((one) => one !== 'still' && one !== LAST);

/** The challenges one after the other, from the base below the best one; eyes closed last. */
function challengesBelow(best: Rung, older: boolean): readonly Rung[] {
  const found: Rung[] = [];
  let at = BASES.indexOf(best.base) - 1;
  for (const challenge of [...DURING, LAST]) {
    while (at > 0 && !isGiven(BASES[at] ?? 'seated', challenge, older)) at -= 1;
    const base = BASES[at];
    if (!base || !isGiven(base, challenge, older)) continue;
    const from = challenged({ ...best, base }, challenge, older);
    found.push(from, ...growing(from));
  }
  return found;
}

/** How each school goes from base to base, and where its challenges come. */
const LADDERS: Readonly<Record<LadderSchool, (older: boolean) => readonly Rung[]>> = {
  'hands first': (older) => {
    const rungs = upTheBases((from) => {
      const free = lettingGo(from, 'none', older);
      return [...free, ...growing(free.at(-1) ?? from)];
    });
    return [...rungs, ...challengesBelow(rungs.at(-1) ?? FIRST, older)];
  },
  'base first': (older) => {
    // As far as the fingertips on each base, before the next is tried.
    const rungs = upTheBases((from) => {
      const wide = lettingGo(from, 'fingertips', older);
      if (narrower(from)) return wide;
      const free = [...wide, ...lettingGo(wide.at(-1) ?? from, 'none', older)];
      return [...free, ...growing(free.at(-1) ?? from)];
    });
    return [...rungs, ...challengesBelow(rungs.at(-1) ?? FIRST, older)];
  },
  'challenge first': (older) => {
    const rungs = upTheBases((from) => {
      const light = lettingGo(from, 'fingertips', older);
      const at = light.at(-1) ?? from;
      if (narrower(from)) return [...light, ...onTheWay(at, older)];
      const free = [...light, ...lettingGo(at, 'none', older)];
      return [...free, ...growing(free.at(-1) ?? from)];
    });
    const there = (one: Rung) => rungs.some((known) => sameRung(known, one));
    const below = challengesBelow(rungs.at(-1) ?? FIRST, older);
    return [...rungs, ...below.filter((one) => !there(one))];
  },
};

/** Challenges on each base before the next; what tips the head or shuts the eyes comes last of all. */
const onTheWay = (from: Rung, older: boolean): readonly Rung[] =>
  DURING.filter((one) => one !== 'looking up' && isGiven(from.base, one, older)).map((one) =>
    challenged(from, one, older),
  );

const FIRST: Rung = { base: 'seated', hands: 'two hands', challenge: 'still', timeMs: 10_000 };

/** From base to base, with what a school does on each before the next. */
function upTheBases(onBase: (from: Rung) => readonly Rung[]): readonly Rung[] {
  const rungs: Rung[] = [];
  for (let rung: Rung | undefined = FIRST; rung; rung = narrower(rungs.at(-1) ?? rung)) {
    rungs.push(rung, ...onBase(rung));
  }
  return rungs;
}

/**
 * The rungs of a school from the easiest to the hardest. Each step up makes exactly one dimension
 * harder by one, and may make others easier. Nobody stands on one leg before every wider base was stood on
 * with less than two hands; challenges come on the base below the best one, and eyes closed last.
 * @param older whether the stricter table of older groups holds
 */
export function rungsOf(school: LadderSchool, older: boolean): readonly Rung[] {
  const key = `${school} ${older}`;
  const known = RUNGS.get(key) ?? LADDERS[school](older);
  RUNGS.set(key, known);
  return known;
}
const RUNGS = new Map<string, readonly Rung[]>();

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

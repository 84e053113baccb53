import { daysBetween } from '@/core/common';
import { SUPPORTS, type Support } from '@/core/moves';
import { BASES, holdsAtLeast, stepsHarder, timesOn, type Rung } from './ladder';
import { placeOn, rungsOf, sameRung, type LadderSchool } from './rungs';

/** How one family's drill went for somebody in one class. */
export interface Tried {
  /** What was done: base, hands and challenge as they were, and the time that was asked. */
  readonly rung: Rung;
  /** The best of two tries on each side, in milliseconds; null where a side was not done. */
  readonly leftMs: number | null;
  readonly rightMs: number | null;
  /** A foot moved, a hand grabbed. */
  readonly steps: number;
  readonly grabs: number;
  readonly nearFalls: number;
  /** Whether the instructor or a helper watched this person. */
  readonly watched: boolean;
}

/** What a ladder is decided from, one for each class that somebody came to, and for each fall. */
export type LadderFact =
  | {
      readonly kind: 'class';
      readonly on: string;
      /** Whether the stricter table held for them on that day. */
      readonly older: boolean;
      readonly tried?: Tried;
      /** Pain rose by two or more, or they were dizzy. */
      readonly pain: boolean;
      readonly dizzy: boolean;
      /** A joint flared up, or they were not well on the day. */
      readonly flare: boolean;
      /** A dose of theirs was raised for this class. */
      readonly doseRose: boolean;
    }
  | { readonly kind: 'fall'; readonly on: string }
  | { readonly kind: 'placed'; readonly on: string; readonly rung: Rung; readonly why: string };

export const LADDER_WHYS = [
  'placed',
  'passed',
  'first-day',
  'not-watched',
  'more-contact',
  'easier-drill',
  'short',
  'one-side',
  'step-or-grab',
  'two-steps-or-grabs',
  'near-fall',
  'fall',
  'wait-clinician',
  'pain',
  'dizzy',
  'flare',
  'dose-rose',
  'away-three-weeks',
  'away-eight-weeks',
  'wait-test',
  'top',
] as const;
export type LadderWhy = (typeof LADDER_WHYS)[number];

/** One decision, with what it rests on. */
export interface LadderTurn {
  readonly on: string;
  readonly to: Rung;
  readonly way: 'up' | 'stay' | 'back' | 'set';
  readonly why: LadderWhy;
  /** What was held of what was asked, in milliseconds, and which side was the weaker. */
  readonly heldMs?: number;
  readonly weaker?: 'left' | 'right';
  readonly days?: number;
  /** An instructor's own reason. */
  readonly said?: string;
}

export interface LadderNow {
  readonly rung: Rung;
  readonly turns: readonly LadderTurn[];
  /** On how many days this rung has been passed; two make a step. */
  readonly passedOn: readonly string[];
  /** What has to come before any rise. */
  readonly waits: 'clinician' | 'test' | null;
}

/** Away so long, and a hand comes back on; so long, and the stances are tested again. Source: practice. */
const AWAY_DAYS = 21;
const TEST_DAYS = 56;
const PASS_DAYS = 2;
/** Held so many times what was asked, one watched day is enough. */
const EASY = 3;

/**
 * Where somebody stands on the ladder of a family, from what was recorded. Pure: the same facts tell
 * the same story. Source: practice, as docs/decisions names it; a fall holds until somebody places
 * them anew, which is how the application learns that their clinician was asked.
 * @param school in which order it gets harder, or in which it did on a day
 * @param facts in order of their days; placings of a day after what was led on it
 */
export function ladderStory(
  school: LadderSchool | ((on: string) => LadderSchool),
  facts: readonly LadderFact[],
  today: string,
): LadderNow | undefined {
  const rungsOn = ({ on, older }: { readonly on: string; readonly older: boolean }) =>
    rungsOf(typeof school === 'string' ? school : school(on), older);
  const first = facts.findIndex(({ kind }) => kind === 'placed');
  if (first < 0) return undefined;
  let now: Omit<LadderNow, 'turns'> & { readonly lastOn: string } = {
    rung: rungsOn({ on: '', older: true })[0] as Rung,
    passedOn: [],
    waits: null,
    lastOn: '',
  };
  const turns: LadderTurn[] = [];
  const turn = (
    to: Rung,
    one: Omit<LadderTurn, 'to'>,
    more: Partial<Omit<LadderNow, 'turns'>> = {},
  ) => {
    const passedOn = sameRung(to, now.rung) ? now.passedOn : [];
    turns.push({ ...one, to });
    now = { ...now, rung: to, passedOn, ...more };
  };
  const wayTo = (to: Rung) => (sameRung(to, now.rung) ? ('stay' as const) : ('back' as const));
  const absence = (on: string) => {
    const days = now.lastOn === '' ? 0 : daysBetween(now.lastOn, on);
    if (days >= TEST_DAYS && now.waits === null) {
      const to = onWiderBase(now.rung);
      turn(to, { on, way: wayTo(to), why: 'away-eight-weeks', days }, { waits: 'test' });
    } else if (days >= AWAY_DAYS && days < TEST_DAYS) {
      const to = handBack(now.rung);
      turn(to, { on, way: wayTo(to), why: 'away-three-weeks', days });
    }
  };
  for (const fact of facts.slice(first)) {
    const { on } = fact;
    if (fact.kind === 'placed') {
      const way = turns.length === 0 || !sameRung(fact.rung, now.rung) ? 'set' : 'stay';
      turn(fact.rung, { on, way, why: 'placed', said: fact.why }, { waits: null, passedOn: [] });
      now = { ...now, lastOn: on };
      continue;
    }
    if (fact.kind === 'fall') {
      const to = afterFall(now.rung);
      turn(to, { on, way: 'back', why: 'fall' }, { waits: 'clinician', passedOn: [] });
      continue;
    }
    absence(on);
    now = { ...now, lastOn: on };
    if (!fact.tried) continue;
    const judged = judge(fact, fact.tried, now, rungsOn(fact));
    turn(judged.to, { on, ...judged.turn }, { passedOn: judged.passedOn });
  }
  absence(today);
  const { rung, passedOn, waits } = now;
  return { rung, turns, passedOn, waits };
}

const heavier = (a: Support, b: Support) => (holdsAtLeast(a, b) ? a : b);

/** A hand comes back on before anything else is made easier: fingertips at the least. */
function withHand(rung: Rung): Rung {
  return { ...rung, hands: heavier(rung.hands, 'fingertips'), challenge: 'still' };
}

/** The same, or the next heavier hold where the fingertips are on already. */
function handBack(rung: Rung): Rung {
  const held = withHand(rung);
  if (!sameRung(held, rung)) return held;
  return { ...held, hands: SUPPORTS[Math.max(0, SUPPORTS.indexOf(held.hands) - 1)] ?? held.hands };
}

/** After a near-fall, slips, or months away: the wider base before it, and never the seconds alone. */
function onWiderBase(rung: Rung): Rung {
  const base = BASES[Math.max(0, BASES.indexOf(rung.base) - 1)] ?? rung.base;
  const most = timesOn(base).findLast((ms) => ms <= rung.timeMs) ?? timesOn(base)[0];
  return { ...withHand(rung), base, timeMs: most ?? rung.timeMs };
}

/** After a fall: no narrower than feet together, with both hands, for ten seconds. */
function afterFall({ base }: Rung): Rung {
  const most = Math.min(BASES.indexOf(base), BASES.indexOf('together'));
  return {
    base: BASES[most] ?? base,
    hands: 'two hands',
    challenge: 'still',
    timeMs: AFTER_FALL_MS,
  };
}
const AFTER_FALL_MS = 10_000;

/** Stances that are done with one foot in front or up, and so once for each. */
const SIDED: readonly Rung['base'][] = ['semi-tandem', 'tandem', 'one-leg'];

/** The rung after one that was passed; who held longer than asked skips the steps of time. */
function nextAfter(rungs: readonly Rung[], rung: Rung, heldMs: number): Rung | undefined {
  const from = placeOn(rungs, rung);
  const isHeld = (one: Rung) =>
    sameRung({ ...one, timeMs: rung.timeMs }, rung) && one.timeMs <= heldMs;
  return rungs.slice(from + 1).find((one) => !isHeld(one));
}

interface Judged {
  readonly to: Rung;
  readonly turn: Omit<LadderTurn, 'to' | 'on'>;
  readonly passedOn: readonly string[];
}

function judge(
  fact: Extract<LadderFact, { kind: 'class' }>,
  tried: Tried,
  { rung, passedOn, waits }: Omit<LadderNow, 'turns'>,
  rungs: readonly Rung[],
): Judged {
  const back = onWiderBase(rung);
  const { leftMs, rightMs } = tried;
  const held = [leftMs, rightMs].filter((ms) => ms !== null);
  const heldMs = held.length > 0 ? Math.min(...held) : 0;
  const weaker =
    leftMs !== null && rightMs !== null && leftMs !== rightMs
      ? leftMs < rightMs
        ? ('left' as const)
        : ('right' as const)
      : undefined;
  const about = { heldMs, ...(weaker && { weaker }) };
  const stay = (why: LadderWhy, passed = passedOn): Judged => ({
    to: rung,
    turn: { way: 'stay', why, ...about },
    passedOn: passed,
  });
  const stepBack = (why: LadderWhy): Judged => ({
    to: back,
    turn: { way: sameRung(back, rung) ? 'stay' : 'back', why, ...about },
    passedOn: [],
  });
  // Both hands come on, and it is asked about; the stance stays.
  const bothHands = (why: LadderWhy): Judged => {
    const to: Rung = { ...rung, hands: 'two hands', challenge: 'still' };
    return { to, turn: { way: sameRung(to, rung) ? 'stay' : 'back', why, ...about }, passedOn: [] };
  };
  if (tried.nearFalls > 0) return stepBack('near-fall');
  if (fact.dizzy) return bothHands('dizzy');
  if (fact.pain) return bothHands('pain');
  if (tried.steps + tried.grabs >= 2) return stepBack('two-steps-or-grabs');
  if (tried.steps + tried.grabs > 0) return stay('step-or-grab', []);
  if (!holdsAtLeast(rung.hands, tried.rung.hands)) return stay('more-contact');
  if (stepsHarder({ ...tried.rung, timeMs: rung.timeMs }, rung) > 0) return stay('easier-drill');
  const sided = SIDED.includes(rung.base);
  if (held.length < (sided ? 2 : 1)) return stay('one-side');
  if (heldMs < rung.timeMs) return stay('short');
  if (!tried.watched) return stay('not-watched');
  const days = passedOn.includes(fact.on) ? passedOn : [...passedOn, fact.on];
  if (days.length < PASS_DAYS && heldMs < EASY * rung.timeMs) return stay('first-day', days);
  if (waits === 'clinician') return stay('wait-clinician', days);
  if (waits === 'test') return stay('wait-test', days);
  if (fact.flare) return stay('flare', days);
  if (fact.doseRose) return stay('dose-rose', days);
  const next = nextAfter(rungs, rung, heldMs);
  if (!next) return stay('top', days);
  return { to: next, turn: { way: 'up', why: 'passed', ...about }, passedOn: [] };
}

import { daysBetween } from '@/core/common';
import { holdsAtLeast, stepsHarder, type Rung } from './ladder';
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

/** Away so long is a rung back; so long, and the stances are tested again. Source: practice. */
const AWAY_DAYS = 21;
const TEST_DAYS = 56;
const PASS_DAYS = 2;

/**
 * Where somebody stands on the ladder of a family, from what was recorded. Pure: the same facts tell
 * the same story. Source: practice, as docs/decisions names it; a fall holds until somebody places
 * them anew, which is how the application learns that their clinician was asked.
 * @param school in which order it gets harder, or in which it did on a day
 * @param facts in order of their days; placings of a day after what was led on it
 */
export function ladderStory(
  school: LadderSchool | ((on: string) => LadderSchool),
  older: boolean,
  facts: readonly LadderFact[],
  today: string,
): LadderNow | undefined {
  const rungsOn = (on: string) => rungsOf(typeof school === 'string' ? school : school(on), older);
  const first = facts.findIndex(({ kind }) => kind === 'placed');
  if (first < 0) return undefined;
  let now: Omit<LadderNow, 'turns'> & { readonly lastOn: string } = {
    rung: rungsOn('')[0] as Rung,
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
  const back = (on: string) => rungBefore(rungsOn(on), now.rung);
  const absence = (on: string) => {
    const days = now.lastOn === '' ? 0 : daysBetween(now.lastOn, on);
    if (days >= TEST_DAYS && now.waits === null) {
      turn(back(on), { on, way: 'back', why: 'away-eight-weeks', days }, { waits: 'test' });
    } else if (days >= AWAY_DAYS && days < TEST_DAYS) {
      turn(back(on), { on, way: 'back', why: 'away-three-weeks', days });
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
      const to: Rung = { ...now.rung, hands: 'two hands', challenge: 'still' };
      turn(to, { on, way: 'back', why: 'fall' }, { waits: 'clinician', passedOn: [] });
      continue;
    }
    absence(on);
    now = { ...now, lastOn: on };
    if (!fact.tried) continue;
    const judged = judge(fact, fact.tried, now, rungsOn(on));
    turn(judged.to, { on, ...judged.turn }, { passedOn: judged.passedOn });
  }
  absence(today);
  const { rung, passedOn, waits } = now;
  return { rung, turns, passedOn, waits };
}

/**
 * The rung before: the last one below that asks nothing more in any dimension. Where a narrower base
 * was the step up, the entry before it lets go of the hands, which nobody is to do after a near-fall.
 */
function rungBefore(rungs: readonly Rung[], rung: Rung): Rung {
  const below = rungs.slice(0, placeOn(rungs, rung));
  return below.findLast((one) => stepsHarder(rung, one) === 0) ?? rung;
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
  const at = placeOn(rungs, rung);
  const back = rungBefore(rungs, rung);
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
  if (tried.nearFalls > 0) return stepBack('near-fall');
  if (fact.dizzy) return stay('dizzy', []);
  if (fact.pain) return stay('pain', []);
  if (tried.steps + tried.grabs >= 2) return stepBack('two-steps-or-grabs');
  if (tried.steps + tried.grabs > 0) return stay('step-or-grab', []);
  if (!holdsAtLeast(rung.hands, tried.rung.hands)) return stay('more-contact');
  if (stepsHarder({ ...tried.rung, timeMs: rung.timeMs }, rung) > 0) return stay('easier-drill');
  if (leftMs === null || rightMs === null) return stay('one-side');
  if (heldMs < rung.timeMs) return stay('short');
  if (!tried.watched) return stay('not-watched');
  const days = passedOn.includes(fact.on) ? passedOn : [...passedOn, fact.on];
  if (days.length < PASS_DAYS) return stay('first-day', days);
  if (waits === 'clinician') return stay('wait-clinician', days);
  if (waits === 'test') return stay('wait-test', days);
  if (fact.flare) return stay('flare', days);
  if (fact.doseRose) return stay('dose-rose', days);
  const next = rungs[at + 1];
  if (!next) return stay('top', days);
  return { to: next, turn: { way: 'up', why: 'passed', ...about }, passedOn: [] };
}

import type { ClassGroup, Outcome } from '@/core/class';
import type { MoveKind, Support } from '@/core/moves';
import {
  MEASURES,
  type Aid,
  type Base,
  type Seat,
  type DoseNow,
  type DoseProposal,
  type DoseWhy,
  type LadderTurn,
  type LadderSchool,
  type LadderWhy,
  type MeasureName,
  type ReadingFault,
  type Rung,
} from '@/core/people';
import { printDuration } from '@/core/common';
import { WEEKDAYS } from './week';

export const BASE_WORDS: Readonly<Record<Base, string>> = {
  seated: 'seated',
  apart: 'feet apart',
  together: 'feet together',
  'semi-tandem': 'half heel to toe',
  tandem: 'heel to toe',
  'one-leg': 'on one leg',
};

export const HANDS_WORDS: Readonly<Record<Support, string>> = {
  'two hands': 'both hands hold',
  'one hand': 'one hand holds',
  fingertips: 'fingertips touch',
  hover: 'hands hover',
  none: 'hands free',
};

/** "heel to toe, fingertips touch, 10 s" */
export function rungWords({ base, hands, challenge, timeMs }: Rung): string {
  const busy = challenge === 'still' ? '' : challenge;
  return [BASE_WORDS[base], HANDS_WORDS[hands], busy, `${timeMs / 1000} s`]
    .filter(Boolean)
    .join(', ');
}

export const SCHOOL_WORDS: Readonly<Record<LadderSchool, { title: string; means: string }>> = {
  'hands first': {
    title: 'Hands first',
    means: 'the hands let go, then it lasts longer, then the feet come closer',
  },
  'base first': {
    title: 'Base first',
    means: 'the feet come closer first, with the hands holding',
  },
  'challenge first': {
    title: 'Challenge first',
    means: 'the stance stays, and what happens around it changes',
  },
};

const seconds = (ms: number | undefined) => `${(ms ?? 0) / 1000} s`;
const side = ({ weaker }: LadderTurn) => (weaker ? ` on the ${weaker}` : '');

const LADDER_SENTENCES: Readonly<Record<LadderWhy, (turn: LadderTurn) => string>> = {
  placed: ({ said }) => (said ? `set by hand: ${said}` : 'placed here'),
  passed: ({ to, heldMs }) =>
    `held ${seconds(heldMs)} on both sides on two days; next: ${rungWords(to)}`,
  'first-day': ({ heldMs }) => `held ${seconds(heldMs)} on both sides; once more on another day`,
  'not-watched': () => 'nobody watched this person, so it does not count yet',
  'more-contact': () => 'held on more than this rung does',
  'easier-drill': () => 'the drill asked less than this rung',
  short: (turn) => `held ${seconds(turn.heldMs)} of ${seconds(turn.to.timeMs)}${side(turn)}`,
  'one-side': () => 'one side only was done',
  'step-or-grab': () => 'a foot moved or a hand grabbed',
  'two-steps-or-grabs': () => 'a foot moved or a hand grabbed twice; one rung back',
  'near-fall': () => 'a near-fall: the drill stops for the day; one rung back',
  fall: () => 'a fall since last time: both hands, still, and ask their clinician before any rise',
  'wait-clinician': () => 'passed, and waits until their clinician was asked',
  'wait-test': () => 'passed, and waits until the stances are tested again',
  pain: () => 'pain rose: stop and ask',
  dizzy: () => 'dizzy: stop and ask',
  flare: () => 'not well on the day: no rise',
  'dose-rose': () => 'a dose was raised the same day: no rise beside it',
  'away-three-weeks': ({ days }) => `away for ${days} days; one rung back`,
  'away-eight-weeks': ({ days }) =>
    `away for ${days} days; one rung back, and test the stances again`,
  top: () => 'the last rung of this way',
};

/** Why a turn of the ladder was taken, as a sentence without its stop. */
export const ladderSentence = (turn: LadderTurn) => LADDER_SENTENCES[turn.why](turn);

/** "8 reps", "2 × 20s" */
export function doseWords({ kind, amount, sets }: Omit<DoseNow, 'level'>): string {
  const one =
    kind === 'reps'
      ? `${amount} ${amount === 1 ? 'rep' : 'reps'}`
      : kind === 'breaths'
        ? `${amount} ${amount === 1 ? 'breath' : 'breaths'}`
        : printDuration(amount);
  return sets > 1 ? `${sets} × ${one}` : one;
}

const DOSE_SENTENCES: Readonly<Record<DoseWhy, (days: number) => string>> = {
  'two-sessions': () => 'the whole dose twice, at easy or fair effort',
  'one-session': () => 'one more class like this one first',
  'not-whole': () => 'not the whole dose in both of the last two classes',
  'effort-not-asked': () => 'effort was not asked',
  hard: () => 'it was hard',
  'pain-not-settled': () => 'pain was not back to usual the next morning',
  'next-morning-not-asked': () => 'ask how the next morning was',
  'pain-rose': () => 'pain rose by two or more',
  'much-pain': () => 'pain of five or more',
  'pain-rose-twice': () => 'pain rose in two classes running; ask them to see their clinician',
  'stopped-twice': () => 'stopped early twice',
  sore: () => 'sore for more than two days; rest, then one step lower',
  'rest-day': () => 'a day of rest between two classes first',
  flag: () => 'dizzy, unwell or a fall: nothing rises today',
  'another-rose': () => 'another dose was changed today; one thing at a time',
  'rung-rose': () => 'a rung was passed the same day: no dose beside it',
  'away-two-weeks': (days) => `away for ${days} days`,
  'away-four-weeks': (days) => `away for ${days} days; a third to a half less, then up again`,
  'away-six-weeks': (days) => `away for ${days} days; back to the usual dose`,
  'by-hand-only': () => 'worse for days after effort: changed by hand only',
  'at-its-most': () => 'at the most of its range',
  'limit-in-the-way': () => 'the next level is not for them',
  'sixty-seconds': () => 'sixty seconds of stretch are enough for one session',
};

export function doseSentence({ why, days = 0 }: Pick<DoseProposal, 'why' | 'days'>): string {
  return DOSE_SENTENCES[why](days);
}

export const OUTCOME_WORDS: Readonly<Record<Outcome, string>> = {
  done: 'as planned',
  eased: 'eased',
  'stopped-early': 'stopped early',
  skipped: 'sat out',
};

export const SEAT_WORDS: Readonly<Record<Seat, string>> = {
  chair: 'Chair',
  'chair with arms': 'Chair with arms',
  wheelchair: 'Wheelchair',
  stool: 'Stool',
  bed: 'Bed',
  couch: 'Couch',
};

export const AID_WORDS: Readonly<Record<Aid, string>> = {
  stick: 'Stick',
  'two sticks': 'Two sticks',
  crutches: 'Crutches',
  walker: 'Walker',
  'hearing aid': 'Hearing aid',
  glasses: 'Glasses',
  oxygen: 'Oxygen',
};

/** "Thursday 10:30" */
export function meetsWords({ weekday, time }: Pick<ClassGroup, 'weekday' | 'time'>): string {
  return [weekday === undefined ? '' : WEEKDAYS[weekday], time].filter(Boolean).join(' ');
}

interface MeasureWords {
  readonly title: string;
  /** How it is done safely, in a few sentences. */
  readonly how: readonly string[];
  readonly source: string;
}

const BESIDE = 'A helper stands beside, and a wall or a heavy chair is in reach.';

/** Each measure, how to take it safely, and where it comes from. */
export const MEASURE_WORDS: Readonly<Record<MeasureName, MeasureWords>> = {
  together: {
    title: 'Feet together',
    how: [
      BESIDE,
      'Shoes on, eyes open. Start when the hands let go; stop at a step, a grab, or ten seconds.',
    ],
    source: 'CDC, four-stage balance test',
  },
  'semi-tandem': {
    title: 'Half heel to toe',
    how: [
      BESIDE,
      'One foot half a foot ahead, the big toe beside the other heel. The side is the front foot.',
    ],
    source: 'CDC, four-stage balance test',
  },
  tandem: {
    title: 'Heel to toe',
    how: [
      BESIDE,
      'The heel of the front foot touches the toes of the other. The side is the front foot.',
      'Not before half heel to toe holds for ten seconds.',
    ],
    source: 'CDC, four-stage balance test',
  },
  'one-leg': {
    title: 'On one leg',
    how: [BESIDE, 'Not before heel to toe holds for ten seconds. The side is the leg that stands.'],
    source: 'CDC, four-stage balance test',
  },
  'chair-stand': {
    title: 'Chair stand, 30 seconds',
    how: [
      'A chair with a straight back, the seat about 43 cm high, against a wall. Arms crossed at the wrists.',
      'Up to a full stand and down again, as often as is comfortable in 30 seconds. More than half way up at the end counts.',
      'Hands used: count 0, and say so in the note. Stop at pain, dizziness or breathlessness.',
    ],
    source: 'CDC, 30-second chair stand',
  },
  'reach-forward': {
    title: 'Reach forward, standing',
    how: [BESIDE, 'Beside a wall, feet still, arm level: how far the fist goes forward, in cm.'],
    source: 'practice',
  },
  'seated-reach': {
    title: 'Seated reach to the foot',
    how: [
      'At the front of a chair that cannot slide, one leg long. From the fingertips to the toes: short of them is less than nought.',
      'Not with a hip that may not bend far, or with low bone density.',
    ],
    source: 'practice',
  },
  'three-metre-walk': {
    title: 'Three metres there and back',
    how: [
      'Up from a chair, three metres at the usual pace, round, back, and down. With their own stick or walker; say which.',
      'A helper walks beside.',
    ],
    source: 'CDC, timed walk from a chair',
  },
  'up-from-floor': {
    title: 'Up from the floor',
    how: ['Only where somebody goes down anyway. Never for the measure alone.'],
    source: 'practice',
  },
  breaths: {
    title: 'Breaths a minute',
    how: ['Seated and at rest for some minutes. Tap at each breath in, without saying so.'],
    source: 'practice',
  },
};

export const FLOOR_WORDS = ['Not tried', 'With help', 'At a chair', 'Alone'] as const;

export function readingWords(measure: MeasureName, value: number): string {
  if (measure === 'up-from-floor') return FLOOR_WORDS[value] ?? '';
  return `${value} ${MEASURES[measure].unit}`;
}

export const READING_FAULTS: Readonly<Record<ReadingFault, string>> = {
  'no-day': 'Choose the day on which it was measured.',
  'long-ago': 'That day is too long ago. Look at the year once more.',
  future: 'That day is still to come. Choose today or an earlier one.',
  nothing: 'Nothing is written yet. Write a number.',
  'too-little': 'That is less than can be measured. Enter 0 or more.',
  'too-much': 'That is more than can be measured. Look at the number once more.',
  'wrong-side': 'This one is measured without sides.',
};

/** On every page that shows a measure. */
export const MEASURES_INFORM =
  'Measures inform. They are no diagnosis: what worries you or them is for their clinician.';

export const KIND_WORDS: Readonly<Record<MoveKind, string>> = {
  breath: 'Breath',
  mobility: 'Mobility',
  stretch: 'Stretch',
  strength: 'Strength',
  balance: 'Balance',
  transfer: 'Getting up and down',
};

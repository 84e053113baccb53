import type { Brought, Deed } from '@/core/routine';
import { withCapital } from '@/core/common';
import type {
  About,
  Finding,
  FindingOf,
  Named,
  Numbers,
  RuleId,
  RuleSource,
  Severity,
} from '@/core/judgement';
import { DIRECTION_NAMES, LIMIT_NAMES, LOAD_NAMES, REGION_NAMES } from './bodies';
import { timeWords } from './dose';
import { POSITION_WAYS } from './names';
import { laneTitle } from './lanes';

const LIST = new Intl.ListFormat('en-GB', { type: 'conjunction' });

/** "a, b and c". */
export const listWords = (names: readonly string[]): string => LIST.format(names);

type Say<F> = (finding: F) => string;

interface Sayings<F> {
  /** A short name for lists and docs. */
  readonly name: string;
  readonly what: Say<F>;
  readonly why: string | Say<F>;
  /** What its mend does, as a button says it. */
  readonly mend?: string | Say<F>;
}

/** A number that was not told shows as a gap, which the tests don't let pass. */
const GAP = '…';

const ms = <N extends string>({ numbers }: { readonly numbers: Numbers<N> }, key: N): string => {
  const value = numbers[key];
  return value === undefined ? GAP : timeWords(value);
};
const n = <N extends string>({ numbers }: { readonly numbers: Numbers<N> }, key: N): string =>
  String(numbers[key] ?? GAP);
const about = <A extends keyof Named>(
  finding: { readonly about: About<A> },
  key: A,
): readonly Named[A][] => finding.about[key] ?? [];
const first = <A extends keyof Named>(finding: { readonly about: About<A> }, key: A) =>
  about(finding, key)[0];
const loads = (finding: { readonly about: About<'loads'> }) =>
  listWords(about(finding, 'loads').map((load) => LOAD_NAMES[load]));
const limits = (finding: { readonly about: About<'limits'> }) =>
  listWords(about(finding, 'limits').map((one) => LIMIT_NAMES[one]));
const regions = (finding: { readonly about: About<'regions'> }) =>
  listWords(about(finding, 'regions').map((one) => REGION_NAMES[one]));
const people = (finding: { readonly about: About<'people'> }) =>
  listWords(about(finding, 'people'));
const minutes = (value: number) => `${Math.round(value / 60_000)} min`;

const SAYINGS: { readonly [Id in RuleId]: Sayings<FindingOf<Id>> } = {
  'side-missing': {
    name: 'A side is missing',
    what: ({ side }) => `The ${side ?? 'other'} side is never done.`,
    why: 'A move for each side leaves people uneven when one side is left out.',
    mend: ({ side }) => `Add the ${side ?? 'other'} side`,
  },
  'side-uneven': {
    name: 'Sides are uneven',
    what: (f) =>
      `${regions(f) ? `For the ${regions(f)} the` : 'The'} left side works ${ms(f, 'leftMs')}, the right ${ms(f, 'rightMs')}.`,
    why: 'More than a twentieth apart, and no reason is written.',
    mend: 'Even out sides',
  },
  'direction-missing': {
    name: 'A direction of the spine is missing',
    what: (f) =>
      `Missing for the back: ${about(f, 'directions')
        .map((one) => DIRECTION_NAMES[one])
        .join(', ')}.`,
    why: 'A back feels best when it has gone all its ways: rounding, lifting, bending and turning to both sides.',
    mend: 'Add a move for it',
  },
  'cold-hold': {
    name: 'A long hold comes cold',
    what: (f) => `Not warm yet for this long hold: ${regions(f)}.`,
    why: (f) =>
      (f.numbers.movedMs ?? 0) < (f.numbers.neededMs ?? 0)
        ? `So far there was ${ms(f, 'movedMs')} of movement; ${ms(f, 'neededMs')} come before a long hold.`
        : 'There was enough movement, but little of it for this region: eight reps of it, or half a minute, come first.',
    mend: 'Move it later',
  },
  'warm-short': {
    name: 'Warm-up or settle is short',
    what: (f) =>
      `${first(f, 'sections') === 'settle' ? 'Settling takes' : 'The warm-up moves for'} ${ms(f, 'hasMs')}; a class this long needs ${ms(f, 'needsMs')}.`,
    why: 'Longer classes ask more of heart and joints, and need longer to come in and out.',
    mend: 'Make it longer',
  },
  'floor-trips': {
    name: 'Trips to the floor',
    what: (f) => {
      const count = f.numbers.trips ?? 0;
      return `${count} ${count === 1 ? 'trip' : 'trips'} to the floor.`;
    },
    why: 'Every way down and up costs time and strength, and is where people fall.',
    mend: 'Reorder to save a trip',
  },
  'rise-pause': {
    name: 'The pause on rising is short',
    what: (f) =>
      `The pause after lying is ${ms(f, 'risingMs')} + ${ms(f, 'standingMs')}; it should be ${ms(f, 'needsMs')} + ${ms(f, 'needsStandingMs')}.`,
    why: 'Blood pressure drops on rising; without a pause people can grow dizzy and fall.',
    mend: 'Restore the pause',
  },
  'balance-after-rise': {
    name: 'Balance right after rising',
    what: (f) => `Balance comes ${ms(f, 'afterMs')} after rising or a low head.`,
    why: (f) => `Dizziness on rising can last a while; leave ${ms(f, 'waitMs')} between.`,
    mend: 'Put something seated between',
  },
  'exit-tired': {
    name: 'Up from the floor on tired legs',
    what: (f) => `The way up from the floor comes right after ${ms(f, 'workMs')} of leg work.`,
    why: 'Tired legs make getting up unsafe.',
    mend: 'Add a rest of 30 s',
  },
  'no-way-there': {
    name: 'No way there',
    what: (f) =>
      `There is no way ${POSITION_WAYS[first(f, 'to') ?? 'stand'] ?? 'there'}${
        loads(f) ? ` without ${loads(f)}` : ''
      }.`,
    why: 'Somebody in this way of taking part may not do that, or the room has no such way.',
    mend: 'Take a level or move they can reach',
  },
  'way-missing': {
    name: 'A way of taking part is missing',
    what: (f) => {
      const way = listWords(about(f, 'lanes').map((lane) => laneTitle(lane)));
      return first(f, 'why') === 'rests'
        ? `${people(f) || 'Somebody in this group'}: no way here asks as little as “${way}”, so they rest all class.`
        : `${people(f)}: “${way}” is not in this routine, so they do one that asks less.`;
    },
    why: 'Nobody is sent to a way that asks more than their own.',
    mend: 'Add this way of taking part',
  },
  'lane-gap': {
    name: 'Nothing to do in a way of taking part',
    what: (f) =>
      `${listWords(about(f, 'lanes').map((lane) => laneTitle(lane)))}: nothing to do here but rest.`,
    why: 'The catalogue has no level or move of this family for them.',
    mend: 'Swap for a move that all can do',
  },
  'limit-load': {
    name: 'A load against a limit',
    what: (f) =>
      `${f.severity === 'stop' ? 'Ruled out here' : 'Needs care here'}: ${loads(f)}${
        f.side ? `, ${f.side} side` : ''
      }.`,
    why: (f) => {
      const named = about(f, 'limits');
      if (named.every((one) => one === 'of-group')) {
        return 'A group of this kind does not do this without more to hold on to, whatever was asked.';
      }
      if (named.every((one) => one === 'of-way')) {
        return 'Whoever takes part in this way needs more help or room for it.';
      }
      return `${people(f) ? `${people(f)}: ` : 'In this group: '}${limits(f)}. Their clinician has the last word.`;
    },
    mend: 'Take an easier level or a stand-in',
  },
  'limits-unknown': {
    name: 'Limits were not asked',
    what: (f) =>
      people(f)
        ? `Nobody has asked ${people(f)} about limits.`
        : about(f, 'words').length > 0
          ? `Not understood, and so not asked: ${about(f, 'words').join(', ')}.`
          : 'Nobody has asked this group about limits.',
    why: 'Not asked is not the same as none. Ask, then write what they say.',
  },
  'balance-jump': {
    name: 'A balance drill too far on',
    what: (f) =>
      `This drill is ${n(f, 'steps')} steps beyond what ${people(f) || 'somebody here'} has passed.`,
    why: 'Balance grows one step at a time: the stance, the hands, the task or the time.',
    mend: 'Bring it to the next step',
  },
  'balance-support': {
    name: 'Too little to hold on to',
    what: (f) =>
      first(f, 'least') === 'not-used'
        ? `${first(f, 'stances')?.replace('-', ' ')} with ${first(f, 'challenges')} is not done in this group.`
        : `With ${first(f, 'challenges')} the hands hold at least ${first(f, 'least')}; here it is ${first(f, 'holds')}.`,
    why: 'A narrower stance or a harder task needs more contact, so that a wobble is no fall.',
    mend: 'Add support',
  },
  'balance-tired': {
    name: 'Balance on tired legs',
    what: (f) =>
      `Balance comes soon after tiring leg work: ${ms(f, 'workMs')} of it are still felt.`,
    why: 'Tired legs wobble more; balance is learnt fresh.',
    mend: 'Move it earlier',
  },
  'support-busy': {
    name: 'Hands are busy',
    what: (f) =>
      `The work takes ${n(f, 'busy')} ${f.numbers.busy === 1 ? 'hand' : 'hands'} and the support ${n(f, 'held')}.`,
    why: 'Moving arms and holding hands come to two at most.',
    mend: 'Take a level that leaves a hand free',
  },
  'support-count': {
    name: 'Too few in the room',
    what: (f) =>
      `Needed at once: ${first(f, 'things')} × ${n(f, 'needed')}; in the room: ${n(f, 'has')}.`,
    why: (f) =>
      first(f, 'things') === 'chair'
        ? 'One chair can’t be a seat and a rail at the same time.'
        : 'Everybody needs theirs at the same moment.',
    mend: 'Take a level that the room has room for',
  },
  'chair-wheels': {
    name: 'A chair on wheels',
    what: () => 'This rises from, scoots on, or holds on to a chair with wheels.',
    why: 'A chair that rolls away is a fall. A wall, a heavy desk or a still chair stays put.',
    mend: 'Take a level without the chair',
  },
  'kneel-long': {
    name: 'Long on the knees',
    what: (f) => `On the knees for ${ms(f, 'onceMs')} in one go, ${ms(f, 'allMs')} in all.`,
    why: (f) =>
      `At most ${ms(f, 'mostOnceMs')} in one go and ${ms(f, 'mostAllMs')} in all, always padded.`,
    mend: 'Change position in between',
  },
  'wrist-long': {
    name: 'Long on the hands',
    what: (f) => `Weight on the hands for ${ms(f, 'onceMs')} in one go, ${ms(f, 'allMs')} in all.`,
    why: (f) => `At most ${ms(f, 'mostOnceMs')} in one go and ${ms(f, 'mostAllMs')} in all.`,
    mend: 'Change position in between',
  },
  'one-leg-long': {
    name: 'Long on one leg',
    what: (f) => `One leg carries for ${ms(f, 'setMs')} with no foot down.`,
    why: (f) => `At most ${ms(f, 'mostMs')} in one go.`,
    mend: 'Split it into sets',
  },
  'arms-long': {
    name: 'Arms high for long',
    what: (f) => `Hands above the shoulders for ${ms(f, 'setMs')}.`,
    why: (f) => `At most ${ms(f, 'mostMs')} here: it strains shoulders and heart.`,
    mend: 'Lower the arms or shorten it',
  },
  'stand-long': {
    name: 'Long on the feet',
    what: (f) => `Standing for ${ms(f, 'standMs')} without a seat.`,
    why: (f) => `A seat is offered every ${minutes(f.numbers.mostMs ?? 0)}.`,
    mend: 'Put a seated move in',
  },
  'seat-long': {
    name: 'Long in the wheelchair',
    what: (f) => `${ms(f, 'sitMs')} in the seat without two minutes of leaning.`,
    why: 'Leaning forward or to each side takes the weight off the skin.',
    mend: 'Add leaning',
  },
  'dose-range': {
    name: 'Dose outside the range',
    what: (f) => {
      const kind = first(f, 'kinds') ?? GAP;
      const timed = kind === 'hold' || kind === 'timed';
      const show = (value: number) => (timed ? timeWords(value) : String(value));
      const { now = 0, least = 0, most = 0 } = f.numbers;
      const unit = timed ? '' : ` ${now === 1 ? kind.replace(/s$/, '') : kind}`;
      return `${show(now)}${unit}; this move goes from ${show(least)} to ${show(most)}.`;
    },
    why: 'The usual span for this move.',
    mend: 'Bring it in',
  },
  'not-for-group': {
    name: 'Not for this group',
    what: (f) => `${first(f, 'moves') ?? GAP}: not for this group.`,
    why: 'It asks more of shoulders, spine or balance than most in such a group can bear safely.',
    mend: 'Take another level or move',
  },
  'own-words-ask': {
    name: 'Own words ask for more',
    what: (f) => `Your words say “${first(f, 'words') ?? GAP}”; the line does not.`,
    why: 'What only your words ask for, the other checks know nothing of: look for yourself whether all may do it.',
    mend: 'Say it on the line',
  },
  'rest-short': {
    name: 'Rest between sets is short',
    what: (f) =>
      `${ms(f, 'restMs')} of rest between the sets; ${ms(f, 'leastMs')} or more is better.`,
    why: 'Muscles need a moment to come back; without it the later sets are done badly, or with the breath held.',
    mend: 'Rest longer',
  },
  'stretch-total': {
    name: 'Stretch of a muscle group',
    what: (f) => `Stretch for the ${regions(f)} comes to ${ms(f, 'stretchedMs')} in all.`,
    why: (f) =>
      `About ${ms(f, 'leastMs')} a muscle group does it; over ${ms(f, 'mostMs')} brings no more.`,
    mend: (f) =>
      (f.numbers.stretchedMs ?? 0) < (f.numbers.leastMs ?? 0)
        ? 'Stretch it more'
        : 'Stretch it less',
  },
  'hold-strain': {
    name: 'Straining in a hold',
    what: (f) =>
      `${first(f, 'kinds') === 'press' ? 'The press lasts' : 'The effort is held for'} ${ms(f, 'holdMs')}; at most ${ms(f, 'mostMs')} here.`,
    why: 'Holding an effort drives the blood pressure up. Breathe out, and keep it short.',
    mend: 'Shorten it',
  },
  'cue-long': {
    name: 'The cue is too long',
    what: (f) => `The cue takes ${ms(f, 'talkMs')} to say; there is room for ${ms(f, 'roomMs')}.`,
    why: 'People would work through the talk, and miss the count-down.',
    mend: 'Make room for it',
  },
  'cant-see': {
    name: 'Nobody can look',
    what: (f) =>
      first(f, 'why') === 'cue'
        ? 'The cue asks for a look where nobody can look.'
        : 'Somebody who hears little can’t see you here.',
    why: (f) =>
      first(f, 'why') === 'cue'
        ? 'Face down, to the wall or with eyes closed, a cue is complete in words.'
        : 'Agree a touch or a sign on the screen before you start.',
    mend: 'Use words that stand alone',
  },
  'way-out': {
    name: 'No way out is said',
    what: () => 'Nobody is told how to come out of this.',
    why: 'A twist, a propped position or a long hold needs a way out that is said in time.',
    mend: 'Take a move with a way out',
  },
  'prop-missing': {
    name: 'A prop is missing',
    what: (f) => `The room has no ${listWords(about(f, 'props'))}.`,
    why: (f) =>
      about(f, 'standIns').length > 0
        ? `What also does it: ${listWords(about(f, 'standIns'))}. Add it to the room.`
        : 'Nothing else does its job.',
    mend: 'Do without it',
  },
  'prop-churn': {
    name: 'A prop goes back and forth',
    what: (f) => `The ${listWords(about(f, 'props'))} is put away and fetched again.`,
    why: 'One prop out at a time, and each only once, keeps the class moving.',
    mend: 'Reorder',
  },
  'prop-in-hand': {
    name: 'Hands full on the way',
    what: (f) => `The way after this is taken with the ${listWords(about(f, 'props'))} in hand.`,
    why: 'Rising and going down need both hands.',
    mend: 'Add a moment to put it down',
  },
  footing: {
    name: 'What is on the feet',
    what: (f) =>
      first(f, 'why') === 'floor'
        ? 'The floor is smooth, and nothing is said about shoes.'
        : 'Somebody here needs closed flat shoes.',
    why: (f) =>
      first(f, 'why') === 'floor'
        ? 'Socks alone on a smooth floor are for nobody.'
        : 'Feet that feel little wear closed flat shoes, always.',
    mend: 'Say flat shoes',
  },
  'too-new': {
    name: 'Many new moves',
    what: (f) =>
      `${n(f, 'newMoves')} moves are new to this class: ${listWords(about(f, 'moves'))}.`,
    why: (f) => `More than ${n(f, 'mostNew')} at once is a lot to take in.`,
    mend: 'Take fewer',
  },
  slot: {
    name: 'Off the time slot',
    what: (f) => {
      const off = f.numbers.offMs ?? 0;
      return `${timeWords(Math.abs(off))} ${off > 0 ? 'over' : 'under'} the slot of ${ms(f, 'slotMs')}.`;
    },
    why: 'Either the end is rushed or time is left over.',
    mend: (f) => `Fit to ${ms(f, 'slotMs')}`,
  },
  'no-settle': {
    name: 'No settling',
    what: (f) =>
      first(f, 'why') === 'effort' ? 'The class ends on effort.' : 'Nothing stands in settle.',
    why: 'A class ends calm: breath and heart come down before people get up and go.',
    mend: 'Add something calm',
  },
  'breath-school': {
    name: 'Breath against the school',
    what: (f) =>
      `The cue says to breathe ${first(f, 'says')} on rounding; the routine’s school is ${
        first(f, 'school') === 'free' ? 'free breath' : `${first(f, 'school')} on rounding`
      }.`,
    why: 'Two ways of breathing in one class confuse people.',
    mend: 'Use the move’s own words',
  },
  'curl-school': {
    name: 'Curl-ups',
    what: (f) =>
      first(f, 'why') === 'limit'
        ? 'Somebody here has a limit that rules curl-ups out.'
        : 'This routine goes without curl-ups.',
    why: 'Leg lowering with a still pelvis trains the same muscles without rounding the back.',
    mend: 'Take leg lowering',
  },
  'days-apart': {
    name: 'Days apart',
    what: (f) =>
      `Strength for ${regions(f)} again after ${Math.round((f.numbers.agoMs ?? 0) / 3_600_000)} hours.`,
    why: 'Muscles need the day between; leave 48 hours.',
  },
};

type AnyFinding = Finding & { readonly id: RuleId };

/** The sayings of a finding's own rule, which knows its numbers and names. */
const sayingsOf = (id: RuleId) => SAYINGS[id] as Sayings<AnyFinding>;

const said = (saying: string | Say<AnyFinding>, finding: AnyFinding): string =>
  typeof saying === 'string' ? saying : saying(finding);

export function ruleName(id: RuleId): string {
  return SAYINGS[id].name;
}

/** One plain sentence of what a check found. */
export function findingWhat(finding: AnyFinding): string {
  return withCapital(sayingsOf(finding.id).what(finding));
}

/** One plain sentence of why it matters. */
export function findingWhy(finding: AnyFinding): string {
  return said(sayingsOf(finding.id).why, finding);
}

export interface MendSaid {
  /** Whether it leaves its row out. */
  readonly out?: boolean;
  /** What it comes to, where it changes one thing of a line. */
  readonly deed?: Deed | undefined;
  /** The way of taking part that it is for, where others stay as they are. */
  readonly whose?: string;
}

/** Their own words say which amount, and why. */
const SAYS_DEED: readonly RuleId[] = ['dose-range', 'stretch-total', 'warm-short', 'side-uneven'];

function deedWords(deed: Deed): string {
  switch (deed.what) {
    case 'less':
      return 'Do less of it';
    case 'more':
      return 'Do more of it';
    case 'support':
      return `Hold on: ${deed.support}`;
    case 'challenge-out':
      return deed.support
        ? `Leave out “${deed.challenge}”, and hold on: ${deed.support}`
        : `Leave out “${deed.challenge}”`;
  }
}

/** What a mend does, with the move or the level that it brings; `out` where it leaves its row out. */
export function mendWords(
  finding: AnyFinding,
  brought: readonly Brought[] = [],
  { out = false, deed }: Pick<MendSaid, 'out' | 'deed'> = {},
): string {
  if (out) return 'Leave it out';
  if (deed && brought.length === 0 && !SAYS_DEED.includes(finding.id)) return deedWords(deed);
  const does = said(sayingsOf(finding.id).mend ?? 'Mend it', finding);
  const names = brought.map(({ move, level }) => (level ? level : move));
  return names.length > 0 ? `${does}: ${listWords([...new Set(names)])}` : does;
}

/** "Seated march → heels only": what comes in a row's place, as a button says it. */
export function mendShort(
  finding: AnyFinding,
  name: string,
  brought: readonly Brought[],
  { whose = '', ...mend }: MendSaid = {},
): string {
  const names = [...new Set(brought.map(({ move, level }) => level ?? move))];
  const what =
    names.length > 0 && name !== ''
      ? `${name} → ${listWords(names)}`
      : mendWords(finding, brought, mend);
  return whose ? `${what} (${whose})` : what;
}

/** Whether a rule's mend has words; a test holds it against the rules that have one. */
export function hasMendWords(id: RuleId): boolean {
  return SAYINGS[id].mend !== undefined;
}

export const SEVERITY_NAMES: Readonly<Record<Severity, string>> = {
  stop: 'Stop',
  caution: 'Caution',
  note: 'Note',
};

export const SOURCE_NAMES: Readonly<Record<RuleSource, string>> = {
  practice: 'Practice: no published figure; our own working value',
  'acsm-2011': 'ACSM position stand on quantity and quality of exercise, 2011',
  'speech-pace': 'Spoken instructions at 120–150 words a minute',
};

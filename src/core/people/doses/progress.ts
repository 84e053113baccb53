import { daysBetween, type GroupName } from '@/core/common';
import {
  SUPPORTS,
  amountOf,
  ownDose,
  usualLevel,
  type DoseKind,
  type Level,
  type Move,
} from '@/core/moves';
import { clearOf, loadsOfLevel, type Bars } from '../limit/effects';

/** What somebody does of a move: how many or how long, in how many sets, at which level. */
export interface DoseNow {
  readonly kind: DoseKind;
  /** Reps, breaths, or milliseconds of a hold or of steady work. */
  readonly amount: number;
  readonly sets: number;
  readonly level: Level;
}

/** How a move went for somebody in one class. */
export interface DoseSession {
  readonly on: string;
  /** Whether the whole of the present dose was done, at its level. */
  readonly whole: boolean;
  readonly stoppedEarly: boolean;
  /** 0 to 10; null where nobody asked. */
  readonly effort: number | null;
  readonly painBefore: number | null;
  readonly painAfter: number | null;
  readonly painNext: number | null;
  /** Sore for more than two days afterwards. */
  readonly soreDays: number | null;
  /** Dizzy, unwell, a joint flaring up. */
  readonly flag: boolean;
  /** They went a rung up on the ladder by this class. */
  readonly rungRose: boolean;
}

export const DOSE_WHYS = [
  'two-sessions',
  'one-session',
  'not-whole',
  'effort-not-asked',
  'hard',
  'pain-not-settled',
  'next-morning-not-asked',
  'pain-rose',
  'pain-rose-twice',
  'much-pain',
  'stopped-twice',
  'sore',
  'rest-day',
  'flag',
  'rung-rose',
  'another-rose',
  'away-two-weeks',
  'away-four-weeks',
  'away-six-weeks',
  'by-hand-only',
  'at-its-most',
  'limit-in-the-way',
  'sixty-seconds',
] as const;
export type DoseWhy = (typeof DOSE_WHYS)[number];

export interface DoseProposal {
  readonly way: 'up' | 'stay' | 'back' | 'default';
  readonly to: DoseNow;
  /** What of it changes; null where nothing does. */
  readonly what: 'amount' | 'sets' | 'level' | null;
  readonly why: DoseWhy;
  /** To be told: ask them to see their clinician. */
  readonly seeClinician: boolean;
  readonly days?: number;
}

export interface DoseSetting {
  readonly move: Move;
  readonly group: GroupName;
  /** What this person may not be asked to bear. */
  readonly bars: Bars;
  /** Whether they are worse for days after effort: then nothing is raised but by hand. */
  readonly byHandOnly: boolean;
  /** The day on which the present dose was set, where it was: what came before speaks of another dose. */
  readonly since?: string | undefined;
  /** Another dose of theirs was changed the same day: one thing at a time. */
  readonly otherRose?: boolean;
  readonly today: string;
}

/** Source: ACSM position stand on quantity and quality of exercise, 2011, for the spans; the rules are practice. */
const RULES = {
  sessions: 2,
  hard: 7,
  painRise: 2,
  awayDays: 14,
  /** Away so long takes off a third to a half at once. */
  longAwayDays: 28,
  longAwayShare: 0.6,
  defaultDays: 42,
  /** From this much pain, whenever it was, nothing is raised. */
  muchPain: 5,
  soreDays: 2,
  /** A stretch for one side in one session, all sets. */
  stretchMs: 60_000,
  /** Between two sessions of strength for the same muscles. */
  restDays: 2,
};

const isTime = (kind: DoseKind) => kind === 'hold' || kind === 'timed';
const stepOf = (kind: DoseKind) => (isTime(kind) ? 5000 : 1);

function spanOf({ range }: Move, kind: DoseKind): readonly [number, number] | undefined {
  return { hold: range.holdMs, timed: range.timedMs, reps: range.reps, breaths: range.breaths }[
    kind
  ];
}

/**
 * The next dose of a move for somebody, from how it went. Pure and explained; it proposes, and an
 * instructor takes it or leaves it. Balance drills go by the ladder and are left as they are here.
 * @param sessions in which the move was done, the latest last
 */
export function proposeDose(
  now: DoseNow,
  sessions: readonly DoseSession[],
  setting: DoseSetting,
): DoseProposal {
  const { move, today, byHandOnly } = setting;
  const stay = (why: DoseWhy, seeClinician = false): DoseProposal => ({
    way: 'stay',
    to: now,
    what: null,
    why,
    seeClinician,
  });
  const back = (why: DoseWhy, seeClinician = false, days?: number): DoseProposal => {
    const lower = stepDown(now, setting);
    if (!lower) return { ...stay(why, seeClinician), ...(days !== undefined && { days }) };
    return { way: 'back', ...lower, why, seeClinician, ...(days !== undefined && { days }) };
  };
  const absence = (days: number): DoseProposal | undefined => {
    if (days >= RULES.defaultDays) {
      const usual = defaultOf(setting);
      if (usual && isLess(usual, now, move)) {
        return {
          way: 'default',
          to: usual,
          what: null,
          why: 'away-six-weeks',
          seeClinician: false,
          days,
        };
      }
      return back('away-six-weeks', false, days);
    }
    if (days >= RULES.longAwayDays) {
      const lower = shareOf(now, setting, RULES.longAwayShare);
      if (lower) {
        return { way: 'back', ...lower, why: 'away-four-weeks', seeClinician: false, days };
      }
    }
    return days >= RULES.awayDays ? back('away-two-weeks', false, days) : undefined;
  };
  const { since = '' } = setting;
  const done = sessions.at(-1);
  if (!done) return stay('one-session');
  const days = daysBetween(done.on > since ? done.on : since, today);
  const [last, before] = sessions.filter(({ on }) => on > since).reverse();
  if (!last) return absence(days) ?? stay('one-session');
  const rose = (one: DoseSession | undefined) => painRise(one) >= RULES.painRise;
  // Pain and stopping speak of the person, whatever the dose was by then.
  const earlier = sessions.at(-2);
  if (rose(last) && rose(earlier)) return back('pain-rose-twice', true);
  if (rose(last)) return back('pain-rose');
  if (last.flag) return back('flag', true);
  if (mostPain(last) >= RULES.muchPain) return stay('much-pain', true);
  if (last.soreDays !== null && last.soreDays > RULES.soreDays) return back('sore');
  if (last.stoppedEarly && earlier?.stoppedEarly) return back('stopped-twice');
  const away = absence(days);
  if (away) return away;
  if (byHandOnly) return stay('by-hand-only');
  if (move.kind === 'balance') return stay('rung-rose');
  for (const one of [last, before]) {
    if (!one) continue;
    if (one.effort !== null && one.effort >= RULES.hard) return stay('hard');
    if (!one.whole || one.stoppedEarly) return stay('not-whole');
    if (one.effort === null) return stay('effort-not-asked');
    const settled = painSettled(one);
    if (settled !== true) return stay(settled);
  }
  if (!before || before.flag) return stay('one-session');
  if (last.rungRose) return stay('rung-rose');
  if (setting.otherRose) return stay('another-rose');
  if (move.kind === 'strength' && daysBetween(before.on, last.on) < RULES.restDays) {
    return stay('rest-day');
  }
  const up = stepUp(now, setting);
  return typeof up === 'string'
    ? stay(up)
    : { way: 'up', ...up, why: 'two-sessions', seeClinician: false };
}

function painRise(one: DoseSession | undefined): number {
  if (!one || one.painBefore === null || one.painAfter === null) return 0;
  return one.painAfter - one.painBefore;
}

/** Pain has to be back to usual the next morning; where there was none it need not be asked. */
function painSettled({ painBefore, painAfter, painNext }: DoseSession): true | DoseWhy {
  const none = (painBefore ?? 0) === 0 && (painAfter ?? 0) === 0;
  if (painNext === null) return none ? true : 'next-morning-not-asked';
  return painNext <= (painBefore ?? 0) ? true : 'pain-not-settled';
}

function mostPain({ painBefore, painAfter, painNext }: DoseSession): number {
  return Math.max(painBefore ?? 0, painAfter ?? 0, painNext ?? 0);
}

/**
 * Whether the usual level at its least dose asks less than what is done: at an easier level it does,
 * whatever the count; at the same one where it is no more in all, and less in something.
 */
function isLess(one: DoseNow, other: DoseNow, { levels }: Move): boolean {
  if (one.kind !== other.kind) return false;
  const [own, now] = [levels.indexOf(one.level), levels.indexOf(other.level)];
  if (own !== now) return own < now;
  const noMore = one.amount <= other.amount && one.sets <= other.sets;
  return noMore && (one.amount < other.amount || one.sets < other.sets);
}

/** The usual level at the least dose that makes sense. */
function defaultOf({ move, group, bars }: DoseSetting): DoseNow | undefined {
  const dose = ownDose(move, group);
  const level = usualLevel(move, group);
  if (!clearOf(bars, level, level.support)) return undefined;
  const least = spanOf(move, dose.kind)?.[0] ?? amountOf(dose);
  return { kind: dose.kind, amount: least, sets: move.range.sets[0], level };
}

/** A share of all that is done: fewer sets where that is enough, else less in each. */
function shareOf(now: DoseNow, { move }: DoseSetting, share: number): Stepped | undefined {
  const { kind, amount, sets } = now;
  const fewer = Math.max(move.range.sets[0], Math.ceil(sets / 2));
  if (fewer < sets) return { to: { ...now, sets: fewer }, what: 'sets' };
  const span = spanOf(move, kind);
  const step = stepOf(kind);
  const less = Math.max(span?.[0] ?? step, Math.round((amount * share) / step) * step);
  return less < amount ? { to: { ...now, amount: less }, what: 'amount' } : undefined;
}

interface Stepped {
  readonly to: DoseNow;
  readonly what: 'amount' | 'sets' | 'level';
}

/** One step up in one thing: the amount, then the sets, then the level at the bottom of its range. */
function stepUp(now: DoseNow, { move, group, bars }: DoseSetting): Stepped | DoseWhy {
  const { kind, amount, sets, level } = now;
  const span = spanOf(move, kind);
  if (!span) return 'at-its-most';
  const withinMuscle = (one: DoseNow) =>
    move.kind !== 'stretch' || !isTime(kind) || one.amount * one.sets <= RULES.stretchMs;
  const more: DoseNow = { ...now, amount: Math.min(span[1], amount + stepOf(kind)) };
  if (more.amount > amount) {
    return withinMuscle(more) ? { to: more, what: 'amount' } : 'sixty-seconds';
  }
  // With a new set each has fewer: a step more in all, and not twice as much.
  const step = stepOf(kind);
  const each = Math.ceil((amount * sets + step) / (sets + 1) / step) * step;
  const another: DoseNow = { ...now, amount: Math.max(span[0], each), sets: sets + 1 };
  if (another.sets <= move.range.sets[1] && withinMuscle(another))
    return { to: another, what: 'sets' };
  const next = move.levels[move.levels.indexOf(level) + 1];
  if (!next || next.notFor?.includes(group)) return 'at-its-most';
  if (!clearOf(bars, next, next.support) || asksLessOfHands(level, next, bars))
    return 'limit-in-the-way';
  const to = { kind, amount: span[0], sets: move.range.sets[0], level: next };
  return { to, what: 'level' };
}

/** Less support for somebody with limits on standing is the ladder's business, not a dose's. */
function asksLessOfHands(level: Level, next: Level, { effects }: Bars): boolean {
  const less = SUPPORTS.indexOf(next.support) > SUPPORTS.indexOf(level.support);
  return less && effects.some(({ below }) => below !== undefined) && loadsOfLevel(next).length > 0;
}

/** One step down: the amount, then the sets, then the level. */
function stepDown(now: DoseNow, { move }: DoseSetting): Stepped | undefined {
  const { kind, amount, sets, level } = now;
  const span = spanOf(move, kind);
  if (span && amount > span[0]) {
    return { to: { ...now, amount: Math.max(span[0], amount - stepOf(kind)) }, what: 'amount' };
  }
  if (sets > move.range.sets[0]) return { to: { ...now, sets: sets - 1 }, what: 'sets' };
  const easier = move.levels[move.levels.indexOf(level) - 1];
  return easier && { to: { ...now, level: easier }, what: 'level' };
}

import isEqual from 'fast-deep-equal';
import { rememberLast, type GroupName, type MoveId, type PersonId } from '@/core/common';
import { levelById, moveById, usualLevel, type Catalogue, type Move } from '@/core/moves';
import {
  daysOfRise,
  doseBefore,
  laneOfMember,
  nearestWay,
  ladderStory,
  proposeDose,
  schoolOn,
  type Bars,
  type DoseNow,
  type DoseProposal,
  type DoseSession,
  type LadderFact,
  type LadderNow,
  type LaneName,
  type Member,
  type Tried,
} from '@/core/people';
import type { Entry, ItemResult } from '../record/attendance';
import { entryOf, type RunRow } from '../record/months';
import type { Plan, PlanItem } from '../record/plan';

export type Plans = Readonly<Record<string, Plan>>;

const TOLD = ['id', 'startedAt', 'plannedMs', 'realMs', 'led', 'left'] as const;

/** One class that somebody came to, with what was planned for it where a routine was led. */
export interface Came {
  /** What of the class is told of anybody who came. */
  readonly row: Pick<RunRow, (typeof TOLD)[number]>;
  readonly on: string;
  readonly entry: Entry;
  readonly plan: Plan | undefined;
}

const cameBy = new WeakMap<Entry, Came>();

/** The same for as long as nothing of it is another: who else came makes it no new one. */
function cameIn(row: RunRow, entry: Entry, plan: Plan | undefined): Came {
  const before = cameBy.get(entry);
  if (before && before.plan === plan && TOLD.every((key) => isEqual(before.row[key], row[key]))) {
    return before;
  }
  const { id, startedAt, plannedMs, realMs, led, left } = row;
  const told = { id, startedAt, plannedMs, realMs, ...(led && { led }), ...(left && { left }) };
  const came = { row: told, on: startedAt.slice(0, 10), entry, plan };
  cameBy.set(entry, came);
  return came;
}

const lastOf = new Map<PersonId, readonly Came[]>();
/** Of so many people what they came to is held on to. */
const MOST_HELD = 500;

/**
 * The classes that somebody came to, in their order: the same list for as long as none of them is
 * another, so that what follows from years of them is not worked out anew for everybody.
 */
export function classesOf(
  person: PersonId,
  rows: readonly RunRow[],
  plans: Plans,
): readonly Came[] {
  const all = rows.flatMap((row): readonly Came[] => {
    const entry = entryOf(row, person);
    return entry?.came ? [cameIn(row, entry, plans[row.led ?? ''])] : [];
  });
  const before = lastOf.get(person);
  if (before?.length === all.length && all.every((one, i) => one === before[i])) return before;
  if (lastOf.size >= MOST_HELD) lastOf.clear();
  lastOf.set(person, all);
  return all;
}

/** Of these the ones up to a day, that one too. */
export const cameUpTo = rememberLast((came: readonly Came[], day: string): readonly Came[] => {
  const known = came.filter(({ on }) => on <= day);
  return known.length === came.length ? came : known;
});

/** Whether something of an item was led in a class. */
export const wasLed = ({ row }: Pick<Came, 'row'>, { itemId }: Pick<PlanItem, 'itemId'>): boolean =>
  row.left?.includes(itemId) !== true;

const roseBy = ({ painBefore, painAfter }: Entry) =>
  painBefore === undefined || painAfter === undefined ? 0 : painAfter - painBefore;

/** The lane that somebody took in a class. */
function laneTaken(member: Member, { entry, plan }: Came): LaneName | undefined {
  const lanes = plan?.work.map(({ lane }) => lane) ?? [];
  // A plan that names no ways was done in one.
  if (lanes.length === 0) return entry.lane ?? plan?.items[0]?.lanes[0]?.lane;
  if (entry.lane) return entry.lane;
  return entry.stood ? nearestWay(entry.stood.way, lanes) : laneOfMember(member, lanes);
}

const doneIn = (item: PlanItem, lane: LaneName | undefined) =>
  lane === undefined ? undefined : (item.lanes.find((one) => one.lane === lane) ?? item.lanes[0]);

/** The hardest drill of a family in a class, and how it went; undefined where there was none. */
function triedIn(family: string, member: Member, came: Came): Tried | undefined {
  const lane = laneTaken(member, came);
  const found = (came.plan?.items ?? []).flatMap((item): Tried[] => {
    const does = doneIn(item, lane);
    const result = came.entry.items?.[item.itemId];
    if (item.kind !== 'balance' || item.family !== family || !wasLed(came, item)) return [];
    if (result?.outcome === 'skipped' || came.entry.outcome === 'skipped') return [];
    const rung = result?.rung ?? does?.rung;
    return rung
      ? [triedOf({ ...rung, ...(result?.hands && { hands: result.hands }) }, result)]
      : [];
  });
  return found.find(({ watched }) => watched) ?? found.at(-1);
}

/** Where no seconds were taken down, the whole time was held, which counts only where it was watched. */
function triedOf(rung: Tried['rung'], result: ItemResult | undefined): Tried {
  const noted = result?.leftMs !== undefined || result?.rightMs !== undefined;
  return {
    rung,
    leftMs: noted ? (result.leftMs ?? null) : rung.timeMs,
    rightMs: noted ? (result.rightMs ?? null) : rung.timeMs,
    steps: result?.steps ?? 0,
    grabs: result?.grabs ?? 0,
    nearFalls: result?.nearFalls ?? 0,
    watched: result?.watched === true,
  };
}

/** Whether something happened to somebody in a class of that day. */
const stopSignOn = ({ events = [] }: Member, day: string): boolean =>
  events.some(({ what, on }) => what === 'stop-sign' && on === day);

const ORDER = { fall: 0, class: 1, placed: 2 };

/** What somebody's ladder of a family is decided from. */
export function ladderFacts(
  family: string,
  member: Member,
  came: readonly Came[],
): readonly LadderFact[] {
  const placed = (member.ladders?.[family]?.placed ?? []).map((one): LadderFact => ({
    kind: 'placed',
    ...one,
  }));
  const falls = (member.events ?? [])
    .filter(({ what }) => what === 'fall')
    .map(({ on }): LadderFact => ({ kind: 'fall', on }));
  const raised = new Set(Object.values(member.doses ?? {}).flatMap(daysOfRise));
  const led = came.flatMap((one): LadderFact[] => {
    const { on, entry } = one;
    const tried = triedIn(family, member, one);
    const known = falls.some((fall) => fall.on === on);
    const fell: LadderFact[] = entry.falls && !known ? [{ kind: 'fall', on }] : [];
    return [
      ...fell,
      {
        kind: 'class',
        on,
        older: entry.stood?.older ?? one.plan?.group !== 'desk',
        ...(tried && { tried }),
        pain: roseBy(entry) >= 2,
        dizzy: entry.dizzy === true || stopSignOn(member, on),
        flare: entry.unwell === true,
        doseRose: raised.has(on),
      },
    ];
  });
  return [...placed, ...falls, ...led].sort(
    (a, b) => a.on.localeCompare(b.on) || ORDER[a.kind] - ORDER[b.kind],
  );
}

/** Where somebody stands on the ladder of a family; undefined where they were never placed on it. */
export function ladderOf(
  family: string,
  member: Member,
  came: readonly Came[],
  today: string,
): LadderNow | undefined {
  const ladder = member.ladders?.[family];
  if (!ladder) return undefined;
  const facts = ladderFacts(family, member, came);
  return ladderStory((on) => schoolOn(ladder, on), facts, today);
}

/** What somebody does of a move now: their own dose where they have one, else as it was planned. */
export function doseNow(
  member: Member,
  move: Move,
  item: PlanItem,
  lane: LaneName | undefined,
  group: GroupName,
): DoseNow {
  const own = member.doses?.[move.id];
  const does = doneIn(item, lane);
  const planned = does?.moveId === move.id && does.level ? levelById(move, does.level) : undefined;
  return {
    kind: item.doseKind,
    amount: own?.amount ?? item.amount,
    sets: own?.sets ?? item.sets,
    level: (own?.level && levelById(move, own.level)) || planned || usualLevel(move, group),
  };
}

/** How a move went for somebody, class by class. */
export function doseSessions(
  moveId: MoveId,
  member: Member,
  came: readonly Came[],
  rungUpOn: ReadonlySet<string>,
): readonly DoseSession[] {
  return came.flatMap((one): DoseSession[] => {
    const lane = laneTaken(member, one);
    const item = one.plan?.items.find(
      (item) => doneIn(item, lane)?.moveId === moveId && wasLed(one, item),
    );
    if (!item) return [];
    const { entry, on } = one;
    const result = entry.items?.[item.itemId];
    const outcome = result?.outcome ?? entry.outcome ?? 'done';
    if (outcome === 'skipped') return [];
    const wanted = doseBefore(member.doses?.[moveId], on)?.amount ?? item.amount;
    const reached = [result?.reps, result?.leftReps, result?.rightReps].filter(
      (count) => count !== undefined,
    );
    const short = item.doseKind === 'reps' && reached.some((count) => count < wanted);
    return [
      {
        on,
        whole: outcome === 'done' && !short,
        stoppedEarly: outcome === 'stopped-early',
        effort: entry.effort ?? null,
        painBefore: entry.painBefore ?? null,
        painAfter: entry.painAfter ?? null,
        painNext: entry.painNext ?? null,
        soreDays: entry.soreDays ?? null,
        flag:
          entry.dizzy === true ||
          entry.unwell === true ||
          (entry.falls ?? 0) > 0 ||
          stopSignOn(member, on),
        rungRose: rungUpOn.has(on),
      },
    ];
  });
}

export interface MoveProposal {
  readonly item: PlanItem;
  readonly move: Move;
  readonly now: DoseNow;
  readonly proposal: DoseProposal;
}

/** Warming and breathing stay as the routine has them; balance goes by the ladder. */
const PROGRESSED: readonly Move['kind'][] = ['strength', 'stretch'];

/** Less than the move's range is a taste of it, as in a build-up, and is not to grow. */
function isTaste({ range }: Move, { doseKind, amount }: PlanItem): boolean {
  const span = {
    hold: range.holdMs,
    timed: range.timedMs,
    reps: range.reps,
    breaths: range.breaths,
  }[doseKind];
  return span === undefined || amount < span[0];
}

/** Limits under which nothing is raised but by hand. */
const BY_HAND = 'worse after effort';

/**
 * What to do next of each move of a led routine for somebody, from all their classes up to a day.
 * @param came theirs, up to and with the one after which it is asked
 */
export function proposalsFor(
  member: Member,
  plan: Plan,
  came: readonly Came[],
  setting: {
    readonly catalogue: Catalogue;
    readonly bars: Bars;
    readonly today: string;
    readonly rungUpOn: ReadonlySet<string>;
  },
): readonly MoveProposal[] {
  const { catalogue, bars, today, rungUpOn } = setting;
  const here = came.at(-1);
  const lane = here && laneTaken(member, here);
  const byHandOnly = (member.limits ?? []).some(({ limit }) => limit === BY_HAND);
  const met = new Set<MoveId>();
  return plan.items.flatMap((item): MoveProposal[] => {
    const id = doneIn(item, lane)?.moveId;
    const move = id && catalogue.byId.has(id) ? moveById(catalogue, id) : undefined;
    if (!move || met.has(move.id) || !PROGRESSED.includes(move.kind)) return [];
    if (here && !wasLed(here, item)) return [];
    met.add(move.id);
    const sessions = doseSessions(move.id, member, came, rungUpOn);
    if (sessions.length === 0 || isTaste(move, item)) return [];
    const now = doseNow(member, move, item, lane, plan.group);
    const { group } = plan;
    const lastOn = sessions.at(-1)?.on ?? '';
    const otherRose = Object.entries(member.doses ?? {}).some(
      ([other, dose]) =>
        other !== move.id && daysOfRise(dose).some((on) => on >= lastOn && on <= today),
    );
    const proposal = proposeDose(now, sessions, {
      move,
      group,
      bars,
      byHandOnly,
      today,
      otherRose,
      since: member.doses?.[move.id]?.on,
    });
    return [{ item, move, now, proposal }];
  });
}

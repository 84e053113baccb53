import { GROUP_NAMES, remember, rememberPair, type GroupName } from '@/core/common';
import {
  SIDES,
  otherSide,
  type Load,
  type Side,
  isSided,
  onSide,
  position,
  type PositionId,
  type PositionRef,
  type RouteRules,
} from '@/core/body';
import { SUPPORTS, type Bearing, type Level, type LevelLoad, type Support } from '@/core/moves';
import {
  LANES,
  LANE_NAMES,
  placeInLane,
  plainLane,
  type Lane,
  type LaneName,
  type PlainLane,
} from '../lane/lanes';
import { GROUP_FLOOR, NOT_ASKED, WAY_FLOOR, limitNamed, type Limit } from './limits';
import { ofOneSide, type LimitName } from './names';

/** A limit as it is kept: what, and on which side of the body where it has one. */
export interface LimitOfBody {
  readonly limit: LimitName;
  readonly side?: Side | undefined;
  /** What needs care is treated as out; an instructor may be stricter than the table, never milder. */
  readonly strict?: true | undefined;
}

/** One load that somebody may not bear, or only with care. */
export interface Effect {
  readonly load: Load;
  readonly severity: 'out' | 'care';
  /** Null bites on both sides. */
  readonly side: Side | null;
  readonly below?: Support;
  readonly standing?: true;
  readonly limit: LimitName | 'not-asked' | 'of-group' | 'of-way';
  /** Who has it; left out where it is the whole group's. */
  readonly person?: string;
}

/** A clinician's leave for some loads. */
export interface Cleared {
  readonly loads: readonly Load[];
  readonly side?: Side | undefined;
}

/** What limits rule out and what they ask care for; what is cleared needs care where it was out. */
export function effectsOf(
  limits: readonly LimitOfBody[],
  cleared: readonly Cleared[] = [],
  person?: string,
): readonly Effect[] {
  return limits.flatMap(({ limit, side, strict }) => {
    const where = (ofOneSide(limit) && side) || null;
    const effects = effectsOfLimit(limitNamed(limit), limit, where, cleared, person);
    return strict ? effects.map((one): Effect => ({ ...one, severity: 'out' })) : effects;
  });
}

/** What an older group is checked by while nobody has asked. */
export function effectsNotAsked(person?: string): readonly Effect[] {
  return person === undefined ? OF_NOBODY : notAsked(person);
}

const OF_GROUP = new Map(
  GROUP_NAMES.map((group): [GroupName, readonly Effect[]] => [
    group,
    effectsOfLimit(GROUP_FLOOR[group], 'of-group', null, [], undefined),
  ]),
);

/** What a group as such does not do, or only with care, whatever was asked and answered. */
export const effectsOfGroup = (group: GroupName): readonly Effect[] => OF_GROUP.get(group) ?? [];

const OF_WAY: ReadonlyMap<string, readonly Effect[]> = new Map(
  Object.entries(WAY_FLOOR).map(([way, limit]) => [
    way,
    effectsOfLimit(limit, 'of-way', null, [], undefined),
  ]),
);

/** What a way of taking part as such does not do, or only with care. */
export const effectsOfWay = (lane: LaneName): readonly Effect[] =>
  OF_WAY.get(plainLane(lane)) ?? [];

const notAsked = (person?: string) => effectsOfLimit(NOT_ASKED, 'not-asked', null, [], person);
const OF_NOBODY = notAsked();

function effectsOfLimit(
  limit: Limit,
  name: Effect['limit'],
  side: Side | null,
  cleared: readonly Cleared[],
  person: string | undefined,
): readonly Effect[] {
  const about = { side, limit: name, ...(person !== undefined && { person }) };
  const isCleared = (load: Load) =>
    cleared.some((one) => one.loads.includes(load) && (!one.side || one.side === side));
  return [
    ...limit.out.map((one): Effect => ({
      ...one,
      ...about,
      severity: isCleared(one.load) ? 'care' : 'out',
    })),
    ...limit.care.map((one): Effect => ({ ...one, ...about, severity: 'care' })),
  ];
}

/**
 * What a level asks for by itself and by the places that it is done at: in a lane those of the lane, which
 * may sit lower than the level says.
 */
export function loadsOfLevel(level: Level, lane?: LaneName): readonly LevelLoad[] {
  return lane === undefined ? loadsAsWritten(level) : loadsInLane(level, LANES[plainLane(lane)]);
}

const loadsAsWritten = remember((level: Level) => loadsAt(level, (ref) => onSide(ref, null)));
const loadsInLane = rememberPair((level: Level, lane: Lane) => {
  const name = NAME_OF.get(lane);
  const there = (ref: PositionRef) => name && placeInLane(name, ref, null);
  const elsewhere = there(level.from) ? undefined : level.also?.find((at) => there(at));
  return loadsAt(level, (ref) => there(elsewhere ?? ref) ?? onSide(ref, null));
});
const NAME_OF: ReadonlyMap<Lane, PlainLane> = new Map(
  LANE_NAMES.map((name) => [LANES[name], name]),
);

function loadsAt(level: Level, at: (ref: PositionRef) => PositionId): readonly LevelLoad[] {
  const places = [level.from, ...level.through, level.to].flatMap((ref) => {
    const on: Bearing = isSided(ref) ? 'worked' : 'body';
    const asked = position(at(ref)).loads.filter((load) => !level.spares?.includes(load));
    return asked.map((load): LevelLoad => ({ load, on }));
  });
  const stance: LevelLoad[] =
    level.stance === 'one-leg' && !level.loads.some(({ load }) => load === 'one-leg')
      ? [{ load: 'one-leg', on: 'worked' }]
      : level.stance === 'tandem' || level.stance === 'semi-tandem'
        ? [{ load: 'narrow-base', on: 'body' }]
        : [];
  const seen = new Set<string>();
  return [...level.loads, ...stance, ...places].filter(({ load, on }) => {
    const key = `${load} ${on}`;
    return seen.has(key) ? false : Boolean(seen.add(key));
  });
}

function stands({ from, through, to }: Level): boolean {
  return [from, ...through, to].some((ref) => position(onSide(ref, null)).height === 4);
}

/**
 * The sides of a level's work on which an effect bites.
 * @param worked the sides that are worked; an empty list for work of both sides at once
 * @returns null where it bites whatever the side; an empty list where it does not bite
 */
export function bitesOn(
  effect: Effect,
  { load, on }: LevelLoad,
  level: Level,
  support: Support,
  worked: readonly Side[],
): readonly Side[] | null {
  if (load !== effect.load) return [];
  if (effect.below && SUPPORTS.indexOf(support) <= SUPPORTS.indexOf(effect.below)) return [];
  if (effect.standing && !stands(level)) return [];
  if (effect.side === null || on === 'body' || worked.length === 0) return null;
  const side = on === 'worked' ? effect.side : otherSide(effect.side);
  return worked.includes(side) ? [side] : [];
}

/** What the ways and stand-ins of a lane must keep clear of. */
export interface Bars {
  readonly effects: readonly Effect[];
  /** What asks care of whoever has more than one limit: two of theirs on one row are read as out. */
  readonly cares: readonly Effect[];
  readonly route: Omit<RouteRules, 'group'>;
}

export const NO_BARS: Bars = { effects: [], cares: [], route: {} };

/** The ways that are open to a group behind bars. */
export const rulesBehind = remember(({ route }: Bars) => {
  const rules = GROUP_NAMES.map((group): RouteRules => ({ group, ...route }));
  return Object.fromEntries(rules.map((one) => [one.group, one])) as Readonly<
    Record<GroupName, RouteRules>
  >;
});

/** The bars that effects put up; what only needs care puts up none. */
export const barsOf = remember((effects: readonly Effect[]): Bars => {
  const out = effects.filter(({ severity }) => severity === 'out');
  const cares = caresOfMany(effects);
  if (out.length === 0) return cares.length === 0 ? NO_BARS : { ...NO_BARS, cares };
  const everywhere = out.filter(({ below, standing }) => !below && !standing);
  const sided = (load: Load) =>
    new Set(
      SIDES.filter((side) => everywhere.some((one) => one.load === load && one.side === side)),
    );
  const kneesOut = sided('kneel');
  const shouldersOut = sided('shoulder-weight');
  const ofOneLimb = ({ load, side }: Effect) =>
    side !== null && (load === 'kneel' || load === 'shoulder-weight');
  const ruledOut = new Set(everywhere.filter((one) => !ofOneLimb(one)).map(({ load }) => load));
  return { effects: out, cares, route: { ruledOut, kneesOut, shouldersOut } };
});

const FLOOR_WAY: LevelLoad = { load: 'floor-transfer', on: 'body' };

/** What a level asks of somebody in a lane, with the way to it: whoever sits has to get down and up. */
export const loadsWithWay = (level: Level, lane: LaneName): readonly LevelLoad[] =>
  withWay(loadsOfLevel(level, lane), level, LANES[plainLane(lane)]);

function withWay(
  loads: readonly LevelLoad[],
  { from, through, to }: Level,
  { home, instead }: Lane,
): readonly LevelLoad[] {
  const isLow = (ref: PositionRef) => {
    const at = onSide(ref, null);
    return position(instead?.[at] ?? at).height <= 2;
  };
  const startsLow = home !== undefined && position(home).height <= 2;
  return !startsLow && [from, ...through, to].some(isLow) ? [...loads, FLOOR_WAY] : loads;
}

const AS_SUCH: readonly Effect['limit'][] = ['not-asked', 'of-group', 'of-way'];

/** Whether an effect is of a limit that somebody has, and not of a group or a way as such. */
export const isOwn = ({ limit }: Pick<Effect, 'limit'>): boolean => !AS_SUCH.includes(limit);

/** The cares of each person who has more than one limit of their own. */
function caresOfMany(effects: readonly Effect[]): readonly Effect[] {
  const own = effects.filter(
    (effect) => effect.severity === 'care' && effect.person !== undefined && isOwn(effect),
  );
  const limits = new Map<string, Set<Effect['limit']>>();
  for (const { person = '', limit } of own) {
    limits.set(person, (limits.get(person) ?? new Set()).add(limit));
  }
  return own.filter(({ person = '' }) => (limits.get(person)?.size ?? 0) > 1);
}

/**
 * Those who have two limits or more that ask for care among what bites on one row: read as out, until
 * somebody decides otherwise.
 */
export function caredForTwice(biting: readonly Effect[]): ReadonlySet<string> {
  const first = new Map<string, Effect['limit']>();
  const twice = new Set<string>();
  for (const effect of biting) {
    const { severity, person, limit } = effect;
    if (severity !== 'care' || person === undefined || !isOwn(effect)) continue;
    const known = first.get(person);
    if (known === undefined) first.set(person, limit);
    else if (known !== limit) twice.add(person);
  }
  return twice;
}

/** Whether a level asks for nothing that the bars rule out, nor twice for care, on whichever sides it is worked. */
export function clearOf(bars: Bars, level: Level, support: Support, lane?: LaneName): boolean {
  if (bars.effects.length + bars.cares.length === 0) return true;
  const loads = lane === undefined ? loadsOfLevel(level) : loadsWithWay(level, lane);
  const bites = (effect: Effect) =>
    loads.some((load) => bitesOn(effect, load, level, support, SIDES)?.length !== 0);
  return !bars.effects.some(bites) && caredForTwice(bars.cares.filter(bites)).size === 0;
}

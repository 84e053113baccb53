import { GROUP_NAMES, remember, type GroupName } from '@/core/common';
import {
  SIDES,
  otherSide,
  type Load,
  type Side,
  isSided,
  onSide,
  position,
  type RouteRules,
} from '@/core/body';
import { SUPPORTS, type Bearing, type Level, type LevelLoad, type Support } from '@/core/moves';
import { NOT_ASKED, limitNamed, ofOneSide, type Limit, type LimitName } from './limits';

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
  readonly limit: LimitName | 'not-asked';
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

/** What a level asks for by itself and by the positions that it is done in. */
export const loadsOfLevel = remember((level: Level): readonly LevelLoad[] => {
  const places = [level.from, ...level.through, level.to].flatMap((ref) => {
    const on: Bearing = isSided(ref) ? 'worked' : 'body';
    return position(onSide(ref, null)).loads.map((load): LevelLoad => ({ load, on }));
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
});

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
  readonly route: Omit<RouteRules, 'group'>;
}

export const NO_BARS: Bars = { effects: [], route: {} };

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
  if (out.length === 0) return NO_BARS;
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
  return { effects: out, route: { ruledOut, kneesOut, shouldersOut } };
});

/** Whether a level asks for nothing that the bars rule out, on whichever sides it is worked. */
export function clearOf(bars: Bars, level: Level, support: Support): boolean {
  return (
    bars.effects.length === 0 ||
    !bars.effects.some((effect) =>
      loadsOfLevel(level).some(
        (load) => bitesOn(effect, load, level, support, SIDES)?.length !== 0,
      ),
    )
  );
}

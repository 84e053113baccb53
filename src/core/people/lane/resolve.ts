import { rememberPair, type GroupName, type LevelId } from '@/core/common';
import { onSide, position, type PositionRef } from '@/core/body';
import {
  SUPPORTS,
  familyOf,
  levelById,
  usualLevel,
  type Catalogue,
  type Level,
  type Move,
  type Support,
} from '@/core/moves';
import { NO_BARS, clearOf, type Bars } from '../limit/effects';
import { LANES, laneGoesTo, plainLane, type LaneName } from './lanes';

/** Why a lane does what it does for an item. */
export const LANE_REASONS = ['as-written', 'easier-level', 'family', 'rest'] as const;
export type LaneReason = (typeof LANE_REASONS)[number];

export interface LaneChoice {
  readonly move: Move | null;
  readonly level: Level | null;
  readonly reason: LaneReason;
}

export interface LaneWish {
  /** Where stand-ins come from. */
  readonly catalogue: Catalogue;
  readonly move: Move;
  /** The level written for all lanes, and the one for this lane alone. */
  readonly level?: LevelId | undefined;
  readonly ownLevel?: LevelId | undefined;
  readonly support?: Support | undefined;
  /** Whose usual level it is where none is written, in stand-ins too. */
  readonly group?: GroupName | undefined;
}

function holdsEnough(lane: LaneName, level: Level, support: Support | undefined): boolean {
  const { held } = LANES[plainLane(lane)];
  const stands = [level.from, level.to].some((ref) => position(onSide(ref, null)).height === 4);
  if (!held || !stands) return true;
  return SUPPORTS.indexOf(support ?? level.support) <= SUPPORTS.indexOf(held);
}

/** Standing up in a move that starts and ends on the seat is a lane's own leave. */
function passes(lane: LaneName, level: Level): boolean {
  return level.through.every(
    (ref: PositionRef) =>
      laneGoesTo(lane, ref) ||
      (position(onSide(ref, null)).height === 4 && LANES[plainLane(lane)].rises === true),
  );
}

function allowed(lane: LaneName, level: Level, support: Support | undefined): boolean {
  const goes = laneGoesTo(lane, level.from) && laneGoesTo(lane, level.to);
  const elsewhere = level.from === level.to && level.also?.some((at) => laneGoesTo(lane, at));
  return (goes || elsewhere === true) && passes(lane, level) && holdsEnough(lane, level, support);
}

/** The level itself, else the nearest easier one that nothing bars. */
function nearestLevel(
  lane: LaneName,
  move: Move,
  wanted: Level,
  { support, group }: Pick<LaneWish, 'support' | 'group'>,
  bars: Bars,
  written: boolean,
): Level | undefined {
  const from = move.levels.indexOf(wanted);
  for (let i = from; i >= 0; i--) {
    const level = move.levels[i];
    if (!level || !allowed(lane, level, i === from ? support : undefined)) continue;
    // What is written stays, and a check speaks of it; nobody is sent to what is not for them.
    if (group && level.notFor?.includes(group) && !(written && i === from)) continue;
    if ((written && i === from) || clearOf(bars, level, level.support, lane)) return level;
  }
  return undefined;
}

/**
 * What a lane does for an item: the level as written, the nearest that is not harder, a move of the
 * same family, or rest. Work time is the same in every lane. What the bars rule out is never put in
 * place of what is written; what is written stays, and a check speaks of it.
 */
export function resolveInLane(lane: LaneName, wish: LaneWish, bars = NO_BARS): LaneChoice {
  const { catalogue, move, support } = wish;
  const id = wish.ownLevel ?? wish.level;
  const known = choicesKnown(catalogue, bars);
  const key = `${lane} ${move.id} ${id} ${support} ${wish.group}`;
  const before = known.get(key);
  if (before) return before;
  const choice = resolved(lane, wish, bars);
  known.set(key, choice);
  return choice;
}

/** A catalogue never changes, so what a lane does for a wish is worked out once. */
const choicesKnown = rememberPair((_: Catalogue, __: Bars) => new Map<string, LaneChoice>());

function resolved(lane: LaneName, wish: LaneWish, bars: Bars): LaneChoice {
  const { move } = wish;
  const id = wish.ownLevel ?? wish.level;
  const wanted = (id && levelById(move, id)) || usualLevel(move, wish.group);
  const level = nearestLevel(lane, move, wanted, wish, bars, true);
  if (level) return { move, level, reason: level === wanted ? 'as-written' : 'easier-level' };
  const stand = familyStandIn(lane, wish, wanted, bars);
  return stand ?? { move: null, level: null, reason: 'rest' };
}

function familyStandIn(
  lane: LaneName,
  { catalogue, move, group }: LaneWish,
  wanted: Level,
  bars: Bars,
): LaneChoice | undefined {
  const height = position(onSide(wanted.from, null)).height;
  const shared = (other: Move) => other.regions.filter((r) => move.regions.includes(r)).length;
  const apart = (level: Level) => Math.abs(position(onSide(level.from, null)).height - height);
  const found = familyOf(catalogue, move)
    .filter((other) => other !== move)
    .flatMap((other) => {
      const level = nearestLevel(lane, other, usualLevel(other, group), { group }, bars, false);
      return level ? [{ move: other, level }] : [];
    });
  const [best] = found.sort(
    (a, b) => shared(b.move) - shared(a.move) || apart(a.level) - apart(b.level),
  );
  return best && { ...best, reason: 'family' };
}

/**
 * What one person does where what is written is not for them: the nearest easier level that nothing
 * bars, else a move of the same family, else rest.
 */
export function standInFor(lane: LaneName, wish: LaneWish, bars: Bars): LaneChoice {
  const { move, group } = wish;
  const id = wish.ownLevel ?? wish.level;
  const wanted = (id && levelById(move, id)) || usualLevel(move, group);
  const level = nearestLevel(lane, move, wanted, { group }, bars, false);
  if (level) return { move, level, reason: level === wanted ? 'as-written' : 'easier-level' };
  return familyStandIn(lane, wish, wanted, bars) ?? { move: null, level: null, reason: 'rest' };
}

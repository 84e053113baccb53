import type { Side } from '../body';
import type { Bars } from '../limit';
import type { PropName, Support } from '../catalog';
import { laneHome, placeInLane, resolveInLane, type LaneChoice, type LaneName } from '../lane';
import { paceOf, type PaceDefaults } from '../pace';
import {
  findRoute,
  isTripToFloor,
  onSide,
  position,
  timeRoute,
  type PositionId,
  type PositionRef,
  type TransferPart,
} from '../position';
import { catalogFor, itemInForce, lanesOf, type Item, type Routine } from '../routine';
import type { LaneWork, ScorePhrases, Segment, SegmentKind } from './score';

/** One lane on its way through the routine. */
export interface LaneWalk {
  readonly name: LaneName;
  readonly home: PositionId;
  at: PositionId;
  out: ReadonlySet<PropName>;
  trips: number;
}

/** Where the walk through the routine has come to. */
export interface Walk {
  readonly routine: Routine;
  readonly pace: PaceDefaults;
  readonly phrases: ScorePhrases;
  readonly bars: LaneBars;
  readonly lanes: readonly LaneWalk[];
  readonly segments: Segment[];
  readonly choices: Map<string, ReadonlyMap<LaneName, LaneChoice>>;
  nowMs: number;
  plays: number;
  /** Where the lanes were at the last segment. */
  placed: Readonly<Record<string, PositionId>>;
  /** How long some lane has had its head below the heart, without a break. */
  headLowMs: number;
}

/** What is being done: an item, with what each lane makes of it. */
export interface Doing {
  readonly play: number;
  readonly item: Item;
  readonly round: number;
  readonly moveName: string;
  readonly choices: ReadonlyMap<LaneName, LaneChoice>;
  readonly work: Readonly<Record<string, LaneWork>>;
}

/** What the people of a lane may not be asked to bear, by lane. */
export type LaneBars = ReadonlyMap<LaneName, Bars>;

export function newWalk(routine: Routine, phrases: ScorePhrases, bars: LaneBars): Walk {
  const pace = paceOf(routine.pace, routine.paceChanges);
  const lanes = lanesOf(routine).map((name): LaneWalk => {
    const home = laneHome(name, pace.home);
    const start = routine.start && placeInLane(name, routine.start, null);
    return { name, home, at: start ?? home, out: new Set(), trips: 0 };
  });
  return {
    routine,
    pace,
    phrases,
    bars,
    lanes,
    segments: [],
    choices: new Map(),
    nowMs: 0,
    plays: 0,
    placed: {},
    headLowMs: 0,
  };
}

/** What every lane does for an item; worked out once an item. */
export function choicesFor(walk: Walk, item: Item): ReadonlyMap<LaneName, LaneChoice> {
  const known = walk.choices.get(item.id);
  if (known) return known;
  const { move } = itemInForce(item, walk.routine);
  const catalog = catalogFor(walk.routine);
  const choices = new Map(
    walk.lanes.map(({ name }) => {
      const { level, support, laneLevels } = item;
      const wish = { catalog, move, level, support, ownLevel: laneLevels?.[name] };
      return [name, resolveInLane(name, wish, walk.bars.get(name))] as const;
    }),
  );
  walk.choices.set(item.id, choices);
  return choices;
}

export function laneWork(
  item: Item,
  choices: Doing['choices'],
): Readonly<Record<string, LaneWork>> {
  return Object.fromEntries(
    [...choices].map(([name, { move, level, reason }]) => {
      const own = reason === 'as-written' || reason === 'easier-level';
      const support: Support | null = (own && item.support) || (level?.support ?? null);
      const props = (own && item.props) || (level?.props ?? []);
      return [
        name,
        { moveId: move?.id ?? null, level: level?.name ?? null, support, props, why: reason },
      ];
    }),
  );
}

type About = Partial<Pick<Segment, 'side' | 'set' | 'marks' | 'cues' | 'position'>>;

export function add(
  walk: Walk,
  kind: SegmentKind,
  ms: number,
  doing: Doing | null,
  about: About = {},
): void {
  if (ms === 0) return;
  walk.segments.push({
    kind,
    startMs: walk.nowMs,
    endMs: walk.nowMs + ms,
    itemId: doing?.item.id ?? null,
    moveId: doing?.item.moveId ?? null,
    moveName: doing?.moveName ?? null,
    side: null,
    set: null,
    round: doing?.round ?? 1,
    play: doing?.play ?? null,
    position: positions(walk),
    lanes: doing?.work ?? {},
    marks: [],
    cues: [],
    ...about,
  });
  walk.nowMs += ms;
  walk.headLowMs = headIsLow(walk, kind, doing) ? walk.headLowMs + ms : 0;
}

/** Longer than this with the head below the heart, and coming up needs a moment. */
export const HEAD_LOW_MS = 20_000;

/** A fold keeps the head low while it is held; a level does so while it is worked. */
function headIsLow(walk: Walk, kind: SegmentKind, doing: Doing | null): boolean {
  if (kind === 'transfer') return false;
  const working = kind === 'work' || kind === 'press';
  return walk.lanes.some(({ name, at }) => {
    if (position(at).loads.includes('head-below-heart')) return true;
    const loads = (working && doing?.choices.get(name)?.level?.loads) || [];
    return loads.some(({ load }) => load === 'head-below-heart');
  });
}

/** Where every lane is; the same object while nobody moves. */
function positions(walk: Walk): Readonly<Record<string, PositionId>> {
  const same = walk.lanes.every(({ name, at }) => walk.placed[name] === at);
  if (!same) walk.placed = Object.fromEntries(walk.lanes.map(({ name, at }) => [name, at]));
  return walk.placed;
}

/** A lane's way to where it has to be, with its times. */
export interface Way {
  readonly lane: LaneWalk;
  readonly to: PositionId;
  readonly parts: readonly TransferPart[];
  readonly ms: number;
}

/** The ways of all lanes to their places. A way that is not there takes no time; a check says so. */
export function waysTo(walk: Walk, placeOf: (lane: LaneWalk) => PositionId): readonly Way[] {
  return walk.lanes.map((lane) => {
    const to = placeOf(lane);
    const route = findRoute(lane.at, to, {
      pace: walk.routine.pace,
      ...walk.bars.get(lane.name)?.route,
    });
    const parts = route ? timeRoute(route, walk.pace) : [];
    return { lane, to, parts, ms: parts.reduce((sum, part) => sum + part.ms, 0) };
  });
}

/** The way that the room waits for: the longest, the first lane's among equals. */
export function slowest(ways: readonly Way[]): Way | undefined {
  return ways.reduce<Way | undefined>(
    (most, way) => (!most || way.ms > most.ms ? way : most),
    undefined,
  );
}

/** Where a lane has come to after some time of its way. */
export function placeAfter({ lane, to, parts, ms }: Way, spentMs: number): PositionId {
  if (spentMs >= ms) return to;
  let endMs = 0;
  let at = lane.at;
  for (const part of parts) {
    endMs += part.ms;
    if (endMs > spentMs) break;
    at = part.at;
  }
  return at;
}

/** All lanes have arrived. */
export function arrive(ways: readonly Way[]): void {
  for (const { lane, to } of ways) {
    if (isTripToFloor(lane.at, to)) lane.trips += 1;
    lane.at = to;
  }
}

/** Where a lane does its part of an item: at its level's place, or where it is while it rests. */
export function laneTarget(
  lane: LaneWalk,
  choice: LaneChoice | undefined,
  which: 'from' | 'to',
  side: Side | null,
): PositionId {
  const ref: PositionRef | undefined = choice?.level?.[which];
  return (ref && (placeInLane(lane.name, ref, side) ?? onSide(ref, side))) ?? lane.at;
}

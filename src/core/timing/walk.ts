import type { ItemId } from '@/core/common';
import { paceOf, position, type Pace, type PositionId } from '@/core/body';
import { moveById, type PropName, type Support } from '@/core/moves';
import {
  GROUPS,
  byLane,
  laneHome,
  placeInLane,
  resolveInLane,
  type ByLane,
  type LaneChoice,
  type LaneName,
  type TakingPart,
} from '@/core/people';
import {
  catalogueFor,
  itemInForce,
  laneBars,
  lanesOf,
  type Item,
  type LaneBars,
  type Routine,
  type Throughout,
} from '@/core/routine';
import { isWork, type LaneWork, type ScorePhrases, type Segment, type SegmentKind } from './score';

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
  readonly pace: Pace;
  readonly phrases: ScorePhrases;
  /** Only times and places are wanted: nothing is said and no rep is marked. */
  readonly quiet: boolean;
  readonly bars: LaneBars;
  readonly lanes: readonly LaneWalk[];
  readonly segments: Segment[];
  readonly parts: Map<string, ItemParts>;
  /** What the room was asked to notice already. */
  readonly noticed: Set<string>;
  nowMs: number;
  plays: number;
  /** Where the lanes were at the last segment. */
  placed: ByLane<PositionId>;
  /** How long some lane has had its head below the heart, without a break. */
  headLowMs: number;
  /** Whether a head that was low for long has come up, and nobody has waited since. */
  headUpDue: boolean;
}

/** What every lane does for an item. */
export interface ItemParts {
  readonly choices: ReadonlyMap<LaneName, LaneChoice>;
  readonly work: ByLane<LaneWork>;
}

/** What is being done: an item, with what each lane makes of it. */
export interface Doing extends ItemParts {
  readonly play: number;
  readonly item: Item;
  readonly round: number;
  readonly moveName: string;
}

export function newWalk(routine: Routine, part: TakingPart, phrases: ScorePhrases): Walk {
  const pace = paceOf(routine.group, routine.pace);
  const lanes = lanesOf(routine).map((name): LaneWalk => {
    const home = laneHome(name, GROUPS[routine.group].home);
    const start = routine.start && placeInLane(name, routine.start, null);
    return { name, home, at: start ?? home, out: new Set(), trips: 0 };
  });
  return {
    routine,
    pace,
    phrases,
    quiet: false,
    bars: laneBars(routine, part),
    lanes,
    segments: [],
    parts: new Map(),
    noticed: new Set(),
    nowMs: 0,
    plays: 0,
    placed: {},
    headLowMs: 0,
    headUpDue: false,
  };
}

/** What every lane does for an item; worked out once an item. */
export function partsFor(
  walk: Walk,
  item: Item,
  throughout: readonly Throughout[] = NONE,
): ItemParts {
  const known = walk.parts.get(item.id);
  if (known) return known;
  const { move } = itemInForce(item, walk.routine);
  const catalogue = catalogueFor(walk.routine);
  const choices = new Map(
    walk.lanes.map(({ name }) => {
      const { level, support, laneLevels } = item;
      const { group } = walk.routine;
      const option = item.options?.find(({ lane }) => lane === name);
      const wish = option
        ? { catalogue, move: moveById(catalogue, option.moveId), level: option.level, group }
        : { catalogue, move, level, support, group, ownLevel: laneLevels?.[name] };
      return [name, resolveInLane(name, wish, walk.bars.get(name))] as const;
    }),
  );
  const keptUp = throughout.flatMap(({ props = [] }) => props);
  const parts = { choices, work: laneWork(item, choices, keptUp) };
  walk.parts.set(item.id, parts);
  return parts;
}

function laneWork(
  item: Item,
  choices: ItemParts['choices'],
  keptUp: readonly PropName[],
): ByLane<LaneWork> {
  const works: { -readonly [L in keyof ByLane<LaneWork>]: LaneWork } = {};
  for (const [name, { move, level, reason }] of choices) {
    const option = item.options?.find(({ lane }) => lane === name);
    const own = move?.id === item.moveId && !option;
    const support: Support | null = (own && item.support) || (level?.support ?? null);
    const used = (own && item.props) || (level?.props ?? NONE);
    const also = own ? (item.alsoProps ?? NONE) : NONE;
    const props = move ? withMore(used, also, keptUp) : NONE;
    works[name] = {
      moveId: move?.id ?? null,
      level: level?.id ?? null,
      support,
      props,
      why: reason,
      ...(option?.dose && option.moveId === move?.id && { dose: option.dose }),
    };
  }
  return works;
}

/** The props of a level with those used besides; the same list where there are none. */
function withMore(
  used: readonly PropName[],
  ...more: readonly (readonly PropName[])[]
): readonly PropName[] {
  const others = more.flat().filter((prop) => !used.includes(prop));
  return others.length > 0 ? [...used, ...new Set(others)] : used;
}

const NOBODY: ByLane<LaneWork> = {};
const NONE: readonly never[] = [];

type About = Partial<Pick<Segment, 'side' | 'set' | 'marks' | 'cues' | 'position' | 'steps'>> & {
  readonly noticeId?: ItemId;
};

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
    ...(about.noticeId && { noticeId: about.noticeId }),
    moveId: doing?.item.moveId ?? null,
    moveName: doing?.moveName ?? null,
    side: about.side ?? null,
    set: about.set ?? null,
    round: doing?.round ?? 1,
    play: doing?.play ?? null,
    position: about.position ?? positions(walk),
    lanes: doing?.work ?? NOBODY,
    marks: about.marks ?? NONE,
    cues: about.cues ?? NONE,
    ...(about.steps?.length && { steps: about.steps }),
  });
  walk.nowMs += ms;
  followHead(walk, kind, ms, doing);
}

/** Longer than this with the head below the heart, and coming up needs a moment. */
export const HEAD_LOW_MS = 20_000;

/** Coming up from long with a low head, people wait; a rest that is as long does as well. */
function followHead(walk: Walk, kind: SegmentKind, ms: number, doing: Doing | null): void {
  if (headIsLow(walk, kind, doing)) {
    walk.headLowMs += ms;
    return;
  }
  if (walk.headLowMs > HEAD_LOW_MS) walk.headUpDue = true;
  walk.headLowMs = 0;
  const waits = kind === 'rest' || kind === 'pause' || kind === 'notice';
  if (waits && ms >= walk.pace.headUpMs) walk.headUpDue = false;
}

/** A fold keeps the head low while it is held; a level does so while it is worked. */
function headIsLow(walk: Walk, kind: SegmentKind, doing: Doing | null): boolean {
  if (kind === 'transfer') return false;
  return walk.lanes.some(({ name, at }) => {
    if (position(at).loads.includes('head-below-heart')) return true;
    const loads = (isWork({ kind }) && doing?.choices.get(name)?.level?.loads) || [];
    return loads.some(({ load }) => load === 'head-below-heart');
  });
}

/** Where every lane is; the same object while nobody moves. */
function positions(walk: Walk): ByLane<PositionId> {
  const same = walk.lanes.every(({ name, at }) => walk.placed[name] === at);
  if (!same) walk.placed = byLane(walk.lanes.map(({ name, at }) => [name, at] as const));
  return walk.placed;
}

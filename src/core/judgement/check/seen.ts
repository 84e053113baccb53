import {
  type Load,
  PACES,
  paceOf,
  type Pace,
  position,
  type Position,
  type PositionId,
} from '@/core/body';
import { remember, type ItemId } from '@/core/common';
import {
  levelById,
  moveById,
  unitMs,
  type Catalogue,
  type Level,
  type LevelLoad,
  type Move,
  type PropName,
  type Support,
  type Challenge,
} from '@/core/moves';
import {
  type LaneName,
  type LaneReason,
  loadsOfLevel,
  type Effect,
  type LimitName,
  laneOf,
  type TakingPart,
} from '@/core/people';
import {
  catalogueFor,
  entriesInOrder,
  itemInForce,
  lanesOf,
  type Item,
  type ItemInForce,
  type Line,
  type Routine,
  type SectionName,
  laneEffects,
} from '@/core/routine';
import { type Score, type Segment, isWork, msOf } from '@/core/timing';

/** What one lane does for an item. */
export interface LaneDoing {
  readonly lane: LaneName;
  readonly move: Move;
  readonly level: Level;
  readonly support: Support;
  readonly props: readonly PropName[];
  readonly why: LaneReason;
}

export interface SeenItem {
  readonly item: Item;
  /** The entry of the section that it is, or is in. */
  readonly entryId: ItemId;
  readonly section: SectionName;
  readonly inForce: ItemInForce;
  readonly lanes: readonly LaneDoing[];
  /** Lanes that have nothing to do but rest. */
  readonly resting: readonly LaneName[];
  readonly plays: readonly SeenPlay[];
}

/** One time that an item is done. */
export interface SeenPlay {
  readonly startMs: number;
  /** When its work begins. */
  readonly workMs: number;
  readonly endMs: number;
  readonly segments: readonly Segment[];
}

/** A routine as the checks look at it. */
export interface Seen {
  readonly routine: Routine;
  /** The moves it can name, its own among them. */
  readonly catalogue: Catalogue;
  readonly score: Score;
  readonly pace: Pace;
  /** The pace's own numbers, before the routine changed any. */
  readonly usual: Pace;
  readonly older: boolean;
  readonly lanes: readonly LaneName[];
  readonly items: readonly SeenItem[];
  readonly itemById: ReadonlyMap<ItemId, SeenItem>;
  readonly effects: ReadonlyMap<LaneName, readonly Effect[]>;
  readonly part: TakingPart;
  /** Once for each item and lane, in the order of the score. */
  readonly inOrder: readonly { readonly seen: SeenItem; readonly play: SeenPlay }[];
}

/**
 * Lays a routine and its score out for the checks.
 * @param score compiled for the same routine and the same people
 */
export function seeRoutine(routine: Routine, part: TakingPart, score: Score): Seen {
  const plays = playsOf(score);
  const items = entriesInOrder(routine).flatMap(({ section, entry }) => {
    const lines: readonly Line[] = entry.kind === 'block' ? entry.lines : [entry];
    return lines.flatMap((line): readonly SeenItem[] =>
      line.kind === 'item' ? [seenItem(line, entry.id, section, routine, plays)] : [],
    );
  });
  const inOrder = items
    .flatMap((seen) => seen.plays.map((play) => ({ seen, play })))
    .sort((a, b) => a.play.startMs - b.play.startMs);
  return {
    routine,
    catalogue: catalogueFor(routine),
    score,
    pace: paceOf(routine.group, routine.pace),
    usual: PACES[routine.group],
    older: routine.group === 'older',
    lanes: lanesOf(routine),
    items,
    itemById: new Map(items.map((one) => [one.item.id, one])),
    effects: laneEffects(routine, part),
    part,
    inOrder,
  };
}

function playsOf({ segments }: Score): ReadonlyMap<ItemId, readonly SeenPlay[]> {
  const byPlay = new Map<number, Segment[]>();
  for (const segment of segments) {
    if (segment.play === null) continue;
    const known = byPlay.get(segment.play);
    if (known) known.push(segment);
    else byPlay.set(segment.play, [segment]);
  }
  const plays = new Map<ItemId, SeenPlay[]>();
  for (const own of byPlay.values()) {
    const [first] = own;
    if (!first?.itemId) continue;
    const work = own.find(isWork) ?? first;
    const play = {
      startMs: first.startMs,
      workMs: work.startMs,
      endMs: own.at(-1)?.endMs ?? first.endMs,
      segments: own,
    };
    const known = plays.get(first.itemId);
    if (known) known.push(play);
    else plays.set(first.itemId, [play]);
  }
  return plays;
}

function seenItem(
  item: Item,
  entryId: ItemId,
  section: SectionName,
  routine: Routine,
  plays: ReadonlyMap<ItemId, readonly SeenPlay[]>,
): SeenItem {
  const own = plays.get(item.id) ?? [];
  const works = Object.entries(own[0]?.segments[0]?.lanes ?? {});
  const lanes = works.flatMap(([lane, work]): readonly LaneDoing[] => {
    const move = work.moveId && moveById(catalogueFor(routine), work.moveId);
    const level = move && work.level ? levelById(move, work.level) : undefined;
    if (!move || !level) return [];
    const { support, props, why } = work;
    return [{ lane: lane as LaneName, move, level, support: support ?? level.support, props, why }];
  });
  const resting = works
    .filter(([, { moveId }]) => moveId === null)
    .map(([lane]) => lane as LaneName);
  const inForce = itemInForce(item, routine);
  return { item, entryId, section, inForce, lanes, resting, plays: own };
}

/** The work of an item in all its plays, in milliseconds. */
export function workMsOf({ plays }: SeenItem): number {
  return plays.reduce((sum, play) => sum + playWorkMs(play), 0);
}

export function playWorkMs({ segments }: SeenPlay): number {
  return segments.reduce((sum, segment) => sum + (isWork(segment) ? msOf(segment) : 0), 0);
}

/** The longest set on one side, in milliseconds: work without a change of side or a rest. */
export const longestSetMs = remember(({ plays }: SeenItem): number => {
  let longestMs = 0;
  for (const { segments } of plays) {
    let ms = 0;
    let last: Segment | undefined;
    for (const segment of segments) {
      if (!isWork(segment)) continue;
      const same = last?.side === segment.side && last.set === segment.set;
      ms = (same ? ms : 0) + msOf(segment);
      longestMs = Math.max(longestMs, ms);
      last = segment;
    }
  }
  return longestMs;
});

/** The longest time with nothing between: a whole set held, or one rep, which comes down at its end. */
export function oneGoMs({ pace }: Seen, one: SeenItem): number {
  const { dose } = one.inForce;
  return dose.kind === 'reps' ? (unitMs(dose, pace) ?? 0) : longestSetMs(one);
}

/** What a lane's work asks of the body: its level's loads, and what the line makes of them. */
export function loadsOf({ level }: LaneDoing, { challenge }: Item): readonly LevelLoad[] {
  const more: Load | undefined = challenge && CHALLENGE_LOADS[challenge];
  return more ? (loadsWith(level).get(more) ?? []) : loadsOfLevel(level);
}

const CHALLENGE_LOADS: Readonly<Partial<Record<Challenge, Load>>> = {
  'arms moving': 'hands-busy',
  'head turning': 'head-turn-fast',
  'trunk turning': 'head-turn-fast',
  'naming things': 'two-tasks',
  'looking up': 'look-up',
  'eyes closed': 'eyes-closed',
};
const CHALLENGE_LOAD_NAMES: readonly Load[] = Object.values(CHALLENGE_LOADS);

const loadsWith = remember(
  (level: Level) =>
    new Map(
      CHALLENGE_LOAD_NAMES.map((load): [Load, readonly LevelLoad[]] => [
        load,
        [...loadsOfLevel(level), { load, on: 'body' }],
      ]),
    ),
);

export function hasLoad(doing: LaneDoing, item: Item, ...wanted: readonly Load[]): boolean {
  return loadsOf(doing, item).some(({ load }) => wanted.includes(load));
}

/** Where a lane is during a segment. */
export function positionIn(segment: Segment, lane: LaneName): Position | undefined {
  const id: PositionId | undefined = segment.position[lane];
  return id && position(id);
}

/** Whether somebody in a lane, or in any, has one of these limits. */
export function hasLimit(seen: Seen, names: readonly LimitName[], lane?: LaneName): boolean {
  const ofPeople = seen.part.people
    .filter((person) => !lane || laneOf(person, seen.lanes) === lane)
    .flatMap(({ limits }) => limits ?? []);
  return [...(seen.routine.limits ?? []), ...ofPeople].some(({ limit }) => names.includes(limit));
}

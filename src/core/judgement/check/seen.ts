import { PACES, paceOf, type Pace, position, type Position, type PositionId } from '@/core/body';
import { type ItemId } from '@/core/common';
import {
  levelById,
  moveById,
  type Catalogue,
  type Level,
  type Move,
  type PropName,
  type Support,
} from '@/core/moves';
import {
  laneEntries,
  type LaneName,
  type LaneReason,
  type Effect,
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
import { type Score, type Segment, isWork } from '@/core/timing';

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
  const works = laneEntries(own[0]?.segments[0]?.lanes ?? {});
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

/** Where a lane is during a segment. */
export function positionIn(segment: Segment, lane: LaneName): Position | undefined {
  const id: PositionId | undefined = segment.position[lane];
  return id && position(id);
}

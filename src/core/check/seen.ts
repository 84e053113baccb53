import type { Load } from '../body';
import {
  levelNamed,
  moveById,
  type Catalog,
  type Level,
  type LevelLoad,
  type Move,
  type PropName,
  type Support,
} from '../catalog';
import type { ItemId } from '../ids';
import type { LaneName, LaneReason } from '../lane';
import { barsOf, loadsOfLevel, type Effect, type LimitName } from '../limit';
import { PACES, paceOf, type PaceDefaults } from '../pace';
import { personEffects, type Person, type Session } from '../person';
import { position, type Position, type PositionId } from '../position';
import {
  catalogFor,
  entriesInOrder,
  groupEffects,
  itemInForce,
  lanesOf,
  type Item,
  type ItemInForce,
  type Line,
  type Routine,
  type SectionName,
} from '../routine';
import type { LaneBars, Score, Segment } from '../score';

/** Who takes part and what they have done; everything may be left out. */
export interface Group {
  readonly people: readonly Person[];
  readonly sessions: readonly Session[];
  /** The moment of the class, as `2026-11-25T10:00:00Z`. */
  readonly at: string;
}

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
  readonly catalog: Catalog;
  readonly score: Score;
  readonly pace: PaceDefaults;
  /** The pace's own numbers, before the routine changed any. */
  readonly usual: PaceDefaults;
  readonly older: boolean;
  readonly lanes: readonly LaneName[];
  readonly items: readonly SeenItem[];
  readonly itemById: ReadonlyMap<ItemId, SeenItem>;
  readonly effects: ReadonlyMap<LaneName, readonly Effect[]>;
  readonly group: Group | undefined;
  /** Once for each item and lane, in the order of the score. */
  readonly inOrder: readonly { readonly seen: SeenItem; readonly play: SeenPlay }[];
}

/** The lane that a person takes: their usual one where the routine has it, else the first. */
export function laneOf(person: Person, lanes: readonly LaneName[]): LaneName | undefined {
  return person.lane && lanes.includes(person.lane) ? person.lane : lanes[0];
}

/** What limits rule out and ask care for, lane by lane: the group's, and those of who takes it. */
export function laneEffects(
  routine: Routine,
  group: Group | undefined,
): ReadonlyMap<LaneName, readonly Effect[]> {
  const lanes = lanesOf(routine);
  const people = group?.people ?? [];
  const ofGroup = routine.limits || people.length === 0 ? groupEffects(routine) : [];
  return new Map(
    lanes.map((lane) => {
      const own = people.filter((person) => laneOf(person, lanes) === lane);
      const day = group?.at.slice(0, 10) ?? '';
      const older = routine.pace === 'older';
      return [lane, [...ofGroup, ...own.flatMap((one) => personEffects(one, day, older))]];
    }),
  );
}

/** What bars each lane, for the score of a routine with these people. */
export function laneBars(routine: Routine, group: Group | undefined): LaneBars {
  return new Map([...laneEffects(routine, group)].map(([lane, own]) => [lane, barsOf(own)]));
}

/**
 * Lays a routine and its score out for the checks.
 * @param score compiled with `laneBars` of the same routine and group
 */
export function seeRoutine(routine: Routine, score: Score, group?: Group): Seen {
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
    catalog: catalogFor(routine),
    score,
    pace: paceOf(routine.pace, routine.paceChanges),
    usual: PACES[routine.pace],
    older: routine.pace === 'older',
    lanes: lanesOf(routine),
    items,
    itemById: new Map(items.map((one) => [one.item.id, one])),
    effects: laneEffects(routine, group),
    group,
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
    const move = work.moveId && moveById(catalogFor(routine), work.moveId);
    const level = move && work.level ? levelNamed(move, work.level) : undefined;
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

export function isWork({ kind }: Segment): boolean {
  return kind === 'work' || kind === 'press';
}

export const msOf = ({ startMs, endMs }: Segment): number => endMs - startMs;

/** The work of an item in all its plays, in milliseconds. */
export function workMsOf({ plays }: SeenItem): number {
  return plays.reduce((sum, play) => sum + playWorkMs(play), 0);
}

export function playWorkMs({ segments }: SeenPlay): number {
  return segments.reduce((sum, segment) => sum + (isWork(segment) ? msOf(segment) : 0), 0);
}

/** The longest set on one side, in milliseconds: work without a change of side or a rest. */
export function longestSetMs({ plays }: SeenItem): number {
  const sets = new Map<string, number>();
  plays.forEach(({ segments }, play) => {
    for (const segment of segments) {
      if (!isWork(segment)) continue;
      const key = `${play} ${segment.side} ${segment.set}`;
      sets.set(key, (sets.get(key) ?? 0) + msOf(segment));
    }
  });
  return Math.max(0, ...sets.values());
}

/** What a lane's work asks of the body: its level's loads, and what the line makes of them. */
export function loadsOf({ level }: LaneDoing, { challenge }: Item): readonly LevelLoad[] {
  const more: Load | undefined = challenge && CHALLENGE_LOADS[challenge];
  return more ? [...loadsOfLevel(level), { load: more, on: 'body' }] : loadsOfLevel(level);
}

const CHALLENGE_LOADS: Readonly<Partial<Record<string, Load>>> = {
  'arms moving': 'hands-busy',
  'looking up': 'look-up',
  'eyes closed': 'eyes-closed',
};

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
  const ofPeople = (seen.group?.people ?? [])
    .filter((person) => !lane || laneOf(person, seen.lanes) === lane)
    .flatMap(({ limits }) => limits ?? []);
  return [...(seen.routine.limits ?? []), ...ofPeople].some(({ limit }) => names.includes(limit));
}

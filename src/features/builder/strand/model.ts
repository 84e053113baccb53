import { laneEntries, type ByLane, type LaneName } from '@/core/people';
import { type Side, position, type PositionId } from '@/core/body';
import type { ItemId } from '@/core/common';
import { amountOf, unitCount, type Dose } from '@/core/moves';
import {
  catalogueFor,
  itemInForce,
  SECTIONS,
  writeOption,
  type Block,
  type Item,
  type ItemInForce,
  type Line,
  type Routine,
  type SectionHead,
  type SectionName,
} from '@/core/routine';
import { doneBy, isWork, msOf, type Score, type Segment } from '@/core/timing';

/** A leaf: its length is time, one scale for the whole routine. */
export interface Leaf {
  readonly side: Side | 'both';
  readonly ms: number;
  /** How long it may get, where the dose is a span: its paler tip. */
  readonly mostMs?: number;
  /** A set that may be done besides: pale as a whole. */
  readonly pale?: boolean;
  /** Which line of the row it hangs on, from 0; leaflets by turns take half lines. */
  readonly line: number;
  /** Where presses notch it, from the stem outward. */
  readonly presses: readonly { readonly fromMs: number; readonly toMs: number }[];
  /** Left out on one side: drawn as an outline. */
  readonly missing: boolean;
  readonly leaflet: boolean;
}

interface Common {
  readonly key: string;
  /** Among the lines of a block: the bracket goes on beside it. */
  readonly inBlock: boolean;
}

export type StrandRow =
  | (Common & {
      readonly kind: 'section';
      readonly section: SectionName;
      readonly head: SectionHead | undefined;
      readonly isEmpty: boolean;
      readonly height: number;
    })
  | (Common & {
      readonly kind: 'way';
      readonly fromHeight: number;
      readonly toHeight: number;
      readonly to: PositionId;
      /** Whose way it is, where the leading way of taking part stays. */
      readonly of: LaneName | undefined;
      readonly moveMs: number;
      readonly pauseMs: number;
    })
  | (Common & {
      readonly kind: 'item';
      readonly item: Item;
      readonly inForce: ItemInForce;
      readonly height: number;
      readonly leaves: readonly Leaf[];
      readonly lines: number;
      /** How it hangs together with its neighbours in a flow. */
      readonly tie: Tie | undefined;
      /** What anybody may do instead. */
      readonly offered: readonly string[];
      /** What ways of taking part do that do another move, or rest. */
      readonly instead: readonly Instead[];
      /** All that the score gives it, from its way to its last second. */
      readonly ms: number;
    })
  | (Common & { readonly kind: 'block'; readonly block: Block; readonly height: number })
  | (Common & {
      readonly kind: 'entry';
      readonly entry: Exclude<Line, Item>;
      readonly height: number;
    });

/** Where in a flow a row stands. */
export type Tie = 'start' | 'middle' | 'end';

/** Another move that one way of taking part does; null where it rests. */
export interface Instead {
  readonly lane: LaneName;
  readonly move: string | null;
  readonly level: string;
}

export interface Strand {
  readonly rows: readonly StrandRow[];
  /** What the longest leaf on one side stands for. */
  readonly longestMs: number;
}

/** More leaflets than this would not be told apart. */
const MOST_LEAFLETS = 10;

/** Lays a routine out as rows of a strand, from its score. */
export function strandOf(routine: Routine, score: Score): Strand {
  const byItem = groupByItem(score.segments);
  const lane = laneShown(score);
  const rows: StrandRow[] = [];
  let height = startHeight(score, lane);
  let places: ByLane<PositionId> = score.segments[0]?.position ?? {};
  const addLine = (line: Line, inBlock: boolean) => {
    if (line.kind !== 'item') {
      rows.push({ kind: 'entry', key: line.id, inBlock, entry: line, height });
      return;
    }
    const segments = byItem.get(line.id) ?? [];
    const firstPlay = segments.filter(({ play }) => play === segments[0]?.play);
    const way = wayRow(line.id, firstPlay, { lane, height, places }, inBlock);
    places = segments.at(-1)?.position ?? places;
    if (way) rows.push(way);
    height = way?.toHeight ?? height;
    rows.push(itemRow(line, routine, segments, height, inBlock));
    height = heightAfter(segments, lane) ?? height;
  };
  for (const section of SECTIONS) {
    const entries = routine.sections[section];
    const head = routine.heads?.[section];
    const isEmpty = entries.length === 0;
    rows.push({ kind: 'section', key: section, inBlock: false, section, head, isEmpty, height });
    for (const entry of entries) {
      if (entry.kind !== 'block') {
        addLine(entry, false);
        continue;
      }
      rows.push({ kind: 'block', key: entry.id, inBlock: true, block: entry, height });
      entry.lines.forEach((line) => addLine(line, true));
    }
  }
  const last = wayRow('end', segmentsAtEnd(score), { lane, height, places }, false);
  if (last) rows.push(last);
  const lengths = rows.flatMap((row) => (row.kind === 'item' ? row.leaves.map(halfLength) : []));
  return { rows: tied(rows, byItem), longestMs: Math.max(1, ...lengths) };
}

/** Rows that flow into one another are tied: whoever begins without being set up or counted in. */
function tied(
  rows: readonly StrandRow[],
  byItem: ReadonlyMap<ItemId, readonly Segment[]>,
): readonly StrandRow[] {
  const items = rows.filter((row) => row.kind === 'item');
  const flows = items.map(({ item }, i) => {
    const own = byItem.get(item.id) ?? [];
    const begins = own.find(({ kind }) => !BEFORE.includes(kind));
    return i > 0 && begins !== undefined && isWork(begins);
  });
  return rows.map((row) => {
    if (row.kind !== 'item') return row;
    const at = items.indexOf(row);
    const on = flows[at + 1] === true;
    const tie = flows[at] ? (on ? 'middle' : 'end') : on ? 'start' : undefined;
    return { ...row, tie };
  });
}

const BEFORE: readonly Segment['kind'][] = ['transfer', 'prop', 'pause'];

/** The stem follows the lane that goes to the floor, so that its trips are seen, else the first. */
function laneShown({ trips }: Score): LaneName {
  const lanes = laneEntries(trips);
  const [name = 'chair'] = lanes.find(([, count]) => count > 0) ?? lanes[0] ?? [];
  return name;
}

/** How far a leaf reaches out from the stem. */
export function halfLength({ side, ms, mostMs = ms }: Leaf): number {
  return side === 'both' ? mostMs / 2 : mostMs;
}

function groupByItem(segments: readonly Segment[]): ReadonlyMap<ItemId, readonly Segment[]> {
  const groups = new Map<ItemId, Segment[]>();
  for (const segment of segments) {
    if (!segment.itemId) continue;
    const group = groups.get(segment.itemId) ?? [];
    group.push(segment);
    groups.set(segment.itemId, group);
  }
  return groups;
}

function heightOf(id: PositionId | undefined): number | undefined {
  return id && position(id).height;
}

function startHeight(score: Score, lane: LaneName): number {
  const first = score.segments.find(({ kind }) => kind !== 'transfer');
  return heightOf(first?.position[lane]) ?? 3;
}

function heightAfter(segments: readonly Segment[], lane: LaneName): number | undefined {
  return heightOf(segments.at(-1)?.position[lane]);
}

function segmentsAtEnd({ segments }: Score): readonly Segment[] {
  const lastPlay = segments.findLastIndex(({ play }) => play !== null);
  return segments.slice(lastPlay + 1);
}

/** Where the strand has come to: its lane, how high that stands, and where all of them are. */
interface Standing {
  readonly lane: LaneName;
  readonly height: number;
  readonly places: ByLane<PositionId>;
}

function wayRow(
  key: string,
  segments: readonly Segment[],
  { lane, height, places }: Standing,
  inBlock: boolean,
): Extract<StrandRow, { kind: 'way' }> | undefined {
  const moving = segments.filter(({ kind }) => kind === 'transfer');
  const after = moving.at(-1)?.position;
  if (!after) return undefined;
  const movers = laneEntries(after).filter(([name, at]) => places[name] !== at);
  const [leading] = laneEntries(after).map(([name]) => name);
  const own = (name: LaneName | undefined) => movers.find(([mover]) => mover === name);
  const [of = lane, to = after[lane]] = own(leading) ?? own(lane) ?? movers[0] ?? [];
  if (!to) return undefined;
  const pauses = segments.filter(({ kind }) => kind === 'pause');
  return {
    kind: 'way',
    key: `way ${key}`,
    inBlock,
    fromHeight: height,
    toHeight: heightOf(after[lane]) ?? height,
    to,
    of: of === leading ? undefined : of,
    moveMs: moving.reduce((sum, segment) => sum + msOf(segment), 0),
    pauseMs: pauses.reduce((sum, segment) => sum + msOf(segment), 0),
  };
}

function itemRow(
  item: Item,
  routine: Routine,
  segments: readonly Segment[],
  height: number,
  inBlock: boolean,
): StrandRow {
  const work = onceASide(segments);
  const inForce = itemInForce(item, routine);
  const { sides, dose, move } = inForce;
  const leaves =
    sides.way === 'alternating'
      ? leaflets(work, dose)
      : [...spanned(setLeaves(work), dose), ...missingLeaves(work, item, move.sides === 'each')];
  const lines = Math.max(1, ...leaves.map(({ line }) => line + 1));
  const ms = segments.reduce((sum, segment) => sum + msOf(segment), 0);
  const instead = insteadOf(item, routine, work[0]);
  const catalogue = catalogueFor(routine);
  const offered = (item.options ?? []).flatMap((option) =>
    option.lane === undefined ? [writeOption(option, catalogue)] : [],
  );
  return {
    kind: 'item',
    key: item.id,
    inBlock,
    item,
    inForce,
    height,
    leaves,
    lines,
    tie: undefined,
    offered,
    instead,
    ms,
  };
}

/** A span shows how far it may go: a tip to each leaf, and a pale leaf for each set more. */
function spanned(leaves: readonly Leaf[], dose: Dose): readonly Leaf[] {
  const { most, mostSets = dose.sets } = dose;
  const tipped = leaves.map((leaf) =>
    most === undefined ? leaf : { ...leaf, mostMs: (leaf.ms * most) / amountOf(dose) },
  );
  const first = tipped.filter(({ line }) => line === 0);
  const more = Array.from({ length: mostSets - dose.sets }, (_, i) =>
    first.map((leaf) => ({ ...leaf, line: dose.sets + i, presses: [], pale: true })),
  );
  return [...tipped, ...more.flat()];
}

function insteadOf(item: Item, routine: Routine, work: Segment | undefined): readonly Instead[] {
  const catalogue = catalogueFor(routine);
  return laneEntries(work?.lanes ?? {}).flatMap(([lane, own]): Instead[] => {
    if (own.moveId === item.moveId) return [];
    const option = item.options?.find((one) => one.lane === lane && one.moveId === own.moveId);
    if (option) return [{ lane, move: writeOption(option, catalogue), level: '' }];
    const done = doneBy(catalogue, own);
    if (!done) return [{ lane, move: null, level: '' }];
    const { move, level } = done;
    return [{ lane, move: move.name, level: move.levels.length > 1 ? level.name : '' }];
  });
}

/** The work of the first play of each side: rounds and steps of a build-up show once. */
function onceASide(segments: readonly Segment[]): readonly Segment[] {
  const work = segments.filter(isWork);
  const firstPlay = new Map(work.toReversed().map(({ side, play }) => [side, play]));
  return work.filter(({ side, play }) => firstPlay.get(side) === play);
}

/** One leaf for each set of each side, with its presses. */
function setLeaves(work: readonly Segment[]): readonly Leaf[] {
  const leaves = new Map<string, Leaf>();
  for (const segment of work) {
    const side = segment.side === 'left' || segment.side === 'right' ? segment.side : 'both';
    const key = `${side} ${segment.set}`;
    const leaf = leaves.get(key) ?? {
      side,
      ms: 0,
      line: (segment.set ?? 1) - 1,
      presses: [],
      missing: false,
      leaflet: false,
    };
    const press = { fromMs: leaf.ms, toMs: leaf.ms + msOf(segment) };
    leaves.set(key, {
      ...leaf,
      ms: press.toMs,
      presses: segment.kind === 'press' ? [...leaf.presses, press] : leaf.presses,
    });
  }
  return [...leaves.values()];
}

/** The outline of a side that an `each` move leaves out without a word of why. */
function missingLeaves(work: readonly Segment[], item: Item, each: boolean): readonly Leaf[] {
  if (!each || item.meant || (item.sides !== 'left-only' && item.sides !== 'right-only')) return [];
  return setLeaves(work).map((leaf) => ({
    ...leaf,
    side: leaf.side === 'left' ? 'right' : 'left',
    presses: [],
    missing: true,
  }));
}

/** Turns of an alternating set: small leaves, left and right in turn; pale ones for a span. */
function leaflets(work: readonly Segment[], dose: Dose): readonly Leaf[] {
  const count = unitCount(dose);
  const inAll = dose.kind === 'reps' && dose.inAll;
  const each = count === undefined ? 4 : inAll ? Math.ceil(count / 2) : count;
  const most = count === undefined || inAll ? each : (dose.most ?? each);
  const shown = Math.min(most, MOST_LEAFLETS);
  let line = 0;
  return work.flatMap((segment) =>
    Array.from({ length: shown }, (_, turn) => {
      const pair = (['left', 'right'] as const).map((side, i) => ({
        side,
        ms: msOf(segment) / 2 / each,
        line: line + i * 0.25,
        presses: [],
        missing: false,
        leaflet: true,
        pale: turn >= Math.min(each, MOST_LEAFLETS),
      }));
      line += 0.5;
      return pair;
    }).flat(),
  );
}

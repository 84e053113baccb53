import { AFTER_RISE_MS, UPRIGHT, headLowIn, trackRises, type Lowness, type Seen } from '../check';
import type { ItemId } from '../ids';
import { movingCost, type RoomState, type Segment, type StretchTimer } from '../score';
import type { Entry } from '../routine';
import type { Unit } from './units';

/** Where a room stands, and how lately each lane came up. */
interface Standing {
  readonly room: RoomState;
  readonly lowness: readonly Lowness[];
  /** Milliseconds since the last rise of each lane; Infinity where it is no matter any more. */
  readonly sinceMs: readonly number[];
}

/** What doing a unit from a standing costs, and where it leaves the room. */
export interface Passage {
  readonly to: number;
  readonly movingMs: number;
  /** Balance items that come too soon after rising. */
  readonly broken: number;
}

/** Standings are numbered as they are met; each passage is timed once. */
export interface Rooms {
  readonly start: number;
  readonly pass: (from: number, unit: Unit) => Passage;
  readonly homeMs: (from: number) => number;
  readonly count: () => number;
}

/** The rooms that units lead to and from, timed by the score's own walk. */
export function roomsOf(seen: Seen, timer: StretchTimer): Rooms {
  const standings: Standing[] = [];
  const numbers = new Map<string, number>();
  const passages = new Map<Unit, Passage[]>();
  const homes: number[] = [];
  const balances = seen.items.some(({ lanes }) =>
    lanes.some(({ move }) => move.kind === 'balance'),
  );
  const isLow = headLowIn(seen);

  const numberOf = (standing: Standing): number => {
    const key = JSON.stringify(standing);
    const known = numbers.get(key);
    if (known !== undefined) return known;
    numbers.set(key, standings.length);
    standings.push(standing);
    return standings.length - 1;
  };

  const pass = (from: number, unit: Unit): Passage => {
    const own = passages.get(unit) ?? [];
    passages.set(unit, own);
    const known = own[from];
    if (known) return known;
    const standing = standings[from];
    if (!standing) throw new Error(`no standing ${from}`);
    const entries: Entry[] = [...unit.entries];
    const { state, segments, ms } = timer.entries(standing.room, unit.section, entries);
    const { transferMs, risingMs, propMs } = movingCost(segments);
    const after = balances ? risesIn(standing, segments, ms) : undefined;
    const to = numberOf({
      room: state,
      lowness: after?.lowness ?? standing.lowness,
      sinceMs: after?.sinceMs ?? standing.sinceMs,
    });
    const passage = { to, movingMs: transferMs + risingMs + propMs, broken: after?.broken ?? 0 };
    own[from] = passage;
    return passage;
  };

  const risesIn = (standing: Standing, segments: readonly Segment[], ms: number) => {
    const tooSoon = new Set<ItemId>();
    const lanes = seen.lanes.map((lane, i) => {
      const { rises, end } = trackRises(segments, lane, isLow, standing.lowness[i]);
      const all = [-(standing.sinceMs[i] ?? Infinity), ...rises];
      for (const { itemId, atMs } of worksOf(segments)) {
        const move = seen.itemById.get(itemId)?.lanes.find((one) => one.lane === lane)?.move;
        if (move?.kind !== 'balance') continue;
        if (all.some((at) => at <= atMs && atMs - at < AFTER_RISE_MS)) tooSoon.add(itemId);
      }
      const since = ms - (all.at(-1) ?? -Infinity);
      return { end, sinceMs: since < AFTER_RISE_MS ? since : Infinity };
    });
    return {
      broken: tooSoon.size,
      lowness: lanes.map(({ end }) => end),
      sinceMs: lanes.map(({ sinceMs }) => sinceMs),
    };
  };

  const homeMs = (from: number): number => {
    const known = homes[from];
    if (known !== undefined) return known;
    const standing = standings[from];
    if (!standing) throw new Error(`no standing ${from}`);
    const { transferMs, risingMs, propMs } = movingCost(timer.home(standing.room).segments, 0);
    return (homes[from] = transferMs + risingMs + propMs);
  };

  const start = numberOf({
    room: timer.start,
    lowness: seen.lanes.map(() => UPRIGHT),
    sinceMs: seen.lanes.map(() => Infinity),
  });
  return { start, pass, homeMs, count: () => standings.length };
}

/** When the work of each play begins. */
function worksOf(segments: readonly Segment[]): readonly { itemId: ItemId; atMs: number }[] {
  const starts = new Map<number, { itemId: ItemId; atMs: number }>();
  for (const { kind, play, itemId, startMs } of segments) {
    if ((kind !== 'work' && kind !== 'press') || play === null || !itemId) continue;
    if (!starts.has(play)) starts.set(play, { itemId, atMs: startMs });
  }
  return [...starts.values()];
}

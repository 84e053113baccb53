import type { ItemId } from '@/core/common';
import { movingCost, type RoomState, type Segment, type StintTimer, isWork } from '@/core/timing';
import { UPRIGHT, headLowIn, trackRises, type Lowness } from '../check/rises';
import { AFTER_RISE_MS } from '../check/rules/balance-after-rise';
import type { Seen } from '../check/seen';
import type { Unit } from './units';

/** Where a room stands, and how lately each lane came up. */
interface Standing {
  /** Its number. */
  readonly room: number;
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

/** What doing a unit makes of a room, whoever came up lately. */
interface Leg {
  readonly room: number;
  readonly segments: readonly Segment[];
  readonly ms: number;
  readonly movingMs: number;
}

/** Numbers things as they are met; alike ones have one number. */
function numbering<T>(keyOf: (one: T) => string) {
  const numbers = new Map<string, number>();
  const all: T[] = [];
  const numberOf = (one: T): number => {
    const key = keyOf(one);
    const known = numbers.get(key);
    if (known !== undefined) return known;
    numbers.set(key, all.length);
    return all.push(one) - 1;
  };
  const at = (number: number): T => {
    const one = all[number];
    if (one === undefined) throw new Error(`nothing is numbered ${number}`);
    return one;
  };
  return { numberOf, at, count: () => all.length };
}

function roomKey({ lanes, headLowMs, headUpDue, pauseDue }: RoomState): string {
  const places = lanes.map(({ at, out }) => `${at} ${out.join()}`).join(';');
  return `${places};${headLowMs} ${headUpDue} ${pauseDue}`;
}

function standingKey({ room, lowness, sinceMs }: Standing): string {
  const lanes = lowness.map(({ lying, headLow }, i) => `${lying}${headLow}${sinceMs[i]}`);
  return `${room} ${lanes.join(' ')}`;
}

/** The rooms that units lead to and from, timed by the score's own walk. */
export function roomsOf(seen: Seen, timer: StintTimer): Rooms {
  const rooms = numbering(roomKey);
  const timers = new Map<Unit, ReturnType<StintTimer['of']>>();
  const standings = numbering(standingKey);
  const legs = new Map<Unit, Leg[]>();
  const passages = new Map<Unit, Passage[]>();
  const homes: number[] = [];
  const balances = seen.items.some(({ lanes }) =>
    lanes.some(({ move }) => move.kind === 'balance'),
  );
  const isLow = headLowIn(seen);

  const legOf = (room: number, unit: Unit): Leg => {
    const own = legs.get(unit) ?? [];
    legs.set(unit, own);
    const known = own[room];
    if (known) return known;
    const time = timers.get(unit) ?? timer.of(unit.section, unit.entries);
    timers.set(unit, time);
    const { state, segments, ms } = time(rooms.at(room));
    const { transferMs, risingMs, propMs } = movingCost(segments);
    const movingMs = transferMs + risingMs + propMs;
    return (own[room] = { room: rooms.numberOf(state), segments, ms, movingMs });
  };

  const pass = (from: number, unit: Unit): Passage => {
    const own = passages.get(unit) ?? [];
    passages.set(unit, own);
    const known = own[from];
    if (known) return known;
    const standing = standings.at(from);
    const leg = legOf(standing.room, unit);
    const after = balances ? risesIn(standing, leg.segments, leg.ms) : undefined;
    const to = standings.numberOf({
      room: leg.room,
      lowness: after?.lowness ?? standing.lowness,
      sinceMs: after?.sinceMs ?? standing.sinceMs,
    });
    return (own[from] = { to, movingMs: leg.movingMs, broken: after?.broken ?? 0 });
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
    const { segments } = timer.home(rooms.at(standings.at(from).room));
    const { transferMs, risingMs, propMs } = movingCost(segments, 0);
    return (homes[from] = transferMs + risingMs + propMs);
  };

  const start = standings.numberOf({
    room: rooms.numberOf(timer.start),
    lowness: seen.lanes.map(() => UPRIGHT),
    sinceMs: seen.lanes.map(() => Infinity),
  });
  return { start, pass, homeMs, count: standings.count };
}

/** When the work of each play begins. */
function worksOf(segments: readonly Segment[]): readonly { itemId: ItemId; atMs: number }[] {
  const starts = new Map<number, { itemId: ItemId; atMs: number }>();
  for (const { play, itemId, startMs } of segments.filter(isWork)) {
    if (play === null || !itemId) continue;
    if (!starts.has(play)) starts.set(play, { itemId, atMs: startMs });
  }
  return [...starts.values()];
}

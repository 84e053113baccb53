import type { Lookback, UnitDeeds } from './before';
import type { Rooms } from './rooms';
import type { Unit } from './units';

/** A section as the search sees it. */
export interface SearchSection {
  readonly units: readonly Unit[];
  readonly deeds: readonly UnitDeeds[];
  /** Sums over all sections before this one. */
  readonly before: Float64Array;
}

export interface Search {
  readonly sections: readonly SearchSection[];
  readonly rooms: Rooms;
  readonly back: Lookback;
}

/** A broken rule outweighs any time. */
export const BROKEN = 1e9;

/** What is still to be paid from each standing at the start of a section, and inside it. */
interface Table {
  /** By which units are done and where the room stands. */
  readonly toGo: Float64Array;
  readonly width: number;
  readonly brokenAt: Uint16Array;
}

/**
 * All best orders, the nearest to the given one first, as far as they are asked for.
 * Exact: every order of every section is weighed by dynamic programming over what is done.
 * @returns the least cost and its orders; each order has the units of each section in turn
 */
export function bestOrders({ sections, rooms, back }: Search): {
  readonly cost: number;
  readonly orders: Generator<readonly (readonly number[])[]>;
} {
  const tables = sections.map(() => undefined as Table | undefined);
  reachAll(sections, rooms);
  const width = rooms.count();
  for (let s = sections.length - 1; s >= 0; s--) {
    const section = sections[s];
    const next = tables[s + 1];
    if (section) {
      const after = (standing: number) => (next ? at(next, 0, standing) : rooms.homeMs(standing));
      tables[s] = fill(section, rooms, back, width, after);
    }
  }
  const [first] = tables;
  const cost = first ? at(first, 0, rooms.start) : rooms.homeMs(rooms.start);
  return { cost, orders: optimal(sections, tables, rooms, 0, rooms.start, 0, []) };
}

const at = ({ toGo, width }: Table, done: number, standing: number): number =>
  toGo[done * width + standing] ?? Infinity;

/** Meets every standing that any order could lead to, so that tables can be laid out. */
function reachAll(sections: readonly SearchSection[], rooms: Rooms): void {
  let from = new Set([rooms.start]);
  for (const { units } of sections) {
    const met = new Set(from);
    const open = [...from];
    for (let standing = open.pop(); standing !== undefined; standing = open.pop()) {
      for (const unit of units) {
        const { to } = rooms.pass(standing, unit);
        if (met.has(to)) continue;
        met.add(to);
        open.push(to);
      }
    }
    from = met;
  }
}

/** Which units may come next: a pinned one at its own place, and nowhere else. */
function mayFollow(units: readonly Unit[], place: number, unit: number): boolean {
  return units[place]?.pinned ? unit === place : !units[unit]?.pinned;
}

function fill(
  { units, deeds, before }: SearchSection,
  rooms: Rooms,
  back: Lookback,
  width: number,
  after: (standing: number) => number,
): Table {
  const count = units.length;
  const all = (1 << count) - 1;
  const toGo = new Float64Array((all + 1) * width).fill(Infinity);
  for (let standing = 0; standing < width; standing++) {
    toGo[all * width + standing] = after(standing);
  }
  const sums = sumsBefore(deeds, before, back.size, all);
  const brokenAt = new Uint16Array((all + 1) * count);
  const passes = units.map((unit) =>
    Array.from({ length: width }, (_, standing) => rooms.pass(standing, unit)),
  );
  for (let done = all - 1; done >= 0; done--) {
    const place = ones(done);
    const past = sums.subarray(done * back.size, (done + 1) * back.size);
    for (let unit = 0; unit < count; unit++) {
      const own = deeds[unit];
      if (done & (1 << unit) || !own || !mayFollow(units, place, unit)) continue;
      const broken = back.broken(past, own);
      brokenAt[done * count + unit] = broken;
      const next = (done | (1 << unit)) * width;
      const row = passes[unit] ?? [];
      for (let standing = 0; standing < width; standing++) {
        const pass = row[standing];
        if (!pass) continue;
        const cost =
          pass.movingMs + (pass.broken + broken) * BROKEN + (toGo[next + pass.to] ?? Infinity);
        if (cost < (toGo[done * width + standing] ?? Infinity)) {
          toGo[done * width + standing] = cost;
        }
      }
    }
  }
  return { toGo, width, brokenAt };
}

function sumsBefore(
  deeds: readonly UnitDeeds[],
  before: Float64Array,
  size: number,
  all: number,
): Float64Array {
  const sums = new Float64Array((all + 1) * size);
  sums.set(before, 0);
  for (let done = 1; done <= all; done++) {
    const lowest = done & -done;
    const rest = (done ^ lowest) * size;
    const own = deeds[Math.log2(lowest)]?.sum;
    for (let i = 0; i < size; i++) sums[done * size + i] = (sums[rest + i] ?? 0) + (own?.[i] ?? 0);
  }
  return sums;
}

function ones(done: number): number {
  let count = 0;
  for (let rest = done; rest > 0; rest &= rest - 1) count += 1;
  return count;
}

/** Walks the tables along every least cost, earlier units of the given order first. */
function* optimal(
  sections: readonly SearchSection[],
  tables: readonly (Table | undefined)[],
  rooms: Rooms,
  s: number,
  standing: number,
  done: number,
  orders: readonly (readonly number[])[],
): Generator<readonly (readonly number[])[]> {
  const section = sections[s];
  const table = tables[s];
  if (!section || !table) {
    yield orders;
    return;
  }
  const count = section.units.length;
  if (done === (1 << count) - 1) {
    const next = orders.length === s + 1 ? orders : [...orders, []];
    yield* optimal(sections, tables, rooms, s + 1, standing, 0, next);
    return;
  }
  const wanted = at(table, done, standing);
  const own = orders[s] ?? [];
  for (let unit = 0; unit < count; unit++) {
    const one = section.units[unit];
    if (done & (1 << unit) || !one || !mayFollow(section.units, own.length, unit)) continue;
    const pass = rooms.pass(standing, one);
    const broken = pass.broken + (table.brokenAt[done * count + unit] ?? 0);
    const next = done | (1 << unit);
    if (pass.movingMs + broken * BROKEN + at(table, next, pass.to) !== wanted) continue;
    const longer = [...orders.slice(0, s), [...own, unit]];
    yield* optimal(sections, tables, rooms, s, pass.to, next, longer);
  }
}

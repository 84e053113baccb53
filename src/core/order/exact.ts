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
  readonly orders: OrderWalk;
} {
  meetAll(sections, rooms);
  const width = rooms.count();
  const laidOut = layOut(sections, rooms, width);
  const tables = sections.map(() => undefined as Table | undefined);
  for (let s = sections.length - 1; s >= 0; s--) {
    const section = sections[s];
    const ways = laidOut[s];
    const next = tables[s + 1];
    if (section && ways) {
      const after = (standing: number) => (next ? at(next, 0, standing) : rooms.homeMs(standing));
      tables[s] = fill(section, ways, back, width, after);
    }
  }
  const [first] = tables;
  const cost = first ? at(first, 0, rooms.start) : rooms.homeMs(rooms.start);
  return { cost, orders: optimal(sections, tables, rooms, 0, rooms.start, 0, []) };
}

const at = ({ toGo, width }: Table, done: number, standing: number): number =>
  toGo[done * width + standing] ?? Infinity;

/** Meets every standing that any order could lead to, so that tables can be laid out. */
function meetAll(sections: readonly SearchSection[], rooms: Rooms): void {
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

/** The passages of a section's units, by unit and standing, and what each set of done units reaches. */
interface Ways {
  readonly to: Int32Array;
  readonly cost: Float64Array;
  readonly reached: Uint8Array;
}

function layOut(sections: readonly SearchSection[], rooms: Rooms, width: number): readonly Ways[] {
  let from: Uint8Array = new Uint8Array(width);
  from[rooms.start] = 1;
  return sections.map(({ units }) => {
    const to = new Int32Array(units.length * width);
    const cost = new Float64Array(units.length * width);
    units.forEach((unit, u) => {
      for (let standing = 0; standing < width; standing++) {
        const pass = rooms.pass(standing, unit);
        to[u * width + standing] = pass.to;
        cost[u * width + standing] = pass.movingMs + pass.broken * BROKEN;
      }
    });
    const reached = reachedBy(units, to, width, from);
    from = reached.subarray(reached.length - width);
    return { to, cost, reached };
  });
}

/** Which standings each set of done units can have led to. */
function reachedBy(
  units: readonly Unit[],
  to: Int32Array,
  width: number,
  from: Uint8Array,
): Uint8Array {
  const count = units.length;
  const all = (1 << count) - 1;
  const reached = new Uint8Array((all + 1) * width);
  reached.set(from);
  const open = new Int32Array(width);
  for (let done = 0; done < all; done++) {
    const opened = standingsAt(reached, done * width, open);
    const place = ones(done);
    for (let unit = 0; unit < count && opened > 0; unit++) {
      if (done & (1 << unit) || !mayFollow(units, place, unit)) continue;
      const next = (done | (1 << unit)) * width;
      const row = unit * width;
      for (let i = 0; i < opened; i++) {
        reached[next + (to[row + (open[i] as number)] as number)] = 1;
      }
    }
  }
  return reached;
}

/** Which units may come next: a pinned one at its own place, and nowhere else. */
function mayFollow(units: readonly Unit[], place: number, unit: number): boolean {
  return units[place]?.pinned ? unit === place : !units[unit]?.pinned;
}

/** Lists the standings that are reached; how many they are. */
function standingsAt(reached: Uint8Array, here: number, open: Int32Array): number {
  let opened = 0;
  for (let standing = 0; standing < open.length; standing++) {
    if (reached[here + standing] === 1) open[opened++] = standing;
  }
  return opened;
}

function fill(
  { units, deeds, before }: SearchSection,
  { to, cost, reached }: Ways,
  back: Lookback,
  width: number,
  after: (standing: number) => number,
): Table {
  const count = units.length;
  const all = (1 << count) - 1;
  const toGo = new Float64Array((all + 1) * width).fill(Infinity);
  for (let standing = 0; standing < width; standing++) {
    if (reached[all * width + standing]) toGo[all * width + standing] = after(standing);
  }
  const sums = sumsBefore(deeds, before, back.size, all);
  const brokenAt = new Uint16Array((all + 1) * count);
  const open = new Int32Array(width);
  for (let done = all - 1; done >= 0; done--) {
    const place = ones(done);
    const past = sums.subarray(done * back.size, (done + 1) * back.size);
    const here = done * width;
    const opened = standingsAt(reached, here, open);
    for (let unit = 0; unit < count && opened > 0; unit++) {
      const own = deeds[unit];
      if (done & (1 << unit) || !own || !mayFollow(units, place, unit)) continue;
      const broken = back.broken(past, own);
      brokenAt[done * count + unit] = broken;
      const next = (done | (1 << unit)) * width;
      const row = unit * width;
      // Inside the bounds of every table, as it is laid out.
      for (let i = 0; i < opened; i++) {
        const standing = open[i] as number;
        const onward = toGo[next + (to[row + standing] as number)] as number;
        const whole = (cost[row + standing] as number) + broken * BROKEN + onward;
        if (whole < (toGo[here + standing] as number)) toGo[here + standing] = whole;
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

/** Told how many units from the start an order must differ in, goes on from there. */
export type OrderWalk = Generator<
  readonly (readonly number[])[],
  number | undefined,
  number | undefined
>;

/** Walks the tables along every least cost, earlier units of the given order first. */
function* optimal(
  sections: readonly SearchSection[],
  tables: readonly (Table | undefined)[],
  rooms: Rooms,
  s: number,
  standing: number,
  done: number,
  orders: readonly (readonly number[])[],
): OrderWalk {
  const section = sections[s];
  const table = tables[s];
  if (!section || !table) return yield orders;
  const count = section.units.length;
  if (done === (1 << count) - 1) {
    const next = orders.length === s + 1 ? orders : [...orders, []];
    return yield* optimal(sections, tables, rooms, s + 1, standing, 0, next);
  }
  const wanted = at(table, done, standing);
  const own = orders[s] ?? [];
  const placed = orders.reduce((sum, order) => sum + order.length, 0);
  for (let unit = 0; unit < count; unit++) {
    const one = section.units[unit];
    if (done & (1 << unit) || !one || !mayFollow(section.units, own.length, unit)) continue;
    const pass = rooms.pass(standing, one);
    const broken = pass.broken + (table.brokenAt[done * count + unit] ?? 0);
    const next = done | (1 << unit);
    if (pass.movingMs + broken * BROKEN + at(table, next, pass.to) !== wanted) continue;
    const longer = [...orders.slice(0, s), [...own, unit]];
    const differ = yield* optimal(sections, tables, rooms, s, pass.to, next, longer);
    if (differ !== undefined && differ < placed) return differ;
  }
  return undefined;
}

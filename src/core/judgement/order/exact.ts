import { leastJoining, type Apart } from './bound';
import { openOf, type Open } from './open';
import type { Lookback, UnitDeeds } from './before';
import { scaleOf, type Costs, type Scale } from './scale';
import type { Rooms } from './standings';
import type { Unit } from './units';

/** A section as the search sees it. */
export interface SearchSection {
  readonly units: readonly Unit[];
  readonly deeds: readonly UnitDeeds[];
  /** Sums over all sections before this one. */
  readonly before: Int32Array;
}

export interface Search {
  readonly sections: readonly SearchSection[];
  readonly rooms: Rooms;
  readonly back: Lookback;
}

/** What is still to be paid from each standing at the start of a section, and inside it. */
interface Table {
  /** By which units are done and where the room stands. */
  readonly toGo: Costs;
  readonly width: number;
  readonly none: number;
  readonly brokenAt: Uint16Array;
}

/**
 * All best orders, the nearest to the given one first, as far as they are asked for.
 * Exact: every order of every section is weighed by dynamic programming over what is done.
 * @param most the cost of some order; what costs more on the way is not looked at further
 * @returns the least cost and its orders; each order has the units of each section in turn
 */
export function bestOrders(
  { sections, rooms, back }: Search,
  most: number,
): { readonly cost: number; readonly orders: OrderWalk } {
  meetAll(sections, rooms);
  const width = rooms.count();
  const scale = scaleOf(sections, rooms, width);
  const laidOut = layOut(sections, rooms, back, width, scale, scale.of(most));
  const tables = sections.map(() => undefined as Table | undefined);
  for (let s = sections.length - 1; s >= 0; s--) {
    const section = sections[s];
    const ways = laidOut[s];
    const next = tables[s + 1];
    if (section && ways) {
      const after = (standing: number) =>
        next ? at(next, 0, standing) : scale.of(rooms.homeMs(standing));
      tables[s] = fill(section, ways, width, scale, after);
    }
  }
  const [first] = tables;
  const cost = first ? scale.back(at(first, 0, rooms.start)) : rooms.homeMs(rooms.start);
  return { cost, orders: optimal(sections, tables, rooms, scale, 0, rooms.start, 0, []) };
}

const at = ({ toGo, width, none }: Table, done: number, standing: number): number =>
  toGo[done * width + standing] ?? none;

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

/** The passages of a section's units, by unit and standing, and what was spent by way of them. */
interface Ways {
  readonly to: Int32Array;
  readonly cost: Costs;
  /** The least that each set of done units and standing costs; none where it is not worth a look. */
  readonly spent: Costs;
  readonly open: Open;
  readonly brokenAt: Uint16Array;
}

function layOut(
  sections: readonly SearchSection[],
  rooms: Rooms,
  back: Lookback,
  width: number,
  scale: Scale,
  most: number,
): readonly Ways[] {
  let from = scale.costs(width);
  from[rooms.start] = 0;
  const passages = sections.map(({ units }) => passagesOf(units, rooms, width, scale));
  const least = sections.map((section, s) =>
    leastBroken(section, back).map(
      (broken, u) => broken * scale.broken + (passages[s]?.least[u] ?? 0),
    ),
  );
  const joining = passages.map((own) => leastJoining(own.least.length, apartIn(own, width)));
  const total = least.map(
    (units, s) => units.reduce((sum, cost) => sum + cost, 0) + (joining[s]?.at(-1) ?? 0),
  );
  const home = leastOf(width, (standing) => scale.of(rooms.homeMs(standing)));
  return sections.map((section, s) => {
    const later = total.slice(s + 1).reduce((sum, cost) => sum + cost, home);
    const own = passages[s] ?? NOWHERE;
    const toCome = costToCome(least[s] ?? [], joining[s] ?? NONE_LEFT, later, scale);
    const ways = spend(section, own, back, width, scale, from, most, toCome);
    from = ways.spent.slice(ways.spent.length - width);
    return ways;
  });
}

interface Passages extends Pick<Ways, 'to' | 'cost'> {
  /** What each unit costs at the least, wherever the room stands. */
  readonly least: readonly number[];
}

const NOWHERE: Passages = { to: new Int32Array(), cost: new Float64Array(), least: [] };
const NONE_LEFT = new Float64Array(1);

/** What it costs at the least to enter a unit from where another one leaves the room. */
function apartIn({ to, cost, least }: Passages, width: number): Apart {
  const exits = least.map((_, unit) => [...new Set(to.subarray(unit * width, (unit + 1) * width))]);
  return (from, unit) =>
    Math.min(...(exits[from] ?? []).map((at) => cost[unit * width + at] ?? 0)) - (least[unit] ?? 0);
}

function passagesOf(units: readonly Unit[], rooms: Rooms, width: number, scale: Scale): Passages {
  const to = new Int32Array(units.length * width);
  const cost = scale.costs(units.length * width);
  const least = units.map((unit, u) =>
    leastOf(width, (standing) => {
      const pass = rooms.pass(standing, unit);
      to[u * width + standing] = pass.to;
      return (cost[u * width + standing] = scale.of(pass.movingMs) + pass.broken * scale.broken);
    }),
  );
  return { to, cost, least };
}

function leastOf(count: number, costAt: (at: number) => number): number {
  let least = Infinity;
  for (let at = 0; at < count; at++) least = Math.min(least, costAt(at));
  return count > 0 ? least : 0;
}

/** What each unit breaks at the least, wherever in its section it stands. */
function leastBroken({ deeds, before }: SearchSection, back: Lookback): readonly number[] {
  const all = before.slice();
  for (const { sum } of deeds) sum.forEach((value, i) => (all[i] = (all[i] ?? 0) + value));
  return deeds.map((own) => {
    const others = all.map((value, i) => value - (own.sum[i] ?? 0));
    return back.broken(before, own, others);
  });
}

/** By what is done, the least that is still to be paid here, in later sections and on the way home. */
function costToCome(
  least: readonly number[],
  joining: Float64Array,
  later: number,
  scale: Scale,
): Costs {
  const all = (1 << least.length) - 1;
  const toCome = scale.costs(all + 1).fill(later);
  for (let done = all - 1; done >= 0; done--) {
    const next = ~done & (done + 1);
    toCome[done] = (toCome[done | next] ?? 0) + (least[Math.log2(next)] ?? 0);
  }
  for (let done = 0; done <= all; done++) {
    toCome[done] = (toCome[done] ?? 0) + (joining[all & ~done] ?? 0);
  }
  return toCome;
}

/** Goes forward from what was spent before the section, as long as it is not more than `most`. */
function spend(
  { units, deeds, before }: SearchSection,
  { to, cost }: Pick<Ways, 'to' | 'cost'>,
  back: Lookback,
  width: number,
  scale: Scale,
  from: Costs,
  most: number,
  toCome: Costs,
): Ways {
  const count = units.length;
  const all = (1 << count) - 1;
  const spent = scale.costs((all + 1) * width);
  spent.set(from);
  const open = openOf(all + 1, width);
  from.forEach((cost, standing) => cost < scale.none && open.add(0, standing));
  const sums = sumsBefore(deeds, before, back.size, all);
  const brokenAt = new Uint16Array((all + 1) * count);
  const list = new Int32Array(width);
  const pinned = units.some((unit) => unit.pinned);
  const { none } = scale;
  for (let done = 0; done < all; done++) {
    const here = done * width;
    const opened = open.list(done, list);
    if (opened === 0) continue;
    const place = ones(done);
    const past = sums.subarray(done * back.size, (done + 1) * back.size);
    for (let left = all & ~done; left !== 0; left &= left - 1) {
      const unit = 31 - Math.clz32(left & -left);
      const own = deeds[unit];
      if (!own || (pinned && !mayFollow(units, place, unit))) continue;
      const broken = own.asks ? back.broken(past, own) : 0;
      brokenAt[done * count + unit] = broken;
      const price = broken * scale.broken;
      const next = done | (1 << unit);
      const row = unit * width;
      const worth = most - (toCome[next] as number);
      // Inside the bounds of every table, as it is laid out.
      for (let i = 0; i < opened; i++) {
        const standing = list[i] as number;
        const sum = (spent[here + standing] as number) + (cost[row + standing] as number) + price;
        if (sum > worth) continue;
        const then = to[row + standing] as number;
        const known = spent[next * width + then] as number;
        if (sum >= known) continue;
        if (known === none) open.add(next, then);
        spent[next * width + then] = sum;
      }
    }
  }
  return { to, cost, spent, open, brokenAt };
}

/** Which units may come next: a pinned one at its own place, and nowhere else. */
function mayFollow(units: readonly Unit[], place: number, unit: number): boolean {
  return units[place]?.pinned ? unit === place : !units[unit]?.pinned;
}

/** Goes back from the end of the section; what was spent gives way to what is still to be paid. */
function fill(
  { units }: SearchSection,
  { to, cost, spent, open, brokenAt }: Ways,
  width: number,
  scale: Scale,
  after: (standing: number) => number,
): Table {
  const count = units.length;
  const all = (1 << count) - 1;
  const toGo = spent;
  const list = new Int32Array(width);
  const pinned = units.some((unit) => unit.pinned);
  const { none } = scale;
  const last = open.list(all, list);
  for (let i = 0; i < last; i++) {
    const standing = list[i] as number;
    toGo[all * width + standing] = after(standing);
  }
  for (let done = all - 1; done >= 0; done--) {
    const here = done * width;
    const opened = open.list(done, list);
    if (opened === 0) continue;
    const place = ones(done);
    for (let i = 0; i < opened; i++) toGo[here + (list[i] as number)] = none;
    for (let left = all & ~done; left !== 0; left &= left - 1) {
      const unit = 31 - Math.clz32(left & -left);
      if (pinned && !mayFollow(units, place, unit)) continue;
      const price = (brokenAt[done * count + unit] as number) * scale.broken;
      const next = (done | (1 << unit)) * width;
      const row = unit * width;
      for (let i = 0; i < opened; i++) {
        const standing = list[i] as number;
        const onward = toGo[next + (to[row + standing] as number)] as number;
        if (onward === none) continue;
        const whole = (cost[row + standing] as number) + price + onward;
        if (whole < (toGo[here + standing] as number)) toGo[here + standing] = whole;
      }
    }
  }
  return { toGo, width, none: scale.none, brokenAt };
}

function sumsBefore(
  deeds: readonly UnitDeeds[],
  before: Int32Array,
  size: number,
  all: number,
): Int32Array {
  const sums = new Int32Array((all + 1) * size);
  sums.set(before, 0);
  for (let done = 1; done <= all; done++) {
    const lowest = done & -done;
    const rest = (done ^ lowest) * size;
    const own = deeds[31 - Math.clz32(lowest)]?.sum;
    if (!own) continue;
    const here = done * size;
    for (let i = 0; i < size; i++) {
      sums[here + i] = (sums[rest + i] as number) + (own[i] as number);
    }
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
  scale: Scale,
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
    return yield* optimal(sections, tables, rooms, scale, s + 1, standing, 0, next);
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
    const onward = at(table, next, pass.to);
    const whole = scale.of(pass.movingMs) + broken * scale.broken + onward;
    if (onward === scale.none || whole !== wanted) continue;
    const longer = [...orders.slice(0, s), [...own, unit]];
    const differ = yield* optimal(sections, tables, rooms, scale, s, pass.to, next, longer);
    if (differ !== undefined && differ < placed) return differ;
  }
  return undefined;
}

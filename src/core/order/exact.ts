import type { Lookback, UnitDeeds } from './before';
import type { Rooms } from './rooms';
import type { Unit } from './units';
import { scaleOf, type Costs, type Scale } from './scale';

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
  const least = sections.map((section) => leastBroken(section, back));
  const total = least.map((units) => units.reduce((sum, broken) => sum + broken, 0));
  return sections.map((section, s) => {
    const { units } = section;
    const to = new Int32Array(units.length * width);
    const cost = scale.costs(units.length * width);
    units.forEach((unit, u) => {
      for (let standing = 0; standing < width; standing++) {
        const pass = rooms.pass(standing, unit);
        to[u * width + standing] = pass.to;
        cost[u * width + standing] = scale.of(pass.movingMs) + pass.broken * scale.broken;
      }
    });
    const later = total.slice(s + 1).reduce((sum, broken) => sum + broken, 0);
    const toBreak = brokenToCome(least[s] ?? [], later);
    const ways = spend(section, { to, cost }, back, width, scale, from, most, toBreak);
    from = ways.spent.slice(ways.spent.length - width);
    return ways;
  });
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

/** By what is done, the least that is still to be broken here and in later sections. */
function brokenToCome(least: readonly number[], later: number): Uint16Array {
  const all = (1 << least.length) - 1;
  const toCome = new Uint16Array(all + 1).fill(later);
  for (let done = all - 1; done >= 0; done--) {
    const next = ~done & (done + 1);
    toCome[done] = (toCome[done | next] ?? 0) + (least[Math.log2(next)] ?? 0);
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
  toBreak: Uint16Array,
): Ways {
  const count = units.length;
  const all = (1 << count) - 1;
  const spent = scale.costs((all + 1) * width);
  spent.set(from);
  const sums = sumsBefore(deeds, before, back.size, all);
  const brokenAt = new Uint16Array((all + 1) * count);
  const open = new Int32Array(width);
  for (let done = 0; done < all; done++) {
    const here = done * width;
    const opened = standingsAt(spent, here, open, scale.none);
    if (opened === 0) continue;
    const place = ones(done);
    const past = sums.subarray(done * back.size, (done + 1) * back.size);
    for (let unit = 0; unit < count; unit++) {
      const own = deeds[unit];
      if (done & (1 << unit) || !own || !mayFollow(units, place, unit)) continue;
      const broken = back.broken(past, own);
      brokenAt[done * count + unit] = broken;
      const next = (done | (1 << unit)) * width;
      const row = unit * width;
      const worth = most - (toBreak[done | (1 << unit)] as number) * scale.broken;
      // Inside the bounds of every table, as it is laid out.
      for (let i = 0; i < opened; i++) {
        const standing = open[i] as number;
        const sum =
          (spent[here + standing] as number) +
          (cost[row + standing] as number) +
          broken * scale.broken;
        const there = next + (to[row + standing] as number);
        if (sum <= worth && sum < (spent[there] as number)) spent[there] = sum;
      }
    }
  }
  return { to, cost, spent, brokenAt };
}

/** Which units may come next: a pinned one at its own place, and nowhere else. */
function mayFollow(units: readonly Unit[], place: number, unit: number): boolean {
  return units[place]?.pinned ? unit === place : !units[unit]?.pinned;
}

/** Lists the standings worth a look; how many they are. */
function standingsAt(spent: Costs, here: number, open: Int32Array, none: number): number {
  let opened = 0;
  for (let standing = 0; standing < open.length; standing++) {
    if ((spent[here + standing] as number) < none) open[opened++] = standing;
  }
  return opened;
}

/** Goes back from the end of the section; what was spent gives way to what is still to be paid. */
function fill(
  { units }: SearchSection,
  { to, cost, spent, brokenAt }: Ways,
  width: number,
  scale: Scale,
  after: (standing: number) => number,
): Table {
  const count = units.length;
  const all = (1 << count) - 1;
  const toGo = spent;
  const open = new Int32Array(width);
  const last = standingsAt(spent, all * width, open, scale.none);
  for (let i = 0; i < last; i++) {
    const standing = open[i] as number;
    toGo[all * width + standing] = after(standing);
  }
  for (let done = all - 1; done >= 0; done--) {
    const here = done * width;
    const opened = standingsAt(spent, here, open, scale.none);
    if (opened === 0) continue;
    const place = ones(done);
    toGo.fill(scale.none, here, here + width);
    for (let unit = 0; unit < count; unit++) {
      if (done & (1 << unit) || !mayFollow(units, place, unit)) continue;
      const broken = brokenAt[done * count + unit] as number;
      const next = (done | (1 << unit)) * width;
      const row = unit * width;
      for (let i = 0; i < opened; i++) {
        const standing = open[i] as number;
        const onward = toGo[next + (to[row + standing] as number)] as number;
        if (onward === scale.none) continue;
        const whole = (cost[row + standing] as number) + broken * scale.broken + onward;
        if (whole < (toGo[here + standing] as number)) toGo[here + standing] = whole;
      }
    }
  }
  return { toGo, width, none: scale.none, brokenAt };
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

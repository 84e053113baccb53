import { bestWalk, type OrderWalk } from './best-walk';
import { leastJoining, type Apart } from './bound';
import { openOf } from './open';
import type { Search, SearchSection, Ways } from './search';
import type { Lookback, UnitDeeds } from './before';
import { scaleOf, type Costs, type Scale } from './scale';
import type { Rooms } from './standings';
import { mayFollow, onesIn, type Unit } from './units';

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
  const ways = layOut(sections, rooms, back, width, scale, scale.of(most));
  const spentAt = endsOf(ways, width);
  const whole = (standing: number) => (spentAt[standing] ?? 0) + scale.of(rooms.homeMs(standing));
  const least = leastOf(width, whole);
  const orders = bestWalk(
    { sections, ways, width, broken: scale.broken },
    (standing) => whole(standing) === least,
    rooms.start,
  );
  return { cost: scale.back(least), orders };
}

/** What the last section's ways spend up to each standing they end in. */
function endsOf(ways: readonly Ways[], width: number): Costs {
  const spent = ways.at(-1)?.spent ?? new Int32Array(width);
  return spent.subarray(spent.length - width);
}

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
    const place = onesIn(done);
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

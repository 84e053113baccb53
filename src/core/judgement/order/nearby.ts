import { BROKEN } from './scale';
import type { Search } from './search';

type SectionOrders = readonly (readonly number[])[];

/** Where an order has come to before one of its places. */
interface Before {
  readonly standing: number;
  readonly cost: number;
  readonly sums: Int32Array;
}

/** An order with what it costs up to each of its places, by section. */
interface Priced {
  readonly orders: SectionOrders;
  readonly cost: number;
  readonly before: readonly (readonly Before[])[];
}

/** What an order costs, by the same counts as the exact search. */
export function costOf(search: Search, orders: SectionOrders): number {
  return priced(search, orders).cost;
}

function priced(search: Search, orders: SectionOrders): Priced {
  let standing = search.rooms.start;
  let cost = 0;
  const before = search.sections.map((section, s) => {
    const places: Before[] = [];
    const sums = section.before.slice();
    const walk = { standing, cost, sums };
    for (const unit of orders[s] ?? []) {
      places.push({ ...walk, sums: sums.slice() });
      goOn(search, s, unit, walk);
    }
    ({ standing, cost } = walk);
    places.push({ standing, cost, sums });
    return places;
  });
  return { orders, cost: cost + search.rooms.homeMs(standing), before };
}

/** Does one unit of a section: where it leads, and what has been paid by then. */
function goOn(
  { sections, rooms, back }: Search,
  s: number,
  unit: number,
  walk: { -readonly [K in keyof Before]: Before[K] },
): void {
  const one = sections[s]?.units[unit];
  const own = sections[s]?.deeds[unit];
  if (!one || !own) return;
  const pass = rooms.pass(walk.standing, one);
  walk.cost += pass.movingMs + (pass.broken + back.broken(walk.sums, own)) * BROKEN;
  walk.standing = pass.to;
  const { sums } = walk;
  for (let i = 0; i < sums.length; i++) sums[i] = (sums[i] as number) + (own.sum[i] as number);
}

/** What an order costs that differs from a priced one in one section; only where it differs is paid anew. */
function costWith(search: Search, base: Priced, s: number, order: readonly number[]): number {
  const old = base.orders[s] ?? [];
  const from = order.findIndex((unit, at) => unit !== old[at]);
  const last = order.findLastIndex((unit, at) => unit !== old[at]);
  const places = base.before[s];
  const start = places?.[from];
  if (!places || !start) return base.cost;
  const now = { ...start, sums: start.sums.slice() };
  for (let at = from; at < order.length; at++) {
    const known = places[at];
    // The same has been done by here, and the room stands the same: the rest is as it was.
    if (at > last && known?.standing === now.standing) return base.cost + now.cost - known.cost;
    goOn(search, s, order[at] ?? 0, now);
  }
  const end = places.at(-1);
  if (end?.standing === now.standing) return base.cost + now.cost - end.cost;
  for (let later = s + 1; later < search.sections.length; later++) {
    const known = base.before[later] ?? [];
    now.sums = search.sections[later]?.before.slice() ?? now.sums;
    for (const [at, unit] of (base.orders[later] ?? []).entries()) {
      if (known[at]?.standing === now.standing) return base.cost + now.cost - known[at].cost;
      goOn(search, later, unit, now);
    }
  }
  return now.cost + search.rooms.homeMs(now.standing);
}

/**
 * An order that takes, place by place, the unit that costs least next and leaves the others the
 * least to break: a bound, not a choice.
 */
export function greedyOrders({ sections, rooms, back }: Search): SectionOrders {
  let standing = rooms.start;
  return sections.map(({ units, deeds, before }) => {
    const sums = before.slice();
    const left = new Set(units.keys());
    const order: number[] = [];
    while (left.size > 0) {
      const place = order.length;
      const costAt = (unit: number): number => {
        const [one, own] = [units[unit], deeds[unit]];
        if (!one || !own) return Infinity;
        const pass = rooms.pass(standing, one);
        const then = sums.map((value, i) => value + (own.sum[i] ?? 0));
        let broken = pass.broken + back.broken(sums, own);
        for (const other of left) {
          const rest = deeds[other];
          if (other !== unit && rest) broken += back.broken(then, rest);
        }
        return pass.movingMs + broken * BROKEN;
      };
      const may = [...left].filter((unit) =>
        units[place]?.pinned ? unit === place : !units[unit]?.pinned,
      );
      const [next = 0] = may
        .map((unit) => [unit, costAt(unit)] as const)
        .reduce((best, one) => (one[1] < best[1] ? one : best));
      const one = units[next];
      deeds[next]?.sum.forEach((value, i) => (sums[i] = (sums[i] ?? 0) + value));
      if (one) standing = rooms.pass(standing, one).to;
      left.delete(next);
      order.push(next);
    }
    return order;
  });
}

const MOST_PASSES = 30;
/** The best orders nearby that are looked at: on the way, and around the one that is best of all. */
const LOOKED_AT = 3;
const LOOKED_AT_AROUND = 8;

/**
 * Orders that get better step by step, by moving one unit at a time to where it saves most. Every
 * one of them is better than the one before.
 * @param good whether an order may be taken; what it turns down is not come back to
 */
export function betterOrders(
  search: Search,
  given: SectionOrders,
  good: (orders: SectionOrders) => boolean,
): SectionOrders {
  let best = given;
  for (let pass = 0; pass < MOST_PASSES; pass++) {
    const better = nearBelow(search, best, costOf(search, best)).slice(0, LOOKED_AT).find(good);
    if (!better) return best;
    best = better;
  }
  return best;
}

/** The best good order with one unit elsewhere than in an order that is not good itself. */
export function goodNear(
  search: Search,
  orders: SectionOrders,
  below: number,
  good: (orders: SectionOrders) => boolean,
): SectionOrders | undefined {
  return nearBelow(search, orders, below).slice(0, LOOKED_AT_AROUND).find(good);
}

function nearBelow(search: Search, orders: SectionOrders, below: number): readonly SectionOrders[] {
  const base = priced(search, orders);
  return movesOf(search, orders)
    .map((one) => ({ ...one, cost: costWith(search, base, one.s, one.order) }))
    .filter(({ cost }) => cost < below)
    .sort((a, b) => a.cost - b.cost)
    .map(({ s, order }) => orders.map((own, at) => (at === s ? order : own)));
}

/** One section's order with a unit somewhere else. */
interface MovedOrder {
  readonly s: number;
  readonly order: readonly number[];
}

/** Every order with one unit somewhere else; pinned ones stay, and so do those between them. */
function movesOf({ sections }: Search, orders: SectionOrders): readonly MovedOrder[] {
  return sections.flatMap(({ units }, s) => {
    const order = orders[s] ?? [];
    const free = order.flatMap((unit, place) => (units[unit]?.pinned ? [] : [place]));
    return free.flatMap((from, i) =>
      free.flatMap((_, j): readonly MovedOrder[] => {
        if (i === j) return [];
        const loose = free.map((place) => order[place] ?? 0);
        const [taken] = loose.splice(i, 1);
        loose.splice(j, 0, taken ?? 0);
        const next = [...order];
        free.forEach((place, k) => (next[place] = loose[k] ?? 0));
        return [{ s, order: next }];
      }),
    );
  });
}

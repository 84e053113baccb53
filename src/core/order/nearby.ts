import type { Search } from './exact';
import { BROKEN } from './scale';

type SectionOrders = readonly (readonly number[])[];

/** What an order costs, by the same counts as the exact search. */
export function costOf({ sections, rooms, back }: Search, orders: SectionOrders): number {
  let standing = rooms.start;
  let cost = 0;
  sections.forEach(({ units, deeds, before }, s) => {
    const sums = before.slice();
    for (const unit of orders[s] ?? []) {
      const one = units[unit];
      const own = deeds[unit];
      if (!one || !own) continue;
      const pass = rooms.pass(standing, one);
      cost += pass.movingMs + (pass.broken + back.broken(sums, own)) * BROKEN;
      for (let i = 0; i < sums.length; i++) sums[i] = (sums[i] ?? 0) + (own.sum[i] ?? 0);
      standing = pass.to;
    }
  });
  return cost + rooms.homeMs(standing);
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
  return movesOf(search, orders)
    .map((one) => ({ one, cost: costOf(search, one) }))
    .filter(({ cost }) => cost < below)
    .sort((a, b) => a.cost - b.cost)
    .map(({ one }) => one);
}

/** Every order with one unit somewhere else; pinned ones stay, and so do those between them. */
function movesOf({ sections }: Search, orders: SectionOrders): readonly SectionOrders[] {
  return sections.flatMap(({ units }, s) => {
    const order = orders[s] ?? [];
    const free = order.flatMap((unit, place) => (units[unit]?.pinned ? [] : [place]));
    return free.flatMap((from, i) =>
      free.flatMap((_, j) => {
        if (i === j) return [];
        const loose = free.map((place) => order[place] ?? 0);
        const [taken] = loose.splice(i, 1);
        loose.splice(j, 0, taken ?? 0);
        const next = [...order];
        free.forEach((place, k) => (next[place] = loose[k] ?? 0));
        return [orders.map((one, at) => (at === s ? next : one))];
      }),
    );
  });
}

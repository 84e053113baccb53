import type { ItemId } from '@/core/common';
import { SECTIONS, applyChange, type Change, type Routine, type SectionName } from '@/core/routine';
import { timesOf, scoreMovingCost, stintTimer, type MovingCost } from '@/core/timing';
import { ORDER_RULES, checkSeen, isSpoilt, spoiltBy, type CheckWish } from '../check/check';
import { seeRoutine, type Seen } from '../check/seen';
import { lookback } from './before';
import { brokenCount, brokenIn, type Broken } from './broken';
import { bestOrders } from './exact';
import { betterOrders, costOf, goodNear, greedyOrders } from './nearby';
import type { Search, SearchSection } from './search';
import { roomsOf } from './standings';
import { itemsOf, orderChange, unitsOf, type Orders, type Unit } from './units';

/** Up to so many units a section the best order is found for certain. */
export const EXACT_UNITS = 14;
/** So many of the best orders are looked at for one that makes no new stop or caution. */
const MOST_LOOKED_AT = 5;

/** What an order costs a class. */
export interface OrderCost extends MovingCost {
  readonly broken: Broken;
  readonly brokenRules: number;
  /** All that it costs to move, in milliseconds. */
  readonly movingMs: number;
}

export interface Ordering {
  /** Undefined where the given order is as good as any. */
  readonly change: Change | undefined;
  readonly before: OrderCost;
  readonly after: OrderCost;
  /** Whether no better order exists; false beyond the exact search, or where checks stood in the way. */
  readonly exact: boolean;
  /** What an order would have saved that is not offered, for so little. */
  readonly passedOverMs?: number;
}

export interface OrderWish extends Pick<CheckWish, 'part' | 'phrases'> {
  /** What another order has to save where it breaks as many rules; a few seconds are not worth it. */
  readonly leastSavedMs?: number;
}

const LEAST_SAVED_MS = 15_000;

/**
 * Brings the entries of each section into the order that breaks the fewest order rules and, of
 * those, costs the least transfers, rising pauses and prop changes. Blocks move as one, pinned
 * items stay, a rest stays behind its item. Never worse, and never a new stop or caution.
 */
export function orderRoutine(routine: Routine, wish: OrderWish): Ordering {
  const see = (one: Routine) => seeRoutine(one, wish.part, timesOf(one, wish.part, wish.phrases));
  const seen = see(routine);
  const units = Object.fromEntries(
    SECTIONS.map((name) => [name, unitsOf(routine, name)]),
  ) as Readonly<Record<SectionName, readonly Unit[]>>;
  const search = searchOf(seen, wish, units);
  const given = SECTIONS.map((name) => units[name].map((_, at) => at));
  const findings = checkSeen(seen, ORDER_RULES);
  const seeOrder = (orders: SectionOrders) =>
    see(applyChange(routine, orderChange(units, named(orders))));
  const guard: Guard = {
    spoilt: (orders) => spoiltBy(findings, checkSeen(seeOrder(orders), ORDER_RULES)),
    good: (orders) => !isSpoilt(findings, seeOrder(orders), ORDER_RULES),
  };
  const { orders, exact } = chosen(search, given, guard);
  const before = orderCost(seen);
  if (!orders) return { change: undefined, before, after: before, exact };
  const change = orderChange(units, named(orders));
  const after = orderCost(see(applyChange(routine, change)));
  const { leastSavedMs = LEAST_SAVED_MS } = wish;
  const saved = before.movingMs - after.movingMs;
  if (after.brokenRules === before.brokenRules && saved < leastSavedMs) {
    return { change: undefined, before, after: before, exact, passedOverMs: saved };
  }
  return { change, before, after, exact };
}

function named(orders: SectionOrders): Orders {
  return Object.fromEntries(SECTIONS.map((name, s) => [name, orders[s] ?? []])) as Orders;
}

function orderCost(seen: Seen): OrderCost {
  const moving = scoreMovingCost(seen.score);
  const broken = brokenIn(seen);
  const movingMs = moving.transferMs + moving.risingMs + moving.propMs;
  return { ...moving, broken, brokenRules: brokenCount(broken), movingMs };
}

interface Chosen {
  readonly orders: SectionOrders | undefined;
  readonly exact: boolean;
}

type SectionOrders = readonly (readonly number[])[];

/** What the checks say of an order. */
interface Guard {
  /** The items of new stops and cautions; undefined where there are none. */
  readonly spoilt: (orders: SectionOrders) => readonly ItemId[] | undefined;
  readonly good: (orders: SectionOrders) => boolean;
}

function chosen(search: Search, given: SectionOrders, { spoilt, good }: Guard): Chosen {
  const now = costOf(search, given);
  let start = given;
  if (search.sections.every(({ units }) => units.length <= EXACT_UNITS)) {
    const best = bestOrders(search, Math.min(now, costOf(search, greedyOrders(search))));
    if (best.cost >= now) return { orders: undefined, exact: true };
    let next = best.orders.next();
    const first = next.value;
    for (let looked = 0; !next.done && looked < MOST_LOOKED_AT; looked++) {
      const items = spoilt(next.value);
      if (!items) return { orders: next.value, exact: true };
      // What comes after the item in trouble can't help it.
      next = best.orders.next(placeOfLast(search, next.value, items));
    }
    if (typeof first === 'object') start = goodNear(search, first, now, good) ?? given;
  }
  const better = betterOrders(search, start, good);
  return { orders: better === given ? undefined : better, exact: false };
}

/** How many units come up to the last that holds one of the items; undefined where none does. */
function placeOfLast(
  { sections }: Search,
  orders: SectionOrders,
  items: readonly ItemId[],
): number | undefined {
  const inOrder = orders.flatMap((order, s) => order.map((unit) => sections[s]?.units[unit]));
  const last = inOrder.findLastIndex(
    (unit) => unit && itemsOf(unit).some((id) => items.includes(id)),
  );
  return last < 0 ? undefined : last;
}

function searchOf(
  seen: Seen,
  wish: OrderWish,
  units: Readonly<Record<SectionName, readonly Unit[]>>,
): Search {
  const rooms = roomsOf(seen, stintTimer(seen.routine, wish.part, wish.phrases));
  const back = lookback(seen);
  const before = new Int32Array(back.size);
  const sections = SECTIONS.map((name): SearchSection => {
    const deeds = units[name].map(back.of);
    const section = { units: units[name], deeds, before: before.slice() };
    for (const { sum } of deeds) sum.forEach((value, i) => (before[i] = (before[i] ?? 0) + value));
    return section;
  });
  return { sections, rooms, back };
}

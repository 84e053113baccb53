import { checkSeen, laneBars, seeRoutine, spoiltBy, type CheckWish, type Seen } from '../check';
import { SECTIONS, applyChange, type Change, type Routine, type SectionName } from '../routine';
import {
  compile,
  scoreMovingCost,
  stretchTimer,
  type MovingCost,
  type ScorePhrases,
} from '../score';
import { lookback } from './before';
import { brokenCount, brokenIn, type Broken } from './broken';
import { bestOrders, type Search, type SearchSection } from './exact';
import { betterOrders, costOf } from './nearby';
import { roomsOf } from './rooms';
import { orderChange, unitsOf, type Orders, type Unit } from './units';

/** Up to so many units a section the best order is found for certain. */
export const EXACT_UNITS = 14;
/** So many of the best orders are looked at for one that makes no new stop or caution. */
const MOST_LOOKED_AT = 24;

/** What an order costs a class. */
export interface OrderCost extends MovingCost {
  readonly broken: Broken;
}

export interface Ordering {
  /** Undefined where the given order is as good as any. */
  readonly change: Change | undefined;
  readonly before: OrderCost;
  readonly after: OrderCost;
  /** Whether no better order exists; false beyond the exact search, or where checks stood in the way. */
  readonly exact: boolean;
}

export type OrderWish = Pick<CheckWish, 'group'> & { readonly phrases: ScorePhrases };

/**
 * Brings the entries of each section into the order that breaks the fewest order rules and, of
 * those, costs the least transfers, rising pauses and prop changes. Blocks move as one, pinned
 * items stay, a rest stays behind its item. Never worse, and never a new stop or caution.
 */
export function orderRoutine(routine: Routine, wish: OrderWish): Ordering {
  const see = (one: Routine) =>
    seeRoutine(one, compile(one, wish.phrases, laneBars(one, wish.group)), wish.group);
  const seen = see(routine);
  const units = Object.fromEntries(
    SECTIONS.map((name) => [name, unitsOf(routine, name)]),
  ) as Readonly<Record<SectionName, readonly Unit[]>>;
  const search = searchOf(seen, wish, units);
  const given = SECTIONS.map((name) => units[name].map((_, at) => at));
  const findings = checkSeen(seen);
  const isSafe = (orders: readonly (readonly number[])[]) => {
    const after = applyChange(routine, orderChange(units, named(orders)));
    return spoiltBy(findings, checkSeen(see(after))) === undefined;
  };
  const { orders, exact } = chosen(search, given, isSafe);
  const before = orderCost(seen);
  if (!orders) return { change: undefined, before, after: before, exact };
  const change = orderChange(units, named(orders));
  return { change, before, after: orderCost(see(applyChange(routine, change))), exact };
}

function named(orders: readonly (readonly number[])[]): Orders {
  return Object.fromEntries(SECTIONS.map((name, s) => [name, orders[s] ?? []])) as Orders;
}

function orderCost(seen: Seen): OrderCost {
  return { ...scoreMovingCost(seen.score), broken: brokenIn(seen) };
}

/** All that an order costs to move, in milliseconds. */
export function movingMs({ transferMs, risingMs, propMs }: MovingCost): number {
  return transferMs + risingMs + propMs;
}

export function brokenRules({ broken }: OrderCost): number {
  return brokenCount(broken);
}

interface Chosen {
  readonly orders: readonly (readonly number[])[] | undefined;
  readonly exact: boolean;
}

function chosen(
  search: Search,
  given: readonly (readonly number[])[],
  isSafe: (orders: readonly (readonly number[])[]) => boolean,
): Chosen {
  const now = costOf(search, given);
  if (search.sections.every(({ units }) => units.length <= EXACT_UNITS)) {
    const best = bestOrders(search);
    if (best.cost >= now) return { orders: undefined, exact: true };
    let looked = 0;
    for (const orders of best.orders) {
      if (isSafe(orders)) return { orders, exact: true };
      if (++looked >= MOST_LOOKED_AT) break;
    }
  }
  const better = betterOrders(search, given, isSafe);
  return { orders: better === given ? undefined : better, exact: false };
}

function searchOf(
  seen: Seen,
  wish: OrderWish,
  units: Readonly<Record<SectionName, readonly Unit[]>>,
): Search {
  const bars = laneBars(seen.routine, wish.group);
  const rooms = roomsOf(seen, stretchTimer(seen.routine, wish.phrases, bars));
  const back = lookback(seen);
  const before = new Float64Array(back.size);
  const sections = SECTIONS.map((name): SearchSection => {
    const deeds = units[name].map(back.of);
    const section = { units: units[name], deeds, before: before.slice() };
    for (const { sum } of deeds) sum.forEach((value, i) => (before[i] = (before[i] ?? 0) + value));
    return section;
  });
  return { sections, rooms, back };
}

import { furnitureAt, type Furniture } from '@/core/body';
import type { ItemId, NewId } from '@/core/common';
import type { Move } from '@/core/moves';
import { barsOf, effectsOf, resolveInLane, standInFor, type LimitOfBody } from '@/core/people';
import {
  MOST_OPTIONS,
  amountRange,
  applyChange,
  catalogueFor,
  changeBetween,
  changeHeader,
  changeItem,
  entriesInOrder,
  itemInForce,
  itemsInOrder,
  lanesOf,
  removeEntry,
  type Change,
  type Entry,
  type Item,
  type Routine,
} from '@/core/routine';
import { timesOf, type Score } from '@/core/timing';
import { checkPlaces, spoiltBy, type CheckWish } from '../check/check';
import { placesOf } from '../check/furniture';
import { fitSafely } from '../check/guarded';
import { easierLevels, standIns } from '../check/mend';
import type { RuleFinding } from '../check/reasons';
import { seeRoutine, type SeenItem } from '../check/seen';

/** What a room may lack. */
export type Missing = Extract<Furniture, 'mat' | 'wall' | 'chair' | 'counter'>;
export const MISSING: readonly Missing[] = ['mat', 'wall', 'chair', 'counter'];

/** What is different on a day. */
export interface TonightAsked {
  /** How long it may take, in milliseconds; as long as it is where it is left out. */
  readonly toMs?: number | undefined;
  /** What is not there. */
  readonly without: readonly Missing[];
  /** Rows that stay, however little time there is. */
  readonly keep: readonly ItemId[];
  /** What some have whom nobody has named: they are offered something else, and the others go on. */
  readonly some: readonly LimitOfBody[];
}

/** What one thing that is different comes to. */
export type TonightStep =
  | { readonly kind: 'left-out'; readonly id: ItemId; readonly why: 'time' | Missing }
  | { readonly kind: 'instead'; readonly id: ItemId; readonly why: Missing }
  | { readonly kind: 'offered'; readonly id: ItemId; readonly name: string }
  /** Nothing of the family suits them: they rest at this row. */
  | { readonly kind: 'rests'; readonly id: ItemId };

export interface Tonight {
  /** All of it in one; no steps where nothing had to change. */
  readonly change: Change;
  readonly steps: readonly TonightStep[];
  readonly totalMs: number;
  /** What is still too long, in milliseconds; 0 where it fits. */
  readonly overMs: number;
  /** What can't be done without: the ways of taking part themselves need it. */
  readonly needed: readonly Missing[];
}

type Wish = CheckWish & TonightAsked & { readonly newId: NewId };

interface State {
  readonly routine: Routine;
  readonly steps: readonly TonightStep[];
}

/**
 * A routine for a day that is different, as one change: what the room lacks is done another way or left
 * out, who has something is offered what suits them, and then rows are left out, the least important
 * first, until the rest fits with every dose inside the middle of its range. Nothing in it makes a new
 * stop or caution that the day itself does not bring.
 */
export function tonight(routine: Routine, wish: Wish): Tonight {
  const inRoom = wish.without.reduce((state, thing) => withoutThing(state, thing, wish), {
    routine,
    steps: [],
  } as State);
  const offered = wish.some.length > 0 ? withOffers(inRoom, wish.some) : inRoom;
  const { toMs } = wish;
  const short = toMs === undefined ? offered : shortened(offered, toMs, wish);
  const score = scoreOf(short.routine, wish);
  return {
    change: { ...changeBetween(routine, short.routine), what: 'tonight' },
    steps: short.steps,
    totalMs: score.totalMs,
    overMs: toMs === undefined ? 0 : Math.max(0, score.totalMs - toMs),
    needed: lanesNeed(short.routine, score, wish.without),
  };
}

const scoreOf = (routine: Routine, { part, phrases }: Wish): Score =>
  timesOf(routine, part, phrases);

const seeOf = (routine: Routine, wish: Wish) =>
  seeRoutine(routine, wish.part, scoreOf(routine, wish));

const touches = (one: SeenItem, thing: Missing): boolean =>
  one.lanes.some(
    (doing) =>
      (thing === 'chair' && doing.level.seatBehind === true) ||
      placesOf(doing).some((at) => furnitureAt(at).includes(thing)),
  );

/** The rows that use a thing. */
function uses(routine: Routine, thing: Missing, wish: Wish): readonly SeenItem[] {
  return seeOf(routine, wish).items.filter((one) => touches(one, thing));
}

/** Things that the places between the rows need all the same. */
function lanesNeed(
  routine: Routine,
  { segments }: Score,
  without: readonly Missing[],
): readonly Missing[] {
  if (itemsInOrder(routine).length === 0) return [];
  const places = new Set(segments.flatMap(({ position }) => Object.values(position)));
  return without.filter((thing) =>
    [...places].some((at) => at !== undefined && furnitureAt(at).includes(thing)),
  );
}

/** Whether a routine is as safe as before for all that was there before. */
function isSafe(before: readonly RuleFinding[], after: Routine, wish: Wish): boolean {
  const { part, phrases } = wish;
  return spoiltBy(before, checkPlaces(after, { part, phrases })) === undefined;
}

const foundIn = (routine: Routine, { part, phrases }: Wish) =>
  checkPlaces(routine, { part, phrases });

/** Every row that uses a thing is done at another level or by another move, or is left out. */
function withoutThing(state: State, thing: Missing, wish: Wish): State {
  let now = state;
  for (const { item } of uses(state.routine, thing, wish)) {
    const here = seeOf(now.routine, wish);
    const one = here.itemById.get(item.id);
    if (!one || !touches(one, thing)) continue;
    const before = foundIn(now.routine, wish);
    const other = [...easierLevels(here, one, null), ...standIns(here, one)]
      .flatMap((change) => (change ? [applyChange(now.routine, change)] : []))
      .find((after) => {
        const then = seeOf(after, wish).itemById.get(item.id);
        return then && !touches(then, thing) && isSafe(before, after, wish);
      });
    now = other
      ? { routine: other, steps: [...now.steps, { kind: 'instead', id: item.id, why: thing }] }
      : leftOut(now, item.id, thing);
  }
  // Where people stay at it between the rows all the same, leaving rows out helps nobody.
  const stays = lanesNeed(now.routine, scoreOf(now.routine, wish), [thing]).length > 0;
  return stays ? state : now;
}

function leftOut(state: State, id: ItemId, why: 'time' | Missing): State {
  const change = removeEntry(state.routine, id);
  if (!change) return state;
  return {
    routine: applyChange(state.routine, change),
    steps: [...state.steps, { kind: 'left-out', id, why }],
  };
}

/** Beside each row that is not for some, what is: offered to anybody, timed for nobody. */
function withOffers(state: State, some: readonly LimitOfBody[]): State {
  // What hurts today is spared: what asks for care on other days is left out.
  const bars = barsOf(effectsOf(some.map((one) => ({ ...one, strict: true as const }))));
  return itemsInOrder(state.routine).reduce((now: State, item): State => {
    const { routine } = now;
    const catalogue = catalogueFor(routine);
    const { move, level } = itemInForce(item, routine);
    const [lane = 'chair'] = lanesOf(routine);
    const own = resolveInLane(lane, { catalogue, move, level: level.id, group: routine.group });
    const done = own.move && own.level ? { move: own.move, level: own.level } : { move, level };
    const wish = { catalogue, move: done.move, level: done.level.id, group: routine.group };
    const other = standInFor(lane, wish, bars);
    if (other.reason === 'as-written') return now;
    if (!other.move || !other.level) {
      return { ...now, steps: [...now.steps, { kind: 'rests', id: item.id }] };
    }
    return offeredAt(now, item, other.move, other.level.id);
  }, state);
}

function offeredAt(now: State, item: Item, move: Move, level: string): State {
  const options = item.options ?? [];
  const isThere = options.some((one) => one.moveId === move.id && one.level === level);
  if (isThere || options.length >= MOST_OPTIONS) return now;
  const option = { moveId: move.id, level: level as (typeof move.levels)[number]['id'] };
  const change = changeItem(now.routine, item.id, { options: [...options, option] });
  if (!change) return now;
  return {
    routine: applyChange(now.routine, change),
    steps: [...now.steps, { kind: 'offered', id: item.id, name: move.name }],
  };
}

/** Strength and balance are what most classes are for; what others work as well goes first. */
const WEIGHT = { breath: 1, mobility: 2, stretch: 2, transfer: 3, balance: 4, strength: 4 };
/** What is this much too long is not tried to be fitted by doses alone. */
const NEAR = 1.3;

/** How much a row is missed: its kind, less what other rows do as well. */
function importance(routine: Routine, entry: Entry): number {
  if (entry.kind === 'rest') return 0;
  const items = itemsOf(entry);
  if (items.length === 0) return 0;
  const own = new Set(items.map(({ id }) => id));
  const others = itemsInOrder(routine).filter(({ id }) => !own.has(id));
  const weights = items.map((item) => {
    const { move } = itemInForce(item, routine);
    const alike = others.map((other) => itemInForce(other, routine).move);
    const again = alike.some(({ id }) => id === move.id);
    const covered = move.regions.filter((region) =>
      alike.some((other) => other.kind === move.kind && other.regions.includes(region)),
    );
    const share = move.regions.length === 0 ? 0 : covered.length / move.regions.length;
    return WEIGHT[move.kind] - 2 * share - (again ? 2 : 0);
  });
  return Math.max(...weights) + (entry.kind === 'block' ? 1 : 0);
}

const itemsOf = (entry: Entry): readonly Item[] =>
  entry.kind === 'block'
    ? entry.lines.filter((line) => line.kind === 'item')
    : entry.kind === 'item'
      ? [entry]
      : [];

/** Rows go, the least important first, until what stays fits with doses in the middle of their ranges. */
function shortened(state: State, toMs: number, wish: Wish): State {
  const header = changeHeader(state.routine, { slotMs: toMs });
  let now: State = {
    ...state,
    routine: header ? applyChange(state.routine, header) : state.routine,
  };
  for (;;) {
    const { totalMs } = scoreOf(now.routine, wish);
    // A minute to spare is left alone: nobody asked for longer doses.
    if (totalMs <= toMs) return now;
    const fitted = totalMs <= toMs * NEAR ? fittedInMiddle(now.routine, toMs, wish) : undefined;
    if (fitted) return { ...now, routine: fitted };
    const next = nextOut(now, wish);
    if (!next) return now;
    now = next;
  }
}

/** The routine to the second, where no dose has to leave the middle half of its range. */
function fittedInMiddle(routine: Routine, toMs: number, wish: Wish): Routine | undefined {
  const { part, phrases, newId } = wish;
  const fitting = fitSafely(routine, { slotMs: toMs, part, phrases, newId });
  if (!fitting.fitted || fitting.brings.length > 0) return undefined;
  const after = applyChange(routine, fitting.change);
  const before = new Map(itemsInOrder(routine).map((item) => [item.id, item]));
  const isMiddle = itemsInOrder(after).every((item) => {
    const was = before.get(item.id);
    const range = amountRange(item, after);
    const from = was && amountRange(was, routine)?.now;
    if (!range || from === undefined || range.now >= from) return true;
    return range.now >= Math.min(from, range.least + (range.most - range.least) / 4);
  });
  return isMiddle ? after : undefined;
}

/** The routine without the row that is missed least, of those that can go without a new caution. */
function nextOut(now: State, wish: Wish): State | undefined {
  const { routine } = now;
  const before = foundIn(routine, wish);
  const rows = entriesInOrder(routine)
    .filter(({ section, entry }) => {
      const kept = [entry.id, ...itemsOf(entry).map(({ id }) => id)];
      const pinned = itemsOf(entry).some((item) => item.pinned);
      const last = itemsOf(entry).length > 0 && worked(routine, section) <= itemsOf(entry).length;
      return !pinned && !last && !kept.some((id) => wish.keep.includes(id));
    })
    .map(({ entry }, at) => ({ entry, at, missed: importance(routine, entry) }))
    .sort((a, b) => a.missed - b.missed || b.at - a.at);
  for (const { entry } of rows) {
    const next = leftOut(now, entry.id, 'time');
    if (isSafe(before, next.routine, wish)) return next;
  }
  return undefined;
}

/** So many moves a section has. */
const worked = (routine: Routine, section: keyof Routine['sections']): number =>
  routine.sections[section].flatMap(itemsOf).length;

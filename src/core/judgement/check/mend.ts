import { onSide, position } from '@/core/body';
import { itemIdSchema, type ItemId } from '@/core/common';
import { unitMs, usualLevel, type Level, type Move } from '@/core/moves';
import { laneValues, clearOf, laneGoesTo, loadsOfLevel, type LaneName } from '@/core/people';
import {
  addEntry,
  amountRange,
  changeItem,
  changeLevel,
  doseChanged,
  itemFaults,
  itemInForce,
  moveEntry,
  placeOf,
  swapMove,
  type Change,
  type Entry,
  type Item,
  type Place,
  laneBars,
} from '@/core/routine';
import type { Finding, Making, Mends } from './finding';
import type { Seen, SeenItem } from './seen';

/** The item that a finding is about. */
export function itemOf(seen: Seen, finding: Finding): SeenItem | undefined {
  return finding.itemId ? seen.itemById.get(finding.itemId) : undefined;
}

/** Easier levels of an item, the nearest first; in one lane alone where the finding names one. */
export function easierLevels(seen: Seen, { item }: SeenItem, lane: LaneName | null): Mends {
  const { move, level } = itemInForce(item, seen.routine);
  const own = lane && item.laneLevels?.[lane];
  const from = move.levels.findIndex(({ id }) => id === (own ?? level.id));
  return move.levels
    .slice(0, Math.max(0, from))
    .toReversed()
    .flatMap(({ id }) => {
      const usual = id === usualLevel(move, seen.routine.group).id ? undefined : id;
      const everywhere = changeLevel(seen.routine, item.id, usual);
      return lane ? [changeLevel(seen.routine, item.id, id, lane), everywhere] : [everywhere];
    });
}

/**
 * Other moves in an item's place: the same family first, then the same work on the same region. They
 * stay in the places where the lanes are, bring nothing heavier, and are not in the class already.
 */
export function standIns(seen: Seen, { item, inForce, lanes, plays }: SeenItem): Mends {
  const { move } = inForce;
  const { group } = seen.routine;
  const shared = (other: Move) => other.regions.filter((r) => move.regions.includes(r)).length;
  const done = [inForce.level, ...lanes.map(({ level }) => level)];
  const borne = new Set(done.flatMap((level) => loadsOfLevel(level)).map(({ load }) => load));
  const places = laneValues(plays[0]?.segments.at(-1)?.position ?? {});
  const heights = places.map((at) => position(at).height);
  const there = new Set(seen.items.map((one) => one.item.moveId));
  const stays = (level: Level) =>
    heights.includes(position(onSide(level.from, null)).height) &&
    seen.lanes.every((lane) => laneGoesTo(lane, level.from));
  return seen.catalogue.moves
    .filter(
      (other) =>
        !there.has(other.id) &&
        shared(other) > 0 &&
        (other.family === move.family || other.kind === move.kind),
    )
    .filter((other) => {
      const level = usualLevel(other, group);
      return stays(level) && loadsOfLevel(level).every(({ load }) => borne.has(load));
    })
    .toSorted(
      (a, b) =>
        Number(b.family === move.family) - Number(a.family === move.family) ||
        shared(b) - shared(a),
    )
    .slice(0, 8)
    .map((other) => swapMove(seen.routine, item.id, other.id));
}

/** The item with another amount or number of sets; nothing where that is what it has. */
export function redosed(
  seen: Seen,
  item: Item,
  to: { readonly amount?: number; readonly sets?: number },
): Mends {
  const words = doseChanged(item, seen.routine, to);
  const change = changeItem(seen.routine, item.id, words);
  const step = change?.steps[0];
  const after = step?.kind === 'replace' && step.to.kind === 'item' ? step.to : undefined;
  return after && itemFaults(after, seen.routine).length === 0 ? [change] : [];
}

const MAX_STEPS = 400;

/** The amount inside the range that a test lets through, nearest to the present one, down or up from it. */
export function amountUntil(
  seen: Seen,
  item: Item,
  by: 'less' | 'more',
  good: (amount: number) => boolean,
): number | undefined {
  const range = amountRange(item, seen.routine);
  if (!range) return undefined;
  const { now, least, most, step } = range;
  const change = by === 'less' ? -step : step;
  const inside = (amount: number) => (by === 'less' ? amount >= least : amount <= most);
  for (let i = 0, amount = now; i < MAX_STEPS && inside(amount); i++, amount += change) {
    if (good(amount)) return amount;
  }
  return undefined;
}

/** A rest line behind the entry that an item is, or is in. */
export function restBehind(
  seen: Seen,
  entryId: ItemId,
  restMs: number,
  { newId }: Making,
): Change | undefined {
  const { section, at } = placeOf(seen.routine, entryId);
  const rest: Entry = { kind: 'rest', id: itemIdSchema.parse(newId()), restMs };
  return addEntry(seen.routine, rest, { section, at: at + 1 });
}

/** A new line of a move, at a place. */
export function lineOf(
  seen: Seen,
  move: Move,
  place: Place,
  { newId }: Making,
  words: Partial<Item> = {},
): Change | undefined {
  const item: Item = {
    kind: 'item',
    id: itemIdSchema.parse(newId()),
    moveId: move.id,
    ...words,
  };
  return addEntry(seen.routine, item, place);
}

/** A line of a move that takes at least so much work, inside its range. */
export function lineAtLeast(
  seen: Seen,
  move: Move,
  place: Place,
  making: Making,
  workMs: number,
): Mends {
  const probe = { kind: 'item', id: itemIdSchema.parse('probe'), moveId: move.id } as const;
  const range = amountRange(probe, seen.routine);
  if (!range) return [];
  const { dose, sides } = itemInForce(probe, seen.routine);
  const oneMs = unitMs(dose, seen.pace) ?? 1;
  const both = sides.way === 'both' || (sides.way === 'alternating' && dose.kind === 'timed');
  const needed = workMs / (oneMs * (both ? 1 : 2));
  const steps = Math.max(0, Math.ceil((needed - range.now) / range.step));
  const amount = range.now + steps * range.step;
  if (amount > range.most) return [];
  const words = doseChanged(probe, seen.routine, { amount });
  const kept = Object.fromEntries(Object.entries(words).filter(([, value]) => value !== undefined));
  return [lineOf(seen, move, place, making, kept)];
}

/** Moves that every lane does as their usual level has it, and that no limit bars. */
export function movesForAll(seen: Seen, good: (move: Move, level: Level) => boolean): Move[] {
  const bars = laneBars(seen.routine, seen.part);
  const fits = (level: Level) =>
    seen.lanes.every((lane) => {
      const own = bars.get(lane);
      return laneGoesTo(lane, level.from) && (!own || clearOf(own, level, level.support));
    });
  return seen.catalogue.moves.filter((move) => {
    const level = usualLevel(move, seen.routine.group);
    return good(move, level) && fits(level);
  });
}

/** A seat to rest on, for any lane that has one. */
export function seatedMoves(seen: Seen, good: (move: Move) => boolean = () => true): Move[] {
  return movesForAll(
    seen,
    (move, level) =>
      position(onSide(level.from, null)).way === 'seated' &&
      level.through.length === 0 &&
      level.from === level.to &&
      good(move),
  ).toSorted((a, b) => Number(b.kind === 'breath') - Number(a.kind === 'breath'));
}

/** Every place of its own section that an entry can be moved to, nearest first, later ones first. */
export function moves(seen: Seen, entryId: ItemId, where: 'earlier' | 'later'): Mends {
  const { section, at } = placeOf(seen.routine, entryId);
  const count = seen.routine.sections[section].length;
  const places =
    where === 'later'
      ? Array.from({ length: count - 1 - at }, (_, i) => at + 1 + i)
      : Array.from({ length: at }, (_, i) => at - 1 - i);
  return places.map((to) => moveEntry(seen.routine, entryId, { section, at: to }));
}

/** The doses below the present one, inside the range, the nearest first; fewer sets last. */
export function shorterDoses(seen: Seen, one: SeenItem | undefined): Mends {
  if (!one || one.item.pinned) return [];
  const range = amountRange(one.item, seen.routine);
  const { sets } = one.inForce.dose;
  const amounts: number[] = [];
  if (range) {
    for (let amount = range.now - range.step; amount >= range.least; amount -= range.step) {
      amounts.push(amount);
    }
  }
  const fewer = sets > 1 ? redosed(seen, one.item, { sets: sets - 1 }) : [];
  return [...amounts.flatMap((amount) => redosed(seen, one.item, { amount })), ...fewer];
}

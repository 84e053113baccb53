import type { ItemId, NewId } from '../ids';
import { itemIdSchema } from '../ids';
import { paceOf } from '../pace';
import {
  amountOf,
  applyChange,
  changeItem,
  doseChanged,
  entriesInOrder,
  itemInForce,
  itemsInOrder,
  replaceEntry,
  type Block,
  type Change,
  type Item,
  type Routine,
  type Step,
} from '../routine';
import {
  compile,
  lowersHead,
  type LaneBars,
  type Score,
  type ScorePhrases,
  type Segment,
} from '../score';
import { doseOptions, repeatsOf, type DoseOption, type Repeats } from './doses';
import { solve, type Option } from './solve';

export const FIT_PARTS = ['hold', 'timed', 'reps', 'breaths', 'sets', 'rounds', 'rest'] as const;
export type FitPart = (typeof FIT_PARTS)[number];

/** One thing that fit changes: milliseconds for times, counts for the rest. */
export interface FitChange {
  readonly itemId: ItemId;
  readonly what: FitPart;
  readonly from: number;
  readonly to: number;
}

export const IN_THE_WAY = ['pinned', 'no-range', 'at-least', 'at-most', 'checked'] as const;

/** Why an item can't move further. */
export interface InTheWay {
  readonly itemId: ItemId;
  readonly why: (typeof IN_THE_WAY)[number];
}

export interface FitLimits {
  readonly minMs: number;
  readonly maxMs: number;
}

export type Fitting =
  | {
      readonly fitted: true;
      readonly totalMs: number;
      readonly change: Change;
      readonly changes: readonly FitChange[];
      readonly limits: FitLimits;
    }
  | {
      readonly fitted: false;
      readonly totalMs: number;
      readonly limits: FitLimits;
      readonly inTheWay: readonly InTheWay[];
    };

export interface FitWish {
  readonly slotMs: number;
  readonly phrases: ScorePhrases;
  readonly newId: NewId;
  readonly bars?: LaneBars | undefined;
  /** The routine's score, where it is known already: compiled with the same phrases and bars. */
  readonly score?: Score | undefined;
  /**
   * The items whose new doses would make a new stop or caution; undefined where it is as safe as
   * before, an empty list where it is not and no item can be named.
   */
  readonly spoilt?: (after: Routine, score: Score) => readonly ItemId[] | undefined;
}

/** Rounds go up to here: working values. */
const LEAST_ROUNDS = 2;
const MOST_ROUNDS = 4;
const MOST_ROUND_CHOICES = 64;
/** A head held low for longer adds a pause, which the arithmetic of doses doesn't see: tried again. */
const MOST_TRIES = 6;
const MOST_GUARDS = 12;

/** An item on its way to another dose. */
interface Moving {
  readonly item: Item;
  readonly repeats: Repeats;
  readonly options: readonly DoseOption[];
  readonly oldWorkMs: number;
  readonly oldTimeMs: number;
}

type Sets = 'kept' | 'free';

/**
 * Brings a routine to a slot, to the second, by doses inside their ranges that stay nearest to the
 * present ones scaled alike. Sides stay alike and pinned items as they are; sets and rounds move
 * only where nothing else reaches. What a dose's step can't meet goes to the last rest line.
 */
export function fitRoutine(routine: Routine, wish: FitWish): Fitting {
  const before = wish.score ?? compile(routine, wish.phrases, wish.bars);
  const limits = lengthLimits(routine, before, wish);
  const refuse = (more: readonly InTheWay[] = []): Fitting => ({
    fitted: false,
    totalMs: before.totalMs,
    limits,
    inTheWay: [...inTheWay(routine, before, wish.slotMs), ...more],
  });
  const within = wish.slotMs >= limits.minMs && wish.slotMs <= limits.maxMs;
  if (!within && wish.slotMs !== before.totalMs) return refuse();
  const barred = new Set<ItemId>();
  for (let guard = 0; guard < MOST_GUARDS; guard++) {
    const fit = fittingChange(routine, before, wish, barred);
    if (!fit) return refuse([...barred].map((itemId) => ({ itemId, why: 'checked' })));
    const { change } = fit;
    const after = applyChange(routine, change);
    const spoilt = wish.spoilt?.(after, fit.score);
    if (!spoilt) {
      const changes = changesBetween(routine, after);
      return { fitted: true, totalMs: wish.slotMs, change, changes, limits };
    }
    const more = spoilt.filter((id) => !barred.has(id));
    if (more.length === 0) break;
    more.forEach((id) => barred.add(id));
  }
  return refuse([...barred].map((itemId) => ({ itemId, why: 'checked' })));
}

/** The change that meets the slot: by amounts, else by sets too, else by rounds as well. */
function fittingChange(
  routine: Routine,
  before: Score,
  wish: FitWish,
  barred: ReadonlySet<ItemId>,
): Fit | undefined {
  if (before.totalMs === wish.slotMs) {
    return { change: { what: 'fit', steps: [] }, cost: 0, score: before };
  }
  for (const sets of ['kept', 'free'] as const) {
    const fit = fitDoses(routine, before, routine, wish, sets, barred);
    if (fit) return fit;
  }
  const choices = roundChoices(routine).flatMap((rounds): readonly Fit[] => {
    const widened = applyChange(routine, rounds);
    const doses = fitDoses(routine, before, widened, wish, 'free', barred);
    const steps = [...rounds.steps, ...(doses?.change.steps ?? [])];
    return doses ? [{ ...doses, change: { what: 'fit', steps } }] : [];
  });
  const [best] = choices.sort((a, b) => a.cost - b.cost);
  return best ?? filledWithRest(routine, wish, barred);
}

/** Where rounds leave a gap between them: the longest routine that is not too long, and a rest. */
function filledWithRest(
  routine: Routine,
  wish: FitWish,
  barred: ReadonlySet<ItemId>,
): Fit | undefined {
  const choices: readonly Change[] = [{ what: 'fit', steps: [] }, ...roundChoices(routine)];
  const longest = choices
    .map((rounds) => longestOf(applyChange(routine, rounds), rounds.steps, wish, barred))
    .filter(({ totalMs }) => totalMs <= wish.slotMs)
    .sort((a, b) => b.totalMs - a.totalMs)[0];
  if (!longest) return undefined;
  const leftMs = wish.slotMs - longest.totalMs;
  const rest = leftMs > 0 ? restStep(longest.routine, leftMs, wish) : [];
  const change = { what: 'fit', steps: [...longest.steps, ...rest] };
  const score = compile(applyChange(routine, change), wish.phrases, wish.bars);
  return score.totalMs === wish.slotMs ? { change, cost: Infinity, score } : undefined;
}

function longestOf(
  from: Routine,
  before: readonly Step[],
  wish: FitWish,
  barred: ReadonlySet<ItemId>,
): { readonly routine: Routine; readonly steps: readonly Step[]; readonly totalMs: number } {
  const score = compile(from, wish.phrases, wish.bars);
  const doses = movingItems(from, score, 'free')
    .filter(({ item }) => !barred.has(item.id))
    .flatMap(({ item, options }) => {
      const most = options.at(-1);
      return most ? doseSteps(from, item, most) : [];
    });
  const routine = applyChange(from, { what: 'fit', steps: doses });
  const { totalMs } = compile(routine, wish.phrases, wish.bars);
  return { routine, steps: [...before, ...doses], totalMs };
}

interface Doses {
  readonly change: Change;
  readonly cost: number;
}

/** A change that meets the slot, and the score it leads to. */
interface Fit extends Doses {
  readonly score: Score;
}

/**
 * @param original whose work is the measure of nearness
 * @param from the routine to change, which may have other rounds
 */
function fitDoses(
  original: Routine,
  before: Score,
  from: Routine,
  wish: FitWish,
  sets: Sets,
  barred: ReadonlySet<ItemId>,
): Fit | undefined {
  const score = original === from ? before : compile(from, wish.phrases, wish.bars);
  const moving = movingItems(from, score, sets).filter(({ item }) => !barred.has(item.id));
  if (moving.length === 0) return undefined;
  const oldWork = workByItem(before);
  let wantedMs = wish.slotMs;
  for (let i = 0; i < MOST_TRIES; i++) {
    const doses = nearestDoses(from, score, moving, oldWork, wantedMs, wish);
    if (!doses) return undefined;
    const after = compile(applyChange(from, doses.change), wish.phrases, wish.bars);
    if (after.totalMs === wish.slotMs) return { ...doses, score: after };
    wantedMs += wish.slotMs - after.totalMs;
  }
  return undefined;
}

function nearestDoses(
  from: Routine,
  score: Score,
  moving: readonly Moving[],
  oldWork: ReadonlyMap<ItemId, number>,
  wantedMs: number,
  wish: FitWish,
): Doses | undefined {
  const s = (ms: number) => Math.round(ms / 1000);
  const work = moving.map(({ item }) => s(oldWork.get(item.id) ?? 0));
  const present = work.reduce((sum, seconds) => sum + seconds, 0);
  const wanted = present + s(wantedMs - score.totalMs);
  const leastTimes = moving.map(({ options }) => s(options[0]?.timeMs ?? 0));
  const spare = moving.reduce(
    (sum, { oldTimeMs }, i) => sum + s(oldTimeMs) - (leastTimes[i] ?? 0),
    s(wantedMs - score.totalMs),
  );
  const items = moving.map(({ options }, i) =>
    options.map(({ workMs, timeMs }): Option => ({
      time: s(timeMs) - (leastTimes[i] ?? 0),
      cost: Math.abs(s(workMs) * present - wanted * (work[i] ?? 0)),
    })),
  );
  const solution =
    solve(items, spare, smallestStep(items)) ?? solve(items, spare, largestStep(items));
  if (!solution) return undefined;
  const steps = moving.flatMap(({ item, options }, i): readonly Step[] => {
    const option = options[solution.chosen[i] ?? -1];
    return option ? doseSteps(from, item, option) : [];
  });
  const rest = solution.left > 0 ? restStep(from, solution.left * 1000, wish) : [];
  return { change: { what: 'fit', steps: [...steps, ...rest] }, cost: solution.cost };
}

/** The smallest step that any item has on offer, in seconds. */
export function smallestStep(items: readonly (readonly Option[])[]): number {
  const steps = items.flatMap(stepsOf);
  return steps.length > 0 ? Math.min(...steps) : 1;
}

function largestStep(items: readonly (readonly Option[])[]): number {
  return Math.max(1, ...items.flatMap(stepsOf));
}

function stepsOf(options: readonly Option[]): readonly number[] {
  return options
    .slice(1)
    .map(({ time }, i) => time - (options[i]?.time ?? 0))
    .filter((step) => step > 0);
}

function movingItems(routine: Routine, score: Score, sets: Sets): readonly Moving[] {
  const pace = paceOf(routine.pace, routine.paceChanges);
  const byItem = new Map<string, Segment[]>();
  for (const segment of score.segments) {
    if (!segment.itemId) continue;
    const known = byItem.get(segment.itemId);
    if (known) known.push(segment);
    else byItem.set(segment.itemId, [segment]);
  }
  return itemsInOrder(routine).flatMap((item): readonly Moving[] => {
    const segments = byItem.get(item.id) ?? [];
    const repeats = repeatsOf(item, segments);
    const options = doseOptions(item, pace, routine.pace, repeats, sets);
    if (options.length < 2) return [];
    const oldWorkMs = segments.reduce((sum, one) => sum + (isWork(one) ? length(one) : 0), 0);
    const restMs = segments.reduce((sum, one) => sum + (one.kind === 'rest' ? length(one) : 0), 0);
    return [{ item, repeats, options, oldWorkMs, oldTimeMs: oldWorkMs + restMs }];
  });
}

const isWork = ({ kind }: Segment) => kind === 'work' || kind === 'press';
const length = ({ startMs, endMs }: Segment) => endMs - startMs;

function workByItem({ segments }: Score): ReadonlyMap<ItemId, number> {
  const work = new Map<ItemId, number>();
  for (const segment of segments) {
    if (segment.itemId && isWork(segment)) {
      work.set(segment.itemId, (work.get(segment.itemId) ?? 0) + length(segment));
    }
  }
  return work;
}

function doseSteps(routine: Routine, item: Item, { amount, sets }: DoseOption): readonly Step[] {
  const { dose } = itemInForce(item, routine.pace);
  if (amountOf(dose) === amount && dose.sets === sets) return [];
  return changeItem(routine, item.id, doseChanged(item, routine.pace, { amount, sets })).steps;
}

/** A leftover goes to the last rest line outside settle, or to a new one at the end of main. */
function restStep(routine: Routine, leftMs: number, { newId }: FitWish): readonly Step[] {
  const rest = entriesInOrder(routine).findLast(
    ({ section, entry }) => section !== 'settle' && entry.kind === 'rest',
  );
  if (rest?.entry.kind === 'rest') {
    const to = { ...rest.entry, restMs: rest.entry.restMs + leftMs };
    return replaceEntry(routine, to).steps;
  }
  const { betweenMs } = paceOf(routine.pace, routine.paceChanges);
  const { main, settle } = routine.sections;
  const plays = (entries: Routine['sections']['main']) =>
    entries.some(({ kind }) => kind === 'item' || kind === 'block');
  const anyBefore = plays(main) || plays(routine.sections['warm-up']);
  // Between two plays a rest stands in place of the pause.
  const insteadMs = anyBefore && plays(settle) ? betweenMs : 0;
  const id = itemIdSchema.parse(newId());
  return [
    {
      kind: 'add',
      place: { section: 'main', at: main.length },
      entry: { kind: 'rest', id, restMs: leftMs + insteadMs },
    },
  ];
}

/** Other numbers of rounds for the blocks that have rounds and nothing pinned. */
function roundChoices(routine: Routine): readonly Change[] {
  const blocks = entriesInOrder(routine)
    .map(({ entry }) => entry)
    .filter((entry) => entry.kind === 'block')
    .filter(({ rounds, lines }) => rounds && !lines.some(isPinned));
  let choices: readonly (readonly Step[])[] = [[]];
  for (const block of blocks) {
    const own = roundsOf(block).map((rounds) =>
      rounds === block.rounds ? [] : replaceEntry(routine, { ...block, rounds }).steps,
    );
    choices = choices
      .flatMap((steps) => own.map((more) => [...steps, ...more]))
      .slice(0, MOST_ROUND_CHOICES);
  }
  return choices.filter((steps) => steps.length > 0).map((steps) => ({ what: 'fit', steps }));
}

const isPinned = (line: Block['lines'][number]) => line.kind === 'item' && line.pinned === true;

function roundsOf({ rounds = 1 }: Block): readonly number[] {
  const most = Math.max(MOST_ROUNDS, rounds);
  return Array.from({ length: most - LEAST_ROUNDS + 1 }, (_, i) => LEAST_ROUNDS + i);
}

/** The least and the greatest length that doses, sets and rounds reach inside their ranges. */
function lengthLimits(routine: Routine, before: Score, wish: FitWish): FitLimits {
  const at = (end: 'least' | 'most', present: readonly Moving[]): number => {
    const steps = entriesInOrder(routine).flatMap(({ entry }): readonly Step[] => {
      if (entry.kind !== 'block' || !entry.rounds || entry.lines.some(isPinned)) return [];
      const rounds = roundsOf(entry);
      const to = end === 'least' ? rounds[0] : rounds.at(-1);
      return to && to !== entry.rounds ? replaceEntry(routine, { ...entry, rounds: to }).steps : [];
    });
    const widened = applyChange(routine, { what: 'fit', steps });
    const score = steps.length > 0 ? compile(widened, wish.phrases, wish.bars) : before;
    const moving = steps.length > 0 ? movingItems(widened, score, 'free') : present;
    const ends = moving.map(({ options }) => (end === 'least' ? options[0] : options.at(-1)));
    if (!lowersHead(score)) {
      return moving.reduce(
        (sum, { oldTimeMs }, i) => sum + (ends[i]?.timeMs ?? oldTimeMs) - oldTimeMs,
        score.totalMs,
      );
    }
    // A head held low for longer adds a pause that only the score knows of.
    const doses = moving.flatMap(({ item }, i) => {
      const option = ends[i];
      return option ? doseSteps(widened, item, option) : [];
    });
    const whole = applyChange(widened, { what: 'fit', steps: doses });
    return compile(whole, wish.phrases, wish.bars).totalMs;
  };
  const present = movingItems(routine, before, 'free');
  return { minMs: at('least', present), maxMs: at('most', present) };
}

/** What keeps a routine from the slot: what is pinned, what has no range, what is at its end. */
function inTheWay(routine: Routine, score: Score, slotMs: number): readonly InTheWay[] {
  const moving = new Map(
    movingItems(routine, score, 'free').map((one) => [one.item.id, one] as const),
  );
  return itemsInOrder(routine).flatMap((item): readonly InTheWay[] => {
    if (item.pinned) return [{ itemId: item.id, why: 'pinned' }];
    const one = moving.get(item.id);
    if (!one) return [{ itemId: item.id, why: 'no-range' }];
    const end = slotMs < score.totalMs ? one.options[0] : one.options.at(-1);
    if (!end || end.timeMs !== one.oldTimeMs) return [];
    return [{ itemId: item.id, why: slotMs < score.totalMs ? 'at-least' : 'at-most' }];
  });
}

/** What a fit changed, entry by entry, for people to read. */
function changesBetween(before: Routine, after: Routine): readonly FitChange[] {
  const changes: FitChange[] = [];
  const entries = new Map(entriesInOrder(before).map(({ entry }) => [entry.id, entry] as const));
  for (const { entry } of entriesInOrder(after)) {
    const known = entries.get(entry.id);
    if (entry.kind === 'rest') {
      const from = known?.kind === 'rest' ? known.restMs : 0;
      if (from !== entry.restMs) {
        changes.push({ itemId: entry.id, what: 'rest', from, to: entry.restMs });
      }
    }
    if (entry.kind === 'block' && known?.kind === 'block' && entry.rounds !== known.rounds) {
      const [from, to] = [known.rounds ?? 1, entry.rounds ?? 1];
      changes.push({ itemId: entry.id, what: 'rounds', from, to });
    }
  }
  const old = new Map(itemsInOrder(before).map((item) => [item.id, item] as const));
  for (const item of itemsInOrder(after)) {
    const known = old.get(item.id);
    if (!known || known === item) continue;
    const from = itemInForce(known, before.pace).dose;
    const to = itemInForce(item, after.pace).dose;
    if (amountOf(from) !== amountOf(to)) {
      changes.push({ itemId: item.id, what: to.kind, from: amountOf(from), to: amountOf(to) });
    }
    if (from.sets !== to.sets) {
      changes.push({ itemId: item.id, what: 'sets', from: from.sets, to: to.sets });
    }
  }
  return inOrderOf(after, changes);
}

function inOrderOf(routine: Routine, changes: readonly FitChange[]): readonly FitChange[] {
  const rank = new Map<ItemId, number>();
  for (const { entry } of entriesInOrder(routine)) {
    rank.set(entry.id, rank.size);
    if (entry.kind === 'block') entry.lines.forEach(({ id }) => rank.set(id, rank.size));
  }
  return [...changes].sort((a, b) => (rank.get(a.itemId) ?? 0) - (rank.get(b.itemId) ?? 0));
}

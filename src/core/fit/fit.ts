import { itemIdSchema, type ItemId, type NewId } from '../ids';
import { paceOf } from '../pace';
import {
  applyChange,
  entriesInOrder,
  replaceEntry,
  type Change,
  type Routine,
  type Step,
} from '../routine';
import { compile, type LaneBars, type Score, type ScorePhrases } from '../score';
import { changesBetween, type FitChange } from './changes';
import { doseSteps, movingItems, workByItem, type Moving, type Sets } from './moving';
import { inTheWay, lengthLimits, type FitLimits, type InTheWay } from './reach';
import { roundChoices } from './rounds';
import { solve, type Option } from './solve';

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

/** A head held low for longer adds a pause, which the arithmetic of doses doesn't see: tried again. */
const MOST_TRIES = 6;
const MOST_GUARDS = 12;

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

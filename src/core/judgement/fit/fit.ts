import type { TakingPart } from '@/core/people';
import { paceOf } from '@/core/body';
import { itemIdSchema, type ItemId, type NewId } from '@/core/common';
import {
  SECTIONS,
  applyChange,
  entriesInOrder,
  replaceEntry,
  type Change,
  type Entry,
  type Place,
  type Routine,
  type SectionName,
  type Step,
} from '@/core/routine';
import { timesOf, type Score, type ScorePhrases } from '@/core/timing';
import { adjustableItems, type Adjustable } from './adjustable';
import type { Sets } from './doses';
import { changesBetween, type FitChange } from './changes';
import {
  atEnd,
  inTheWay,
  lengthLimits,
  madeOf,
  type FitLimits,
  type InTheWay,
  type MadeOf,
} from './reach';
import { repeatedOf, repeatedUnit } from './rounds';
import { solve, type Option } from './solve';
import { itemUnit, wholeSeconds, type Aim, type Unit } from './unit';

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
      /** The nearest length that it can have, with what that is made of; left out inside the limits. */
      readonly nearest?: { readonly totalMs: number; readonly madeOf: MadeOf };
    };

export interface FitWish {
  readonly slotMs: number;
  readonly phrases: ScorePhrases;
  readonly newId: NewId;
  readonly part: TakingPart;
  /** The routine's score, where it is known already: compiled for the same people. */
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
  const before = wish.score ?? timesOf(routine, wish.part, wish.phrases);
  const limits = lengthLimits(routine, before, wish);
  const refuse = (more: readonly InTheWay[] = []): Extract<Fitting, { fitted: false }> => ({
    fitted: false,
    totalMs: before.totalMs,
    limits,
    inTheWay: [...inTheWay(routine, before, wish.slotMs), ...more],
  });
  const within = wish.slotMs >= limits.minMs && wish.slotMs <= limits.maxMs;
  if (!within && wish.slotMs !== before.totalMs) {
    const end = atEnd(routine, before, wish.slotMs < limits.minMs ? 'least' : 'most', wish);
    return { ...refuse(), nearest: { totalMs: end.totalMs, madeOf: madeOf(end) } };
  }
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

/** A change that meets the slot, and the score it leads to. */
interface Fit {
  readonly change: Change;
  readonly score: Score;
}

/** The change that meets the slot: by amounts, else by sets too, else by rounds as well. */
function fittingChange(
  routine: Routine,
  before: Score,
  wish: FitWish,
  barred: ReadonlySet<ItemId>,
): Fit | undefined {
  if (before.totalMs === wish.slotMs) {
    return { change: { what: 'fit', steps: [] }, score: before };
  }
  const free = (sets: Sets) =>
    adjustableItems(routine, before, sets).filter(({ item }) => !barred.has(item.id));
  for (const sets of ['kept', 'free'] as const) {
    const moving = free(sets);
    const units = moving.map((one) => itemUnit(routine, one));
    const fit = met(routine, before, moving, units, wish);
    if (fit) return fit;
  }
  const repeated = repeatedOf(routine, barred);
  if (repeated.length === 0) return undefined;
  const moving = free('free');
  const inRounds = new Set(repeated.flatMap(({ ids }) => [...ids]));
  const compiled = (after: Routine) => timesOf(after, wish.part, wish.phrases);
  const units = [
    ...moving.filter(({ item }) => !inRounds.has(item.id)).map((one) => itemUnit(routine, one)),
    ...repeated.map((one) => repeatedUnit(routine, one, moving, before, compiled)),
  ];
  return met(routine, before, moving, units, wish);
}

/** Chooses for all units until the score says that the slot is met. */
function met(
  routine: Routine,
  before: Score,
  moving: readonly Adjustable[],
  units: readonly Unit[],
  wish: FitWish,
): Fit | undefined {
  if (units.length === 0) return undefined;
  const presentS = moving.reduce((sum, { oldWorkMs }) => sum + wholeSeconds(oldWorkMs), 0);
  let aimedMs = wish.slotMs;
  for (let i = 0; i < MOST_TRIES; i++) {
    const byS = wholeSeconds(aimedMs - before.totalMs);
    const aim = { presentS, wantedS: presentS + byS, slotS: wholeSeconds(wish.slotMs) };
    const steps = nearest(units, aim, byS);
    if (!steps) return undefined;
    const filled = [...steps.steps, ...restStep(routine, steps.leftS * 1000, wish)];
    const change = { what: 'fit', steps: filled };
    const score = timesOf(applyChange(routine, change), wish.part, wish.phrases);
    if (score.totalMs === wish.slotMs) return { change, score };
    aimedMs += wish.slotMs - score.totalMs;
  }
  return undefined;
}

/** The choices nearest to the aim, `byS` seconds longer in all, and the seconds that none takes. */
function nearest(
  units: readonly Unit[],
  aim: Aim,
  byS: number,
): { readonly steps: readonly Step[]; readonly leftS: number } | undefined {
  const choices = units.map((unit) => unit.choices(aim));
  const least = choices.map(({ options }) => options[0]?.time ?? 0);
  const spare = units.reduce(
    (sum, { oldTimeMs }, i) => sum + wholeSeconds(oldTimeMs) - (least[i] ?? 0),
    byS,
  );
  const lists = choices.map(({ options }, i) =>
    options.map(({ time, cost }) => ({ time: time - (least[i] ?? 0), cost })),
  );
  const { smallest, largest } = stepsIn(lists);
  for (let slack = smallest; ; slack = Math.min(largest, 2 * slack)) {
    const solution = solve(lists, spare, slack);
    if (solution) {
      const steps = choices.flatMap((own, i) => own.steps(solution.chosen[i] ?? -1));
      return { steps, leftS: solution.left };
    }
    if (slack === largest) return undefined;
  }
}

/** The smallest and the largest step that any unit has on offer, in seconds. */
function stepsIn(units: readonly (readonly Option[])[]): {
  readonly smallest: number;
  readonly largest: number;
} {
  let smallest = Infinity;
  let largest = 1;
  for (const options of units) {
    for (let i = 1; i < options.length; i++) {
      const step = (options[i]?.time ?? 0) - (options[i - 1]?.time ?? 0);
      if (step <= 0) continue;
      smallest = Math.min(smallest, step);
      largest = Math.max(largest, step);
    }
  }
  return { smallest: Math.min(smallest, largest), largest };
}

/**
 * A leftover goes to the last rest line outside settle, or to a new one between sections; either
 * where it is done once.
 */
function restStep(routine: Routine, leftMs: number, { newId }: FitWish): readonly Step[] {
  if (leftMs === 0) return [];
  const once = (section: SectionName) => !routine.heads?.[section]?.rounds;
  const rest = entriesInOrder(routine).findLast(
    ({ section, entry }) => section !== 'settle' && once(section) && entry.kind === 'rest',
  );
  if (rest?.entry.kind === 'rest') {
    const to = { ...rest.entry, restMs: rest.entry.restMs + leftMs };
    return replaceEntry(routine, to)?.steps ?? [];
  }
  const { main, 'warm-up': warmUp } = routine.sections;
  const places: readonly Place[] = [
    { section: 'main', at: main.length },
    { section: 'settle', at: 0 },
    { section: 'warm-up', at: warmUp.length },
  ];
  const place = places.find(({ section }) => once(section));
  if (!place) return [];
  // Between two plays a rest stands in place of the pause.
  const { betweenMs } = paceOf(routine.group, routine.pace);
  const cut = { 'warm-up': 1, main: 2, settle: 2 }[place.section];
  const lines = (sections: readonly SectionName[]) =>
    sections
      .flatMap((name) => routine.sections[name])
      .flatMap((entry): readonly Entry[] => (entry.kind === 'block' ? entry.lines : [entry]))
      .filter(({ kind }) => kind !== 'note');
  const before = lines(SECTIONS.slice(0, cut)).at(-1);
  const [after] = lines(SECTIONS.slice(cut));
  const insteadMs = before?.kind === 'item' && after?.kind === 'item' ? betweenMs : 0;
  const id = itemIdSchema.parse(newId());
  return [{ kind: 'add', place, entry: { kind: 'rest', id, restMs: leftMs + insteadMs } }];
}

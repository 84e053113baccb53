import { LONGEST_MS, type GroupName, type LevelId } from '@/core/common';
import {
  ownDose,
  usualLevel,
  type Move,
  LEAST_EASE_MS,
  MOST_COUNT,
  MOST_SETS,
  USUAL_PRESS_MS,
  pressFits,
  type DoseKind,
  type WrittenDose,
  amountOf,
  withAmount,
  withSets,
  writtenOf,
} from '@/core/moves';
import {
  TIME_STEP_MS,
  catalogueFor,
  doseWritten,
  itemInForce,
  mendedItem,
  writeItem,
  type Item,
  type ItemWords,
  type Setting,
  type SidesClause,
} from '@/core/routine';

/** A number that a person steps up and down, with what each step would write. */
export interface Stepper {
  readonly value: number;
  readonly less: ItemWords | undefined;
  readonly more: ItemWords | undefined;
}

/** Holds and steady work step by five seconds, reps and breaths by one. */
export function amountStepper(item: Item, setting: Setting): Stepper {
  const { dose } = itemInForce(item, setting);
  const timed = dose.kind === 'hold' || dose.kind === 'timed';
  const [step, least, most] = timed ? [TIME_STEP_MS, TIME_STEP_MS, LONGEST_MS] : [1, 1, MOST_COUNT];
  const value = amountOf(dose);
  const to = (amount: number): ItemWords | undefined =>
    amount < least || amount > most
      ? undefined
      : doseWritten(item, dose, withAmount(writtenOf(dose), amount));
  return { value, less: to(value - step), more: to(value + step) };
}

export function setsStepper(item: Item, setting: Setting): Stepper {
  const { dose } = itemInForce(item, setting);
  const to = (sets: number): ItemWords | undefined =>
    sets < 1 || sets > MOST_SETS
      ? undefined
      : doseWritten(item, dose, withSets(writtenOf(dose), sets));
  return { value: dose.sets, less: to(dose.sets - 1), more: to(dose.sets + 1) };
}

export function restStepper(item: Item, setting: Setting): Stepper {
  const { dose } = itemInForce(item, setting);
  const to = (restMs: number): ItemWords | undefined =>
    restMs < 0 || restMs > 600_000 ? undefined : { dose: writtenOf(dose), restMs };
  return {
    value: dose.restMs,
    less: to(dose.restMs - TIME_STEP_MS),
    more: to(dose.restMs + TIME_STEP_MS),
  };
}

/** The upper end of a span, above the amount that is led; nought where there is none. */
export function spanStepper(item: Item, setting: Setting): Stepper {
  const { dose } = itemInForce(item, setting);
  const timed = dose.kind === 'hold' || dose.kind === 'timed';
  const [step, greatest] = timed ? [TIME_STEP_MS, LONGEST_MS] : [1, MOST_COUNT];
  const least = amountOf(dose);
  const to = (most: number): ItemWords | undefined => {
    if (most > greatest) return undefined;
    const { most: _, ...plain } = writtenOf(dose);
    return doseWritten(item, dose, most > least ? { ...plain, most } : plain);
  };
  const now = dose.most ?? least;
  return {
    value: dose.most ?? 0,
    less: dose.most === undefined ? undefined : to(now - step),
    more: to(now + step),
  };
}

/** The most sets of a span; nought where there is none. */
export function setsSpanStepper(item: Item, setting: Setting): Stepper {
  const { dose } = itemInForce(item, setting);
  const to = (most: number): ItemWords | undefined => {
    if (most > MOST_SETS) return undefined;
    const { mostSets: _, ...plain } = writtenOf(dose);
    return doseWritten(item, dose, most > dose.sets ? { ...plain, mostSets: most } : plain);
  };
  const now = dose.mostSets ?? dose.sets;
  return {
    value: dose.mostSets ?? 0,
    less: dose.mostSets === undefined ? undefined : to(now - 1),
    more: to(now + 1),
  };
}

/** A line by itself, as text, with what a step changes of it. */
export function steppedLine(item: Item, words: ItemWords, setting: Setting): string {
  const to = Object.fromEntries(
    Object.entries({ ...item, ...words }).filter(([, value]) => value !== undefined),
  ) as Item;
  return writeItem(mendedItem(to, setting), catalogueFor(setting));
}

export type RepsLed = 'tempo' | 'held' | 'breath';

/** How the reps of a line are led; undefined where nothing is counted in reps. */
export function ledInForce(item: Item, setting: Setting): RepsLed | undefined {
  const { dose } = itemInForce(item, setting);
  if (dose.kind !== 'reps') return undefined;
  if (dose.breath) return 'breath';
  return dose.held ? 'held' : 'tempo';
}

const USUAL_HELD = { ms: 5000 } as const;

export function toLed(item: Item, setting: Setting, led: RepsLed): ItemWords {
  const { dose } = itemInForce(item, setting);
  if (led === 'held') return { held: item.held ?? USUAL_HELD, breath: undefined };
  if (led === 'breath') return { held: undefined, tempo: undefined, breath: 'pace' };
  // Where the move's own way is the breath, a tempo has to be written.
  const tempo = item.tempo ?? (dose.kind === 'reps' && dose.breath ? dose.tempo : undefined);
  return { held: undefined, breath: undefined, tempo };
}

/** Reps counted for both sides together, or for each. */
export function toInAll(item: Item, setting: Setting, inAll: boolean): ItemWords {
  const { dose } = itemInForce(item, setting);
  const written = eachSideOf(writtenOf(dose));
  if (written?.kind !== 'reps') return {};
  return doseWritten(item, dose, inAll ? { ...written, inAll } : written);
}

/** How long each rep is held, where that is a time. */
export function heldStepper({ held }: Item): Stepper | undefined {
  if (!held || !('ms' in held)) return undefined;
  const to = (ms: number): ItemWords | undefined =>
    ms < 1000 || ms > 300_000 ? undefined : { held: { ms } };
  return { value: held.ms, less: to(held.ms - 1000), more: to(held.ms + 1000) };
}

/** Rounds of press-and-ease, for holds that are long enough. */
export function pressStepper(item: Item, setting: Setting): Stepper | undefined {
  const { dose, sides } = itemInForce(item, setting);
  if (dose.kind !== 'hold' || sides.way === 'alternating') return undefined;
  const pressMs = dose.press?.pressMs ?? USUAL_PRESS_MS;
  const value = dose.press?.times ?? 0;
  const to = (times: number): ItemWords | undefined => {
    if (times < 0) return undefined;
    if (times === 0) return { press: undefined, pressWhere: undefined };
    const press = { pressMs, times };
    return times <= 20 && pressFits(dose.holdMs, press) ? { press } : undefined;
  };
  if (value === 0 && dose.holdMs < USUAL_PRESS_MS + 2 * LEAST_EASE_MS) return undefined;
  return { value, less: to(value - 1), more: to(value + 1) };
}

/** Another kind of dose: the move's own amount where it is of that kind, else a usual one. */
export function toKind(item: Item, setting: Setting, kind: DoseKind): ItemWords {
  const own = ownDose(itemInForce(item, setting).move, setting.group);
  const usual: Readonly<Record<DoseKind, WrittenDose>> = {
    hold: { kind: 'hold', holdMs: 20_000, sets: 1 },
    reps: { kind: 'reps', reps: 8, sets: 1 },
    breaths: { kind: 'breaths', breaths: 5, sets: 1 },
    timed: { kind: 'timed', timedMs: 30_000, sets: 1 },
  };
  const next = own.kind === kind ? writtenOf(own) : usual[kind];
  return {
    dose: next,
    press: undefined,
    pressWhere: undefined,
    tempo: undefined,
    held: undefined,
    breath: undefined,
    restMs: undefined,
  };
}

/** The ways of sides that a move can be done; none where both sides always work at once. */
export function sidesChoices({ sides }: Move): readonly SidesClause[] {
  return sides === 'both' ? [] : ['each', 'alternating', 'left-only', 'right-only'];
}

export function sidesInForce(item: Item, { sides }: Move): SidesClause | undefined {
  return item.sides ?? (sides === 'both' ? undefined : sides);
}

/** Sides, with what would no longer fit them taken away. */
export function toSides(item: Item, move: Move, sides: SidesClause): ItemWords {
  const onlyOther =
    (sides === 'left-only' && item.weak?.side === 'right') ||
    (sides === 'right-only' && item.weak?.side === 'left');
  const turns = sides === 'alternating';
  return {
    sides: sides === move.sides ? undefined : sides,
    weak: turns || onlyOther ? undefined : item.weak,
    press: turns ? undefined : item.press,
    pressWhere: turns ? undefined : item.pressWhere,
    dose: turns ? item.dose : eachSideOf(item.dose),
    firstSide: sides === 'left-only' || sides === 'right-only' ? undefined : item.firstSide,
  };
}

/** A count in all goes with turns alone. */
function eachSideOf(dose: WrittenDose | undefined): WrittenDose | undefined {
  if (dose?.kind !== 'reps' || !dose.inAll) return dose;
  const { inAll: _, ...plain } = dose;
  return plain;
}

export function levelInForce(item: Item, move: Move, group: GroupName): LevelId {
  return item.level ?? usualLevel(move, group).id;
}

export function toLevel(move: Move, id: LevelId, group: GroupName): ItemWords {
  return { level: id === usualLevel(move, group).id ? undefined : id };
}

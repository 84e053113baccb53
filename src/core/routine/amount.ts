import {
  amountOf,
  pressFits,
  withAmount,
  withSets,
  writtenOf,
  type Dose,
  type WrittenDose,
} from '@/core/moves';
import { itemInForce, type Setting } from './item';
import type { Item } from './entries';

/** What an edit writes into an item; a key set to undefined goes back to the move's own. */
export type ItemWords = { readonly [K in keyof Omit<Item, 'kind' | 'id'>]?: Item[K] | undefined };

/** Holds and steady work move by five seconds, reps and breaths by one. */
export const TIME_STEP_MS = 5000;

/** A dose as written, with the rest that stood between sets and what else still fits it kept. */
export function doseWritten(item: Item, dose: Dose, next: WrittenDose): ItemWords {
  const restMs = item.restMs ?? (next.sets > 1 && dose.restMs > 0 ? dose.restMs : undefined);
  const hold = next.kind === 'hold';
  const press = hold && item.press && pressFits(next.holdMs, item.press) ? item.press : undefined;
  const { tempo, held, breath } = next.kind === 'reps' ? item : NOT_COUNTED;
  const pressWhere = press && item.pressWhere;
  return { dose: next, restMs, press, pressWhere, tempo, held, breath };
}

const NOT_COUNTED: Pick<Item, 'tempo' | 'held' | 'breath'> = {};

/** What a dose may be, and by how much it moves: milliseconds, or a count. */
export interface AmountRange {
  readonly now: number;
  readonly least: number;
  readonly most: number;
  readonly step: number;
}

/** The move's range for the kind of dose in force; undefined where it names none. */
export function amountRange(item: Item, setting: Setting): AmountRange | undefined {
  const { move, dose } = itemInForce(item, setting);
  const { holdMs, timedMs, reps, breaths } = move.range;
  const span = { hold: holdMs, timed: timedMs, reps, breaths }[dose.kind];
  if (!span) return undefined;
  const step = dose.kind === 'hold' || dose.kind === 'timed' ? TIME_STEP_MS : 1;
  return { now: amountOf(dose), least: span[0], most: span[1], step };
}

/** The amount and the sets of an item changed, as words for its line. */
export function doseChanged(
  item: Item,
  setting: Setting,
  to: { readonly amount?: number; readonly sets?: number },
): ItemWords {
  const { dose } = itemInForce(item, setting);
  const written = writtenOf(dose);
  const next = withAmount(written, to.amount ?? amountOf(dose));
  return doseWritten(item, dose, withSets(next, to.sets ?? next.sets));
}

import { searchMoves, type Move } from '@/core/catalog';
import { itemIdSchema, type ItemId } from '@/core/ids';
import {
  addEntry,
  applyChange,
  catalogFor,
  placeOf,
  readAddingLine,
  writeItem,
  type Change,
  type Entry,
  type Place,
  type Routine,
} from '@/core/routine';
import { printClock } from '@/core/time';
import { scoreOf } from '@/state';
import { problemSentence } from '@/words';

const TRY_ID = itemIdSchema.parse('trial');

export interface Adding {
  /** The entry as it would be kept; only where nothing is wrong. */
  readonly entry: Entry | undefined;
  readonly strict: string;
  readonly adds: string;
  readonly problem: string;
  readonly offers: readonly Move[];
}

/** Where a new entry goes: behind the chosen one, else at the end of main. */
export function placeForNew(routine: Routine, chosen: ItemId | undefined): Place | undefined {
  if (!chosen) return undefined;
  const place = placeOf(routine, chosen);
  return { ...place, at: place.at + 1 };
}

/** What a typed line would add, before it is added. */
export function readAdding(typed: string, routine: Routine, place: Place | undefined): Adding {
  const nothing = { entry: undefined, strict: '', adds: '', problem: '', offers: [] };
  if (typed.trim() === '') return nothing;
  const reading = readAddingLine(typed, TRY_ID, routine);
  const [first] = reading.problems;
  const offers = offersFor(typed, routine);
  if ('rest' in reading)
    return { ...nothing, entry: reading.rest, adds: addsFor(routine, reading.rest, place) };
  const problem = first ? problemSentence(first) : '';
  if (!reading.item) return { ...nothing, problem, offers };
  const strict = writeItem(reading.item, catalogFor(routine));
  if (problem) return { ...nothing, strict, problem, offers };
  return {
    entry: reading.item,
    strict,
    adds: addsFor(routine, reading.item, place),
    problem,
    offers: [],
  };
}

function addsFor(routine: Routine, entry: Entry, place: Place | undefined): string {
  const after = applyChange(routine, addEntry(routine, entry, place));
  return printClock(Math.max(0, scoreOf(after).totalMs - scoreOf(routine).totalMs));
}

const MOST_OFFERS = 4;

/** Moves that have every word typed before the dose. */
function offersFor(typed: string, routine: Routine): readonly Move[] {
  const words = typed.split(/[:,\d]/u)[0]?.trim() ?? '';
  return words.length < 2 ? [] : searchMoves(catalogFor(routine), words).slice(0, MOST_OFFERS);
}

export function addingChange(
  routine: Routine,
  entry: Entry,
  id: ItemId,
  place: Place | undefined,
): Change {
  return addEntry(routine, { ...entry, id }, place);
}

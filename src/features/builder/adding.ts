import { BUILD } from './strings';
import { itemIdSchema, type ItemId, printClock } from '@/core/common';
import type { Move } from '@/core/moves';
import {
  addEntry,
  catalogueFor,
  placeOf,
  readAddingLine,
  writeItem,
  type Change,
  type Entry,
  type Place,
  type Routine,
} from '@/core/routine';
import { searchMoves } from '@/core/writing';
import { addTimerOf } from '@/state';
import { problemSentence } from '@/words/problems';

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
  const room = (entry: Entry, strict: string): Adding => {
    const adds = addsFor(routine, entry, place);
    if (adds === undefined) return { ...nothing, strict, problem: BUILD.full };
    return { ...nothing, entry, strict, adds };
  };
  if ('line' in reading) return room(reading.line, '');
  const problem = first ? problemSentence(first) : '';
  if (!reading.item) return { ...nothing, problem, offers };
  const strict = writeItem(reading.item, catalogueFor(routine));
  if (problem) return { ...nothing, strict, problem, offers };
  return room(reading.item, strict);
}

/** The time that an entry would add; undefined where there is no room for it. */
function addsFor(routine: Routine, entry: Entry, place: Place | undefined): string | undefined {
  const change = addEntry(routine, entry, place);
  const [step] = change?.steps ?? [];
  if (step?.kind !== 'add') return undefined;
  return printClock(Math.max(0, addTimerOf(routine).added(step.entry, step.place)));
}

const MOST_OFFERS = 4;

/** Moves that have every word typed before the dose. */
function offersFor(typed: string, routine: Routine): readonly Move[] {
  const words = typed.split(/[:,\d]/u)[0]?.trim() ?? '';
  return words.length < 2 ? [] : searchMoves(catalogueFor(routine), words).slice(0, MOST_OFFERS);
}

export function addingChange(
  routine: Routine,
  entry: Entry,
  id: ItemId,
  place: Place | undefined,
): Change | undefined {
  return addEntry(routine, { ...entry, id }, place);
}

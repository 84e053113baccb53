import { BUILD } from './strings';
import { itemIdSchema, type ItemId, printClock } from '@/core/common';
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
import { readPlainLine, readPlainRest, searchMoves } from '@/core/writing';
import { addTimerOf } from '@/state';
import { problemSentence } from '@/words/problems';

const TRY_ID = itemIdSchema.parse('trial');

export interface Adding {
  /** The entry as it would be kept; only where nothing is wrong. */
  readonly entry: Entry | undefined;
  readonly strict: string;
  readonly adds: string;
  readonly problem: string;
  readonly offers: readonly Offer[];
  /** Words that were passed over. */
  readonly passed: readonly string[];
}

/** Another move that may be meant, and what its line would be. */
export interface Offer {
  readonly name: string;
  readonly text: string;
}

/** Where a new entry goes: behind the chosen one, else at the end of main. */
export function placeForNew(routine: Routine, chosen: ItemId | undefined): Place | undefined {
  if (!chosen) return undefined;
  const place = placeOf(routine, chosen);
  return { ...place, at: place.at + 1 };
}

/** What a typed line would add, before it is added. */
export function readAdding(typed: string, routine: Routine, place: Place | undefined): Adding {
  const nothing = { entry: undefined, strict: '', adds: '', problem: '', offers: [], passed: [] };
  if (typed.trim() === '') return nothing;
  const reading = readAddingLine(typed, TRY_ID, routine);
  const [first] = reading.problems;
  const room = (entry: Entry, strict: string): Adding => {
    const adds = addsFor(routine, entry, place);
    if (adds === undefined) return { ...nothing, strict, problem: BUILD.full };
    return { ...nothing, entry, strict, adds };
  };
  if ('line' in reading) return room(reading.line, '');
  const problem = first ? problemSentence(first) : '';
  // Where the move is clear and a word is not, that word is told and not passed over.
  const plain =
    reading.item && !problem ? undefined : readAsSaid(typed, routine, reading.item === undefined);
  if (plain) {
    const { entry, strict, offers, passed } = plain;
    return { ...room(entry, strict), offers, passed };
  }
  if (!reading.item) return { ...nothing, problem, offers: offersFor(typed, routine) };
  const strict = writeItem(reading.item, catalogueFor(routine));
  if (problem) return { ...nothing, strict, problem, offers: offersFor(typed, routine) };
  return room(reading.item, strict);
}

/** A line as people write it, where it is near enough to one move: no colon, any order of words. */
function readAsSaid(
  typed: string,
  routine: Routine,
  mayPass: boolean,
): (Pick<Adding, 'strict' | 'offers' | 'passed'> & { readonly entry: Entry }) | undefined {
  const seconds = readPlainRest(typed);
  if (seconds !== undefined && seconds > 0) {
    const entry = { kind: 'rest', id: TRY_ID, restMs: seconds * 1000 } as const;
    return { entry, strict: '', offers: [], passed: [] };
  }
  const { choices, sure, unknown } = readPlainLine(typed, routine);
  const [best, ...others] = choices;
  if (!sure || !best || (unknown.length > 0 && !mayPass)) return undefined;
  const reading = readAddingLine(best.text, TRY_ID, routine);
  if (!('item' in reading) || !reading.item) return undefined;
  const offers = others.map(({ move, text }) => ({ name: move.name, text }));
  return { entry: reading.item, strict: best.text, offers, passed: unknown };
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
function offersFor(typed: string, routine: Routine): readonly Offer[] {
  const words = typed.split(/[:,\d]/u)[0]?.trim() ?? '';
  const found = words.length < 2 ? [] : searchMoves(catalogueFor(routine), words);
  return found.slice(0, MOST_OFFERS).map(({ name }) => ({ name, text: `${name}: ` }));
}

export function addingChange(
  routine: Routine,
  entry: Entry,
  id: ItemId,
  place: Place | undefined,
): Change | undefined {
  return addEntry(routine, { ...entry, id }, place);
}

import { printClock, type ItemId } from '@/core/common';
import { GROUP_ALONE, type TakingPart } from '@/core/people';
import { addEntry, type Change, type Entry, type Place, type Routine } from '@/core/routine';
import { bareLine, readSaidLine, type Meant, type OwnWordsKnown } from '@/core/writing';
import { addTimerOf } from '@/state';
import { problemSentence } from '@/words/problems';
import { placeBefore, placeForNew, type GoesTo } from './goes-to';
import { BUILD } from './strings';

export interface Adding {
  /** Where it goes: the line may name a section itself. */
  readonly goesTo: GoesTo;
  readonly place: Place;
  /** The entry as it would be kept; only where nothing is wrong. */
  readonly entry: Entry | undefined;
  /** A section alone: from now on lines go there. */
  readonly turnsTo: boolean;
  readonly strict: string;
  readonly adds: string;
  readonly problem: string;
  /** Other moves that may be meant, each with its line. */
  readonly others: readonly Meant[];
  /** Words that were passed over. */
  readonly passed: readonly string[];
}

/** What a typed line would add, before it is added. */
export function readAdding(
  typed: string,
  routine: Routine,
  usual: GoesTo,
  part: TakingPart = GROUP_ALONE,
  ownWords?: OwnWordsKnown,
): Adding {
  const { section } = bareLine(typed);
  const goesTo = section ? { section } : usual;
  const place = placeForNew(routine, goesTo);
  const at = placeBefore(routine, place);
  const { reading } = readSaidLine(typed, { ...routine, at, ownWords });
  const nothing: Adding = {
    ...{ goesTo, place, entry: undefined, turnsTo: section !== undefined && !reading },
    ...{ strict: '', adds: '', problem: '', others: [], passed: [] },
  };
  if (!reading) return nothing;
  const { line, text, others, passed, problem } = reading;
  if (!line) return { ...nothing, others, problem: problem ? problemSentence(problem) : '' };
  const adds = addsFor(routine, line, place, part);
  if (adds === undefined) return { ...nothing, strict: text, problem: BUILD.full };
  return { ...nothing, entry: line, strict: text, adds, others, passed };
}

/** The time that an entry would add; undefined where there is no room for it. */
function addsFor(
  routine: Routine,
  entry: Entry,
  place: Place,
  part: TakingPart,
): string | undefined {
  const change = addEntry(routine, entry, place);
  const [step] = change?.steps ?? [];
  if (step?.kind !== 'add') return undefined;
  return printClock(Math.max(0, addTimerOf(routine, part).added(step.entry, step.place)));
}

export function addingChange(
  routine: Routine,
  entry: Entry,
  id: ItemId,
  place: Place,
): Change | undefined {
  return addEntry(routine, { ...entry, id }, place);
}

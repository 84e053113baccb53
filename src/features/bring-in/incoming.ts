import { countingIds, routineIdSchema } from '@/core/common';
import type { Move } from '@/core/moves';
import { itemsInOrder, readRoutineFile, readRoutineText, type Routine } from '@/core/routine';
import { MOVES_FORMAT, bringMoves, isShipped, readMovesFile, type Bringing } from '@/core/writing';
import { listWords } from '@/words/findings';
import { moveFaultSentence } from '@/words/moves';
import { fileProblemSentence, problemSentence } from '@/words/problems';
import { BRING_IN } from './strings';

export interface Incoming {
  /** Only where there is nothing wrong at all. */
  readonly routine: Routine | undefined;
  /** What a file of moves would bring; only where there is nothing wrong at all. */
  readonly moves: Bringing | undefined;
  readonly summary: string;
  readonly problems: readonly string[];
  /** Text that is no routine text: it may be a plan as people write it. */
  readonly mayBePlan: boolean;
}

const NOTHING: Incoming = {
  routine: undefined,
  moves: undefined,
  summary: '',
  problems: [],
  mayBePlan: false,
};

/** A photo or the like, read as if it were text: signs that no text has. */
export const isNoText = (text: string): boolean =>
  /[\u0000-\u0008\uFFFD]/u.test(text.slice(0, 2000));

/** Reads what was pasted or chosen: a routine file, a moves file, or routine text. */
export function readIncoming(text: string, own: readonly Move[]): Incoming {
  if (text.trim() === '') return NOTHING;
  if (!/^\uFEFF?\s*\{/u.test(text)) return fromText(text, own);
  return text.slice(0, 200).includes(`"${MOVES_FORMAT}"`) ? fromMoves(text, own) : fromFile(text);
}

function fromFile(text: string): Incoming {
  const result = readRoutineFile(text);
  if (result.ok) return good(result.value);
  return bad(result.problems.map(fileProblemSentence));
}

function fromMoves(text: string, own: readonly Move[]): Incoming {
  const result = readMovesFile(text);
  if (!result.ok) return bad(result.problems.map(fileProblemSentence));
  const moves = bringMoves(own, result.value);
  if (moves.faults.length > 0) {
    return bad(moves.faults.map(({ move, fault }) => `${move.name}: ${moveFaultSentence(fault)}`));
  }
  const names = (some: readonly Move[]) => listWords(some.map(({ name }) => name));
  const changed = moves.added.filter(({ id }) => isShipped(id));
  const fresh = moves.added.filter((move) => !changed.includes(move));
  const summary = [
    fresh.length > 0 && BRING_IN.newMoves(names(fresh)),
    changed.length > 0 && BRING_IN.changes(names(changed)),
    moves.replaced.length > 0 && BRING_IN.replaces(names(moves.replaced)),
    moves.same.length > 0 && BRING_IN.same(names(moves.same)),
  ].filter(Boolean);
  return { ...NOTHING, moves, summary: summary.join(' ') };
}

function fromText(text: string, own: readonly Move[]): Incoming {
  const { routine, problems } = readRoutineText(text, {
    id: routineIdSchema.parse('incoming'),
    newId: countingIds('i'),
    untitled: BRING_IN.untitled,
    moves: own,
  });
  if (problems.length > 0) {
    const said = problems.map(
      (problem) => `${BRING_IN.place(problem.line, problem.column)}: ${problemSentence(problem)}.`,
    );
    return { ...bad(said), mayBePlan: true };
  }
  return itemsInOrder(routine).length === 0 ? bad([BRING_IN.nothing]) : good(routine);
}

function good(routine: Routine): Incoming {
  const items = BRING_IN.good(routine.title, itemsInOrder(routine).length);
  const carried = routine.moves?.map(({ name }) => name) ?? [];
  const summary = carried.length > 0 ? `${items} ${BRING_IN.carries(listWords(carried))}` : items;
  return { ...NOTHING, routine, summary };
}

function bad(problems: readonly string[]): Incoming {
  return { ...NOTHING, summary: BRING_IN.problems(problems.length), problems };
}

import { countingIds, routineIdSchema } from '@/core/ids';
import { itemsInOrder, readRoutineFile, readRoutineText, type Routine } from '@/core/routine';
import { fileProblemSentence, problemSentence } from '@/words';
import { BRING_IN, LIBRARY } from './strings';

export interface Incoming {
  /** Only where there is nothing wrong at all. */
  readonly routine: Routine | undefined;
  readonly summary: string;
  readonly problems: readonly string[];
}

/** Reads what was pasted or chosen: a routine file, or routine text. */
export function readIncoming(text: string): Incoming {
  if (text.trim() === '') return { routine: undefined, summary: '', problems: [] };
  return /^\uFEFF?\s*\{/u.test(text) ? fromFile(text) : fromText(text);
}

function fromFile(text: string): Incoming {
  const result = readRoutineFile(text);
  if (result.ok) return good(result.value);
  return bad(result.problems.map(fileProblemSentence));
}

function fromText(text: string): Incoming {
  const { routine, problems } = readRoutineText(text, {
    id: routineIdSchema.parse('incoming'),
    newId: countingIds('i'),
    untitled: LIBRARY.untitled,
  });
  if (problems.length > 0) {
    return bad(
      problems.map(
        (problem) =>
          `${BRING_IN.place(problem.line, problem.column)}: ${problemSentence(problem)}.`,
      ),
    );
  }
  return itemsInOrder(routine).length === 0 ? bad([BRING_IN.nothing]) : good(routine);
}

function good(routine: Routine): Incoming {
  const summary = BRING_IN.good(routine.title, itemsInOrder(routine).length);
  return { routine, summary, problems: [] };
}

function bad(problems: readonly string[]): Incoming {
  return { routine: undefined, summary: BRING_IN.problems(problems.length), problems };
}

import { countingIds, routineIdSchema } from '@/core/common';
import type { FileProblem } from '@/core/common/file';
import type { Move } from '@/core/moves';
import {
  itemsInOrder,
  readRoutineFile,
  readRoutineText,
  type Routine,
  type TextProblem,
} from '@/core/routine';
import { MOVES_FORMAT, readMovesFile } from './own-move/moves-file';
import { bringMoves, type Bringing } from './own-move/own';

/** What stands in the way of bringing a text in. */
export type IncomingFault =
  | { readonly of: 'file'; readonly problem: FileProblem }
  | { readonly of: 'text'; readonly problem: TextProblem }
  | {
      readonly of: 'move';
      readonly move: Move;
      readonly fault: Bringing['faults'][number]['fault'];
    }
  /** There is no move in it. */
  | { readonly of: 'nothing' }
  /** More than a class can be, in lines or in letters: it is not read. */
  | { readonly of: 'long'; readonly lines: number; readonly most: number };

/** What was pasted or chosen, read whole: something, or all that is wrong with it. */
export type Incoming =
  | { readonly state: 'empty' }
  | { readonly state: 'routine'; readonly routine: Routine }
  | { readonly state: 'moves'; readonly moves: Bringing }
  | {
      readonly state: 'bad';
      /** The first of them. */
      readonly faults: readonly IncomingFault[];
      readonly count: number;
      /** Text that is no routine text: it may be a plan as people write it. */
      readonly mayBePlan: boolean;
      /** It has what only routine text has, so that its faults are told by their place in it. */
      readonly isTextForm: boolean;
    };

/** So many faults are told: whoever has mended them reads it again. */
export const MOST_FAULTS = 100;
/** As many lines, and as many letters, as a text is read of. */
const MOST_LINES = 2000;
const MOST_LETTERS = 200_000;

/** A text of at most so many letters is read within a moment. */
export const SHORT_TEXT = 2000;

/**
 * Reads what was pasted or chosen: a routine file, a moves file, or routine text.
 * @param own the moves that somebody has of their own
 * @param untitled the title of a text that has none
 */
export function readIncoming(text: string, own: readonly Move[], untitled: string): Incoming {
  if (text.trim() === '') return { state: 'empty' };
  if (/^\uFEFF?\s*\{/u.test(text)) {
    return text.slice(0, 200).includes(`"${MOVES_FORMAT}"`) ? fromMoves(text, own) : fromFile(text);
  }
  const lines = text.split('\n').length;
  return lines > MOST_LINES || text.length > MOST_LETTERS
    ? bad([{ of: 'long', lines, most: MOST_LINES }])
    : fromText(text, own, untitled);
}

function fromFile(text: string): Incoming {
  const result = readRoutineFile(text);
  return result.ok
    ? { state: 'routine', routine: result.value }
    : bad(result.problems.map((problem) => ({ of: 'file', problem })));
}

function fromMoves(text: string, own: readonly Move[]): Incoming {
  const result = readMovesFile(text);
  if (!result.ok) return bad(result.problems.map((problem) => ({ of: 'file', problem })));
  const moves = bringMoves(own, result.value);
  return moves.faults.length > 0
    ? bad(moves.faults.map(({ move, fault }) => ({ of: 'move', move, fault })))
    : { state: 'moves', moves };
}

/** A section in brackets, or a head that a plan has not: whoever writes them means routine text. */
const TEXT_FORM = /^\s*(?:\[(?:warm-up|main|settle)\b|(?:group|slot|lanes|limits|pace):)/imu;

function fromText(text: string, own: readonly Move[], untitled: string): Incoming {
  const { routine, problems } = readRoutineText(text, {
    id: routineIdSchema.parse('incoming'),
    newId: countingIds('i'),
    untitled,
    moves: own,
  });
  if (problems.length > 0) {
    const faults = bad(problems.map((problem) => ({ of: 'text' as const, problem })));
    return { ...faults, mayBePlan: true, isTextForm: TEXT_FORM.test(text) };
  }
  return itemsInOrder(routine).length === 0
    ? bad([{ of: 'nothing' }])
    : { state: 'routine', routine };
}

function bad(faults: readonly IncomingFault[]): Extract<Incoming, { state: 'bad' }> {
  const { length: count } = faults;
  return {
    state: 'bad',
    faults: faults.slice(0, MOST_FAULTS),
    count,
    mayBePlan: false,
    isTextForm: true,
  };
}

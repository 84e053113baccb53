import { readPeopleFile, type TakingPart } from '@/core/people';
import { closeSync, fstatSync, openSync, readSync } from 'node:fs';
import {
  countingIds,
  routineIdSchema,
  type ItemId,
  fail,
  succeed,
  type Result,
  isoWithOffset,
  problemsIn,
  saidAs,
  type Problems,
} from '@/core/common';
import type { FileProblem } from '@/core/common/file';
import type { Move } from '@/core/moves';
import {
  readRoutineFile,
  readRoutineText,
  withMovesInUse,
  type Routine,
  type TextProblem,
} from '@/core/routine';
import { bringMoves, readMovesFile } from '@/core/writing';
import { moveFaultSentence } from '@/words/moves';
import { fileProblemSentence } from '@/words/problems';

/** Bigger input is refused before it is read. */
export const MOST_BYTES = 5_000_000;

export interface Input {
  readonly routine: Routine;
  readonly part: TakingPart;
  readonly lines: ReadonlyMap<ItemId, number>;
  readonly problems: readonly TextProblem[];
}

/** Reads routine text or routine JSON; problems of the whole file stand at its place or at 1:1. */
export function readInput(
  file: string,
  moves: readonly Move[],
  part: TakingPart,
): Result<Input, string> {
  const text = readBounded(file);
  if (!text.ok) return text;
  const read = /^\uFEFF?\s*\{/u.test(text.value) ? readJson : readText;
  const input = read(text.value, moves);
  return input.ok ? succeed({ ...input.value, part }) : input;
}

function readText(text: string, moves: readonly Move[]): Result<Omit<Input, 'part'>, string> {
  const id = routineIdSchema.parse('routine');
  return succeed(
    readRoutineText(text, { id, newId: countingIds('i'), untitled: 'Untitled routine', moves }),
  );
}

function readJson(text: string, moves: readonly Move[]): Result<Omit<Input, 'part'>, string> {
  const result = readRoutineFile(text);
  if (!result.ok) {
    return refused(result.problems, (one) => placed(one, 'a routine file or routine text'));
  }
  const routine = withMovesInUse(result.value, moves);
  return succeed({ routine, lines: new Map(), problems: [] });
}

/** A problem of a whole file at its place, with what could stand there. */
export function placed(problem: FileProblem, could: string, file?: string): string {
  const place = problem.code === 'not-json' ? `${problem.line}:${problem.column}` : '1:1';
  const where = file === undefined ? '' : `${file}: `;
  return `${place}: ${where}${fileProblemSentence(problem)}; ${could} could stand here`;
}

/** The problems of a file in words. */
function refused<P>(problems: Problems<P>, say: (problem: P) => string): Result<never, string> {
  return { ok: false, problems: saidAs(problems, say) };
}

/** Own moves to read a routine with; none of a file that is not sound. */
export function readOwnMoves(file: string): Result<readonly Move[], string> {
  const text = readBounded(file);
  if (!text.ok) return text;
  const moves = readMovesFile(text.value);
  if (!moves.ok) return refused(moves.problems, (one) => placed(one, 'a moves file', file));
  const { faults, own } = bringMoves([], moves.value);
  if (faults.length === 0) return succeed(own);
  const problems = faults.map(
    ({ move, fault }) => `1:1: ${file}: ${move.name}: ${moveFaultSentence(fault)}`,
  );
  return { ok: false, problems: problemsIn(problems) ?? [file] };
}

/** The people and sessions of a file, at the moment of the class. */
export function readTakingPart(file: string, at: Date): Result<TakingPart, string> {
  const text = readBounded(file);
  if (!text.ok) return text;
  const read = readPeopleFile(text.value);
  if (!read.ok) return refused(read.problems, (one) => placed(one, 'a people file', file));
  const { people, sessions = [] } = read.value;
  return succeed({ people, sessions, at: isoWithOffset(at) });
}

/** The text of a file, or of standard input for `-`. */
export function readBounded(file: string): Result<string, string> {
  const tooBig = fail(`1:1: the file is 5 MB or more; a smaller one could stand here`);
  let handle: number;
  try {
    handle = file === '-' ? 0 : openSync(file, 'r');
  } catch {
    return fail(`1:1: ${file} can't be read; a file that exists could stand here`);
  }
  try {
    const stat = fstatSync(handle);
    if (stat.isDirectory()) return fail(`1:1: ${file} is a folder; a file could stand here`);
    if (stat.isFile() && stat.size >= MOST_BYTES) return tooBig;
    const chunks: Buffer[] = [];
    let size = 0;
    for (;;) {
      const chunk = Buffer.alloc(65_536);
      const count = readChunk(handle, chunk);
      if (count === 0) break;
      size += count;
      if (size >= MOST_BYTES) return tooBig;
      chunks.push(chunk.subarray(0, count));
    }
    return succeed(Buffer.concat(chunks).toString('utf8'));
  } finally {
    if (handle !== 0) closeSync(handle);
  }
}

/** A pipe that has nothing yet says so; wait for it a little and ask again. */
function readChunk(handle: number, chunk: Buffer): number {
  for (;;) {
    try {
      return readSync(handle, chunk, 0, chunk.length, null);
    } catch (error) {
      const { code } = error as NodeJS.ErrnoException;
      if (code === 'EOF') return 0;
      if (code !== 'EAGAIN') throw error;
      Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, 10);
    }
  }
}

import { closeSync, fstatSync, openSync, readSync } from 'node:fs';
import { countingIds, routineIdSchema, type ItemId } from '@/core/ids';
import { readRoutineFile, readRoutineText, type Routine, type TextProblem } from '@/core/routine';
import { fail, succeed, type Result } from '@/core/result';
import { fileProblemSentence } from '@/words';

/** Bigger input is refused before it is read. */
export const MOST_BYTES = 5_000_000;

export interface Input {
  readonly routine: Routine;
  readonly lines: ReadonlyMap<ItemId, number>;
  readonly problems: readonly TextProblem[];
}

/** Reads routine text or routine JSON; problems of the whole file stand at its place or at 1:1. */
export function readInput(file: string): Result<Input, string> {
  const text = readBounded(file);
  if (!text.ok) return text;
  return /^\uFEFF?\s*\{/u.test(text.value) ? readJson(text.value) : readText(text.value);
}

function readText(text: string): Result<Input, string> {
  const id = routineIdSchema.parse('routine');
  return succeed(
    readRoutineText(text, { id, newId: countingIds('i'), untitled: 'Untitled routine' }),
  );
}

function readJson(text: string): Result<Input, string> {
  const result = readRoutineFile(text.replace(/^\uFEFF/u, ''));
  if (result.ok) return succeed({ routine: result.value, lines: new Map(), problems: [] });
  return fail(
    ...result.problems.map((problem) => {
      const place = problem.code === 'not-json' ? `${problem.line}:${problem.column}` : '1:1';
      return `${place}: ${fileProblemSentence(problem)}; a routine file or routine text could stand here`;
    }),
  );
}

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

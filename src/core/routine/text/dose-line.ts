import { fail, succeed, type Result } from '@/core/common';
import { doseInForce, type Dose, writtenOf } from '@/core/moves';

import { mergeWords, readClause, type ClauseWords } from './clauses';
import { splitAtCommas, splitLines } from './text-lines';
import { localProblem, type LocalProblem } from './problem';
import { doseClauses } from './write';

const DOSE_STARTS = ['hold 30s', '8 reps', '5 breaths', 'for 20s'] as const;
const BESIDE_DOSE = ['rest 10s', 'tempo 2-1-2'] as const;
/** Stands behind a written dose only where the dose leaves something out. */
const NOTHING_OWN: Dose = { kind: 'timed', timedMs: 1000, sets: 1, restMs: 0 };

/**
 * Reads a dose as a line of a routine has it, with its rest and tempo.
 * @example readDose('8 reps x2, rest 20s, tempo 2-1-2')
 */
export function readDose(typed: string): Result<Dose, LocalProblem> {
  const { text = '', raw = '' } = splitLines(typed.replaceAll('\n', ' '))[0] ?? {};
  let words: ClauseWords = {};
  for (const piece of splitAtCommas(text, raw)) {
    const reading = readClause(piece);
    const known =
      reading && 'key' in reading && ['dose', 'restMs', 'tempo', 'breath'].includes(reading.key);
    if (reading && 'problem' in reading) return fail(reading.problem);
    if (!known) {
      const could = words.dose ? BESIDE_DOSE : DOSE_STARTS;
      return fail(localProblem('unknown-clause', piece.at, piece.raw, could));
    }
    const merged = mergeWords(words, reading);
    if (typeof merged === 'string') return fail(localProblem(merged, piece.at, piece.raw));
    words = merged;
  }
  if (!words.dose) return fail(localProblem('unknown-clause', 0, raw, DOSE_STARTS));
  if (words.tempo && words.dose.kind !== 'reps') {
    return fail(localProblem('tempo-needs-reps', 0, raw));
  }
  // Beside the breath, a move keeps the tempo that a line without it goes by.
  if (words.breath && words.dose.kind !== 'reps') {
    return fail(localProblem('breath-needs-reps', 0, raw));
  }
  return succeed(doseInForce(words, NOTHING_OWN));
}

/**
 * A whole dose as it is read back, without what is nought.
 * @example writeDoseLine({ kind: 'hold', holdMs: 20000 }) // 'hold 20s'
 */
export function writeDoseLine(dose: Dose): string {
  return doseClauses({
    dose: writtenOf(dose),
    restMs: dose.restMs > 0 ? dose.restMs : undefined,
    tempo: dose.kind === 'reps' ? dose.tempo : undefined,
    breath: dose.kind === 'reps' ? dose.breath : undefined,
  }).join(', ');
}

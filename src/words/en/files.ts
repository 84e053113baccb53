import type { FileProblem } from '@/core/common/file';
import { moveFaultOf } from './move-faults';

/** What is wrong with a file, where, and what to do. */
export function fileProblemSentence(problem: FileProblem): string {
  switch (problem.code) {
    case 'not-json':
      return `The file is damaged or breaks off at line ${problem.line}, column ${problem.column}. Save it again where it comes from`;
    case 'wrong-format':
      return 'This file does not come from Hushed Willow. If a plan stands in it, take its text';
    case 'newer-version':
      return `The file is of version ${problem.version}, newer than this Hushed Willow reads. Save it there as text, or bring this one up to date`;
    case 'invalid':
      return `${placeInFile(problem.path)}: ${moveFaultOf(problem.detail, problem) ?? detailWords(problem.detail)}`;
  }
}

const SECTION_WORDS: Readonly<Record<string, string>> = {
  'warm-up': 'the warm-up',
  main: 'main',
  settle: 'settle',
};

/**
 * A place in a file as a person finds it.
 * @example placeInFile('routine.sections.main.0.dose') // 'Line 1 of main, at dose'
 */
export function placeInFile(path: string): string {
  const rest = path.replace(/^routine\.?/u, '');
  if (rest === '') return 'The file';
  const inSection = /^sections\.([\w-]+)\.(\d+)(?:\.lines\.(\d+))?(?:\.(.+))?$/u.exec(rest);
  if (inSection) {
    const [, section = '', entry = '', line, at] = inSection;
    const words = SECTION_WORDS[section] ?? section;
    const place = line === undefined ? '' : `line ${Number(line) + 1} of the block at `;
    const own = `${place}line ${Number(entry) + 1} of ${words}`;
    return withAt(own, at);
  }
  const inMoves = /^moves\.(\d+)(?:\.(.+))?$/u.exec(rest);
  if (inMoves) return withAt(`move ${Number(inMoves[1]) + 1}`, inMoves[2]);
  return withAt('the routine', rest);
}

function withAt(place: string, at: string | undefined): string {
  const whole = at === undefined ? place : `${place}, at ${at.replaceAll('.', ', ')}`;
  return whole.charAt(0).toUpperCase() + whole.slice(1);
}

/** What a schema says, without its trade words. */
function detailWords(detail: string): string {
  if (detail === 'Invalid input') return 'what stands there is nothing that is known here';
  return detail.replace(/^Invalid input: /u, '').replace(/^./u, (first) => first.toLowerCase());
}

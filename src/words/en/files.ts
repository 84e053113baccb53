import type { FileProblem } from '@/core/common/file';
import { moveFaultOf } from './move-faults';

/** What is wrong with a file, and where. */
export function fileProblemSentence(problem: FileProblem): string {
  switch (problem.code) {
    case 'not-json':
      return `This is not readable as JSON from line ${problem.line}, column ${problem.column} on`;
    case 'wrong-format':
      return 'This is not a file of Hushed Willow that can be read here';
    case 'newer-version':
      return `The file is of version ${problem.version}, newer than this application can read`;
    case 'invalid':
      return `${problem.path || 'The file'}: ${moveFaultOf(problem.detail, problem) ?? problem.detail}`;
  }
}

import type { FileProblem } from '@/core/routine';

/** What is wrong with a routine file, and where. */
export function fileProblemSentence(problem: FileProblem): string {
  switch (problem.code) {
    case 'not-json':
      return `This is not readable as JSON from line ${problem.line}, column ${problem.column} on`;
    case 'wrong-format':
      return 'This is not a routine file of Hushed Willow';
    case 'newer-version':
      return `The file is of version ${problem.version}, newer than this application can read`;
    case 'invalid':
      return `${problem.path || 'The file'}: ${problem.detail}`;
  }
}

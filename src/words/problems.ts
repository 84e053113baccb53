export { PROBLEM_CODES, placedProblem, problemSentence } from './en/problems';
export { fileProblemSentence } from './en/files';

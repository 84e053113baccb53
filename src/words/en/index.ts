export { fileProblemSentence } from './files';
export { PACE_TITLES, POSITION_WAYS, SECTION_TITLES } from './names';
export { PROBLEM_CODES, placedProblem, problemSentence } from './problems';
export { scorePhrases } from './score-phrases';
export { limbName, sideName } from './sides';

export { SCORE_HEADINGS, cueSheetPhrases } from './exports';
export { AFTER_A_FALL, ASK_FIRST, STOP_SIGNS } from './safety';
export { blockWords, doseWords, timeWords } from './dose';
export { MOVE_FAULT_CODES, draftProblemSentence, moveFaultSentence } from './move-faults';
export { fileProblemSentence } from './files';
export { LANE_TITLES, PACE_TITLES, POSITION_NAMES, POSITION_WAYS, SECTION_TITLES } from './names';
export { PROBLEM_CODES, placedProblem, problemSentence } from './problems';
export { scorePhrases } from './score-phrases';
export { limbName, sideName } from './sides';
export { RULE_FINDS } from './rules';
export { DIRECTION_NAMES, LIMIT_NAMES, LOAD_NAMES, REGION_NAMES } from './bodies';
export {
  SEVERITY_NAMES,
  SOURCE_NAMES,
  findingWhat,
  findingWhy,
  hasMendWords,
  listWords,
  mendWords,
  ruleName,
} from './findings';
export { orderingWhy } from './ordering';

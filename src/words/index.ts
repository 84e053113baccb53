export {
  PACE_TITLES,
  POSITION_WAYS,
  PROBLEM_CODES,
  SECTION_TITLES,
  fileProblemSentence,
  limbName,
  placedProblem,
  problemSentence,
  scorePhrases,
  sideName,
} from './en';

export { readAddingLine, type AddingReading } from './adding-line';
export { readDose, writeDoseLine } from './dose-line';
export {
  READING_PROBLEMS,
  type LocalProblem,
  type ReadingProblemCode,
  type TextProblem,
} from './problem';
export { MOST_CHARACTERS, readRoutineText, type TextReading } from './read';
export { itemClauses, writeHeaders, writeItem, writeLine, writeRoutineText } from './write';

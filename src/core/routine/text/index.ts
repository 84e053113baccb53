export { readAddingLine, type AddingReading } from './adding-line';
export { READING_PROBLEMS, type ReadingProblemCode, type TextProblem } from './problem';
export { MOST_CHARACTERS, readRoutineText, type TextReading } from './read';
export { itemClauses, writeHeaders, writeItem, writeLine, writeRoutineText } from './write';

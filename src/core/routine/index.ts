export { deedOf, type Deed } from './edit/deed';
export { broughtBy, type Brought } from './brought';
export { choiceBlocks, chosenLines, firstChoice, withChoices, type Choices } from './choices';
export {
  TIME_STEP_MS,
  amountRange,
  doseChanged,
  doseWritten,
  type AmountRange,
  type ItemWords,
} from './amount';
export { differencesOf, headerDifferencesOf, type Difference } from './difference';
export {
  applyChange,
  changeBetween,
  continued,
  entriesAround,
  entryAt,
  hasEntry,
  placeOf,
  reversed,
  type Change,
  type Place,
  type Step,
} from './edit/change';
export { addEntries, addEntriesAt, type Placed } from './edit/add-entries';
export {
  addEntry,
  changeHeader,
  acceptFindings,
  changeItem,
  changeLevel,
  changeSectionHead,
  duplicateEntry,
  evenOutSides,
  moveEntry,
  nudgeEntry,
  removeEntry,
  replaceEntry,
  swapMove,
  unwrapBlock,
  withFreshIds,
  wrapInBlock,
} from './edit/edits';
export {
  changeEach,
  entriesOf,
  moveEntries,
  removeEntries,
  rowIds,
  type Drop,
} from './edit/several';
export { emptyRoutine } from './empty';
export { ROUTINE_FORMAT, readRoutineFile, writeRoutineFile } from './file';
export { groupEffects, laneBars, laneEffects, type LaneBars } from './lane-effects';
export {
  ITEM_FAULTS,
  catalogueFor,
  itemFaults,
  itemInForce,
  mendedItem,
  placesOf,
  type ItemInForce,
  type Setting,
  type SidePlan,
} from './item';
export { lanesOf } from './lanes-of';
export { ROUTINE_MIGRATIONS, migratedRoutine } from './migrations';
export { itemsOutOfLine, withMovesInUse, withOwnMoves, withoutOwnMove } from './own-moves';
export {
  MOST_OWN_MOVES,
  ROUTINE_VERSION,
  checkedRoutine,
  entriesInOrder,
  itemsInOrder,
  routineSchema,
  type Routine,
} from './schema';
export {
  MOST_OPTIONS,
  entrySchema,
  MOST_ROUNDS,
  SECTIONS,
  type Block,
  type Entry,
  flowsOn,
  saysSomething,
  type BlockWords,
  type Item,
  type ItemOption,
  type Line,
  type NoticeLine,
  type RestLine,
  type SectionHead,
  type SectionName,
  type SidesClause,
  type Throughout,
} from './entries';
export { SCHOOLS, SCHOOL_QUESTIONS, type SchoolQuestion } from './school';
export { IN_ROOM, MOST_OF_A_THING, type InRoom, type RoomThing } from './room';
export { isStrictLine, readAddingLine } from './text/adding-line';
export { notedLine } from './text/text-lines';
export { readDose, writeDoseLine } from './text/dose-line';
export {
  READING_PROBLEMS,
  type LocalProblem,
  type ReadingProblemCode,
  type TextProblem,
} from './text/problem';
export { readLimitsHeader } from './text/headers';
export { readRoutineText, type TextReading } from './text/read';
export {
  itemClauses,
  writeHeaders,
  writeItem,
  writeLine,
  writeOption,
  writeRoutineText,
} from './text/write';

export { checkedAll, checkedOnce, placeOf } from './checked';
export { GROUP_NAMES, type GroupName } from './groups';
export {
  atWallClock,
  dayOfDate,
  daysAfter,
  daysBetween,
  FIRST_DAY,
  isDay,
  isoWithOffset,
  lastWith,
  nextOn,
  weekdayOf,
  weekOf,
} from './dates';
export { readOften, type Often } from './often';
export { LONGEST_MS, parseDuration, parseLength, printClock, printDuration } from './durations';
export {
  countingIds,
  levelIdSchema,
  slugOf,
  slugsOf,
  type LevelId,
  itemIdSchema,
  moveIdSchema,
  personIdSchema,
  groupIdSchema,
  routineIdSchema,
  runIdSchema,
  type ItemId,
  type MoveId,
  type PersonId,
  type GroupId,
  type NewId,
  type RoutineId,
  type RunId,
} from './ids';
export {
  blanksForUnseen,
  cleanLine,
  cleanText,
  oneLineSchema,
  textSchema,
  withoutUnseen,
} from './own-text';
export { numberToRing } from './phone';
export { withCapital, withStop } from './sentence';
export {
  fail,
  problemsIn,
  saidAs,
  succeed,
  unreachable,
  type Problems,
  type Result,
} from './result';
export { remember, rememberLast, rememberPair, rememberText } from './remember';
export { mergeThree, type Merged } from './merge';
export { isRecord, migrated, type MigrationStep } from './migrations';

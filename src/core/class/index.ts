export { captionsVtt } from './export/captions';
export { cueSheet, type CueSheetPhrases } from './export/cue-sheet';
export { cuePage, picturePage, type Paper, type Pictured } from './export/pages';
export {
  peopleCsv,
  readPeopleCsv,
  type TableClass,
  type TableFault,
  type TablePerson,
} from './export/people-csv';
export { plainPage, type PagePart } from './export/plain-page';
export { runsCsv, tableCsv, type RunColumn } from './export/runs-csv';
export { scoreCsv, type ScoreColumn } from './export/score-csv';
export { mayExtend, whyNotLonger, type WhyNotLonger } from './lead/extend';
export { edited, mayEase, mayPlayAgain, maySettle, playAt, type Led } from './lead/edits';
export { runOf, timeInClass } from './lead/finished';
export {
  RESUME_COUNT_IN_MS,
  afterAction,
  countInLeftMs,
  hasBegun,
  ledClass,
  newLead,
  placeAt,
  segmentAt,
  settledAt,
  type Lead,
  type LeadAction,
} from './lead/lead';
export {
  draftOf,
  measured,
  paceMeasured,
  sheetOf,
  stagesOf,
  type MeasuredStage,
  type RehearsalStage,
} from './rehearsal/rehearsal';
export { runThroughOf, type RunThrough } from './lead/run-through';
export { onsetsOf, type Onset, type Tone } from './lead/onsets';
export { LEAD_MIGRATIONS, LEAD_VERSION, keptLeadSchema, type KeptLead } from './lead/schema';
export { isSaid, passes, type LineKind, type ScriptLine, type Talk } from './script/script-line';
export { scriptOf, type ScriptPhrases } from './script/script';
export {
  MOST_NOTE,
  SKIP_WHYS,
  type HappenedEvent,
  type LeadEdit,
  type Skip,
  type SkipWhy,
} from './record/changes';
export {
  OUTCOMES,
  asPlanned,
  justCame,
  corrected,
  entrySchema,
  wasAway,
  type Entry,
  type EntryWords,
  type ItemResult,
  type Outcome,
} from './record/attendance';
export { PLAN_VERSION, planOf, planSchema, type Plan, type PlanItem } from './record/plan';
export {
  entryOf,
  monthOf,
  monthSchema,
  MONTH_MIGRATIONS,
  MONTH_VERSION,
  notLed,
  rowOfRun,
  wentAsPlanned,
  rowsInOrder,
  withRow,
  type Month,
  type RunRow,
} from './record/months';
export {
  classesOf,
  doseSessions,
  ladderFacts,
  cameUpTo,
  ladderOf,
  proposalsFor,
  type Came,
  type MoveProposal,
  type Plans,
} from './weeks/facts';
export { PUBLISHED_DAYS, weeksOf, type Week } from './weeks/weeks';
export {
  CLASS_GROUP_VERSION,
  classForSchema,
  classGroupSchema,
  type ClassFor,
  type ClassGroup,
  type OwnWay,
} from './group/class-group';
export { roomNeeds, type Need } from './group/needs';
export { classGrid, type Cell, type GridRow } from './group/grid';
export { ownPart, ownParts, type OwnPart } from './group/own-parts';
export { blotted } from './record/blot';
export {
  MOST_IN_CLASS,
  RUN_MIGRATIONS,
  RUN_VERSION,
  WENT,
  ledSchema,
  runSchema,
  type LedRoutine,
  type Run,
  type RunEnd,
  type SideTime,
  type Went,
} from './record/schema';
export { sideTimes } from './record/side-times';

export {
  WHERE,
  asksOf,
  findMoves,
  lanesFor,
  limitsAgainst,
  limitsWithCare,
  type Wanted,
  type Where,
} from './find-moves/find-moves';
export { searchSaid, type SaidWanted } from './find-moves/said-wanted';
export { searchMoves } from './find-moves/search';
export {
  ownWordsSchema,
  wordsChosen,
  wordsToKeep,
  type OwnWords,
  type OwnWordsKnown,
} from './plain-line/own-words';
export type { PlainSetting } from './plain-line/plain-line';
export { placeAfter, readPlainPage } from './plain-page/plain-page';
export { SHAPES, type Column, type Shape } from './plain-page/shape';
export {
  isFarOff,
  placedFrom,
  sheetOf,
  routineOfSheet,
  type Decided,
  type Decisions,
  type Sheet,
  type SheetRow,
} from './plain-page/sheet';
export { bareLine, readSaidLine } from './plain-line/said-line';
export type { Meant, TypedLine } from './plain-line/typed-line';
export {
  DRAFT_MIGRATIONS,
  DRAFT_VERSION,
  LEVEL_WORDS,
  draftOf,
  emptyDraft,
  levelLike,
  moveDraftSchema,
  type LevelDraft,
  type MoveDraft,
} from './own-move/draft';
export {
  MOST_FAULTS,
  SHORT_TEXT,
  readIncoming,
  type Incoming,
  type IncomingFault,
} from './incoming';
export {
  MOVES_FORMAT,
  movesFileSchema,
  readMovesFile,
  writeMovesFile,
} from './own-move/moves-file';
export {
  ADVICE,
  PLACE_FAULTS,
  bringMoves,
  isAsShipped,
  isLikeShipped,
  isShipped,
  type Bringing,
  type MoveFaultCode,
} from './own-move/own';
export { mustMend, readDraft, type DraftProblem } from './own-move/read-draft';

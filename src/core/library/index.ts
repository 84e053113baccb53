export {
  WHERE,
  asksOf,
  findMoves,
  lanesFor,
  limitsAgainst,
  whereOf,
  type Wanted,
  type Where,
} from './find';
export {
  MOVES_FORMAT,
  MOVES_VERSION,
  movesFileSchema,
  readMovesFile,
  writeMovesFile,
} from './moves-file';
export {
  ADVICE,
  PLACE_FAULTS,
  bringMoves,
  isAsShipped,
  isLikeShipped,
  isShipped,
  moveFaults,
  type Bringing,
  type MoveFault,
  type MoveFaultCode,
} from './own';
export {
  draftOf,
  emptyDraft,
  levelLike,
  moveDraftSchema,
  type LevelDraft,
  type MoveDraft,
} from './draft';
export { mustMend, readDraft, type DraftProblem } from './read-draft';

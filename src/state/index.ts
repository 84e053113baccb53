export { BIN_DAYS, daysLeft, lotGone, type Lot } from './bin';
export { askToClear, startEmpty } from './demo-cleared';
export { besideTaken } from './hall/beside';
export { restoreLot } from './lots';
export { saveUnsaved, swapBeside } from './unsaved';
export {
  bringIn,
  bringMovesIn,
  createRoutine,
  paceTaken,
  deleteRoutine,
  dropDraft,
  dropUntouched,
  duplicateRoutine,
  keepMove,
  keepVersion,
  letGo,
  letMoveGo,
  letRoutineGo,
  renameRoutine,
  restoreRoutine,
  takeBack,
  typedAt,
  moveChosen,
} from './actions';
export { routineToBuild } from './carried';
export { deviceSet, type DeviceState } from './hall/device';
export { noticeClosed, noticeShown, persistenceKnown, type Notice } from './hall/notices';
export { keptSizes, type KeptSize } from './storage/sizes';
export {
  useAppDispatch,
  useAppStore,
  useAppSelector,
  useClock,
  useNewId,
  useNow,
  useOwnParts,
  usePart,
  useScore,
  useToday,
} from './hooks';
export {
  leadDecided,
  leadFollowed,
  leadWaits,
  leadPassed,
  leadTakenUp,
  ledOf,
  scoreOfLead,
  scriptOfLead,
  type LeadInProgress,
} from './lead';
export {
  act,
  canBuzz,
  endLead,
  happenedAfter,
  hasVoice,
  leaveLead,
  openLead,
  lengthNow,
  readClock,
  runThrough,
  soundState,
  startIn,
  throwLeadAway,
  trySound,
  voices,
  type PlainDeed,
} from './lead-actions';
export { follow, steer } from './lead-link';
export {
  saveOwnMoves,
  saveRoutineFile,
  saveRoutineText,
  saveAllRuns,
  saveRuns,
  saveTable,
  saveText,
} from './files';
export { lineGone, linesKept } from './lines';
export { ownWordsTaken } from './own-words';
export { draftKept, selectCatalogue, selectOwnMoves } from './moves';
export { changeRedone, changeUndone, routineChanged } from './routines';
export { runDeleted, runsBrought } from './runs';
export { addTimerOf, scoreOf } from './scores';
export type { AppDispatch, AppState } from './slices';
export { marked } from './hall/marks';
export { versionGone, type Version } from './versions';
export { editUndone, placeOfTonight, todayOf, tonightForgotten, tonightTaken } from './tonight';
export {
  findingsOf,
  fitTo,
  forTonight,
  mendsFor,
  ordered,
  partToday,
  readInWorker,
} from './worker-tasks';
export {
  addGroup,
  addPeople,
  addPerson,
  doseTaken,
  eventDealtWith,
  notesNaming,
  groupChanged,
  groupIdOf,
  openedFor,
  ownWayChanged,
  personChanged,
  placedOnLadder,
  readingKept,
  schoolOfLadder,
  takeGroupOut,
  takePersonOut,
} from './people-actions';
export { readingTaken } from './people';
export { STANCES_FAMILY, isStrict, membersOf, partOf } from './taking-part';
export {
  bringTable,
  enterByHand,
  entryChanged,
  entryTaken,
  planTable,
  recordAllAsPlanned,
  runForGroup,
  savePeople,
  type TablePlan,
} from './record';
export { isOlder, ladderNow, selectRows } from './standings';
export {
  attachWorkshop,
  openRecord,
  openWorkshop,
  readAllRuns,
  readRun,
  type AppStore,
} from './workshop';
export {
  MOST_BACKUP_BYTES,
  bringBackup,
  differencesFrom,
  readBackup,
  saveBackup,
  unlockBackup,
  type BackupFault,
  type BackupRead,
  type Difference,
} from './backup';

export { addTimer, type AddTimer } from './added';
export { compile, timesOf } from './compile';
export { COUNT_DOWN_FROM_MS, COUNT_DOWN_MS, goCueFits, spoken } from './cues';
export { doneBy, doneByLeading, type Done } from './done';
export { lowersHead } from './head';
export {
  isCounted,
  isWork,
  msOf,
  setKey,
  type Mark,
  type Score,
  type ScorePhrases,
  type Segment,
  type SegmentKind,
  type SegmentSide,
  type CueKind,
  type SpokenCue,
} from './score';
export {
  movingCost,
  scoreMovingCost,
  stintTimer,
  type MovingCost,
  type RoomState,
  type StintTimer,
} from './stint';
export { whereTimeGoes, type Spent, type TimeSpent } from './where-time-goes';

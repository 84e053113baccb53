export { addTimer, type AddTimer } from './added';
export { compile, timesOf } from './compile';
export { COUNT_DOWN_FROM_MS, COUNT_DOWN_MS, goCueFits, spoken } from './cues';
export { lowersHead } from './head';
export {
  CUE_KINDS,
  isCounted,
  isWork,
  msOf,
  setKey,
  type Mark,
  type Score,
  type ScorePhrases,
  type Segment,
  type SegmentKind,
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

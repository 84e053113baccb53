export { compile } from './compile';
export { lowersHead } from './head';
export {
  movingCost,
  scoreMovingCost,
  stretchTimer,
  type MovingCost,
  type RoomState,
  type Stretch,
  type StretchTimer,
} from './stretch';
export { type LaneBars } from './walk';
export { COUNT_DOWN_FROM_MS, COUNT_DOWN_MS, goCueFits, spoken } from './cues';
export {
  SEGMENT_KINDS,
  type LaneWork,
  type Mark,
  type Score,
  type ScorePhrases,
  type Segment,
  type SegmentKind,
  type SegmentSide,
  type SpokenCue,
} from './score';

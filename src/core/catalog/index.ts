export { MOVES } from './data';
export {
  CHALLENGES,
  MOVE_KINDS,
  PROP_NAMES,
  PROPS,
  SUPPORTS,
  levelNamed,
  ownDose,
  usualLevel,
  type Bearing,
  type Challenge,
  type Cues,
  type DoseRange,
  type Level,
  type LevelLoad,
  type Move,
  type MoveKind,
  type PropName,
  type Support,
} from './move';
export { foldName } from './names';
export {
  familyOf,
  hasMove,
  moveById,
  moveNamed,
  nameAtStart,
  nearestNames,
  searchMoves,
} from './search';

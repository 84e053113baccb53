export { EDGES, type Edge, type EdgeId } from './edges';
export {
  POSITION_IDS,
  POSITIONS,
  SIDED_POSITIONS,
  isPositionId,
  isSided,
  mirrored,
  onSide,
  position,
  type Position,
  type PositionId,
  type PositionRef,
  type SidedPosition,
} from './positions';
export { STANCES, type Stance } from './stances';
export { timeRoute, type TransferPart } from './rising';
export {
  findRoute,
  goesUp,
  isTripToFloor,
  loadsInTheWay,
  type Route,
  type RouteRules,
  type Step,
} from './route';
export { LONG_SWITCHES, LONG_SWITCH_S, switchMs, type LongSwitch } from './switch';

export { LOADS, type Load } from './loads';
export { PACES, paceChangesSchema, paceOf, type Pace, type PaceChanges } from './pace/paces';
export { countWords, talkMs } from './pace/talk';
export { furnitureAt, type Furniture } from './position/furniture';
export { EDGES, type EdgeId } from './position/edges';
export {
  POSITIONS,
  POSITION_IDS,
  SIDED_POSITIONS,
  isPositionId,
  isSided,
  onSide,
  position,
  type Position,
  type PositionId,
  type PositionRef,
} from './position/positions';
export { timeRoute, type TransferPart } from './position/rising';
export {
  findRoute,
  goesUp,
  isTripToFloor,
  loadsInTheWay,
  loadsOfWay,
  type RouteRules,
  type Step,
} from './position/route';
export { STANCES, type Stance } from './position/stances';
export { LONG_SWITCHES, switchMs, type LongSwitch } from './position/switch';
export { REGIONS, SPINE_DIRECTIONS, type Region, type SpineDirection } from './regions';
export {
  SIDES,
  SIDE_MEANINGS,
  SIDE_WAYS,
  otherSide,
  type Side,
  type SideMeaning,
  type SideWay,
} from './sides';

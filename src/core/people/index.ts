export {
  LEAST_CONTACT,
  holdsAtLeast,
  leastContact,
  stepsHarder,
  type Rung,
} from './balance/ladder';
export {
  LANES,
  LANE_NAMES,
  laneGoesTo,
  laneHome,
  laneMeant,
  laneNameSchema,
  laneNamed,
  laneSaid,
  lanesSaid,
  placeInLane,
  plainLane,
  type LaneName,
  type PlainLane,
} from './lane/lanes';
export { resolveInLane, type LaneChoice, type LaneReason } from './lane/resolve';
export {
  barsOf,
  bitesOn,
  clearOf,
  effectsNotAsked,
  effectsOf,
  loadsOfLevel,
  NO_BARS,
  rulesBehind,
  type LimitOfBody,
  type Bars,
  type Effect,
} from './limit/effects';
export {
  LIMITS,
  LIMIT_TABLE,
  NOT_ASKED,
  limitNamed,
  type Limit,
  type LimitName,
} from './limit/limits';
export { limitOfBodySchema, limitsSchema } from './limit/schema';
export { ofOneSide } from './limit/limits';
export { limitWords, readLimits, type LimitsRead, type UnreadLimit } from './limit/words';
export { personEffects } from './person/clearance';
export { readPeopleFile } from './person/file';
export {
  peopleFileSchema,
  personSchema,
  sessionSchema,
  type Person,
  type Session,
} from './person/schema';
export {
  GROUP_ALONE,
  dayOf,
  laneOf,
  takingPartSchema,
  type TakingPart,
} from './person/taking-part';
export { byLane, laneEntries, laneValues, type ByLane } from './lane/by-lane';
export { GROUPS, type GroupStart } from './group';

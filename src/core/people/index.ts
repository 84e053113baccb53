export {
  BASES,
  LEAST_CONTACT,
  holdsAtLeast,
  leastContact,
  stepsHarder,
  timesOn,
  type Base,
  type Rung,
} from './balance/ladder';
export { measuredRung, type MeasuredRung } from './balance/measured';
export { LADDER_SCHOOLS, placeOn, rungsOf, sameRung, type LadderSchool } from './balance/rungs';
export { foreseen } from './balance/simulate';
export {
  ladderStory,
  type LadderFact,
  type LadderNow,
  type LadderTurn,
  type LadderWhy,
  type Tried,
} from './balance/story';
export {
  proposeDose,
  type DoseNow,
  type DoseProposal,
  type DoseSession,
  type DoseWhy,
} from './doses/progress';
export { daysOfRise, doseBefore, doseSet, settingsOf } from './doses/dated';
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
export { nearestWay } from './lane/nearest';
export { resolveInLane, standInFor, type LaneChoice, type LaneReason } from './lane/resolve';
export {
  barsOf,
  bitesOn,
  caredForTwice,
  clearOf,
  effectsNotAsked,
  effectsOf,
  effectsOfGroup,
  effectsOfWay,
  isOwn,
  loadsOfLevel,
  loadsWithWay,
  NO_BARS,
  rulesBehind,
  type LimitOfBody,
  type Bars,
  type Effect,
} from './limit/effects';
export {
  GROUP_FLOOR,
  LIMIT_TABLE,
  NOT_ASKED,
  limitNamed,
  wishes,
  type Limit,
  type LimitWish,
} from './limit/limits';
export { LIMITS, ofOneSide, type LimitName } from './limit/names';
export { TABLE, WHY, decidedFor, type RowName } from './limit/table';
export { limitOfBodySchema, limitsSchema, ownLimitSchema } from './limit/schema';
export {
  limitWords,
  limitsNamed,
  readLimits,
  type LimitsRead,
  type UnreadLimit,
} from './limit/words';
export { holdsOn, inForce } from './person/in-force';
export { clearancesOn, lapseOf, personEffects } from './person/clearance';
export {
  AIDS,
  MEMBER_MIGRATIONS,
  MEMBER_VERSION,
  SEATS,
  ageIn,
  bornFault,
  duesOf,
  initialsOf,
  laneOfMember,
  wayOfMember,
  memberSchema,
  partakerOf,
  schoolOn,
  type Aid,
  type Due,
  type Ladder,
  type Member,
  type OwnDose,
  type OwnLimit,
  type Placed,
  type Seat,
} from './person/member';
export {
  FLOOR_WAYS,
  MEASURES,
  MEASURE_NAMES,
  READING_VERSION,
  TANDEM_SIGN_S,
  averageStands,
  breathsAMinute,
  readingDayFault,
  readingFault,
  readingSchema,
  trendOf,
  type MeasureName,
  type Reading,
  type ReadingFault,
} from './person/measures';
export { readPeopleFile } from './person/file';
export {
  EVENTS,
  peopleFileSchema,
  personSchema,
  rungSchema,
  sessionSchema,
  type Clearance,
  type Person,
  type Session,
} from './person/schema';
export {
  GROUP_ALONE,
  MOST_IN_GROUP,
  dayOf,
  laneOf,
  usualWay,
  takingPartSchema,
  type TakingPart,
} from './person/taking-part';
export { byLane, laneEntries, laneValues, type ByLane } from './lane/by-lane';
export { GROUPS, type GroupStart } from './group';
export { readPeopleLines, type PersonLine, type PersonLineFault } from './person/people-lines';

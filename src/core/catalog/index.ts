export { SHIPPED, catalogWith, familyOf, hasMove, moveById, type Catalog } from './catalog';
export { MOST_WORDS, PART_FAULTS, partFaults, type Fault, type PartFaultCode } from './faults';
export {
  BEARINGS,
  CHALLENGES,
  MOVE_KINDS,
  PROP_NAMES,
  PROPS,
  SUPPORTS,
  type Bearing,
  type Challenge,
  type MoveKind,
  type PropName,
  type Support,
} from './kinds';
export { levelNamed, ownDose, usualLevel } from './move';
export { foldName } from './names';
export { moveNamed, nameAtStart, nearestNames } from './naming';
export { moveSchema } from './schema';
export { searchMoves } from './search';
export { type Cues, type DoseRange, type Level, type LevelLoad, type Move } from './shape';
export { VOICE_FAULTS, voiceFaults, type VoiceFaultCode } from './voice';

export {
  SHIPPED,
  catalogueWith,
  familyOf,
  hasMove,
  moveById,
  type Catalogue,
} from './catalogue/catalogue';
export { type Fact } from './facts/form';
export { LOAD_FACTS } from './facts/loads';
export { CUE_STYLE_FAULTS, cueStyleFaults, type CueStyleFaultCode } from './catalogue/cue-style';
export {
  MOST_WORDS,
  PART_FAULTS,
  partFaults,
  type Fault,
  type PartFaultCode,
} from './catalogue/faults';
export {
  BEARINGS,
  CHALLENGES,
  MOVE_KINDS,
  PROPS,
  PROP_NAMES,
  propNamed,
  SUPPORTS,
  type Bearing,
  type Challenge,
  type MoveKind,
  type PropName,
  type Support,
} from './catalogue/kinds';
export { MOVE_MIGRATIONS, MOVE_VERSION, migratedMove } from './catalogue/migrations';
export { cuesOf, levelById, levelNamed, ownDose, usualLevel } from './catalogue/move';
export { foldName } from './catalogue/names';
export { moveNamed, nameAtStart, nearestNames } from './catalogue/naming';
export { moveSchema } from './catalogue/schema';
export {
  levelWordsSchema,
  type Cues,
  type DoseRange,
  type Level,
  type LevelLoad,
  type Move,
} from './catalogue/shape';
export {
  LEAST_EASE_MS,
  USUAL_PRESS_MS,
  alternatingSetMs,
  amountOf,
  doseInForce,
  heldMs,
  repBreathOf,
  pressFits,
  pressParts,
  sideSetMs,
  unitCount,
  unitMs,
  withAmount,
  withSets,
  writtenOf,
  type Dose,
  type DoseWords,
  type WorkPart,
} from './dose/dose';
export {
  DOSE_KINDS,
  MOST_COUNT,
  MOST_SETS,
  heldSchema,
  pressSchema,
  repBreathSchema,
  restMsSchema,
  tempoSchema,
  workMsSchema,
  writtenDoseSchema,
  type Breath,
  type DoseKind,
  type Held,
  type RepBreath,
  type Tempo,
  type WrittenDose,
} from './dose/schema';

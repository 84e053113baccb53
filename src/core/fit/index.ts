export {
  FIT_PARTS,
  IN_THE_WAY,
  fitRoutine,
  type FitChange,
  type FitLimits,
  type FitPart,
  type FitWish,
  type Fitting,
  type InTheWay,
} from './fit';

export { FIT_PARTS, type FitChange, type FitPart } from './changes';
export { fitRoutine, type FitWish, type Fitting } from './fit';
export { IN_THE_WAY, type FitLimits, type InTheWay } from './reach';

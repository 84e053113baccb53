export {
  type Stepper,
  amountStepper,
  setsStepper,
  restStepper,
  spanStepper,
  setsSpanStepper,
  steppedLine,
  type RepsLed,
  ledInForce,
  toLed,
  toInAll,
  heldStepper,
  pressStepper,
  toKind,
  sidesChoices,
  sidesInForce,
  toSides,
  levelInForce,
  toLevel,
} from './item-editing';
export { Steps } from './steps';
export { KIND_WORDS } from './strings';

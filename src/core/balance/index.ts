export {
  BASES,
  LEAST_CONTACT,
  holdsAtLeast,
  leastContact,
  stepsHarder,
  timesOn,
  type Base,
  type Rung,
} from './ladder';

export {
  NO_BARS,
  barsOf,
  bitesOn,
  clearOf,
  effectsNotAsked,
  effectsOf,
  loadsOfLevel,
  type Bars,
  type Cleared,
  type Effect,
  type LimitOfBody,
} from './effects';
export { LIMITS, LIMIT_TABLE, NOT_ASKED, limitNamed, type Limit, type LimitName } from './limits';
export { limitOfBodySchema } from './schema';
export { limitFromWords, limitWords } from './words';

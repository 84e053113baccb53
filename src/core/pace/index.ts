export {
  PACE_NAMES,
  PACES,
  paceChangesSchema,
  paceOf,
  type Pace,
  type PaceChanges,
  type PaceDefaults,
  type PaceName,
} from './paces';
export { countWords, talkMs } from './talk';

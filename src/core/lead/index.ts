export { EXTEND_MS, extended, mayExtend, type Extension } from './extend';
export { runOf, type Ended } from './finished';
export {
  RESUME_COUNT_IN_MS,
  afterAction,
  countInLeftMs,
  leadScore,
  newLead,
  placeAt,
  segmentAt,
  settledAt,
  type Lead,
  type LeadAction,
} from './lead';
export { onsetsOf, type Onset, type Tone } from './onsets';
export { keptLeadSchema, type KeptLead } from './schema';

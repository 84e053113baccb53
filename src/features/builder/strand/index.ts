export { strandOf, type Strand, type StrandRow } from './model';
export { Row } from './rows';
export { TimeBand } from './time-band';

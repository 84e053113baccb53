export { strandOf, type Strand, type StrandRow } from './model';
export { Row } from './rows';
export { StrandDrag } from './strand-drag';
export { TimeBand } from './time-band';

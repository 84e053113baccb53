export { countWords, countsOf } from './finding-words';
export { FindingsCount } from './findings-count';
export { FindingsPanel } from './findings-panel';
export { EntryFindings, RowMarks, findingsLabel } from './row-findings';
export { useFindings, type Findings } from './use-findings';

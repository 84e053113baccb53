export { PageSheet } from './page-sheet';
export { placedFrom, readRows, type Decided } from './rows';

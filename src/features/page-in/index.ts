export { PageSheet } from './page-sheet';

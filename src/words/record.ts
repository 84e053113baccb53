export { RUN_HEADINGS } from './en/exports';

export { RUN_COLUMNS, runsCsv, type RunColumn } from './runs-csv';

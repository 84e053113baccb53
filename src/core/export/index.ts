export { captionsVtt } from './captions';
export { cueSheet, type CueSheetPhrases } from './cue-sheet';
export { RUN_COLUMNS, runsCsv, type RunColumn } from './runs-csv';
export { SCORE_COLUMNS, scoreCsv, type ScoreColumn } from './score-csv';

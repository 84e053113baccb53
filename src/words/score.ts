export { SCORE_HEADINGS, cueSheetPhrases } from './en/exports';
export { scorePhrases } from './en/score-phrases';
export { scriptPhrases } from './en/script-phrases';

export { SCORE_HEADINGS, cueSheetPhrases, hungPhrases } from './en/exports';
export { scorePhrases } from './en/score-phrases';
export { scriptPhrases } from './en/script-phrases';

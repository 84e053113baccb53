export { GROUP_TITLES } from './en/names';
export { severityCounts } from './en/severities';
export { DUE_WORDS, WEEKDAYS, countedWords } from './en/week';
export { shortDayShown, timeShown } from './en/moments';

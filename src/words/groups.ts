export { GROUP_TITLES } from './en/names';
export { severityCounts } from './en/severities';

export { GROUP_TITLES } from './en/names';

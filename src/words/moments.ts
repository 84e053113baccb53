export { dayShown, momentShown, shortDayShown, timeShown } from './en/moments';

export {
  LONGEST_MS,
  parseDuration,
  printClock,
  printDuration,
  type DurationProblem,
} from './durations';

export { RUN_ENDS, RUN_VERSION, runSchema, type Run, type RunEnd, type SideTime } from './schema';
export { sideTimes, tallied, type Tally } from './side-times';

export { ByHandScreen } from './by-hand-screen';
export { RecordScreen } from './record-screen';
export { RunScreen } from './run-screen';

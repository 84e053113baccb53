export { RecordScreen } from './record-screen';
export { RunScreen } from './run-screen';

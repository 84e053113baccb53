export { RecordScreen as default } from './record-screen';

export { BinScreen } from './bin-screen';

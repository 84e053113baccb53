export { PrintScreen } from './print-screen';

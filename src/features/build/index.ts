export { BuildScreen } from './build-screen';

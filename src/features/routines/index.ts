export { RoutinesScreen } from './routines-screen';

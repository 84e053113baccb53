export { BuilderScreen } from './builder-screen';

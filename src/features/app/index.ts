export { App } from './app';

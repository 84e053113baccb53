export { App } from './app';
export { NotFoundScreen } from './not-found-screen';

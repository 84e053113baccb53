export { Alerts } from './alerts';
export { Notices } from './notices';
export { Saving } from './saving';
export { NotFoundScreen } from './not-found-screen';

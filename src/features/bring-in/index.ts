export { BringInScreen } from './bring-in-screen';

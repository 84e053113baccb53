export { BringInScreen } from './bring-in-screen';
export { LibraryScreen } from './library-screen';

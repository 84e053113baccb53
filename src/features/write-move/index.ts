export { WriteMoveScreen } from './write-move-screen';

export { MovesScreen } from './moves-screen';
export { ChooseAMove, MovePage } from './move-page';
export { MoveSheet } from './move-sheet';
export { KIND_NAMES } from './strings';

export { Figure } from './figure';
export { LevelFigures } from './level-figures';

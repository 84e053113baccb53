export { Figure } from './figure';
export { LevelFigures } from './level-figures';
export { beatOf, type Now } from './time';
export { WayFigure } from './way-figure';

export { Figure } from './figure';
export { LevelFigures } from './level-figures';
export { usePictured } from './pictured';
export { beatOf, isStayedIn, type Now } from './time';
export { WayFigure } from './way-figure';

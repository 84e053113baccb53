export { arrowOf, stillOf } from './arrow';
export { boxOf, type Box } from './box';
export type { Cloth, Fill, Layer, Tone } from './draw';
export type { Drawn } from './figure';
export { pictureOf } from './picture';
export { coloursOf, MARKS_FROM, mixed, penOf, seamHides, type Colours } from './paint';
export type { Stretched } from './shade';
export { motionOf, type Motion } from './motion';
export { svgOf, type Still } from './svg';

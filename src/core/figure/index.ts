export { boxOf, type Box } from './box';
export type { Cloth, Fill, Layer, Tone } from './draw';
export { pictureOf, type Drawn } from './figure';
export { motionOf, type Motion } from './motion';

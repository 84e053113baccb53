import { FLOOR } from './floor';
import { LYING } from './lying';
import { ORDINARY } from './ordinary';
import { SEATED_LOWER } from './seated-lower';
import { SEATED_UPPER } from './seated-upper';
import { STANDING } from './standing';
import type { Poses } from './words';
export type { Poses } from './words';
export { WAYS, drawnStep } from './ways';

/** How every level of the shipped moves is drawn, by the ids of both. */
export const POSES: Poses = {
  ...SEATED_UPPER,
  ...SEATED_LOWER,
  ...STANDING,
  ...LYING,
  ...FLOOR,
  ...ORDINARY,
};

import type { Move } from '../move';
import { BREATH } from './breath';
import { FLOOR } from './floor';
import { KNEELING } from './kneeling';
import { LYING } from './lying';
import { RISING } from './rising';
import { SEATED_LEGS } from './seated-legs';
import { SEATED_SPINE } from './seated-spine';
import { STANDING } from './standing';

export const MOVES: readonly Move[] = [
  ...BREATH,
  ...SEATED_SPINE,
  ...SEATED_LEGS,
  ...RISING,
  ...STANDING,
  ...FLOOR,
  ...LYING,
  ...KNEELING,
];

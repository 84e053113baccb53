import type { Move } from '../shape';
import { BALANCE, MORE_BALANCE } from './balance';
import { BREATH } from './breath';
import { ENERGY, HANDS, POSTURE } from './energy';
import { FLOOR } from './floor';
import { HIPS_FLOOR, HIPS_LYING } from './hips';
import { KNEELING } from './kneeling';
import { LEGS } from './legs';
import { LYING } from './lying';
import { MORE_FLOOR } from './more-floor';
import { MORE_UPRIGHT } from './more-upright';
import { NECK } from './neck';
import { ORDINARY_LYING } from './ordinary-lying';
import { ORDINARY_SEATED } from './ordinary-seated';
import { ORDINARY_STANDING } from './ordinary-standing';
import { RISING } from './rising';
import { SEATED_BALANCE } from './seated-balance';
import { SEATED_LEGS } from './seated-legs';
import { SEATED_MEMBERS } from './seated-members';
import { SEATED_SPINE } from './seated-spine';
import { SHOULDERS } from './shoulders';
import { STANDING } from './standing';
import { STRENGTH_FLOOR, STRENGTH_STANDING } from './strength';
import { RISE_CHAIN } from './up-and-down';
import { UPPER_BACK } from './upper-back';
import { withLoads } from '../../facts/facts';
import { placedAndLed } from './where-and-how';

const ALL: readonly Move[] = [
  ...BREATH,
  ...SEATED_SPINE,
  ...SEATED_LEGS,
  ...RISING,
  ...STANDING,
  ...FLOOR,
  ...LYING,
  ...KNEELING,
  ...NECK,
  ...SHOULDERS,
  ...UPPER_BACK,
  ...HIPS_LYING,
  ...HIPS_FLOOR,
  ...LEGS,
  ...STRENGTH_STANDING,
  ...STRENGTH_FLOOR,
  ...BALANCE,
  ...MORE_BALANCE,
  ...SEATED_BALANCE,
  ...ENERGY,
  ...POSTURE,
  ...HANDS,
  ...RISE_CHAIN,
  ...MORE_UPRIGHT,
  ...MORE_FLOOR,
  ...SEATED_MEMBERS,
  ...ORDINARY_SEATED,
  ...ORDINARY_STANDING,
  ...ORDINARY_LYING,
];

export const MOVES: readonly Move[] = ALL.map((move) => withLoads(placedAndLed(move)));

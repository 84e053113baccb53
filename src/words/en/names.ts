import type { PaceName } from '@/core/pace';
import type { PositionId } from '@/core/position';
import type { SectionName } from '@/core/routine';

export const PACE_TITLES: Readonly<Record<PaceName, string>> = {
  desk: 'Desk workers',
  older: 'Older adults',
  chair: 'Chair users',
  standing: 'Standing workers',
};

export const SECTION_TITLES: Readonly<Record<SectionName, string>> = {
  'warm-up': 'Warm-up',
  main: 'Main',
  settle: 'Settle',
};

/** Where a base position is, as a way of going there: "to the wall". */
export const POSITION_WAYS: Readonly<Record<PositionId, string>> = {
  'lying-back': 'to lying on the back',
  'lying-front': 'to lying on the front',
  'side-lying-left': 'to the left side',
  'side-lying-right': 'to the right side',
  'floor-sit': 'to sitting on the floor',
  'floor-cross': 'to cross-legged',
  'all-fours': 'to all fours',
  plank: 'to plank',
  'kneel-low': 'to sitting on the heels',
  'kneel-fold': 'to folding forward',
  'kneel-half-left': 'to the left knee',
  'kneel-half-right': 'to the right knee',
  'kneel-tall': 'to tall kneeling',
  'kneel-seat': 'to kneeling at the seat',
  'sit-back': 'to the back of the seat',
  'sit-front': 'to the front of the seat',
  'wheel-back': 'to the back of the wheelchair',
  'wheel-front': 'to the front of the wheelchair',
  'bed-edge': 'to the edge of the bed',
  'bed-side': 'to the side, on the bed',
  'bed-back': 'to the back, on the bed',
  'bed-front': 'to the front, on the bed',
  'couch-sit': 'to sitting on the couch',
  'couch-side': 'to the side, on the couch',
  'couch-back': 'to the back, on the couch',
  stand: 'to standing',
  'stand-chair': 'to standing behind the chair',
  'stand-wall': 'to the wall',
  'stand-counter': 'to the counter',
  'stand-seat': 'to standing with hands on the seat',
  'stand-walker': 'to the walker',
  'stand-rail': 'to the rail',
};

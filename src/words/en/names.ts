import type { GroupName } from '@/core/common';
import type { PositionId, PositionRef } from '@/core/body';
import type { PlainLane } from '@/core/people';
import type { SectionName } from '@/core/routine';

export const GROUP_TITLES: Readonly<Record<GroupName, string>> = {
  desk: 'Desk workers',
  older: 'Older adults',
  chair: 'Chair users',
  standing: 'Standing workers',
};

/** Ways of taking part. */
export const LANE_TITLES: Readonly<Record<PlainLane, string>> = {
  chair: 'In the chair',
  'chair-rise': 'Chair, rising',
  'stand-held': 'Standing, holding on',
  stand: 'Standing',
  floor: 'On the floor',
  'floor-only': 'Floor only',
  bed: 'On the bed',
  couch: 'On the couch',
  walker: 'With a walker',
  wheelchair: 'Wheelchair',
  'wheelchair-stands': 'Wheelchair, stands',
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

/** Where a move is done. */
export const POSITION_NAMES: Readonly<Record<PositionRef, string>> = {
  'lying-back': 'lying on the back',
  'lying-front': 'lying on the front',
  'side-lying': 'lying on the side',
  'side-lying-left': 'lying on the left side',
  'side-lying-right': 'lying on the right side',
  'floor-sit': 'sitting on the floor',
  'floor-cross': 'cross-legged',
  'all-fours': 'all fours',
  plank: 'plank',
  'kneel-low': 'sitting on the heels',
  'kneel-fold': 'folded forward, kneeling',
  'kneel-half': 'half kneeling',
  'kneel-half-left': 'left knee down',
  'kneel-half-right': 'right knee down',
  'kneel-tall': 'tall kneeling',
  'kneel-seat': 'kneeling at the seat',
  'sit-back': 'seated, against the rest',
  'sit-front': 'seated, at the front',
  'wheel-back': 'wheelchair',
  'wheel-front': 'wheelchair, at the front',
  'bed-edge': 'edge of the bed',
  'bed-side': 'bed, on the side',
  'bed-back': 'bed, on the back',
  'bed-front': 'bed, on the front',
  'couch-sit': 'couch',
  'couch-side': 'couch, on the side',
  'couch-back': 'couch, on the back',
  stand: 'standing',
  'stand-chair': 'standing at the chair',
  'stand-wall': 'standing at the wall',
  'stand-counter': 'standing at the counter',
  'stand-seat': 'standing, hands on the seat',
  'stand-walker': 'standing at the walker',
  'stand-rail': 'standing at the rail',
};

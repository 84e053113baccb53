import { POSITIONS, isSided, onSide, type PositionId, type PositionRef } from '@/core/body';
import type { Support } from '@/core/moves';

/** A way of taking part in a mixed room. */
export const LANE_NAMES = [
  'chair',
  'chair-rise',
  'stand-held',
  'stand',
  'floor',
  'floor-only',
  'bed',
  'couch',
  'walker',
  'wheelchair',
  'wheelchair-stands',
] as const;
export type LaneName = (typeof LANE_NAMES)[number];

export interface Lane {
  readonly allows: readonly PositionId[];
  /** Where it starts and ends, where that is not the pace's own place. */
  readonly home?: PositionId;
  /** Where a move's usual place is done elsewhere, such as a seated one in a wheelchair. */
  readonly instead?: Readonly<Partial<Record<PositionId, PositionId>>>;
  /** May stand up inside a move that rises from the seat. */
  readonly rises?: true;
  /** Stands only with something held. */
  readonly held?: Support;
}

const SEATED = ['sit-back', 'sit-front'] as const;
const HELD = ['stand-chair', 'stand-wall', 'stand-counter', 'stand-seat'] as const;
const ON_FLOOR = POSITIONS.filter(({ height }) => height <= 2).map(({ id }) => id);
const STANDING = [...SEATED, ...HELD, 'stand'] as const;
const IN_WHEELCHAIR = { 'sit-back': 'wheel-back', 'sit-front': 'wheel-front' } as const;

export const LANES: Readonly<Record<LaneName, Lane>> = {
  chair: { allows: SEATED },
  'chair-rise': { allows: SEATED, rises: true },
  'stand-held': { allows: [...SEATED, ...HELD], rises: true, held: 'fingertips' },
  stand: { allows: STANDING, rises: true },
  floor: { allows: [...STANDING, ...ON_FLOOR], rises: true },
  'floor-only': { allows: ON_FLOOR, home: 'floor-sit' },
  bed: {
    allows: ['bed-edge', 'bed-side', 'bed-back', 'bed-front', 'stand'],
    home: 'bed-edge',
    instead: {
      'sit-front': 'bed-edge',
      'lying-back': 'bed-back',
      'lying-front': 'bed-front',
      'side-lying-left': 'bed-side',
      'side-lying-right': 'bed-side',
    },
  },
  couch: {
    allows: ['couch-sit', 'couch-side', 'couch-back', 'stand', 'stand-chair'],
    home: 'couch-sit',
    instead: {
      'sit-front': 'couch-sit',
      'lying-back': 'couch-back',
      'side-lying-left': 'couch-side',
      'side-lying-right': 'couch-side',
    },
  },
  walker: { allows: [...SEATED, 'stand-walker', 'stand-counter'] },
  wheelchair: { allows: ['wheel-back', 'wheel-front'], home: 'wheel-back', instead: IN_WHEELCHAIR },
  'wheelchair-stands': {
    allows: ['wheel-back', 'wheel-front', 'stand-rail'],
    home: 'wheel-back',
    instead: IN_WHEELCHAIR,
    held: 'two hands',
  },
};

/** Where a lane does what a move does at `ref`; undefined where it does not go there. */
export function placeInLane(
  name: LaneName,
  ref: PositionRef,
  side: 'left' | 'right' | null,
): PositionId | undefined {
  const lane = LANES[name];
  const own = onSide(ref, side);
  const there = lane.instead?.[own] ?? own;
  return lane.allows.includes(there) ? there : undefined;
}

/** Whether a lane goes to a position on any side. */
export function laneGoesTo(name: LaneName, ref: PositionRef): boolean {
  return isSided(ref)
    ? placeInLane(name, ref, 'left') !== undefined && placeInLane(name, ref, 'right') !== undefined
    : placeInLane(name, ref, null) !== undefined;
}

/** Where a lane starts: the place asked for where it goes there, else its own, else a seat. */
export function laneHome(name: LaneName, asked: PositionId): PositionId {
  const lane = LANES[name];
  const there = placeInLane(name, asked, null);
  if (there) return there;
  return lane.home ?? lane.allows.find((id) => id === 'sit-front') ?? lane.allows[0] ?? asked;
}

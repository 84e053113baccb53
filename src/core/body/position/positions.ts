import type { Load } from '../loads';
import type { Side } from '../sides';

/** How the body rests: what decides heights, loads and whether rising needs a pause. */
type Way = 'lying' | 'sitting-floor' | 'kneeling' | 'seated' | 'standing';

export interface Position {
  readonly id: string;
  /** 0 floor · 1 low kneeling and plank · 2 tall kneeling · 3 chair, bed, couch · 4 standing. */
  readonly height: 0 | 1 | 2 | 3 | 4;
  readonly way: Way;
  readonly loads: readonly Load[];
}

const at = <I extends string>(
  id: I,
  height: Position['height'],
  way: Way,
  ...loads: readonly Load[]
) => ({ id, height, way, loads }) as const;

/** Every base position. A pair of left and right ids is one position with a side. */
export const POSITIONS = [
  at('lying-back', 0, 'lying', 'lie-back'),
  at('lying-front', 0, 'lying', 'lie-front'),
  at('side-lying-left', 0, 'lying', 'lie-side'),
  at('side-lying-right', 0, 'lying', 'lie-side'),
  at('floor-sit', 0, 'sitting-floor', 'low-seat'),
  at('floor-cross', 0, 'sitting-floor', 'low-seat', 'hip-rotate-out', 'deep-knee'),
  at('all-fours', 1, 'kneeling', 'kneel', 'wrist-weight', 'shoulder-weight'),
  at('plank', 1, 'kneeling', 'wrist-weight', 'shoulder-weight', 'abdominal-pressure'),
  at('kneel-low', 1, 'kneeling', 'kneel', 'deep-knee'),
  at(
    'kneel-fold',
    1,
    'kneeling',
    'kneel',
    'deep-knee',
    'hip-flex-past-90',
    'spine-flex-end',
    'head-below-heart',
  ),
  at('kneel-half-left', 2, 'kneeling', 'kneel'),
  at('kneel-half-right', 2, 'kneeling', 'kneel'),
  at('kneel-tall', 2, 'kneeling', 'kneel'),
  at('kneel-seat', 2, 'kneeling', 'kneel'),
  at('sit-back', 3, 'seated'),
  at('sit-front', 3, 'seated'),
  at('wheel-back', 3, 'seated'),
  at('wheel-front', 3, 'seated'),
  at('bed-edge', 3, 'seated'),
  at('bed-side', 3, 'lying', 'lie-side'),
  at('bed-back', 3, 'lying', 'lie-back'),
  at('bed-front', 3, 'lying', 'lie-front'),
  at('couch-sit', 3, 'seated', 'low-seat'),
  at('couch-side', 3, 'lying', 'lie-side'),
  at('couch-back', 3, 'lying', 'lie-back'),
  at('stand', 4, 'standing', 'standing'),
  at('stand-chair', 4, 'standing', 'standing'),
  at('stand-wall', 4, 'standing', 'standing'),
  at('stand-counter', 4, 'standing', 'standing'),
  at('stand-seat', 4, 'standing', 'standing', 'hip-flex-past-90'),
  at('stand-walker', 4, 'standing', 'standing'),
  at('stand-rail', 4, 'standing', 'standing'),
] as const satisfies readonly Position[];

export type PositionId = (typeof POSITIONS)[number]['id'];

/** A position as a move names it: the sided ones follow the side being worked. */
export const SIDED_POSITIONS = ['side-lying', 'kneel-half'] as const;
export type SidedPosition = (typeof SIDED_POSITIONS)[number];
export type PositionRef = PositionId | SidedPosition;

const BY_ID: ReadonlyMap<string, Position> = new Map(POSITIONS.map((p) => [p.id, p]));
export const POSITION_IDS: readonly PositionId[] = POSITIONS.map((p) => p.id);

export function isPositionId(text: string): text is PositionId {
  return BY_ID.has(text);
}

export function position(id: PositionId): Position {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`unknown position ${id}`);
  return found;
}

/**
 * The position that a move's reference means while `side` is worked; unsided work is on the left.
 * @example onSide('side-lying', 'left') // 'side-lying-left'
 */
export function onSide(ref: PositionRef, side: Side | null): PositionId {
  return isSided(ref) ? `${ref}-${side ?? 'left'}` : ref;
}

export function isSided(ref: PositionRef): ref is SidedPosition {
  return (SIDED_POSITIONS as readonly string[]).includes(ref);
}

import { position, type PositionId } from './positions';

/** Kinds of furniture of which a room may have several sorts. */
export type Furniture = 'chair' | 'wall' | 'counter' | 'mat' | 'bed' | 'couch' | 'rail' | 'walker';

const NEEDS: Readonly<Partial<Record<PositionId, readonly Furniture[]>>> = {
  'sit-back': ['chair'],
  'sit-front': ['chair'],
  'stand-chair': ['chair'],
  'stand-wall': ['wall'],
  'stand-counter': ['counter'],
  // The chair's back stands against a wall.
  'stand-seat': ['chair', 'wall'],
  'kneel-seat': ['chair', 'wall'],
  'stand-rail': ['rail'],
  'stand-walker': ['walker'],
  'bed-edge': ['bed'],
  'bed-side': ['bed'],
  'bed-back': ['bed'],
  'bed-front': ['bed'],
  'couch-sit': ['couch'],
  'couch-side': ['couch'],
  'couch-back': ['couch'],
};

/** What a place needs; on the floor a mat. */
export function furnitureAt(id: PositionId): readonly Furniture[] {
  const own = NEEDS[id];
  if (own) return own;
  return position(id).height <= 2 ? ['mat'] : [];
}

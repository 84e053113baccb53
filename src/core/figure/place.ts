import { SIDES, type PositionId } from '@/core/body';
import type { BaseName } from './bases';
import { roomOf, type Drawn } from './figure';
import type { Furniture } from './furniture';
import { motionOf } from './motion';
import { isGoal } from './solve';
import type { Arm, Pose, PoseChange } from './pose';

/** What is sat on, by the place. */
const SEATS: Readonly<Partial<Record<PositionId, BaseName>>> = {
  'sit-front': 'sit',
  'floor-cross': 'cross',
  'floor-sit': 'floor-sit',
  'bed-edge': 'bed',
  'couch-sit': 'couch',
};

/** What is held in the hands goes along. */
const IN_HANDS: ReadonlySet<Furniture> = new Set(['weights', 'weight-one', 'band', 'stick']);

const known = new WeakMap<Drawn, Map<PositionId, Drawn | undefined>>();

/**
 * A figure that sits on a chair, as it sits at another place: the trunk, head and arms are the same, and
 * the legs are those of that place.
 * @returns undefined where the figure does not sit on a chair, its legs are what is shown, or its hands
 * would not come to where they are to be
 */
export function drawnAt(drawn: Drawn, place: PositionId): Drawn | undefined {
  const places = known.get(drawn) ?? new Map<PositionId, Drawn | undefined>();
  known.set(drawn, places);
  if (!places.has(place)) places.set(place, moved(drawn, place));
  return places.get(place);
}

function moved(drawn: Drawn, place: PositionId): Drawn | undefined {
  const base = SEATS[place];
  const goes =
    base !== undefined &&
    (drawn.base === 'sit' || drawn.base === base) &&
    drawn.room === undefined &&
    (drawn.with ?? []).every((thing) => IN_HANDS.has(thing)) &&
    drawn.keys.every(isUpper);
  if (!goes) return undefined;
  const there: Drawn = { ...drawn, base };
  return roomOf(there).includes('mat') && touchesFloor(there) ? undefined : there;
}

/** Whether a key moves nothing below the trunk, and puts no hand at a place of the room. */
function isUpper(key: PoseChange | Pose): boolean {
  if ('rest' in key) return false;
  const { hips, o, l, lR, lL, a, aR, aL } = key;
  if ([hips, o, l, lR, lL].some((part) => part !== undefined)) return false;
  return [a, aR, aL].every((arm) => arm === undefined || isOnBody(arm));
}

function isOnBody(arm: Arm): boolean {
  if (!isGoal(arm)) return true;
  const { on, at } = arm;
  return at === undefined && !['seat-side', 'seat-front', 'armrest'].includes(on ?? '');
}

/** On the floor there is no room under the hands. */
function touchesFloor(drawn: Drawn): boolean {
  const { at, keys } = motionOf(drawn);
  return Array.from({ length: keys }, (_, i) => at(i)).some(({ arms }) =>
    SIDES.some((side) => arms[side].tip[1] < 0 || arms[side].wrist[1] < 0),
  );
}

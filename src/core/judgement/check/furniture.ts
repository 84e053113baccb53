import { POSITION_IDS, onSide, type Furniture, type PositionId } from '@/core/body';
import { placeInLane } from '@/core/people';
import type { InRoom, RoomThing } from '@/core/routine';
import type { LaneDoing, Seen } from './seen';

const SORTS: Readonly<Record<Furniture, readonly RoomThing[]>> = {
  chair: ['chair', 'chair with arms', 'chair without wheels', 'chair with wheels'],
  wall: ['wall'],
  counter: ['counter'],
  mat: ['mat'],
  bed: ['bed'],
  couch: ['couch'],
  rail: ['rail'],
  walker: ['walker'],
};

/** How many of a kind a room has: undefined where the room was not described, ∞ for enough. */
export function inRoom({ routine }: Seen, kind: Furniture): number | undefined {
  if (!routine.room) return undefined;
  const things = routine.room.filter(({ thing }) => SORTS[kind].some((sort) => sort === thing));
  return things.reduce((sum, { count }) => sum + (count ?? Infinity), 0);
}

export function hasThing({ routine }: Seen, thing: InRoom): boolean {
  return routine.room?.some((one) => one.thing === thing) ?? false;
}

/** Whether every chair of the room rolls. */
export function onlyWheeled(seen: Seen): boolean {
  const { room } = seen.routine;
  const sorts = (room ?? []).filter(({ thing }) => SORTS.chair.some((sort) => sort === thing));
  return sorts.length > 0 && sorts.every(({ thing }) => thing === 'chair with wheels');
}

/** Whether a lane's part of an item touches or looks for a seat behind the legs. */
export const hasSeatBehind = ({ level }: LaneDoing): boolean => level.seatBehind === true;

/** The places that a lane's part of an item touches. */
export function placesOf({ lane, level }: LaneDoing): readonly PositionId[] {
  return [level.from, ...level.through, level.to].map(
    (ref) => placeInLane(lane, ref, null) ?? onSide(ref, null),
  );
}

export const SEATS: readonly PositionId[] = POSITION_IDS.filter((id) => id.startsWith('sit-'));

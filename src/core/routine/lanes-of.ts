import { GROUPS, LANE_NAMES, placeInLane, type LaneName } from '@/core/people';
import type { Routine } from './schema';

/**
 * The lanes of a routine, the leading one first: those it names, else its pace's. Where none of the
 * pace's goes to the start position that it names, the first lane that does: a routine that begins
 * on the floor is one for the floor.
 */
export function lanesOf({ lanes, group, start }: Routine): readonly LaneName[] {
  if (lanes) return lanes;
  const own = GROUPS[group].lanes;
  const goes = (name: LaneName) =>
    start === undefined || placeInLane(name, start, null) !== undefined;
  if (own.some(goes)) return own;
  const fits = LANE_NAMES.find(goes);
  return fits ? [fits] : own;
}

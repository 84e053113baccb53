import { laneSaid, plainLane, type LaneName } from '@/core/people';
import { LANE_TITLES } from './names';

/** A way of taking part as a routine has it: “On the bed, lighter” for a second one at that place. */
export function laneTitle(lane: LaneName): string {
  const place = plainLane(lane);
  return place === lane ? LANE_TITLES[place] : `${LANE_TITLES[place]}, ${laneSaid(lane)}`;
}

import { laneSaid, plainLane, type LaneName, type PlainLane } from '@/core/people';
import { LANE_TITLES } from './names';

/** A way of taking part as a routine has it: “On the bed, lighter” for a second one at that place. */
export function laneTitle(lane: LaneName): string {
  const place = plainLane(lane);
  return place === lane ? LANE_TITLES[place] : `${LANE_TITLES[place]}, ${laneSaid(lane)}`;
}

/** What each way of taking part does, for those who meet the words for the first time. */
export const LANE_MEANS: Readonly<Record<PlainLane, string>> = {
  chair: 'stays in the chair all along; what others do standing is done seated',
  'chair-rise': 'sits, and stands up where a move is getting up',
  'stand-held': 'stands with the hands on a chair, a wall or a counter',
  stand: 'stands freely where a move is free, and sits where it is seated',
  floor: 'does everything, on the floor as well',
  'floor-only': 'stays on the floor from start to end',
  bed: 'lies or sits on a bed',
  couch: 'lies or sits on a couch',
  walker: 'sits, and stands at a walker or a counter',
  wheelchair: 'stays in a wheelchair all along',
  'wheelchair-stands': 'sits in a wheelchair, and stands at a rail',
};

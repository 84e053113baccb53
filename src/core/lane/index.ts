export {
  LANES,
  LANE_NAMES,
  laneGoesTo,
  laneHome,
  placeInLane,
  type Lane,
  type LaneName,
} from './lanes';
export {
  LANE_REASONS,
  resolveInLane,
  type LaneChoice,
  type LaneReason,
  type LaneWish,
} from './resolve';

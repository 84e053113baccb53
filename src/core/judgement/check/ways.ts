import { findRoute, type PositionId, type RouteRules } from '@/core/body';
import type { ItemId } from '@/core/common';
import { GROUPS, barsOf, laneHome, placeInLane, rulesBehind, type LaneName } from '@/core/people';
import { isWork } from '@/core/timing';
import type { Seen } from './seen';

/** A way that a lane goes, or would have to. */
export interface LaneWay {
  /** What it leads to; null for the way home. */
  readonly itemId: ItemId | null;
  readonly from: PositionId;
  readonly to: PositionId;
  readonly closed: boolean;
}

/** By which ways a lane may go, for what its people may not be asked to bear. */
export function wayRules({ effects, routine }: Seen, lane: LaneName): RouteRules {
  return rulesBehind(barsOf(effects.get(lane) ?? []))[routine.group];
}

/** The ways of a lane from its start to its end; who could not go one has stayed before it. */
export function waysOf(seen: Seen, lane: LaneName): readonly LaneWay[] {
  const rules = wayRules(seen, lane);
  const { routine } = seen;
  const home = laneHome(lane, GROUPS[routine.group].home);
  let at = (routine.start && placeInLane(lane, routine.start, null)) ?? home;
  /** Where the score has the lane, which is not where it is once a way was closed. */
  let shown = at;
  const ways: LaneWay[] = [];
  const go = (to: PositionId, itemId: ItemId | null) => {
    if (at === to) return;
    const closed = !findRoute(at, to, rules);
    ways.push({ itemId, from: at, to, closed });
    if (!closed) at = to;
  };
  for (const segment of seen.score.segments) {
    const to = segment.position[lane];
    if (!to || to === shown) continue;
    // Within its work a move goes its own way, and changing sides is the move's too.
    const within = isWork(segment) || segment.kind === 'switch';
    if (!within) go(to, segment.itemId);
    else if (at === shown) at = to;
    shown = to;
  }
  if (routine.end !== 'stay') {
    go((routine.end && placeInLane(lane, routine.end, null)) ?? home, null);
  }
  return ways;
}

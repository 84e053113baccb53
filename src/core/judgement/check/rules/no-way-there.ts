import { isWork } from '@/core/timing';
import { findRoute, loadsInTheWay, type PositionId, type RouteRules } from '@/core/body';
import type { ItemId } from '@/core/common';
import { placeInLane, laneHome, type LaneName, barsOf, rulesBehind, GROUPS } from '@/core/people';
import type { Found, Rule } from '../finding';
import { easierLevels, itemOf, standIns } from '../mend';
import type { Seen } from '../seen';

interface Blocked {
  readonly itemId: ItemId | null;
  readonly from: PositionId;
  readonly to: PositionId;
}

function rulesOf({ effects, routine }: Seen, lane: LaneName): RouteRules {
  return rulesBehind(barsOf(effects.get(lane) ?? []))[routine.group];
}

/** The first way of a lane that is closed, where one is. */
function blocked(seen: Seen, lane: LaneName): readonly Blocked[] {
  const rules = rulesOf(seen, lane);
  const { routine } = seen;
  const home = laneHome(lane, GROUPS[routine.group].home);
  let at = (routine.start && placeInLane(lane, routine.start, null)) ?? home;
  /** Where the score has the lane, which is not where it is once a way was closed. */
  let shown = at;
  const ways: Blocked[] = [];
  const go = (to: PositionId, itemId: ItemId | null) => {
    if (at !== to && !findRoute(at, to, rules)) ways.push({ itemId, from: at, to });
    else at = to;
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

export const noWayThere: Rule<never, 'lanes' | 'from' | 'to' | 'loads'> = {
  severity: 'stop',
  source: 'practice',
  values: {},
  find: (seen) => {
    const known = new Map<string, Found>();
    for (const lane of seen.lanes) {
      const rules = rulesOf(seen, lane);
      for (const { itemId, from, to } of blocked(seen, lane)) {
        const key = itemId ?? 'end';
        const before = known.get(key);
        const lanes = [...new Set([...(before?.about?.lanes ?? []), lane])];
        const loads = loadsInTheWay(from, to, rules);
        known.set(key, {
          itemId,
          lane:
            lanes.length > 1 && lanes.length === seen.lanes.length ? null : (lanes[0] as LaneName),
          about: before?.about
            ? { ...before.about, lanes }
            : { lanes, from: [from], to: [to], loads },
        });
      }
    }
    return [...known.values()];
  },
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    return one ? [...easierLevels(seen, one, finding.lane), ...standIns(seen, one)] : [];
  },
};

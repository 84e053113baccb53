import type { ItemId } from '../../ids';
import { placeInLane, laneHome, type LaneName } from '../../lane';
import { barsOf } from '../../limit';
import { findRoute, loadsInTheWay, type PositionId } from '../../position';
import type { Found, Rule } from '../finding';
import { easierLevels, itemOf, standIns } from '../making';
import type { Seen } from '../seen';

interface Blocked {
  readonly itemId: ItemId | null;
  readonly from: PositionId;
  readonly to: PositionId;
}

/** The first way of a lane that is closed, where one is. */
function blocked(seen: Seen, lane: LaneName): readonly Blocked[] {
  const bars = barsOf(seen.effects.get(lane) ?? []);
  const rules = { pace: seen.routine.pace, ...bars.route };
  const { routine, usual } = seen;
  const home = laneHome(lane, usual.home);
  let at = (routine.start && placeInLane(lane, routine.start, null)) ?? home;
  const ways: Blocked[] = [];
  for (const segment of seen.score.segments) {
    const to = segment.position[lane];
    if (!to) continue;
    const changes = segment.kind !== 'transfer' && segment.kind !== 'switch' && to !== at;
    const working = segment.kind === 'work' || segment.kind === 'press';
    if (changes && !working && !findRoute(at, to, rules)) {
      ways.push({ itemId: segment.itemId, from: at, to });
    }
    if (segment.kind === 'transfer' && to !== at && !findRoute(at, to, rules)) {
      ways.push({ itemId: segment.itemId, from: at, to });
    }
    at = to;
  }
  const end =
    (routine.end !== 'stay' && routine.end && placeInLane(lane, routine.end, null)) || home;
  if (routine.end !== 'stay' && at !== end && !findRoute(at, end, rules)) {
    ways.push({ itemId: null, from: at, to: end });
  }
  return ways;
}

export const noWayThere: Rule = {
  severity: 'stop',
  source: 'practice',
  values: {},
  find: (seen) => {
    const known = new Map<string, Found>();
    for (const lane of seen.lanes) {
      const bars = barsOf(seen.effects.get(lane) ?? []);
      for (const { itemId, from, to } of blocked(seen, lane)) {
        const key = itemId ?? 'end';
        const before = known.get(key);
        const lanes = [...new Set([...(before?.about?.lanes ?? []), lane])];
        const loads = loadsInTheWay(from, to, { pace: seen.routine.pace, ...bars.route });
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

import { loadsInTheWay } from '@/core/body';
import type { LaneName } from '@/core/people';
import type { Found, Rule } from '../finding';
import { easierLevels, itemOf, standIns } from '../mend';
import { wayRules, waysOf } from '../ways';

export const noWayThere: Rule<never, 'lanes' | 'from' | 'to' | 'loads'> = {
  severity: 'stop',
  source: 'practice',
  values: {},
  find: (seen) => {
    const known = new Map<string, Found>();
    for (const lane of seen.lanes) {
      const rules = wayRules(seen, lane);
      for (const { itemId, from, to, closed } of waysOf(seen, lane)) {
        if (!closed) continue;
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

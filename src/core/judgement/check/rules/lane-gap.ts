import type { Rule } from '../finding';
import { itemOf, standIns } from '../mend';

export const laneGap: Rule<never, 'lanes'> = {
  severity: 'caution',
  source: 'practice',
  anyOrder: true,
  values: {},
  find: (seen) =>
    seen.items.flatMap(({ item, resting }) => {
      const [first] = resting;
      if (!first) return [];
      const lane = resting.length > 1 && resting.length === seen.lanes.length ? null : first;
      return [{ itemId: item.id, lane, about: { lanes: resting } }];
    }),
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    return one ? standIns(seen, one) : [];
  },
};

import { inLanes } from '../ask-lanes';
import type { Rule } from '../finding';
import { easierLevels, itemOf, shorterDoses } from '../mend';
import { hasLoad, minded } from '../asked-of-body';
import { oneGoMs } from '../seen-times';

const VALUES = { mostMs: 60_000, limitedMostMs: 30_000 } as const;

const ARMS_UP = ['shoulder-overhead', 'arms-high-long'] as const;

/** Hands above the shoulders too long. */
export const armsLong: Rule<'setMs' | 'mostMs', 'lanes'> = {
  severity: 'caution',
  source: 'practice',
  values: VALUES,
  find: (seen) =>
    inLanes(seen, (doing, one) => {
      const limited = minded(seen, ARMS_UP, doing.lane);
      const mostMs = limited ? VALUES.limitedMostMs : VALUES.mostMs;
      const setMs = oneGoMs(seen, one);
      const high = hasLoad(doing, one.item, ...ARMS_UP);
      return high && setMs > mostMs ? { numbers: { setMs, mostMs } } : undefined;
    }),
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    return one ? [...easierLevels(seen, one, finding.lane), ...shorterDoses(seen, one)] : [];
  },
};

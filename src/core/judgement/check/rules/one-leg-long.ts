import { amountOf } from '@/core/moves';

import { inLanes } from '../ask-lanes';
import type { Rule } from '../finding';
import { itemOf, redosed, shorterDoses } from '../mend';
import { hasLoad } from '../asked-of-body';
import { oneGoMs } from '../seen-times';

const VALUES = { mostMs: 60_000, olderMostMs: 30_000 } as const;

/** One standing leg too long, with no foot down in between. */
export const oneLegLong: Rule<'setMs' | 'mostMs', 'lanes'> = {
  severity: 'caution',
  source: 'practice',
  anyOrder: true,
  values: VALUES,
  find: (seen) => {
    const mostMs = seen.older ? VALUES.olderMostMs : VALUES.mostMs;
    return inLanes(seen, (doing, one) => {
      const byTurns = one.inForce.sides.way === 'alternating';
      const setMs = oneGoMs(seen, one);
      if (byTurns || setMs <= mostMs || !hasLoad(doing, one.item, 'one-leg')) return undefined;
      return { numbers: { setMs, mostMs } };
    });
  },
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    if (!one) return [];
    const { dose } = one.inForce;
    const parts = Math.ceil((finding.numbers.setMs ?? 0) / (finding.numbers.mostMs ?? 1));
    const timed = dose.kind === 'hold' || dose.kind === 'timed';
    const each = Math.ceil(amountOf(dose) / parts / (timed ? 5000 : 1)) * (timed ? 5000 : 1);
    return [
      ...redosed(seen, one.item, { amount: each, sets: dose.sets * parts }),
      ...shorterDoses(seen, one),
    ];
  },
};

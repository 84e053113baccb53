import { inLanes } from '../ask-lanes';
import type { Rule } from '../finding';
import { itemOf, standIns } from '../mend';
import { hasLoad } from '../asked-of-body';
import { longestSetMs } from '../seen-times';

const HOLD_MS = 60_000;

/** A twist, a propped position or a long hold that nobody is told how to leave. */
export const wayOut: Rule<'setMs', 'lanes' | 'why'> = {
  severity: 'caution',
  source: 'practice',
  anyOrder: true,
  values: { holdMs: HOLD_MS },
  find: (seen) =>
    inLanes(seen, (doing, one) => {
      if (doing.move.cues.wayOut.trim() !== '') return undefined;
      const twists = hasLoad(doing, one.item, 'twist-end', 'twist-loaded');
      const setMs = longestSetMs(one);
      const long = one.inForce.dose.kind === 'hold' && setMs >= HOLD_MS;
      if (!twists && !doing.move.propped && !long) return undefined;
      const why = twists ? 'twist' : doing.move.propped ? 'propped' : 'long';
      return { numbers: { setMs }, about: { why: [why] } };
    }),
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    return one ? standIns(seen, one) : [];
  },
};

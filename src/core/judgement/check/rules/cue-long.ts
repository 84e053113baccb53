import { itemInForce } from '@/core/routine';
import { goCueFits } from '@/core/timing';
import type { Rule } from '../finding';
import { itemOf, amountUntil, redosed } from '../mend';

/** A go-cue that can't be said before the count-down, not even in its short form. */
export const cueLong: Rule<'talkMs' | 'roomMs', never> = {
  severity: 'note',
  source: 'speech-pace',
  anyOrder: true,
  values: {},
  find: (seen) =>
    seen.items.flatMap(({ item, inForce }) => {
      const { fits, talkMs, roomMs } = goCueFits(item, inForce, seen.pace);
      return fits ? [] : [{ itemId: item.id, numbers: { talkMs, roomMs } }];
    }),
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    if (!one) return [];
    const amount = amountUntil(seen, one.item, 'more', (value) => {
      const [change] = redosed(seen, one.item, { amount: value });
      const [step] = change?.steps ?? [];
      if (step?.kind !== 'replace' || step.to.kind !== 'item') return false;
      return goCueFits(step.to, itemInForce(step.to, seen.routine), seen.pace).fits;
    });
    return amount === undefined ? [] : redosed(seen, one.item, { amount });
  },
};

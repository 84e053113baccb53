import { amountOf } from '@/core/moves';
import { amountRange, doseChanged, changeItem } from '@/core/routine';
import type { Rule } from '../finding';
import { itemOf } from '../mend';

/** A dose outside its move's range, in amount or in sets. */
export const doseRange: Rule<'now' | 'least' | 'most', 'kinds'> = {
  severity: 'caution',
  source: 'acsm-2011',
  anyOrder: true,
  values: {},
  find: (seen) =>
    seen.items.flatMap(({ item, inForce: { dose, move } }) => {
      const range = amountRange(item, seen.routine);
      const [fewest, most] = move.range.sets;
      if (dose.sets < fewest || dose.sets > most) {
        return [
          {
            itemId: item.id,
            numbers: { now: dose.sets, least: fewest, most },
            about: { kinds: ['sets'] },
          },
        ];
      }
      if (!range || (range.now >= range.least && range.now <= range.most)) return [];
      const { now, least } = range;
      return [
        {
          itemId: item.id,
          numbers: { now, least, most: range.most },
          about: { kinds: [dose.kind] },
        },
      ];
    }),
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    if (!one) return [];
    const { now = 0, least = 0, most = 0 } = finding.numbers;
    const value = Math.min(most, Math.max(least, now));
    const sets = finding.about.kinds?.[0] === 'sets';
    const to = sets ? { sets: value, amount: amountOf(one.inForce.dose) } : { amount: value };
    return [changeItem(seen.routine, one.item.id, doseChanged(one.item, seen.routine, to))];
  },
};

import { amountOf } from '@/core/moves';
import type { ItemId } from '@/core/common';
import { amountRange, doseChanged, changeItem, entryAt, placeOf } from '@/core/routine';
import type { Rule, Severity } from '../finding';
import { itemOf } from '../mend';
import type { Seen } from '../seen';

/** Up to half or double is the instructor's own choice; beyond it may be a slip. */
const severity = (now: number, least: number, most: number): Severity =>
  now * 2 < least || now > most * 2 ? 'caution' : 'note';

/** In a build-up a dose is done again and again, and is short for that. */
function buildsUp({ routine }: Seen, entryId: ItemId): boolean {
  const entry = entryAt(routine, placeOf(routine, entryId));
  return entry.kind === 'block' && entry.buildUp === true;
}

/** A dose outside its move's range, in amount or in sets. */
export const doseRange: Rule<'now' | 'least' | 'most', 'kinds'> = {
  severity: 'caution',
  source: 'practice',
  anyOrder: true,
  values: {},
  find: (seen) =>
    seen.items.flatMap(({ item, entryId, inForce: { dose, move } }) => {
      if (buildsUp(seen, entryId)) return [];
      const range = amountRange(item, seen.routine);
      const [fewest, most] = move.range.sets;
      if (dose.sets < fewest || dose.sets > most) {
        return [
          {
            severity: severity(dose.sets, fewest, most),
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
          severity: severity(now, least, range.most),
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

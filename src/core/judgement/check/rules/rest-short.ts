import { changeItem } from '@/core/routine';
import type { Rule, Severity } from '../finding';
import { itemOf } from '../mend';

/** ACSM's position stand of 2011 names two to three minutes; a class of older adults rarely has them. */
const VALUES = { leastMs: 60_000, shortMs: 20_000 } as const;

const severity = (restMs: number): Severity => (restMs < VALUES.shortMs ? 'caution' : 'note');

/** Too little rest between the sets of a strength move, in groups that need longer to come back. */
export const restShort: Rule<'restMs' | 'leastMs', never> = {
  severity: 'note',
  source: 'practice',
  anyOrder: true,
  values: VALUES,
  find: ({ items, routine }) => {
    if (routine.group !== 'older' && routine.group !== 'chair') return [];
    return items.flatMap(({ item, inForce: { dose, move } }) => {
      if (move.kind !== 'strength' || dose.sets < 2 || dose.restMs >= VALUES.leastMs) return [];
      return [
        {
          severity: severity(dose.restMs),
          itemId: item.id,
          numbers: { restMs: dose.restMs, leastMs: VALUES.leastMs },
        },
      ];
    });
  },
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    return one ? [changeItem(seen.routine, one.item.id, { restMs: VALUES.leastMs })] : [];
  },
};

import { familyOf, usualLevel } from '@/core/moves';
import { swapMove } from '@/core/routine';
import type { Found, Rule } from '../finding';
import { itemOf } from '../mend';
import { minded } from '../asked-of-body';

/** What a curl is made of. */
const CURL = ['spine-flex-loaded', 'abdominal-pressure', 'neck-flex-end'] as const;

/** Curl-ups where the routine's school or a limit says never. */
export const curlSchool: Rule<never, 'why'> = {
  severity: 'caution',
  source: 'practice',
  anyOrder: true,
  values: {},
  find: (seen) =>
    seen.items.flatMap((one): Found[] => {
      const lanes = one.lanes.filter(({ move, level }) => move.curl || level.curl);
      const [first] = lanes;
      if (!first) return [];
      const limited = lanes.some(({ lane }) => minded(seen, CURL, lane) === 'out');
      if (!limited && seen.routine.schools?.curl !== 'never') return [];
      return [
        {
          severity: limited ? 'stop' : 'caution',
          itemId: one.item.id,
          about: { why: [limited ? 'limit' : 'school'] },
        },
      ];
    }),
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    if (!one) return [];
    return familyOf(seen.catalogue, one.inForce.move)
      .filter((move) => !move.curl && !usualLevel(move, seen.routine.group).curl)
      .map((move) => swapMove(seen.routine, one.item.id, move.id));
  },
};

import { familyOf, usualLevel } from '@/core/moves';
import { swapMove } from '@/core/routine';
import type { Found, Rule } from '../finding';
import { itemOf } from '../mend';
import { hasLimit } from '../asked-of-body';

const CURL_LIMITS = [
  'low bone density',
  'spine fracture',
  'cancer in bone',
  'disc trouble',
  'spine operation',
  'after abdominal surgery',
  'back flare-up',
  'pregnancy',
  'leaking or prolapse',
  'unstable neck',
] as const;

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
      const limited = lanes.some(({ lane }) => hasLimit(seen, CURL_LIMITS, lane));
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

import { heldMs } from '@/core/moves';
import { changeItem } from '@/core/routine';
import type { Found, Mends, Rule } from '../finding';
import { itemOf, shorterDoses, easierLevels } from '../mend';
import { hasLimit } from '../asked-of-body';
import { longestSetMs } from '../seen-times';

const VALUES = { pressMs: 10_000, limitedPressMs: 6_000, limitedIsometricMs: 10_000 } as const;
const LIMITS = ['heart', 'blood pressure'] as const;

/** Pressing or holding against a load for too long, which drives the pressure up. */
export const holdStrain: Rule<'holdMs' | 'mostMs', 'kinds'> = {
  severity: 'caution',
  source: 'practice',
  anyOrder: true,
  values: VALUES,
  find: (seen) =>
    seen.items.flatMap((one): Found[] => {
      const { dose } = one.inForce;
      const limited = hasLimit(seen, LIMITS);
      const severity = hasLimit(seen, ['heart']) ? 'stop' : 'caution';
      const pressMs = dose.kind === 'hold' ? (dose.press?.pressMs ?? 0) : 0;
      const mostPressMs = limited ? VALUES.limitedPressMs : VALUES.pressMs;
      if (pressMs > mostPressMs) {
        const numbers = { holdMs: pressMs, mostMs: mostPressMs };
        return [{ severity, itemId: one.item.id, numbers, about: { kinds: ['press'] } }];
      }
      // A rep that is held is effort held, and so is a hold.
      const repMs = dose.kind === 'reps' && dose.held ? heldMs(dose.held, seen.pace) : 0;
      const held = dose.kind === 'hold' || repMs > 0;
      const isometric = one.lanes.some(
        ({ move }) => move.isometric || (held && move.kind === 'strength'),
      );
      const holdMs = repMs || longestSetMs(one);
      if (!limited || !isometric || holdMs <= VALUES.limitedIsometricMs) return [];
      const numbers = { holdMs, mostMs: VALUES.limitedIsometricMs };
      return [{ severity, itemId: one.item.id, numbers, about: { kinds: ['isometric'] } }];
    }),
  mends: (seen, finding): Mends => {
    const one = itemOf(seen, finding);
    if (!one) return [];
    const { dose } = one.inForce;
    const { mostMs = VALUES.pressMs } = finding.numbers;
    const press =
      dose.kind === 'hold' && dose.press ? { ...dose.press, pressMs: mostMs } : undefined;
    if (dose.kind === 'reps' && dose.held) {
      return [changeItem(seen.routine, one.item.id, { held: { ms: mostMs } })];
    }
    return press
      ? [changeItem(seen.routine, one.item.id, { press })]
      : [...shorterDoses(seen, one), ...easierLevels(seen, one, null)];
  },
};

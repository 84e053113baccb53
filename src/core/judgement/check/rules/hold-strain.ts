import { heldMs, type WrittenDose } from '@/core/moves';
import type { LaneName } from '@/core/people';
import { changeItem } from '@/core/routine';
import { isWork } from '@/core/timing';
import type { Found, Mends, Rule } from '../finding';
import { itemOf, shorterDoses, easierLevels } from '../mend';
import { minded } from '../asked-of-body';
import type { SeenItem } from '../seen';
import { longestSetMs } from '../seen-times';

const VALUES = { pressMs: 10_000, limitedPressMs: 6_000, limitedIsometricMs: 9_000 } as const;

/** How long a way of taking part holds, where it holds less than the room; ∞ where it holds as long. */
function ownHoldMs({ plays }: SeenItem, lane: LaneName): number {
  const work = plays[0]?.segments.find(isWork);
  const dose = work?.lanes[lane]?.dose;
  return dose?.kind === 'hold' ? dose.holdMs : Infinity;
}

/** Pressing or holding against a load for too long, which drives the pressure up. */
export const holdStrain: Rule<'holdMs' | 'mostMs', 'kinds'> = {
  severity: 'caution',
  source: 'practice',
  anyOrder: true,
  values: VALUES,
  find: (seen) =>
    seen.items.flatMap((one): Found[] => {
      const { dose } = one.inForce;
      const limited = minded(seen, ['isometric-long']);
      const severity = limited === 'out' ? 'stop' : 'caution';
      const pressMs = dose.kind === 'hold' ? (dose.press?.pressMs ?? 0) : 0;
      const mostPressMs = limited ? VALUES.limitedPressMs : VALUES.pressMs;
      if (pressMs > mostPressMs) {
        const numbers = { holdMs: pressMs, mostMs: mostPressMs };
        return [{ severity, itemId: one.item.id, numbers, about: { kinds: ['press'] } }];
      }
      // A rep that is held is effort held, and so is a hold.
      const repMs = dose.kind === 'reps' && dose.held ? heldMs(dose.held, seen.pace) : 0;
      const held = dose.kind === 'hold' || repMs > 0;
      const holdMs = repMs || longestSetMs(one);
      if (!limited || holdMs <= VALUES.limitedIsometricMs) return [];
      const straining = one.lanes.filter(
        (doing) =>
          (doing.move.isometric || (held && doing.move.kind === 'strength')) &&
          !(ownHoldMs(one, doing.lane) <= VALUES.limitedIsometricMs),
      );
      const [first] = straining;
      if (!first) return [];
      const numbers = { holdMs, mostMs: VALUES.limitedIsometricMs };
      // What one way of taking part alone holds is no reason to shorten what the others do.
      const lane = straining.length === 1 && one.lanes.length > 1 ? first.lane : null;
      return [{ severity, itemId: one.item.id, numbers, lane, about: { kinds: ['isometric'] } }];
    }),
  mends: (seen, finding): Mends => {
    const one = itemOf(seen, finding);
    if (!one) return [];
    const { dose } = one.inForce;
    const { mostMs = VALUES.pressMs } = finding.numbers;
    const press =
      dose.kind === 'hold' && dose.press ? { ...dose.press, pressMs: mostMs } : undefined;
    const doing = finding.lane && one.lanes.find(({ lane }) => lane === finding.lane);
    if (doing && dose.kind === 'hold') {
      const others = (one.item.options ?? []).filter((option) => option.lane !== doing.lane);
      const held: WrittenDose = { kind: 'hold', holdMs: mostMs, sets: dose.sets };
      const { lane, move, level } = doing;
      const option = { lane, moveId: move.id, level: level.id, dose: held };
      return [
        changeItem(seen.routine, one.item.id, { options: [...others, option] }),
        ...easierLevels(seen, one, lane),
      ];
    }
    if (dose.kind === 'reps' && dose.held) {
      return [changeItem(seen.routine, one.item.id, { held: { ms: mostMs } })];
    }
    return press
      ? [changeItem(seen.routine, one.item.id, { press })]
      : [...shorterDoses(seen, one), ...easierLevels(seen, one, null)];
  },
};

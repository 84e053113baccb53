import { SIDES, otherSide, type Side } from '@/core/body';
import { bitesOn } from '@/core/people';
import { changeItem } from '@/core/routine';
import type { Rule } from '../finding';
import { itemOf } from '../mend';
import { loadsOf } from '../asked-of-body';
import type { Seen, SeenItem } from '../seen';

/** Whether a limit takes a side away from an item in every lane that does it. */
export function takenByLimit(seen: Seen, { item, lanes }: SeenItem, side: Side): boolean {
  return (
    lanes.length > 0 &&
    lanes.every((doing) =>
      (seen.effects.get(doing.lane) ?? []).some(
        (effect) =>
          effect.severity === 'out' &&
          effect.side !== null &&
          loadsOf(doing, item).some((load) =>
            bitesOn(effect, load, doing.level, doing.support, SIDES)?.includes(side),
          ),
      ),
    )
  );
}

/** The only side that an item works, where its move has two. */
export function onlySide({ inForce: { sides } }: SeenItem): Side | undefined {
  return sides.way === 'each' && sides.order.length === 1 ? sides.order[0] : undefined;
}

export const sideMissing: Rule<never, never> = {
  severity: 'caution',
  source: 'practice',
  anyOrder: true,
  values: {},
  find: (seen) =>
    seen.items.flatMap((one) => {
      const side = onlySide(one);
      if (!side || one.item.meant) return [];
      const missing = otherSide(side);
      const elsewhere = seen.items.some(
        (other) =>
          other.item.moveId === one.item.moveId && other !== one && onlySide(other) !== side,
      );
      if (elsewhere || takenByLimit(seen, one, missing)) return [];
      return [{ itemId: one.item.id, side: missing }];
    }),
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    if (!one) return [];
    const own = one.inForce.move.sides === 'each' ? undefined : ('each' as const);
    return [changeItem(seen.routine, one.item.id, { sides: own })];
  },
};

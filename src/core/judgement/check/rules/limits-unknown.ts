import { onSide, position, type Load } from '@/core/body';
import type { Found, Rule } from '../finding';
import { hasLoad } from '../asked-of-body';
import type { Seen } from '../seen';

const TELLING: readonly Load[] = ['hand-on-head', 'neck-end-range', 'spine-flex-loaded', 'one-leg'];

/** Whether the work of a group that is not asked as a rule asks for the neck, back, floor or balance. */
function callsForIt({ items }: Seen): boolean {
  return items.some((one) =>
    one.lanes.some(
      (doing) =>
        hasLoad(doing, one.item, ...TELLING) || position(onSide(doing.level.from, null)).height < 3,
    ),
  );
}

/** Nobody's limits are taken for none: they are asked, or checked by the first row of the table. */
export const limitsUnknown: Rule<never, 'people' | 'words'> = {
  severity: 'caution',
  source: 'practice',
  anyOrder: true,
  values: {},
  find: (seen): Found<never, 'people' | 'words'>[] => {
    const { routine, part } = seen;
    const { people } = part;
    const unknown = people.filter(({ limits }) => !limits).map(({ name }) => name);
    const words = routine.limitsUnread ?? [];
    const notAsked = people.length === 0 && !routine.limits;
    const always = routine.group === 'older' || routine.group === 'chair';
    const asked = always ? [{}] : callsForIt(seen) ? [{ severity: 'note' as const }] : [];
    return [
      ...(unknown.length > 0 ? [{ about: { people: unknown } }] : []),
      ...(words.length > 0 ? [{ about: { words } }] : notAsked ? asked : []),
    ];
  },
};

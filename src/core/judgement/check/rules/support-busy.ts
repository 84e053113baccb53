import { SUPPORTS, type Support } from '@/core/moves';
import { loadsOfLevel } from '@/core/people';
import { changeItem } from '@/core/routine';
import { inLanes } from '../ask-lanes';
import type { Rule } from '../finding';
import { easierLevels, itemOf } from '../mend';
import type { LaneDoing, SeenItem } from '../seen';

const HANDS = 2;

/** How many hands a support takes. */
const HELD: Readonly<Record<Support, number>> = {
  'two hands': 2,
  'one hand': 1,
  fingertips: 1,
  hover: 0,
  none: 0,
};

/** How many hands the work takes: both, or one where it goes by sides or only moves an arm. */
function busyHands(doing: LaneDoing, { item }: SeenItem): number {
  const busy = loadsOfLevel(doing.level).filter(({ load }) => load === 'hands-busy');
  if (busy.some(({ on }) => on === 'body')) return HANDS;
  return busy.length > 0 || item.challenge === 'arms moving' ? 1 : 0;
}

/** Moving arms and holding hands come to two at most. */
export const supportBusy: Rule<'busy' | 'held', 'lanes'> = {
  severity: 'caution',
  source: 'practice',
  anyOrder: true,
  values: { hands: HANDS },
  find: (seen) =>
    inLanes(seen, (doing, one) => {
      const busy = busyHands(doing, one);
      const held = HELD[doing.support];
      if (busy === 0 || busy + held <= HANDS) return undefined;
      return { severity: seen.older ? 'stop' : 'caution', numbers: { busy, held } };
    }),
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    if (!one) return [];
    const { id } = one.item;
    const lighter = SUPPORTS.filter((support) => HELD[support] === 1);
    return [
      ...lighter.map((support) => changeItem(seen.routine, id, { support })),
      changeItem(seen.routine, id, { challenge: undefined }),
      ...easierLevels(seen, one, finding.lane),
      changeItem(seen.routine, id, { support: undefined }),
    ];
  },
};

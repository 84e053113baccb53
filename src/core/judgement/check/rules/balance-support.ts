import { SUPPORTS } from '@/core/moves';
import { holdsAtLeast, leastContact } from '@/core/people';
import { changeItem } from '@/core/routine';
import { challengeOf, movesBase, stanceOf, standingOf } from '../drill';
import { inLanes } from '../ask-lanes';
import type { Rule } from '../finding';
import { easierLevels, itemOf } from '../mend';

/** Less contact than the table of least contact asks for. */
export const balanceSupport: Rule<never, 'lanes' | 'stances' | 'challenges' | 'holds' | 'least'> = {
  severity: 'stop',
  source: 'practice',
  anyOrder: true,
  values: {},
  find: (seen) =>
    inLanes(seen, (doing, one) => {
      const challenge = challengeOf(one);
      const stance = stanceOf(doing) ?? (challenge === 'still' ? undefined : standingOf(doing));
      if (!stance) return undefined;
      const blind = challenge === 'eyes closed' || challenge === 'looking up';
      const least =
        blind && movesBase(doing) ? 'not-used' : leastContact(stance, challenge, seen.older);
      if (least !== 'not-used' && holdsAtLeast(doing.support, least)) return undefined;
      return {
        about: {
          stances: [stance],
          challenges: [challenge],
          holds: [doing.support],
          least: [least],
        },
      };
    }),
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    const [least] = finding.about.least ?? [];
    if (!one) return [];
    const support = SUPPORTS.find((name) => name === least);
    return [
      ...(support ? [changeItem(seen.routine, one.item.id, { support })] : []),
      changeItem(seen.routine, one.item.id, { challenge: undefined }),
      ...easierLevels(seen, one, finding.lane),
    ];
  },
};

import { PROPS, type PropName } from '@/core/moves';
import { changeItem } from '@/core/routine';
import { inLanes } from '../ask-lanes';
import type { Rule } from '../finding';
import { easierLevels, itemOf, standIns } from '../mend';
import type { Seen } from '../seen';

/** Whether a room has a prop or something that stands in for it. */
function has({ routine }: Seen, prop: PropName): boolean {
  const names: readonly string[] = [prop, ...PROPS[prop]];
  return !routine.room || routine.room.some(({ thing }) => names.includes(thing));
}

export const propMissing: Rule<never, 'lanes' | 'props' | 'standIns'> = {
  severity: 'caution',
  source: 'practice',
  anyOrder: true,
  values: {},
  find: (seen) =>
    inLanes(seen, (doing) => {
      const missing = doing.props.filter((prop) => !has(seen, prop));
      if (missing.length === 0) return undefined;
      return { about: { props: missing, standIns: missing.flatMap((prop) => PROPS[prop]) } };
    }),
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    if (!one) return [];
    return [
      ...(one.item.props ? [changeItem(seen.routine, one.item.id, { props: undefined })] : []),
      ...easierLevels(seen, one, finding.lane),
      ...standIns(seen, one),
    ];
  },
};

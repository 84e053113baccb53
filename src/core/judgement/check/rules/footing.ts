import { changeHeader } from '@/core/routine';
import type { Rule } from '../finding';
import { hasThing } from '../furniture';
import { minded } from '../asked-of-body';
import { positionIn, type Seen } from '../seen';

function anybodyStands(seen: Seen): boolean {
  return seen.score.segments.some((segment) =>
    seen.lanes.some((lane) => positionIn(segment, lane)?.height === 4),
  );
}

/** Numb or diabetic feet wear closed flat shoes, always; socks on a smooth floor are for nobody. */
export const footing: Rule<never, 'why'> = {
  severity: 'caution',
  source: 'practice',
  anyOrder: true,
  values: {},
  find: (seen) => {
    const grip = seen.routine.schools?.grip;
    if (grip === 'flat shoes' || !anybodyStands(seen)) return [];
    if (minded(seen, ['bare-foot']) === 'out') {
      return [{ severity: grip === 'bare feet' ? 'stop' : 'caution', about: { why: ['feet'] } }];
    }
    const slips = grip === undefined && hasThing(seen, 'smooth floor');
    return slips ? [{ about: { why: ['floor'] } }] : [];
  },
  mends: ({ routine }) => [
    changeHeader(routine, { schools: { ...routine.schools, grip: 'flat shoes' } }),
  ],
};

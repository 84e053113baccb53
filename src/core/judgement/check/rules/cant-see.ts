import { cuesOf } from '@/core/moves';
import { changeItem } from '@/core/routine';
import { inLanes } from '../ask-lanes';
import type { Rule } from '../finding';
import { itemOf, easierLevels } from '../mend';
import { asksFor } from '../asked-of-body';
import type { LaneDoing, SeenItem } from '../seen';

/** Words that send the eyes to the instructor. */
const NEEDS_A_LOOK =
  /\b(watch me|look at me|look here|follow me|like this|like me|as i do|as shown|copy me|see me|see how)\b/i;

/** Where the eyes can't go to the instructor: face down, to the wall, or closed. */
function cantLook({ level }: LaneDoing, { item }: SeenItem): string | undefined {
  if (item.challenge === 'eyes closed') return 'eyes-closed';
  if (level.from === 'lying-front') return 'face-down';
  return level.from === 'stand-wall' ? 'to-the-wall' : undefined;
}

function saidIn({ move, level }: LaneDoing, { item, inForce }: SeenItem): readonly string[] {
  const own = move === inForce.move;
  const cues = cuesOf(move, level);
  return [(own && item.setUp) || cues.setUp, (own && item.cue) || cues.go];
}

/** A cue that needs a look where nobody can look; with hearing limits, any such place. */
export const cantSee: Rule<never, 'lanes' | 'where' | 'why'> = {
  severity: 'note',
  source: 'practice',
  anyOrder: true,
  values: {},
  find: (seen) =>
    inLanes(seen, (doing, one) => {
      const where = cantLook(doing, one);
      if (!where) return undefined;
      const hearing = asksFor(seen, 'to see what is said', doing.lane);
      const needsLook = saidIn(doing, one).some((cue) => NEEDS_A_LOOK.test(cue));
      if (!hearing && !needsLook) return undefined;
      return {
        severity: hearing ? 'caution' : 'note',
        about: { where: [where], why: [needsLook ? 'cue' : 'hearing'] },
      };
    }),
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    if (!one) return [];
    const { id } = one.item;
    return [
      changeItem(seen.routine, id, { cue: undefined, setUp: undefined }),
      changeItem(seen.routine, id, { challenge: undefined }),
      ...easierLevels(seen, one, finding.lane),
    ];
  },
};

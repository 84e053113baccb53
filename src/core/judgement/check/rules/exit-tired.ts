import { isWork, msOf } from '@/core/timing';
import type { ItemId } from '@/core/common';
import type { LaneName } from '@/core/people';
import type { Rule } from '../finding';
import { itemOf, restBehind } from '../mend';
import { positionIn, type Seen } from '../seen';

const VALUES = { legWorkMs: 60_000, restMs: 30_000 } as const;

/** The item whose leg work comes straight before a way up from the floor. */
function tiredExit(seen: Seen, lane: LaneName): { itemId: ItemId; workMs: number } | undefined {
  let workMs = 0;
  let restMs = 0;
  let last: ItemId | undefined;
  let height: number | undefined;
  for (const segment of seen.score.segments) {
    const at = positionIn(segment, lane);
    if (!at) continue;
    const up = height !== undefined && height <= 2 && at.height >= 3;
    if (segment.kind === 'transfer' && up && last && workMs > VALUES.legWorkMs) {
      return { itemId: last, workMs };
    }
    height = at.height;
    if (segment.kind === 'rest') restMs += msOf(segment);
    if (restMs >= VALUES.restMs) workMs = 0;
    if (!isWork(segment) || !segment.itemId) continue;
    const doing = seen.itemById.get(segment.itemId)?.lanes.find((one) => one.lane === lane);
    restMs = 0;
    workMs = doing?.move.tiringLegs ? workMs + msOf(segment) : 0;
    last = segment.itemId;
  }
  return undefined;
}

export const exitTired: Rule<'workMs' | 'restMs', never> = {
  severity: 'caution',
  source: 'practice',
  values: VALUES,
  find: (seen) => {
    const hits = seen.lanes.flatMap((lane) => {
      const exit = tiredExit(seen, lane);
      return exit ? [{ lane, ...exit }] : [];
    });
    const [first] = hits;
    if (!first) return [];
    const { itemId, workMs, lane } = first;
    return [{ itemId, lane, numbers: { workMs, restMs: VALUES.restMs } }];
  },
  mends: (seen, finding, making) => {
    const one = itemOf(seen, finding);
    return one ? [restBehind(seen, one.entryId, VALUES.restMs, making)] : [];
  },
};

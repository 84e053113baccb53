import type { LaneName } from '@/core/people';
import type { Found, Rule } from '../finding';
import { itemOf, moves } from '../mend';
import type { Seen } from '../seen';
import { COLD_HOLD, cold, coldRegions, warm, type Warmth } from '../warmth';

export const coldHold: Rule<'movedMs' | 'neededMs', 'regions'> = {
  severity: 'caution',
  source: 'acsm-2011',
  values: COLD_HOLD,
  find: (seen) => {
    const found = new Map<string, Found>();
    const warmths = new Map<LaneName, Warmth>(seen.lanes.map((lane) => [lane, cold()]));
    for (const { seen: one, play } of seen.inOrder) {
      for (const doing of one.lanes) {
        const warmth = warmths.get(doing.lane) ?? cold();
        const regions = coldRegions(one, doing, warmth, seen.older);
        if (regions.length > 0 && !found.has(one.item.id)) {
          found.set(one.item.id, {
            itemId: one.item.id,
            lane: seen.lanes.length > 1 ? doing.lane : null,
            severity: isStrong(seen, doing.move.stretchStrength) ? 'caution' : 'note',
            numbers: { movedMs: warmth.movedMs, neededMs: neededMs(seen) },
            about: { regions },
          });
        }
        warm(warmth, one, play, doing);
      }
    }
    return [...found.values()];
  },
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    return one && !one.item.pinned ? moves(seen, one.entryId, 'later') : [];
  },
};

function neededMs({ older }: Seen): number {
  return older ? COLD_HOLD.olderMovementMs : COLD_HOLD.movementMs;
}

/** How strong a stretch is meant: by the routine's school, else by the move. */
function isStrong({ routine }: Seen, own: 'mild' | 'strong' | undefined): boolean {
  return (routine.schools?.strength ?? own ?? 'mild') === 'strong';
}

import type { LaneName } from '@/core/people';
import type { Found, Rule } from '../finding';
import { itemOf, moves } from '../mend';
import { playWorkMs } from '../seen';

/** Tiring leg work is this much of moves marked so. */
export const TIRING_MS = 60_000;

/** Balance after tiring leg work in the same routine. */
export const balanceTired: Rule<'workMs', 'lanes'> = {
  severity: 'caution',
  source: 'practice',
  values: { tiringMs: TIRING_MS },
  find: (seen) => {
    const tired = new Map<LaneName, number>();
    const found = new Map<string, Found>();
    for (const { seen: one, play } of seen.inOrder) {
      for (const { lane, move } of one.lanes) {
        const workMs = tired.get(lane) ?? 0;
        if (move.kind === 'balance' && workMs >= TIRING_MS) {
          const before = found.get(one.item.id);
          const lanes = [...new Set([...(before?.about?.lanes ?? []), lane])];
          found.set(one.item.id, {
            itemId: one.item.id,
            lane: lanes.length > 1 && lanes.length === seen.lanes.length ? null : lane,
            numbers: { workMs: Math.max(workMs, before?.numbers?.workMs ?? 0) },
            about: { lanes },
          });
        }
        if (move.tiringLegs) tired.set(lane, workMs + playWorkMs(play));
      }
    }
    return [...found.values()];
  },
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    return one && !one.item.pinned ? moves(seen, one.entryId, 'earlier') : [];
  },
};

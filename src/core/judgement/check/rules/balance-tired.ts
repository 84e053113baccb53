import type { LaneName } from '@/core/people';
import type { Found, Rule } from '../finding';
import { itemOf, moves } from '../mend';
import { playWorkMs } from '../seen-times';
import type { Seen } from '../seen';

/** Tiring leg work is this much of moves marked so. */
export const TIRING_MS = 60_000;

/** Tired legs feel all of it for a while, and nothing of it after this. */
const FADES_FROM_MS = 60_000;
const FADES_MS = 180_000;

/** How much tiring work is still felt, and when it ended. */
interface Tired {
  readonly workMs: number;
  readonly atMs: number;
}

const RESTED: Tired = { workMs: 0, atMs: 0 };

function felt({ workMs, atMs }: Tired, nowMs: number): number {
  const share = (FADES_MS - (nowMs - atMs)) / (FADES_MS - FADES_FROM_MS);
  return Math.round(workMs * Math.min(1, Math.max(0, share)));
}

/** Balance soon after tiring leg work. */
export const balanceTired: Rule<'workMs', 'lanes'> = {
  severity: 'caution',
  source: 'practice',
  values: { tiringMs: TIRING_MS, fadesFromMs: FADES_FROM_MS, fadesMs: FADES_MS },
  find: (seen) => afterTiring(seen, felt),
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    return one && !one.item.pinned ? moves(seen, one.entryId, 'earlier') : [];
  },
};

/** The order rule asks for more: balance comes before such work, however long ago that is. */
export function balanceAfterTiring(seen: Seen): number {
  return afterTiring(seen, ({ workMs }) => workMs).length;
}

function afterTiring(seen: Seen, feels: typeof felt): readonly Found<'workMs', 'lanes'>[] {
  const tired = new Map<LaneName, Tired>();
  const found = new Map<string, Found<'workMs', 'lanes'>>();
  for (const { seen: one, play } of seen.inOrder) {
    for (const { lane, move } of one.lanes) {
      const workMs = feels(tired.get(lane) ?? RESTED, play.workMs);
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
      if (move.tiringLegs) {
        tired.set(lane, { workMs: workMs + playWorkMs(play), atMs: play.endMs });
      }
    }
  }
  return [...found.values()];
}

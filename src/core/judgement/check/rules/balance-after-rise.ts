import { placeOf } from '@/core/routine';
import { asksBalance } from '../drill';
import type { Rule } from '../finding';
import { itemOf, lineAtLeast, moves, seatedMoves } from '../mend';
import { risesOf } from '../rises';

export const AFTER_RISE_MS = 60_000;

export const balanceAfterRise: Rule<'afterMs' | 'waitMs', 'lanes'> = {
  severity: 'caution',
  source: 'practice',
  values: { withinMs: AFTER_RISE_MS },
  find: (seen) => {
    const rises = new Map(seen.lanes.map((lane) => [lane, risesOf(seen, lane)]));
    return seen.items.flatMap((one) => {
      const hits = one.lanes.flatMap((doing) => {
        const { lane } = doing;
        if (!asksBalance(doing)) return [];
        const waits = one.plays.flatMap(({ workMs }) =>
          (rises.get(lane) ?? [])
            .filter((at) => at <= workMs && workMs - at < AFTER_RISE_MS)
            .map((at) => workMs - at),
        );
        return waits.length > 0 ? [{ lane, afterMs: Math.min(...waits) }] : [];
      });
      const [first] = hits;
      if (!first) return [];
      return [
        {
          severity: seen.older ? 'stop' : 'caution',
          itemId: one.item.id,
          lane: hits.length === seen.lanes.length && hits.length > 1 ? null : first.lane,
          numbers: { afterMs: first.afterMs, waitMs: AFTER_RISE_MS },
          about: { lanes: hits.map(({ lane }) => lane) },
        },
      ];
    });
  },
  mends: (seen, finding, making) => {
    const one = itemOf(seen, finding);
    if (!one) return [];
    const place = placeOf(seen.routine, one.entryId);
    const between = seatedMoves(seen)
      .slice(0, 4)
      .flatMap((move) => lineAtLeast(seen, move, place, making, AFTER_RISE_MS / 2));
    return one.item.pinned ? between : [...between, ...moves(seen, one.entryId, 'earlier')];
  },
};

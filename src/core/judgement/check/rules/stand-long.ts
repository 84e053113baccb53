import { placeOf } from '@/core/routine';
import type { Found, Rule } from '../finding';
import { lineAtLeast, lineOf, seatedMoves } from '../mend';
import { minded } from '../asked-of-body';
import type { Seen } from '../seen';
import { staysOf } from '../stays';

const VALUES = { mostMs: 300_000 } as const;

const longStands = (seen: Seen, lane: Seen['lanes'][number]) =>
  staysOf(seen, lane, ({ height }) => height === 4).filter(
    ({ startMs, endMs }) => endMs - startMs > VALUES.mostMs,
  );

/** Standing on and on without a seat offered, for older groups and for those who need one. */
export const standLong: Rule<'standMs' | 'mostMs', 'lanes'> = {
  severity: 'caution',
  source: 'practice',
  values: VALUES,
  find: (seen) =>
    seen.lanes.flatMap((lane): Found[] => {
      if (!seen.older && !minded(seen, ['stand-still'], lane)) return [];
      const [first] = longStands(seen, lane);
      if (!first) return [];
      return [
        {
          itemId: first.itemId,
          lane: seen.lanes.length > 1 ? lane : null,
          numbers: { standMs: first.endMs - first.startMs, mostMs: VALUES.mostMs },
          about: { lanes: [lane] },
        },
      ];
    }),
  mends: (seen, finding, making) => {
    const [lane] = seen.lanes.filter((one) => finding.about.lanes?.includes(one));
    const stay = lane && longStands(seen, lane)[0];
    if (!stay) return [];
    const during = seen.inOrder.filter(
      ({ play }) => play.startMs > stay.startMs && play.startMs < stay.endMs,
    );
    const latest = during.filter(({ play }) => play.startMs <= stay.startMs + VALUES.mostMs);
    const entries = [...new Set(latest.toReversed().map(({ seen: one }) => one.entryId))];
    return entries.flatMap((entryId) => {
      const place = placeOf(seen.routine, entryId);
      return seatedMoves(seen)
        .slice(0, 2)
        .flatMap((move) => [
          lineOf(seen, move, place, making),
          ...lineAtLeast(seen, move, place, making, 30_000),
        ]);
    });
  },
};

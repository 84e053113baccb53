import type { Rule } from '../finding';
import { moves } from '../mend';
import type { Seen } from '../seen';

const VALUES = { trips: 2, olderTrips: 1 } as const;

/** How many trips are too many. */
function tooMany({ routine, lanes }: Seen): number {
  const gentle = routine.group === 'older' || routine.group === 'chair';
  const floorNamed = lanes.some((lane) => lane === 'floor' || lane === 'floor-only');
  return gentle && !floorNamed ? VALUES.olderTrips : VALUES.trips;
}

export const floorTrips: Rule<'trips', 'lanes'> = {
  severity: 'caution',
  source: 'practice',
  values: VALUES,
  find: (seen) => {
    const many = seen.lanes.filter((lane) => (seen.score.trips[lane] ?? 0) >= tooMany(seen));
    const [first] = many;
    if (!first) return [];
    const trips = Math.max(...many.map((lane) => seen.score.trips[lane] ?? 0));
    const lane = many.length === seen.lanes.length && many.length > 1 ? null : first;
    return [{ lane, numbers: { trips }, about: { lanes: many } }];
  },
  mends: (seen) => {
    const unpinned = seen.items.filter(({ item }) => !item.pinned);
    const entries = [...new Set(unpinned.map(({ entryId }) => entryId))];
    return entries.flatMap((id) => [...moves(seen, id, 'later'), ...moves(seen, id, 'earlier')]);
  },
};

import type { Found } from './finding';
import type { LaneDoing, Seen, SeenItem } from './seen';

/**
 * Asks each lane of each item; an item is named once, with the first lane that it bites in, or
 * with none where it bites in all.
 */
export function inLanes(
  seen: Seen,
  ask: (doing: LaneDoing, one: SeenItem) => Omit<Found, 'itemId' | 'lane'> | undefined,
): readonly Found[] {
  return seen.items.flatMap((one) => {
    const hits = one.lanes.flatMap((doing) => {
      const found = ask(doing, one);
      return found ? [{ lane: doing.lane, found }] : [];
    });
    const [first] = hits;
    if (!first) return [];
    const lane = hits.length === seen.lanes.length && hits.length > 1 ? null : first.lane;
    const lanes = hits.map((hit) => hit.lane);
    return [{ ...first.found, itemId: one.item.id, lane, about: { lanes, ...first.found.about } }];
  });
}

/** The lanes of a finding, all of them where it names none. */
export function lanesIn(seen: Seen, about: Readonly<Record<string, readonly string[]>>) {
  const named = about.lanes ?? [];
  return seen.lanes.filter((lane) => named.length === 0 || named.includes(lane));
}

import type { About, Found, Named } from './finding';
import type { LaneDoing, Seen, SeenItem } from './seen';

/** What was found in a lane, with the lanes that it bites in. */
type Hit<N extends string, A extends keyof Named> = Omit<Found<N, A>, 'about'> & {
  readonly about: About<'lanes'> & About<A>;
};

/**
 * Asks each lane of each item; an item is named once, with the first lane that it bites in, or
 * with none where it bites in all.
 */
export function inLanes<N extends string, A extends keyof Named>(
  seen: Seen,
  ask: (doing: LaneDoing, one: SeenItem) => Omit<Found<N, A>, 'itemId' | 'lane'> | undefined,
): readonly Hit<N, A>[] {
  return seen.items.flatMap((one) => {
    const hits = one.lanes.flatMap((doing) => {
      const found = ask(doing, one);
      return found ? [{ lane: doing.lane, found }] : [];
    });
    const [first] = hits;
    if (!first) return [];
    const lane = hits.length === seen.lanes.length && hits.length > 1 ? null : first.lane;
    const lanes = hits.map((hit) => hit.lane);
    const about = Object.assign({ lanes }, first.found.about);
    return [{ ...first.found, itemId: one.item.id, lane, about }];
  });
}

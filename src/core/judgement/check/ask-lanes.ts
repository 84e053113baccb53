import type { LaneName } from '@/core/people';
import type { About, Found, Named } from './finding';
import type { LaneDoing, Seen, SeenItem } from './seen';

type Asked<N extends string, A extends keyof Named> = Omit<Found<N, A>, 'itemId' | 'lane'>;

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
  ask: (doing: LaneDoing, one: SeenItem) => Asked<N, A> | undefined,
): readonly Hit<N, A>[] {
  const all: Hit<N, A>[] = [];
  for (const one of seen.items) {
    let first: { readonly lane: LaneName; readonly found: Asked<N, A> } | undefined;
    const lanes: LaneName[] = [];
    for (const doing of one.lanes) {
      const found = ask(doing, one);
      if (!found) continue;
      first ??= { lane: doing.lane, found };
      lanes.push(doing.lane);
    }
    if (!first) continue;
    const lane = lanes.length === seen.lanes.length && lanes.length > 1 ? null : first.lane;
    const about = Object.assign({ lanes }, first.found.about);
    all.push({ ...first.found, itemId: one.item.id, lane, about });
  }
  return all;
}

import type { PropName } from '@/core/moves';
import type { LaneName } from '@/core/people';
import type { Found, Rule } from '../finding';
import { itemOf, moves } from '../mend';

/** Fetching a thing once more is no trouble; from so many times on it is. */
const MOST_TIMES = 2;

/** A prop that is put away and fetched again and again: one note for the routine. */
export const propChurn: Rule<never, 'lanes' | 'props'> = {
  severity: 'note',
  source: 'practice',
  values: { mostTimes: MOST_TIMES },
  find: (seen) => {
    const found: Found[] = [];
    let times = 0;
    const out = new Map<LaneName, ReadonlySet<PropName>>();
    const put = new Map<LaneName, Set<PropName>>();
    for (const { seen: one } of seen.inOrder) {
      for (const { lane, props } of one.lanes) {
        if (props.length === 0) continue;
        const before = out.get(lane) ?? new Set();
        const away = put.get(lane) ?? new Set();
        const again = props.filter((prop) => !before.has(prop) && away.has(prop));
        if (again.length > 0 && ++times === MOST_TIMES) {
          found.push({
            itemId: one.item.id,
            lane: seen.lanes.length > 1 ? lane : null,
            about: { lanes: [lane], props: again },
          });
        }
        for (const prop of before) if (!props.includes(prop)) away.add(prop);
        put.set(lane, away);
        out.set(lane, new Set(props));
      }
    }
    return found;
  },
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    if (!one || one.item.pinned) return [];
    return [...moves(seen, one.entryId, 'earlier'), ...moves(seen, one.entryId, 'later')];
  },
};

import { position } from '@/core/body';
import { loadsOfLevel } from '@/core/people';
import type { Found, Rule } from '../finding';
import { SEATS, hasSeatBehind, onlyWheeled, placesOf } from '../furniture';
import { easierLevels, itemOf, standIns } from '../mend';
import { positionIn, type LaneDoing, type Seen, type SeenItem } from '../seen';

/** Rising or scooting within the move, or a hand or a foot on the chair. */
function usesChair(doing: LaneDoing): boolean {
  if (loadsOfLevel(doing.level).some(({ load }) => load === 'half-off-seat')) return true;
  const places = placesOf(doing);
  const holds = places.some((id) => ['stand-chair', 'stand-seat', 'kneel-seat'].includes(id));
  const sits = places.some((id) => SEATS.includes(id));
  const rises = sits && places.some((id) => position(id).height === 4);
  const scoots = places.includes('sit-back') && places.includes('sit-front');
  return holds || rises || scoots || hasSeatBehind(doing);
}

/** Getting up from the chair, sitting down on it or scooting along it, on the way to an item. */
function crosses(seen: Seen, one: SeenItem, lane: LaneDoing['lane']): boolean {
  return one.plays.some(({ startMs, segments }) => {
    const before = seen.score.segments.findLast(({ endMs }) => endMs <= startMs);
    const from = before?.position[lane];
    const [first] = segments;
    const to = first && positionIn(first, lane);
    if (!from || !to) return false;
    const [seatBefore, seatAfter] = [SEATS.includes(from), SEATS.some((id) => id === to.id)];
    const rises = seatBefore && to.height === 4;
    const sits = seatAfter && position(from).height === 4;
    return rises || sits || (seatBefore && seatAfter && to.id !== from);
  });
}

export const chairWheels: Rule<never, 'lanes'> = {
  severity: 'stop',
  source: 'practice',
  anyOrder: true,
  values: {},
  find: (seen) => {
    if (!onlyWheeled(seen)) return [];
    return seen.items.flatMap((one): Found[] => {
      const lanes = one.lanes
        .filter((doing) => usesChair(doing) || crosses(seen, one, doing.lane))
        .map(({ lane }) => lane);
      const [first] = lanes;
      if (!first) return [];
      const lane = lanes.length > 1 && lanes.length === seen.lanes.length ? null : first;
      return [{ itemId: one.item.id, lane, about: { lanes } }];
    });
  },
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    return one ? [...easierLevels(seen, one, finding.lane), ...standIns(seen, one)] : [];
  },
};

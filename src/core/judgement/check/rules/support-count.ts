import { type LaneName, laneOf } from '@/core/people';
import type { Found, Rule } from '../finding';
import { furnitureAt, type Furniture } from '@/core/body';
import { SEATS, hasSeatBehind, inRoom, placesOf } from '../furniture';
import { easierLevels, itemOf, standIns } from '../mend';
import { positionIn, type LaneDoing, type Seen, type SeenItem } from '../seen';

const CHAIRS_FOR_SEAT_AND_RAIL = 2;

/** What one person of a lane needs at once: a chair can't be seat and rail at once. */
function needsOf(doing: LaneDoing): ReadonlyMap<Furniture, number> {
  const places = placesOf(doing);
  const needs = new Map<Furniture, number>();
  for (const thing of places.flatMap(furnitureAt)) needs.set(thing, 1);
  if (hasSeatBehind(doing)) needs.set('chair', 1);
  const sits = places.some((id) => SEATS.includes(id));
  if (sits && places.includes('stand-chair')) needs.set('chair', CHAIRS_FOR_SEAT_AND_RAIL);
  return needs;
}

/** How many people are in a lane, as far as anybody said; one at least. */
function peopleIn({ part: { people }, lanes }: Seen, lane: LaneName): number {
  const own = people.filter((person) => laneOf(person, lanes) === lane);
  return people.length > 0 ? own.length : 1;
}

/** Everybody's needs together, those of lanes that rest where they are too. */
function roomNeeds(seen: Seen, one: SeenItem): ReadonlyMap<Furniture, number> {
  const total = new Map<Furniture, number>();
  const add = (thing: Furniture, count: number) =>
    total.set(thing, (total.get(thing) ?? 0) + count);
  for (const doing of one.lanes) {
    for (const [thing, count] of needsOf(doing)) add(thing, count * peopleIn(seen, doing.lane));
  }
  const [segment] = one.plays[0]?.segments ?? [];
  for (const lane of one.resting) {
    const at = segment && positionIn(segment, lane);
    const id = at && seen.lanes.includes(lane) ? segment.position[lane] : undefined;
    if (id) furnitureAt(id).forEach((thing) => add(thing, peopleIn(seen, lane)));
  }
  return total;
}

export const supportCount: Rule<'needed' | 'has', 'things'> = {
  severity: 'caution',
  source: 'practice',
  values: { chairsForSeatAndRail: CHAIRS_FOR_SEAT_AND_RAIL },
  find: (seen) => {
    if (!seen.routine.room) return [];
    return seen.items.flatMap((one): Found[] => {
      for (const [thing, needed] of roomNeeds(seen, one)) {
        const has = inRoom(seen, thing);
        if (has === undefined) continue;
        const twoEach = one.lanes.some((doing) => (needsOf(doing).get(thing) ?? 0) > 1);
        // "Chairs" without a count are one for each person, not two.
        const enough = has === Infinity ? !twoEach : has >= needed;
        if (enough) continue;
        return [
          {
            itemId: one.item.id,
            numbers: { needed, has: has === Infinity ? needed / CHAIRS_FOR_SEAT_AND_RAIL : has },
            about: { things: [thing] },
          },
        ];
      }
      return [];
    });
  },
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    if (!one) return [];
    return [...easierLevels(seen, one, null), ...harderLevels(seen, one), ...standIns(seen, one)];
  },
};

/** Any level may be the one that needs what the room has, such as a wall. */
function harderLevels(seen: Seen, one: SeenItem) {
  return one.lanes.flatMap(({ lane }) => easierLevels(seen, one, lane));
}

import { familyOf, propNamed, type Move, type PropName, PROP_NAMES } from '@/core/moves';
import { resolveInLane, type LaneName } from '@/core/people';
import {
  MOST_OPTIONS,
  catalogueFor,
  itemInForce,
  lanesOf,
  placesOf,
  type Item,
  type Routine,
} from '@/core/routine';
import { isPositionId, type PositionId } from '@/core/body';

/**
 * The moves that a way of taking part can do in place of a line, or that anybody may: of the same
 * family, as they are. None where the way has an option already.
 * @param lane undefined for anybody, who goes by the leading way
 */
export function movesInstead(
  item: Item,
  routine: Routine,
  lane: LaneName | undefined,
): readonly Move[] {
  const catalogue = catalogueFor(routine);
  const { move } = itemInForce(item, routine);
  const taken = (item.options ?? []).filter((option) => option.lane === lane);
  const full = (item.options ?? []).length >= MOST_OPTIONS;
  if (full || (lane && taken.length > 0)) return [];
  const [leading] = lanesOf(routine);
  const who = lane ?? leading;
  return familyOf(catalogue, move).filter(
    (other) =>
      other !== move &&
      !taken.some(({ moveId }) => moveId === other.id) &&
      (!who ||
        resolveInLane(who, { catalogue, move: other, group: routine.group }).reason ===
          'as-written'),
  );
}

/** The places that the level of a line can be done at, where it has more than one. */
export function placesFor(item: Item, routine: Routine): readonly PositionId[] {
  const places = placesOf(itemInForce(item, routine).level).filter((ref) => isPositionId(ref));
  return places.length > 1 ? places : [];
}

/** The props that may be used besides: those that are there, and are not in use yet. */
export function propsBesides(
  item: Item,
  { room, group, ...routine }: Routine,
): readonly PropName[] {
  const { level } = itemInForce(item, { group, moves: routine.moves });
  const used = item.props ?? level.props;
  const there = room?.map(({ thing }) => propNamed(thing));
  return PROP_NAMES.filter(
    (prop) => !used.includes(prop) && (there === undefined || there.includes(prop)),
  );
}

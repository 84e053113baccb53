import { onSide, position, type Load, type Position } from '@/core/body';
import { itemIdSchema, type ItemId } from '@/core/common';
import { usualLevel } from '@/core/moves';
import { placeOf, addEntry, entriesInOrder } from '@/core/routine';
import type { Finding, Found, Making, Mends } from './finding';
import { itemOf } from './mend';
import { isWork, type Segment } from '@/core/timing';
import type { LaneName } from '@/core/people';
import { hasLoad } from './asked-of-body';
import type { Seen } from './seen';
import { staysOf } from './stays';

interface Most {
  readonly onceMs: number;
  readonly allMs: number;
}

type TooLong = Found<'onceMs' | 'allMs' | 'mostOnceMs' | 'mostAllMs', 'lanes'>;

/** Stays of one kind that are too long in one go, or together; one finding for each lane that has any. */
export function tooLongStays(seen: Seen, load: Load, most: Most): readonly TooLong[] {
  return seen.lanes.flatMap((lane): TooLong[] => {
    const stays = staysOf(seen, lane, bearing(seen, lane, load));
    const lengths = stays.map(({ startMs, endMs }) => endMs - startMs);
    const onceMs = Math.max(0, ...lengths);
    const allMs = lengths.reduce((sum, ms) => sum + ms, 0);
    if (onceMs <= most.onceMs && allMs <= most.allMs) return [];
    const where =
      onceMs > most.onceMs ? stays.find((stay) => stay.endMs - stay.startMs === onceMs) : undefined;
    return [
      {
        itemId: where?.itemId ?? stays.at(-1)?.itemId ?? null,
        lane: seen.lanes.length > 1 ? lane : null,
        numbers: { onceMs, allMs, mostOnceMs: most.onceMs, mostAllMs: most.allMs },
        about: { lanes: [lane] },
      },
    ];
  });
}

/** While people work it is the level that says what bears; between, it is the place. */
function bearing(seen: Seen, lane: LaneName, load: Load) {
  const known = new Map<ItemId, boolean | undefined>();
  const works = (id: ItemId): boolean | undefined => {
    const one = seen.itemById.get(id);
    const doing = one?.lanes.find((own) => own.lane === lane);
    return one && doing && hasLoad(doing, one.item, load);
  };
  return ({ height, loads }: Position, segment: Segment): boolean => {
    // On a wall, a counter or an armrest the feet or the seat carry most of it.
    if (height > 2) return false;
    const id = isWork(segment) ? segment.itemId : null;
    if (id && !known.has(id)) known.set(id, works(id));
    return (id && known.get(id)) ?? loads.includes(load);
  };
}

/** A short move in another place of about the same height, before or behind one of the entries. */
export function anotherPlaceBetween(
  seen: Seen,
  finding: Finding,
  load: Load,
  { newId }: Making,
): Mends {
  const one = itemOf(seen, finding);
  if (!one) return [];
  const { group } = seen.routine;
  const height = position(onSide(one.inForce.level.from, null)).height;
  const away = (level: ReturnType<typeof usualLevel>) =>
    Math.abs(position(onSide(level.from, null)).height - height);
  const others = seen.catalogue.moves
    .filter((move) => {
      const level = usualLevel(move, group);
      return !position(onSide(level.from, null)).loads.includes(load) && level.from === level.to;
    })
    .toSorted((a, b) => away(usualLevel(a, group)) - away(usualLevel(b, group)))
    .slice(0, 4);
  const { section, at } = placeOf(seen.routine, one.entryId);
  const count = entriesInOrder(seen.routine).filter((entry) => entry.section === section).length;
  const places = [at, at - 1, at + 1, at - 2].filter((place) => place >= 0 && place <= count);
  return others.flatMap((move) =>
    places.map((place) =>
      addEntry(
        seen.routine,
        { kind: 'item', id: itemIdSchema.parse(newId()), moveId: move.id },
        { section, at: place },
      ),
    ),
  );
}

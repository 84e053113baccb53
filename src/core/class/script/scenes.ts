import {
  catalogueFor,
  itemInForce,
  itemsInOrder,
  type Item,
  type ItemInForce,
  type Routine,
} from '@/core/routine';
import { doneByLeading, isWork, setKey, type Done, type Score, type Segment } from '@/core/timing';
import type { Span } from './free-time';

/** One play of an item as it stands in the score. */
export interface Scene {
  readonly item: Item;
  readonly inForce: ItemInForce;
  /** What the leading lane does, which is the one that is spoken to; undefined where it rests. */
  readonly done: Done | undefined;
  readonly setUp: Segment | undefined;
  /** Each set with its parts. */
  readonly sets: readonly (readonly Segment[])[];
  /** When its own set-up, count-in or switch begins; ways and props stand before. */
  readonly fromMs: number;
  readonly workEndMs: number;
  /** Whether it is done on the one side only: in a pass of a block, or as written. */
  readonly oneSide: boolean;
}

/** The plays of a score in order, each with what its leading lane does. */
export function scenesOf(routine: Routine, score: Score): readonly Scene[] {
  const items = new Map(itemsInOrder(routine).map((item) => [item.id, item]));
  const played = score.segments.filter(({ play }) => play !== null);
  return grouped(played, ({ play }) => String(play)).flatMap((segments) => {
    const item = items.get(segments[0]?.itemId ?? ('' as Item['id']));
    return item ? sceneOf(routine, item, segments) : [];
  });
}

/** Segments with the same key together, in the order of their first ones. */
function grouped(
  segments: readonly Segment[],
  keyOf: (segment: Segment) => string,
): readonly (readonly Segment[])[] {
  const groups = new Map<string, Segment[]>();
  for (const segment of segments) {
    const known = groups.get(keyOf(segment));
    if (known) known.push(segment);
    else groups.set(keyOf(segment), [segment]);
  }
  return [...groups.values()];
}

function sceneOf(routine: Routine, item: Item, segments: readonly Segment[]): readonly Scene[] {
  const begins = segments.find(({ kind }) => !BEFORE.includes(kind));
  const ends = segments.at(-1);
  if (!begins || !ends) return [];
  const inForce = itemInForce(item, routine);
  const sides = new Set(segments.filter(isWork).map(({ side }) => side));
  return [
    {
      item,
      inForce,
      done: doneByLeading(catalogueFor(routine), ends),
      setUp: segments.find(({ kind }) => kind === 'set-up'),
      sets: grouped(segments.filter(isWork), setKey),
      fromMs: begins.startMs,
      workEndMs: ends.endMs,
      oneSide: inForce.sides.way === 'each' && sides.size === 1,
    },
  ];
}

const BEFORE: readonly Segment['kind'][] = ['transfer', 'prop', 'pause'];

/** From the beginning of a set to its end. */
export function stretchOf(set: readonly Segment[]): Span {
  return { fromMs: set[0]?.startMs ?? 0, untilMs: set.at(-1)?.endMs ?? 0 };
}

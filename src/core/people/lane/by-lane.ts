import type { LaneName } from './lanes';

/** Something for each lane of a routine. */
export type ByLane<T> = Readonly<Partial<Record<LaneName, T>>>;

/** The lanes of a map, in their order, with what each has. */
export function laneEntries<T>(map: ByLane<T>): readonly (readonly [LaneName, T])[] {
  return Object.entries(map) as [LaneName, T][];
}

/** What the lanes of a map have, in their order. */
export function laneValues<T>(map: ByLane<T>): readonly T[] {
  return Object.values(map) as T[];
}

/** A map from what each lane has. */
export function byLane<T>(entries: Iterable<readonly [LaneName, T]>): ByLane<T> {
  const map: { [L in LaneName]?: T } = {};
  for (const [lane, own] of entries) map[lane] = own;
  return map;
}

import type { Region, SpineDirection } from '@/core/body';
import type { ItemId } from '@/core/common';
import type { Move } from '@/core/moves';
import { msOf, isWork, type Score, type SegmentKind } from './score';

/** What time is spent on: work, talk before it and between sides, ways, and rest. */
export type Spent = 'work' | 'talk' | 'ways' | 'rest';

const SPENT: Readonly<Record<SegmentKind, Spent>> = {
  work: 'work',
  press: 'work',
  transfer: 'ways',
  prop: 'ways',
  pause: 'ways',
  'set-up': 'talk',
  'count-in': 'talk',
  switch: 'talk',
  notice: 'rest',
  rest: 'rest',
};

/** What the whole of a score comes to, each in milliseconds. */
export interface TimeSpent<Section extends string> {
  readonly by: Readonly<Record<Spent, number>>;
  readonly sections: ReadonlyMap<Section, number>;
  /** Work alone. A move that works several regions counts for each of them. */
  readonly regions: ReadonlyMap<Region, number>;
  readonly directions: ReadonlyMap<SpineDirection, number>;
}

/**
 * Where the time of a score goes.
 *
 * @param moveOf the move of a segment, as the leading lane does it
 * @param sectionOf the section that an item stands in
 */
export function whereTimeGoes<Section extends string>(
  score: Pick<Score, 'segments'>,
  moveOf: (segment: Score['segments'][number]) => Move | undefined,
  sectionOf: ReadonlyMap<ItemId, Section>,
): TimeSpent<Section> {
  const by: Record<Spent, number> = { work: 0, talk: 0, ways: 0, rest: 0 };
  const sections = new Map<Section, number>();
  const regions = new Map<Region, number>();
  const directions = new Map<SpineDirection, number>();
  const add = <K>(sums: Map<K, number>, key: K, ms: number) =>
    sums.set(key, (sums.get(key) ?? 0) + ms);
  for (const segment of score.segments) {
    const ms = msOf(segment);
    by[SPENT[segment.kind]] += ms;
    const id = segment.itemId ?? segment.noticeId;
    const section = id && sectionOf.get(id);
    if (section) add(sections, section, ms);
    if (!isWork(segment)) continue;
    const move = moveOf(segment);
    move?.regions.forEach((region) => add(regions, region, ms));
    move?.spine.forEach((direction) => add(directions, direction, ms));
  }
  return { by, sections, regions, directions };
}

import { furnitureAt, type Furniture, type PositionId } from '@/core/body';
import type { PropName } from '@/core/moves';
import { laneEntries, laneOf, type LaneName, type TakingPart } from '@/core/people';
import { catalogueFor, lanesOf, type Routine } from '@/core/routine';
import { doneBy, type Score, type Segment } from '@/core/timing';

export type Needed = Furniture | PropName;

/** A thing that has to be in the room. */
export interface Need {
  readonly thing: Needed;
  /** How many at once; `one` for what all share. */
  readonly count: number | 'one';
  /** Nobody is known yet: so many for each who comes. */
  readonly each?: true;
}

/** What everybody stands at together. */
const SHARED: readonly Needed[] = ['wall', 'counter', 'rail'];

/**
 * Everything that a class needs in its room, by what is done in each way of taking part, in the order
 * in which it is used first: furniture, walls and props, and how many of each at once.
 * @param score the routine as this class is timed
 * @param part who takes part; where nobody is known, things are counted for each
 */
export function roomNeeds(routine: Routine, score: Score, part: TakingPart): readonly Need[] {
  const lanes = lanesOf(routine);
  const known = part.people.length > 0;
  const people = (lane: LaneName) =>
    known ? part.people.filter((one) => laneOf(one, lanes) === lane).length : 1;
  const most = new Map<Needed, number>();
  for (const play of playsIn(score)) {
    const atOnce = new Map<Needed, number>();
    for (const lane of lanes.filter((one) => people(one) > 0)) {
      for (const [thing, count] of needsOf(routine, play, lane)) {
        const before = atOnce.get(thing) ?? 0;
        // Where nobody is known, ways stand for each other: as many as one person needs.
        atOnce.set(thing, known ? before + count * people(lane) : Math.max(before, count));
      }
    }
    for (const [thing, count] of atOnce) most.set(thing, Math.max(most.get(thing) ?? 0, count));
  }
  return [...most].map(([thing, count]) => ({
    thing,
    count: SHARED.includes(thing) ? 'one' : count,
    ...(!known && !SHARED.includes(thing) && { each: true }),
  }));
}

/** What is done without a break: a move's play with the ways to it. */
function playsIn({ segments }: Score): readonly (readonly Segment[])[] {
  const plays = new Map<string, Segment[]>();
  for (const segment of segments) {
    const key = `${segment.itemId ?? ''} ${segment.play ?? ''}`;
    plays.set(key, [...(plays.get(key) ?? []), segment]);
  }
  return [...plays.values()];
}

/** What one person of a lane needs in a play; a chair that is sat on can't be held from behind. */
function needsOf(
  routine: Routine,
  play: readonly Segment[],
  lane: LaneName,
): ReadonlyMap<Needed, number> {
  const catalogue = catalogueFor(routine);
  const needs = new Map<Needed, number>();
  const places = new Set<PositionId>();
  for (const { position, lanes } of play) {
    const at = position[lane];
    if (at) places.add(at);
    for (const [own, work] of laneEntries(lanes)) {
      if (own !== lane) continue;
      work.props.forEach((prop) => needs.set(prop, 1));
      const done = doneBy(catalogue, work);
      if (done?.level.seatBehind) needs.set('chair', 1);
    }
  }
  for (const thing of [...places].flatMap(furnitureAt)) needs.set(thing, 1);
  const sits = [...places].some((at) => at.startsWith('sit-'));
  if (sits && places.has('stand-chair')) needs.set('chair', 2);
  return needs;
}

import { remember } from '@/core/common';
import { unitMs } from '@/core/moves';
import { isWork, msOf, type Segment } from '@/core/timing';
import type { Seen, SeenItem, SeenPlay } from './seen';

/** The work of an item in all its plays, in milliseconds. */
export function workMsOf({ plays }: SeenItem): number {
  return plays.reduce((sum, play) => sum + playWorkMs(play), 0);
}

export function playWorkMs({ segments }: SeenPlay): number {
  return segments.reduce((sum, segment) => sum + (isWork(segment) ? msOf(segment) : 0), 0);
}

/** The longest set on one side, in milliseconds: work without a change of side or a rest. */
export const longestSetMs = remember(({ plays }: SeenItem): number => {
  let longestMs = 0;
  for (const { segments } of plays) {
    let ms = 0;
    let last: Segment | undefined;
    for (const segment of segments) {
      if (!isWork(segment)) continue;
      const same = last?.side === segment.side && last.set === segment.set;
      ms = (same ? ms : 0) + msOf(segment);
      longestMs = Math.max(longestMs, ms);
      last = segment;
    }
  }
  return longestMs;
});

/** The longest time with nothing between: a whole set held, or one rep, which comes down at its end. */
export function oneGoMs({ pace }: Seen, one: SeenItem): number {
  const { dose } = one.inForce;
  return dose.kind === 'reps' ? (unitMs(dose, pace) ?? 0) : longestSetMs(one);
}

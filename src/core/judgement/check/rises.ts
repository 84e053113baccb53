import type { ItemId } from '@/core/common';
import type { LaneName } from '@/core/people';
import { type Segment, isWork } from '@/core/timing';
import { positionIn, type Seen } from './seen';

/** Whether a lane lies or has its head low, on its way through a score. */
export interface Lowness {
  readonly lying: boolean;
  readonly headLow: boolean;
}

export const UPRIGHT: Lowness = { lying: false, headLow: false };

/** What a lane's work asks of the head, by item: whether it is below the heart. */
export type HeadLow = (itemId: ItemId, lane: LaneName) => boolean;

/** When a lane comes up from lying to seat height or above, or lifts a head that was low. */
export function trackRises(
  segments: readonly Segment[],
  lane: LaneName,
  headLowIn: HeadLow,
  from: Lowness = UPRIGHT,
): { readonly rises: readonly number[]; readonly end: Lowness } {
  const rises: number[] = [];
  let { lying, headLow } = from;
  for (const segment of segments) {
    const at = positionIn(segment, lane);
    if (!at) continue;
    if (at.way === 'lying') lying = true;
    else if (at.height >= 3 && lying) {
      lying = false;
      rises.push(segment.endMs);
    }
    const worked = isWork(segment) && segment.itemId !== null && headLowIn(segment.itemId, lane);
    const low = worked || at.loads.includes('head-below-heart');
    if (headLow && !low) rises.push(segment.startMs);
    headLow = low;
  }
  return { rises, end: { lying, headLow } };
}

export function headLowIn(seen: Seen): HeadLow {
  return (itemId, lane) =>
    seen.itemById
      .get(itemId)
      ?.lanes.find((one) => one.lane === lane)
      ?.level.loads.some(({ load }) => load === 'head-below-heart') ?? false;
}

export function risesOf(seen: Seen, lane: LaneName): readonly number[] {
  return trackRises(seen.score.segments, lane, headLowIn(seen)).rises;
}

import type { Position } from '@/core/body';
import type { ItemId } from '@/core/common';
import type { LaneName } from '@/core/people';
import type { Segment } from '@/core/timing';
import { positionIn, type Seen } from './seen';

/** A time that a lane spends in one kind of place without a break. */
export interface Stay {
  readonly startMs: number;
  readonly endMs: number;
  /** The item that is being done when it ends, or was last. */
  readonly itemId: ItemId | null;
}

/** The stays of a lane in places of a kind; ways between two of them belong to the stay. */
export function staysOf(
  { score }: Seen,
  lane: LaneName,
  inside: (at: Position, segment: Segment) => boolean,
): readonly Stay[] {
  const stays: Stay[] = [];
  let open: { startMs: number; itemId: ItemId | null } | undefined;
  let endMs = 0;
  for (const segment of score.segments) {
    const at = positionIn(segment, lane);
    const here = at !== undefined && inside(at, segment);
    if (here && (open || segment.kind !== 'transfer')) {
      open ??= { startMs: segment.startMs, itemId: segment.itemId };
      if (segment.itemId) open.itemId = segment.itemId;
      endMs = segment.endMs;
    } else if (here) {
      // The way there is no stay yet; what comes after it is.
      continue;
    } else if (open) {
      stays.push({ ...open, endMs });
      open = undefined;
    }
  }
  return open ? [...stays, { ...open, endMs }] : stays;
}

import { isWork, msOf } from '@/core/timing';
import type { PropName } from '@/core/moves';
import type { LaneName } from '@/core/people';
import type { Found, Rule } from '../finding';
import { itemOf, restBehind } from '../mend';
import { positionIn, type Seen, type SeenItem } from '../seen';

const PUT_DOWN_MS = 10_000;

const IN_HAND: readonly PropName[] = ['weight', 'stick', 'strap'];

interface Held {
  readonly one: SeenItem;
  readonly props: readonly PropName[];
}

/** The items after which a lane changes its height with something still in its hands. */
function carried(seen: Seen, lane: LaneName): readonly Held[] {
  const found: Held[] = [];
  let held: Held | undefined;
  let height: number | undefined;
  let restMs = 0;
  for (const segment of seen.score.segments) {
    const at = positionIn(segment, lane);
    if (!at) continue;
    if (segment.kind === 'rest') restMs += msOf(segment);
    if (restMs >= PUT_DOWN_MS) held = undefined;
    const moved = segment.kind === 'transfer' && height !== undefined && at.height !== height;
    if (moved && held) {
      found.push(held);
      held = undefined;
    }
    height = at.height;
    if (!isWork(segment)) continue;
    restMs = 0;
    const one = segment.itemId ? seen.itemById.get(segment.itemId) : undefined;
    const props = one?.lanes
      .find((doing) => doing.lane === lane)
      ?.props.filter((prop) => IN_HAND.includes(prop));
    held = one && props && props.length > 0 ? { one, props } : undefined;
  }
  return found;
}

/** Rising or going down with a weight, a stick or a strap in hand. */
export const propInHand: Rule<'putDownMs', 'lanes' | 'props'> = {
  severity: 'caution',
  source: 'practice',
  values: { putDownMs: PUT_DOWN_MS },
  find: (seen) => {
    const found = new Map<string, Found>();
    for (const lane of seen.lanes) {
      for (const { one, props } of carried(seen, lane)) {
        if (found.has(one.item.id)) continue;
        found.set(one.item.id, {
          itemId: one.item.id,
          lane: seen.lanes.length > 1 ? lane : null,
          numbers: { putDownMs: PUT_DOWN_MS },
          about: { lanes: [lane], props },
        });
      }
    }
    return [...found.values()];
  },
  mends: (seen, finding, making) => {
    const one = itemOf(seen, finding);
    return one ? [restBehind(seen, one.entryId, PUT_DOWN_MS, making)] : [];
  },
};

import { isWork, msOf } from '@/core/timing';
import { otherSide, type Region, type Side } from '@/core/body';
import type { Bearing } from '@/core/moves';
import { evenOutSides, replaceEntry, type Change, type Item } from '@/core/routine';
import type { Rule } from '../finding';
import type { Seen, SeenItem } from '../seen';
import { onlySide, takenByLimit } from './side-missing';

const UNEVEN_PERCENT = 5;

type Pair = Record<Side, number>;

/** Items whose difference is meant: a reason is given, or a limit takes the other side away. */
function isPlanned(seen: Seen, one: SeenItem): boolean {
  const side = onlySide(one);
  return one.item.meant !== undefined || (!!side && takenByLimit(seen, one, otherSide(side)));
}

/** Work on each side without the extra time of a weak side. */
function workBySide({ item, plays }: SeenItem): Pair {
  const pair: Pair = { left: 0, right: 0 };
  const extra = new Set<string>();
  plays.forEach((play, at) => {
    for (const segment of play.segments) {
      const { side } = segment;
      if (!isWork(segment) || (side !== 'left' && side !== 'right')) continue;
      pair[side] += msOf(segment);
      if (item.weak?.side === side) extra.add(`${at} ${segment.set}`);
    }
  });
  if (item.weak) pair[item.weak.side] -= item.weak.extraMs * extra.size;
  return pair;
}

function percentApart({ left, right }: Pair): number {
  const most = Math.max(left, right);
  return most === 0 ? 0 : (100 * Math.abs(left - right)) / most;
}

/** Where a bearing falls while a side is worked; both halves where it is the whole body's. */
function add(pair: Pair, on: Bearing, { left, right }: Pair): void {
  if (on === 'body') {
    pair.left += (left + right) / 2;
    pair.right += (left + right) / 2;
  } else {
    pair.left += on === 'worked' ? left : right;
    pair.right += on === 'worked' ? right : left;
  }
}

export const sideUneven: Rule<'leftMs' | 'rightMs', 'regions'> = {
  severity: 'caution',
  source: 'practice',
  anyOrder: true,
  values: { unevenPercent: UNEVEN_PERCENT },
  find: (seen) => {
    const counted = seen.items.filter((one) => !isPlanned(seen, one));
    const whole: Pair = { left: 0, right: 0 };
    const regions = new Map<Region, Pair>();
    for (const one of counted) {
      const pair = workBySide(one);
      whole.left += pair.left;
      whole.right += pair.right;
      for (const { region, on } of [...one.inForce.level.stretched, ...one.inForce.level.loaded]) {
        const own = regions.get(region) ?? { left: 0, right: 0 };
        add(own, on, pair);
        regions.set(region, own);
      }
    }
    const found = (pair: Pair, about: Readonly<Record<string, readonly string[]>>) => ({
      side: pair.left < pair.right ? ('left' as const) : ('right' as const),
      numbers: { leftMs: Math.round(pair.left), rightMs: Math.round(pair.right) },
      about,
    });
    if (percentApart(whole) > UNEVEN_PERCENT) return [found(whole, {})];
    return [...regions]
      .filter(([, pair]) => percentApart(pair) > UNEVEN_PERCENT)
      .map(([region, pair]) => found(pair, { regions: [region] }));
  },
  mends: (seen) => [evenOutSides(seen.routine), ...sameDoses(seen)],
};

/** Gives every one-sided item the longest dose that its move has on a side. */
function sameDoses(seen: Seen): Change[] {
  const oneSided = seen.items.filter((one) => onlySide(one) && !isPlanned(seen, one));
  const steps = oneSided.flatMap((one) => {
    const same = oneSided.filter((other) => other.item.moveId === one.item.moveId);
    const total = ({ left, right }: Pair) => left + right;
    const longest = same.reduce((a, b) => (total(workBySide(b)) > total(workBySide(a)) ? b : a));
    if (total(workBySide(longest)) === total(workBySide(one))) return [];
    const { dose, restMs, press, tempo } = longest.item;
    const { dose: _d, restMs: _r, press: _p, tempo: _t, ...kept } = one.item;
    const to: Item = {
      ...kept,
      ...(dose && { dose }),
      ...(restMs !== undefined && { restMs }),
      ...(press && { press }),
      ...(tempo && { tempo }),
    };
    return replaceEntry(seen.routine, to)?.steps ?? [];
  });
  return steps.length > 0 ? [{ what: 'even-out', steps }] : [];
}

import type { Bearing } from '@/core/moves';
import { isWork, msOf, type Segment } from '@/core/timing';
import type { Region } from '@/core/body';
import { applyChange, amountRange, type Change } from '@/core/routine';
import type { Making, Rule } from '../finding';
import { redosed, shorterDoses } from '../mend';
import { workMsOf } from '../seen-times';
import type { Seen, SeenItem } from '../seen';

const VALUES = { leastMs: 60_000, mostMs: 240_000, aimFromMs: 1_200_000 } as const;

interface Total {
  left: number;
  right: number;
  readonly items: SeenItem[];
}

/** How long each muscle group is stretched, side by side. */
function totals(seen: Seen): ReadonlyMap<Region, Total> {
  const totalOf = new Map<Region, Total>();
  for (const one of seen.items) {
    const { level, move } = one.inForce;
    if (move.kind !== 'stretch') continue;
    for (const { region, on } of level.stretched) {
      const total = totalOf.get(region) ?? { left: 0, right: 0, items: [] };
      total.items.push(one);
      for (const { segments } of one.plays) {
        for (const segment of segments) addStretch(total, on, segment);
      }
      totalOf.set(region, total);
    }
  }
  return totalOf;
}

function addStretch(total: Total, on: Bearing, segment: Segment): void {
  if (!isWork(segment)) return;
  const ms = msOf(segment);
  const { side } = segment;
  if (on === 'body' || (side !== 'left' && side !== 'right')) {
    const share = side === 'alternating' ? ms / 2 : ms;
    total.left += share;
    total.right += share;
  } else {
    total[(on === 'worked') === (side === 'left') ? 'left' : 'right'] += ms;
  }
}

/** Whether flexibility is the aim: a goal, or a class that stretches for more than half of its work. */
function isAim(seen: Seen, region: Region): boolean {
  if (seen.routine.goals?.includes(region)) return true;
  if (seen.score.totalMs < VALUES.aimFromMs) return false;
  const work = (items: readonly SeenItem[]) => items.reduce((sum, one) => sum + workMsOf(one), 0);
  const stretching = seen.items.filter(({ inForce }) => inForce.move.kind === 'stretch');
  return work(stretching) * 2 > work(seen.items);
}

/** The longer side, since the shorter one is for the checks of sides. */
const reached = ({ left, right }: Total) => Math.round(Math.max(left, right));

export const stretchTotal: Rule<'stretchedMs' | 'leastMs' | 'mostMs', 'regions'> = {
  severity: 'note',
  source: 'acsm-2011',
  values: VALUES,
  find: (seen) =>
    [...totals(seen)]
      .map(([region, total]) => ({ region, ms: reached(total) }))
      .filter(({ region }) => isAim(seen, region))
      .filter(({ ms }) => ms > 0 && (ms < VALUES.leastMs || ms > VALUES.mostMs))
      .map(({ region, ms }) => ({
        numbers: { stretchedMs: ms, leastMs: VALUES.leastMs, mostMs: VALUES.mostMs },
        about: { regions: [region] },
      })),
  mends: (seen, finding, making) => {
    const [name] = finding.about.regions ?? [];
    const total = [...totals(seen)].find(([region]) => region === name)?.[1];
    if (!name || !total) return [];
    if (reached(total) > VALUES.mostMs) {
      return total.items.flatMap((one) => shorterDoses(seen, one));
    }
    return total.items.flatMap((one) => longer(seen, one, name, making));
  },
};

/** More of one item until its muscle group has enough: a longer hold, else more sets. */
function longer(seen: Seen, one: SeenItem, region: string, { see }: Making): Change[] {
  const { item, inForce } = one;
  const range = amountRange(item, seen.routine);
  if (!range || item.pinned) return [];
  const [, mostSets] = inForce.move.range.sets;
  for (let sets = inForce.dose.sets; sets <= mostSets; sets++) {
    for (let amount = range.now; amount <= range.most; amount += range.step) {
      const [change] = redosed(seen, item, { amount, sets });
      if (!change) continue;
      const after = totals(see(applyChange(seen.routine, change)));
      const total = [...after].find(([name]) => name === region)?.[1];
      if (total && reached(total) >= VALUES.leastMs) return [change];
    }
  }
  return [];
}

import { daysAfter, weekOf } from '@/core/common';
import type { Region } from '@/core/body';
import type { MoveKind } from '@/core/moves';
import type { Member } from '@/core/people';
import { laneOfMember } from '@/core/people';
import { wasLed, type Came } from './facts';

/** What somebody did in one week, from its Monday on. */
export interface Week {
  readonly from: string;
  readonly classes: number;
  readonly kinds: Readonly<Partial<Record<MoveKind, number>>>;
  readonly regions: Readonly<Partial<Record<Region, number>>>;
  /** Days on which there was work of a kind. */
  readonly days: Readonly<Partial<Record<MoveKind, number>>>;
}

/**
 * What is published, for those kinds that it names: days a week. Sources: ACSM position stand, 2011
 * (stretching, strength); WHO guidelines on physical activity, 2020 (balance, of older adults).
 */
export const PUBLISHED_DAYS: Readonly<Partial<Record<MoveKind, number>>> = {
  stretch: 2,
  strength: 2,
  balance: 3,
};

/** The weeks of somebody up to a day, the earliest first; weeks without a class stand among them. */
export function weeksOf(
  member: Member,
  came: readonly Came[],
  { today, weeks }: { readonly today: string; readonly weeks: number },
): readonly Week[] {
  const first = daysAfter(weekOf(today), -7 * (weeks - 1));
  return Array.from({ length: weeks }, (_, i) => {
    const from = daysAfter(first, 7 * i);
    const to = daysAfter(from, 7);
    return weekFrom(
      from,
      member,
      came.filter(({ on }) => on >= from && on < to),
    );
  });
}

function weekFrom(from: string, member: Member, came: readonly Came[]): Week {
  const kinds: Partial<Record<MoveKind, number>> = {};
  const regions: Partial<Record<Region, number>> = {};
  const daysOf = new Map<MoveKind, Set<string>>();
  for (const { entry, plan, row, on } of came) {
    if (!plan || entry.outcome === 'skipped') continue;
    const lanes = plan.work.map(({ lane }) => lane);
    const lane = entry.lane ?? laneOfMember(member, lanes);
    // Who had no way of their own there rested.
    if (lanes.length > 0 && lane === undefined) continue;
    const work = plan.work.find((one) => one.lane === lane) ?? plan.work[0];
    // What was left early counts by as much of it as was led.
    const share = row.plannedMs > 0 ? Math.min(1, row.realMs / row.plannedMs) : 1;
    for (const [kind, ms] of entriesOf(work?.kinds)) {
      const own = plan.items.filter((item) => item.kind === kind);
      const led = own.filter((item) => wasLed({ row }, item));
      if (own.length > 0 && led.length === 0) continue;
      const part = row.left && own.length > 0 ? led.length / own.length : share;
      kinds[kind] = (kinds[kind] ?? 0) + Math.round(ms * part);
      daysOf.set(kind, (daysOf.get(kind) ?? new Set()).add(on));
    }
    for (const [region, ms] of entriesOf(work?.regions)) {
      regions[region] = (regions[region] ?? 0) + Math.round(ms * share);
    }
  }
  const days = Object.fromEntries([...daysOf].map(([kind, on]) => [kind, on.size]));
  return { from, classes: came.length, kinds, regions, days };
}

function entriesOf<K extends string>(of: Readonly<Partial<Record<K, number>>> | undefined) {
  return Object.entries(of ?? {}) as [K, number][];
}

import { amountRange, applyChange, type Change, type SectionName } from '@/core/routine';
import type { Found, Making, Mends, Rule } from '../finding';
import { lineAtLeast, movesForAll, redosed } from '../mend';
import { asksFor } from '../asked-of-body';
import { workMsOf } from '../seen-times';
import type { Seen } from '../seen';
import { isMovement } from '../warmth';

const VALUES = {
  fromMs: 1_200_000,
  warmMs: 180_000,
  olderWarmMs: 300_000,
  settleMs: 120_000,
  heartMs: 600_000,
  heartPercent: 20,
} as const;

function needs(seen: Seen): Readonly<Record<'warm-up' | 'settle', number>> {
  if (asksFor(seen, 'a longer way in and out')) {
    // A short class has a short way in and out.
    const share = (seen.score.totalMs * VALUES.heartPercent) / 100;
    const needsMs = Math.min(VALUES.heartMs, Math.floor(share / 1000) * 1000);
    return { 'warm-up': needsMs, settle: needsMs };
  }
  return { 'warm-up': seen.older ? VALUES.olderWarmMs : VALUES.warmMs, settle: VALUES.settleMs };
}

/** Movement before main; all of settle, talk and breath included. */
function has(seen: Seen, section: 'warm-up' | 'settle'): number {
  const items = seen.items.filter((one) => one.section === section);
  if (section === 'warm-up') {
    return items.filter(isMovement).reduce((sum, one) => sum + workMsOf(one), 0);
  }
  const plays = items.flatMap(({ plays: own }) => own);
  return plays.reduce((sum, { startMs, endMs }) => sum + endMs - startMs, 0);
}

export const warmShort: Rule<'hasMs' | 'needsMs', 'sections'> = {
  severity: 'caution',
  source: 'practice',
  values: VALUES,
  find: (seen) => {
    if (seen.score.totalMs < VALUES.fromMs && !asksFor(seen, 'a longer way in and out')) return [];
    const need = needs(seen);
    return (['warm-up', 'settle'] as const).flatMap((section): Found[] => {
      const hasMs = has(seen, section);
      if (hasMs >= need[section]) return [];
      return [{ numbers: { hasMs, needsMs: need[section] }, about: { sections: [section] } }];
    });
  },
  mends: (seen, finding, making) => {
    const section: SectionName = finding.about.sections?.includes('settle') ? 'settle' : 'warm-up';
    const missingMs = (finding.numbers.needsMs ?? 0) - (finding.numbers.hasMs ?? 0);
    const adding = added(seen, section, missingMs, making);
    return [...longer(seen, section, finding.numbers.needsMs ?? 0, making), ...adding];
  },
};

/**
 * Raises the doses of a section one after the other until there is enough: in the warm-up of what moves,
 * and nowhere to more than twice what stands there.
 */
function longer(seen: Seen, section: SectionName, needsMs: number, { see }: Making): Mends {
  const wanted = section === 'settle' ? ('settle' as const) : ('warm-up' as const);
  let now = seen;
  const steps: Change['steps'][number][] = [];
  const longerOnes = seen.items.filter(
    (one) =>
      one.section === section && !one.item.pinned && (section === 'settle' || isMovement(one)),
  );
  for (const { item } of longerOnes) {
    const own = amountRange(item, seen.routine);
    if (!own) continue;
    const range = { ...own, most: Math.min(own.most, own.now * MOST_TIMES) };
    for (let amount = range.now + range.step; amount <= range.most; amount += range.step) {
      const [change] = redosed(now, item, { amount });
      if (!change) break;
      const next = see(applyChange(now.routine, change));
      if (amount + range.step > range.most || has(next, wanted) >= needsMs) {
        steps.push(...change.steps);
        now = next;
        if (has(now, wanted) >= needsMs) return [{ what: 'longer', steps }];
        break;
      }
    }
  }
  return [];
}

/** A dose is no longer the one that somebody chose beyond so many times of it. */
const MOST_TIMES = 2;

function added(seen: Seen, section: SectionName, missingMs: number, making: Making): Mends {
  const place = { section, at: section === 'settle' ? 0 : seen.routine.sections[section].length };
  const there = new Set(seen.items.map(({ item }) => item.moveId));
  const good = movesForAll(seen, (move) =>
    there.has(move.id)
      ? false
      : section === 'settle'
        ? move.kind === 'breath'
        : move.kind === 'mobility' && move.warms.length > 0,
  );
  return good.flatMap((move) => lineAtLeast(seen, move, place, making, missingMs)).slice(0, 6);
}

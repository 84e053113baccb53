import type { Found, Rule } from '../finding';
import { lineOf, movesForAll } from '../mend';

const FROM_MS = 600_000;

/** A class ends settled: something in settle, and no effort at its end. */
export const noSettle: Rule<never, 'why'> = {
  severity: 'note',
  source: 'practice',
  values: { fromMs: FROM_MS },
  find: (seen): readonly Found[] => {
    const last = seen.items.at(-1);
    if (!last || seen.score.totalMs < FROM_MS) return [];
    if (last.section !== 'settle') return [{ about: { why: ['empty'] } }];
    const { kind, tiringLegs } = last.inForce.move;
    const effort = kind === 'strength' || kind === 'balance' || tiringLegs === true;
    return effort ? [{ itemId: last.item.id, about: { why: ['effort'] } }] : [];
  },
  mends: (seen, _, making) => {
    const place = { section: 'settle' as const, at: seen.routine.sections.settle.length };
    const breath = movesForAll(seen, (move) => move.kind === 'breath');
    const calm = movesForAll(seen, (move) => move.kind === 'stretch' || move.kind === 'mobility');
    return [...breath, ...calm].slice(0, 6).map((move) => lineOf(seen, move, place, making));
  },
};

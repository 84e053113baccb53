import { fitRoutine } from '../../fit/fit';
import type { Rule } from '../finding';

const OFF_MS = 5_000;

/** Longer or shorter than the slot. */
export const slot: Rule<'totalMs' | 'slotMs' | 'offMs', never> = {
  severity: 'note',
  source: 'practice',
  values: { offMs: OFF_MS },
  find: ({ routine: { slotMs }, score: { totalMs } }) => {
    if (slotMs === undefined || Math.abs(totalMs - slotMs) <= OFF_MS) return [];
    return [{ numbers: { totalMs, slotMs, offMs: totalMs - slotMs } }];
  },
  mends: ({ routine, part }, finding, { newId, phrases, spoilt }) => {
    const { slotMs } = routine;
    if (slotMs === undefined) return [];
    const fitting = fitRoutine(routine, { slotMs, phrases, newId, part, spoilt });
    return fitting.fitted ? [fitting.change] : [];
  },
};

import type { DoseKind } from '@/core/moves';

export const STEPS = {
  less: (what: string) => `Less: ${what}`,
  moreOf: (what: string) => `More: ${what}`,
};

export const KIND_WORDS: Readonly<Record<DoseKind, string>> = {
  hold: 'Hold',
  reps: 'Reps',
  breaths: 'Breaths',
  timed: 'Steady',
};

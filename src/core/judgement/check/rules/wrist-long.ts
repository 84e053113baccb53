import type { Rule } from '../finding';
import { itemOf, shorterDoses } from '../mend';
import { anotherPlaceBetween, tooLongStays } from '../stay-too-long';

const VALUES = { onceMs: 90_000, allMs: 180_000 } as const;

/** Hands down in all fours or plank too long in one go, or in all. */
export const wristLong: Rule<'onceMs' | 'allMs' | 'mostOnceMs' | 'mostAllMs', 'lanes'> = {
  severity: 'caution',
  source: 'practice',
  values: VALUES,
  find: (seen) => tooLongStays(seen, 'wrist-weight', VALUES),
  mends: (seen, finding, making) => [
    ...anotherPlaceBetween(seen, finding, 'wrist-weight', making),
    ...shorterDoses(seen, itemOf(seen, finding)),
  ],
};

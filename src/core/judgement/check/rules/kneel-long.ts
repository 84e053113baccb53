import type { Rule } from '../finding';
import { itemOf, shorterDoses } from '../mend';
import { anotherPlaceBetween, tooLongStays } from '../stay-too-long';

const VALUES = {
  onceMs: 90_000,
  allMs: 180_000,
  olderOnceMs: 60_000,
  olderAllMs: 120_000,
} as const;

/** On the knees too long in one go, or in all; always padded. */
export const kneelLong: Rule<'onceMs' | 'allMs' | 'mostOnceMs' | 'mostAllMs', 'lanes'> = {
  severity: 'caution',
  source: 'practice',
  values: VALUES,
  find: (seen) => {
    const older = { onceMs: VALUES.olderOnceMs, allMs: VALUES.olderAllMs };
    return tooLongStays(seen, 'kneel', seen.older ? older : VALUES);
  },
  mends: (seen, finding, making) => [
    ...anotherPlaceBetween(seen, finding, 'kneel', making),
    ...shorterDoses(seen, itemOf(seen, finding)),
  ],
};

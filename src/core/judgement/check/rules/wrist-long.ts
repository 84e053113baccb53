import type { Position } from '@/core/body';
import type { Rule } from '../finding';
import { itemOf, shorterDoses } from '../mend';
import { anotherPlaceBetween, tooLongStays } from '../stay-too-long';

const VALUES = { onceMs: 90_000, allMs: 180_000 } as const;

const onHands = ({ loads }: Position) => loads.includes('wrist-weight');

/** Hands down in all fours or plank too long in one go, or in all. */
export const wristLong: Rule<'onceMs' | 'allMs' | 'mostOnceMs' | 'mostAllMs', 'lanes'> = {
  severity: 'caution',
  source: 'practice',
  values: VALUES,
  find: (seen) => tooLongStays(seen, onHands, VALUES),
  mends: (seen, finding, making) => [
    ...anotherPlaceBetween(seen, finding, onHands, making),
    ...shorterDoses(seen, itemOf(seen, finding)),
  ],
};

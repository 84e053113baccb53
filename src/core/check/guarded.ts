import { fitRoutine, type FitWish, type Fitting } from '../fit';
import type { Routine } from '../routine';
import { checkRoutine, spoiltBy, type CheckWish } from './check';
import { laneBars } from './seen';

/** Fits a routine to a slot without making a new stop or caution. */
export function fitSafely(
  routine: Routine,
  { slotMs, newId, ...wish }: CheckWish & Pick<FitWish, 'slotMs' | 'newId'>,
): Fitting {
  const before = checkRoutine(routine, wish);
  const bars = laneBars(routine, wish.group);
  const spoilt = (after: Routine) =>
    spoiltBy(before, checkRoutine(after, { ...wish, score: undefined }));
  return fitRoutine(routine, { slotMs, newId, phrases: wish.phrases, bars, spoilt });
}

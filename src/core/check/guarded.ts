import { fitRoutine, type FitWish, type Fitting } from '../fit';
import type { Routine } from '../routine';
import { compile, type Score } from '../score';
import { checkRoutine, spoiltBy, type CheckWish } from './check';
import { laneBars } from './seen';

/** Fits a routine to a slot without making a new stop or caution. */
export function fitSafely(
  routine: Routine,
  { slotMs, newId, ...wish }: CheckWish & Pick<FitWish, 'slotMs' | 'newId'>,
): Fitting {
  const { phrases, group } = wish;
  const bars = laneBars(routine, group);
  const score = wish.score ?? compile(routine, phrases, bars);
  const before = checkRoutine(routine, { phrases, group, score });
  const spoilt = (after: Routine, then: Score) =>
    spoiltBy(before, checkRoutine(after, { phrases, group, score: then }));
  return fitRoutine(routine, { slotMs, newId, phrases, bars, score, spoilt });
}

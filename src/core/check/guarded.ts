import { fitRoutine, type FitWish, type Fitting } from '../fit';
import type { Routine } from '../routine';
import { compile, type Score } from '../score';
import { checkRoutine, newFindings, spoiltBy, type CheckWish, type RuleFinding } from './check';
import { laneBars } from './seen';

/** A fit, and where checks stand in its way the stops and cautions that it would have made. */
export type SafeFitting = Fitting & { readonly against?: readonly RuleFinding[] };

/** Fits a routine to a slot without making a new stop or caution. */
export function fitSafely(
  routine: Routine,
  { slotMs, newId, ...wish }: CheckWish & Pick<FitWish, 'slotMs' | 'newId'>,
): SafeFitting {
  const { phrases, group } = wish;
  const bars = laneBars(routine, group);
  const score = wish.score ?? compile(routine, phrases, bars);
  const before = checkRoutine(routine, { phrases, group, score });
  let against: readonly RuleFinding[] = [];
  const spoilt = (after: Routine, then: Score) => {
    const found = checkRoutine(after, { phrases, group, score: then });
    against = newFindings(before, found);
    return spoiltBy(before, found);
  };
  const fitting = fitRoutine(routine, { slotMs, newId, phrases, bars, score, spoilt });
  return fitting.fitted || against.length === 0 ? fitting : { ...fitting, against };
}

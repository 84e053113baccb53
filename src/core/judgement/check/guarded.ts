import type { Routine } from '@/core/routine';
import { timesOf, type Score } from '@/core/timing';
import { fitRoutine, type FitWish, type Fitting } from '../fit/fit';
import { checkPlaces, newFindings, spoiltBy, type CheckWish } from './check';
import type { RuleFinding } from './reasons';

/**
 * A fit with the cautions that its length brings, for the instructor to decide on; or, where it
 * is refused because of the checks, the stops that it would have made.
 */
export type SafeFitting =
  | (Extract<Fitting, { fitted: true }> & { readonly brings: readonly RuleFinding[] })
  | (Extract<Fitting, { fitted: false }> & { readonly against: readonly RuleFinding[] });

/**
 * Fits a routine to a slot without making a new stop or caution where it can; with new cautions
 * where the length itself brings them; never with a new stop.
 */
export function fitSafely(
  routine: Routine,
  { slotMs, newId, ...wish }: CheckWish & Pick<FitWish, 'slotMs' | 'newId'>,
): SafeFitting {
  const { phrases, part } = wish;
  const score = wish.score ?? timesOf(routine, part, phrases);
  const before = checkPlaces(routine, { phrases, part, score });
  let brings: readonly RuleFinding[] = [];
  const guarded = (refuses: (finding: RuleFinding) => boolean) => {
    brings = [];
    const spoilt = (after: Routine, then: Score) => {
      const found = checkPlaces(after, { phrases, part, score: then });
      brings = newFindings(before, found);
      return spoiltBy(before, found, refuses);
    };
    return fitRoutine(routine, { slotMs, newId, phrases, part, score, spoilt });
  };
  const isStop = ({ severity }: RuleFinding) => severity === 'stop';
  let fitting = guarded(() => true);
  if (!fitting.fitted && brings.length === 0) return { ...fitting, against: [] };
  // What no item can be blamed for comes with the length; after that, cautions of items too.
  if (!fitting.fitted) fitting = guarded((one) => isStop(one) || one.itemId !== null);
  if (!fitting.fitted) fitting = guarded(isStop);
  return fitting.fitted ? { ...fitting, brings } : { ...fitting, against: brings.filter(isStop) };
}

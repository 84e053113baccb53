import { takingPart } from './taking-part';
import type { Routine } from '@/core/routine';
import { compile, type Score } from '@/core/timing';
import { scorePhrases } from '@/words/score';

const known = new WeakMap<Routine, Score>();

/** The score of a routine, computed once for each state of it. */
export function scoreOf(routine: Routine): Score {
  const score = known.get(routine) ?? compile(routine, takingPart(), scorePhrases);
  known.set(routine, score);
  return score;
}

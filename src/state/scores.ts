import { takingPart } from './taking-part';
import { remember } from '@/core/common';
import type { Routine } from '@/core/routine';
import { addTimer, compile } from '@/core/timing';
import { scorePhrases } from '@/words/score';

/** The score of a routine, computed once for each state of it. */
export const scoreOf = remember((routine: Routine) => compile(routine, takingPart(), scorePhrases));

/** What tells how much longer a routine gets by one more entry, made once for each state of it. */
export const addTimerOf = remember((routine: Routine) =>
  addTimer(routine, takingPart(), scorePhrases),
);

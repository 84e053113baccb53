import { rememberPair } from '@/core/common';
import type { TakingPart } from '@/core/people';
import type { Routine } from '@/core/routine';
import { addTimer, compile } from '@/core/timing';
import { scorePhrases } from '@/words/score';

/** The score of a routine with who takes part, computed once for each state of both. */
export const scoreOf = rememberPair((routine: Routine, part: TakingPart) =>
  compile(routine, part, scorePhrases),
);

/** What tells how much longer a routine gets by one more entry, made once for each state of both. */
export const addTimerOf = rememberPair((routine: Routine, part: TakingPart) =>
  addTimer(routine, part, scorePhrases),
);

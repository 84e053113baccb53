import { orderRoutine } from '@/core/judgement';
import { applyChange, writeRoutineText } from '@/core/routine';
import { orderingWhy } from '@/words/findings';
import { scorePhrases } from '@/words/score';
import type { Input } from './input';

/** An order as `order --json` prints it. */
export function orderResult({ routine, part }: Input) {
  const ordering = orderRoutine(routine, { part, phrases: scorePhrases });
  const { change, before, after, exact } = ordering;
  return {
    text: writeRoutineText(change ? applyChange(routine, change) : routine),
    brokenBefore: before.brokenRules,
    brokenAfter: after.brokenRules,
    costBeforeMs: before.movingMs,
    costAfterMs: after.movingMs,
    why: orderingWhy(ordering),
    exact,
    before,
    after,
  };
}

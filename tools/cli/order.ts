import { brokenRules, movingMs, orderRoutine } from '@/core/order';
import { applyChange, writeRoutineText } from '@/core/routine';
import { orderingWhy, scorePhrases } from '@/words';
import type { Input } from './input';

/** An order as `order --json` prints it. */
export function orderResult({ routine }: Input) {
  const ordering = orderRoutine(routine, { phrases: scorePhrases });
  const { change, before, after, exact } = ordering;
  return {
    text: writeRoutineText(change ? applyChange(routine, change) : routine),
    brokenBefore: brokenRules(before),
    brokenAfter: brokenRules(after),
    costBeforeMs: movingMs(before),
    costAfterMs: movingMs(after),
    why: orderingWhy(ordering),
    exact,
    before,
    after,
  };
}

import type { RuleFinding, SafeFitting } from '@/core/check';
import type { Ordering } from '@/core/order';
import type { Change, Routine } from '@/core/routine';

/** What the routine worker is asked; what makes entries is given a word that starts their ids. */
export interface RoutineWorker {
  findings(routine: Routine): readonly RuleFinding[];
  mend(routine: Routine, finding: RuleFinding, idsFrom: string): Change | undefined;
  fit(routine: Routine, slotMs: number, idsFrom: string): SafeFitting;
  order(routine: Routine): Ordering;
}

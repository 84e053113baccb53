import { takingPart } from './taking-part';
import type { Ordering, PlacedFinding, RuleFinding, SafeFitting } from '@/core/judgement';
import type { Change, Routine } from '@/core/routine';
import type { AppThunk } from './slices';

/** What the checks find, worked out beside the page. */
export function findingsOf(routine: Routine): AppThunk<Promise<readonly PlacedFinding[]>> {
  return (_, __, { work }) => work.findings(routine, takingPart());
}

export function mendsFor(
  routine: Routine,
  finding: RuleFinding,
): AppThunk<Promise<readonly Change[]>> {
  return (_, __, { work }) => work.mends(routine, takingPart(), finding);
}

export function fitTo(routine: Routine, slotMs: number): AppThunk<Promise<SafeFitting>> {
  return (_, __, { work }) => work.fit(routine, takingPart(), slotMs);
}

export function ordered(routine: Routine): AppThunk<Promise<Ordering>> {
  return (_, __, { work }) => work.order(routine, takingPart());
}

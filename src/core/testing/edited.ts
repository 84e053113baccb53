import { applyChange, type Change, type Routine } from '@/core/routine';

/** The routine after an edit that a test takes to be possible. */
export function edited(routine: Routine, change: Change | undefined): Routine {
  if (!change) throw new Error('the edit is not possible');
  return applyChange(routine, change);
}

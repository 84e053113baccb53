import type { Routine } from '../schema';
import { applyChange, type Change, type Step } from './change';

/**
 * One edit after the other as one change, each of the routine as those before it leave it.
 * @returns undefined where one of them can't be made, or nothing changes
 */
export function together<T>(
  what: string,
  routine: Routine,
  of: readonly T[],
  edit: (grown: Routine, one: T) => Change | undefined,
): Change | undefined {
  const steps: Step[] = [];
  let grown = routine;
  for (const one of of) {
    const change = edit(grown, one);
    if (!change) return undefined;
    steps.push(...change.steps);
    grown = applyChange(grown, change);
  }
  return steps.length > 0 ? { what, steps } : undefined;
}

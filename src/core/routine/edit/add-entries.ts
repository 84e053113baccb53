import type { NewId } from '@/core/common';
import type { Entry, SectionName } from '../entries';
import type { Routine } from '../schema';
import { applyChange, type Change, type Step } from './change';
import { addEntry, withFreshIds } from './edits';

/** An entry and the section at whose end it goes. */
export interface Placed {
  readonly entry: Entry;
  readonly section: SectionName;
}

/**
 * Adds entries under ids of their own, each to the end of its section, as one change.
 * @returns undefined where there is no room for all of them
 */
export function addEntries(
  routine: Routine,
  placed: readonly Placed[],
  newId: NewId,
): Change | undefined {
  const steps: Step[] = [];
  let grown = routine;
  for (const { entry, section } of placed) {
    const change = addEntry(grown, withFreshIds(entry, newId), {
      section,
      at: grown.sections[section].length,
    });
    if (!change) return undefined;
    steps.push(...change.steps);
    grown = applyChange(grown, change);
  }
  return steps.length > 0 ? { what: 'add', steps } : undefined;
}

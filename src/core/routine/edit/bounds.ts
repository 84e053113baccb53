import { MOST_LINES, SECTIONS, type Entry } from '../entries';
import { MOST_ENTRIES, type Routine } from '../schema';
import { isLeadable } from '../size';
import { applyChange, type Change } from './change';

/**
 * A change, where the routine may be like that afterwards: no section and no block too full, no
 * block inside a block, and no more to do than one class can hold.
 * @returns undefined where it may not
 */
export function inBounds(routine: Routine, change: Change): Change | undefined {
  const after = applyChange(routine, change);
  const good =
    SECTIONS.every((section) => {
      const entries = after.sections[section];
      return entries.length <= MOST_ENTRIES && entries.every(isWhole);
    }) && isLeadable(after);
  return good ? change : undefined;
}

function isWhole(entry: Entry): boolean {
  if (entry.kind !== 'block') return true;
  const lines: readonly Entry[] = entry.lines;
  const items = lines.filter(({ kind }) => kind === 'item').length;
  return (
    (entry.choose === undefined || entry.choose < items) &&
    lines.length > 0 &&
    lines.length <= MOST_LINES &&
    lines.every(({ kind }) => kind !== 'block')
  );
}

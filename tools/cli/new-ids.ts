import type { NewId } from '@/core/common';
import { entriesInOrder, type Routine } from '@/core/routine';

/** Ids that repeat from call to call and that the routine does not have yet. */
export function newIdsFor(routine: Routine): NewId {
  const taken = new Set(
    entriesInOrder(routine).flatMap(({ entry }) => [
      entry.id,
      ...(entry.kind === 'block' ? entry.lines.map(({ id }) => id) : []),
    ]),
  );
  let n = 0;
  const next = (): string => {
    const id = `n${++n}`;
    return [...taken].some((one) => one === id) ? next() : id;
  };
  return next;
}

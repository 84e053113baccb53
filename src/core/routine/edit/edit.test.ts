import fc from 'fast-check';
import { itemIdSchema } from '../../ids';
import { routineArbitrary, routineOf } from '../../testing';
import {
  addEntry,
  applyChange,
  changeHead,
  changeItem,
  duplicateEntry,
  entriesInOrder,
  itemsInOrder,
  moveEntry,
  nudgeEntry,
  removeEntry,
  reversed,
  routineSchema,
  type Change,
  type Routine,
} from '..';

const fresh = () => 'fresh';

/** Every edit that the seed picks for this routine. */
function someChange(routine: Routine, seed: number): Change {
  const entries = entriesInOrder(routine);
  const items = itemsInOrder(routine);
  const chosen = entries[seed % Math.max(1, entries.length)];
  const item = items[seed % Math.max(1, items.length)];
  const added = { kind: 'rest', id: itemIdSchema.parse('new'), restMs: 5000 } as const;
  const options: (Change | undefined)[] = [
    addEntry(routine, added),
    changeHead(routine, { title: 'Other', slotMs: undefined, end: 'stay' }),
    chosen && removeEntry(routine, chosen.entry.id),
    chosen && duplicateEntry(routine, chosen.entry.id, fresh),
    chosen && moveEntry(routine, chosen.entry.id, { section: 'settle', at: 0 }),
    chosen && nudgeEntry(routine, chosen.entry.id, 1),
    chosen && nudgeEntry(routine, chosen.entry.id, -1),
    item && changeItem(routine, item.id, { note: 'New', press: undefined }),
  ];
  const possible = options.filter((change) => change !== undefined);
  return possible[seed % possible.length] ?? addEntry(routine, added);
}

describe('edits', () => {
  test('apply then reverse gives back the equal routine, and a valid one between', () => {
    fc.assert(
      fc.property(routineArbitrary, fc.nat(), (routine, seed) => {
        const before = structuredClone(routine);
        const change = someChange(routine, seed);
        const after = applyChange(routine, change);
        expect(routineSchema.safeParse(after).success).toBe(true);
        expect(applyChange(after, reversed(change))).toEqual(before);
        expect(routine).toEqual(before);
      }),
    );
  });

  test('a row moves over the edge of its section', () => {
    const routine = routineOf('[warm-up]\nSeated cat\n[main]\nBridge');
    const [first] = entriesInOrder(routine);
    if (!first) throw new Error('empty');
    const down = nudgeEntry(routine, first.entry.id, 1);
    if (!down) throw new Error('no way down');
    const after = applyChange(routine, down);
    expect(itemsInOrder(after).map(({ moveId }) => moveId)).toEqual(['seated-cat', 'bridge']);
    expect(after.sections['warm-up']).toEqual([]);
    expect(nudgeEntry(routine, first.entry.id, -1)).toBeUndefined();
  });

  test('a change that does not fit throws', () => {
    const routine = routineOf('Bridge');
    const [item] = itemsInOrder(routine);
    if (!item) throw new Error('empty');
    const change = removeEntry(routine, item.id);
    const gone = applyChange(routine, change);
    expect(() => applyChange(gone, change)).toThrow(/not at main 0/);
  });
});

import fc from 'fast-check';
import { countingIds } from '@/core/common';
import { routineArbitrary, routineOf } from '@/core/testing';
import { differencesOf, headerDifferencesOf } from './difference';
import { applyChange, type Change } from './edit/change';
import {
  addEntry,
  changeHeader,
  changeItem,
  moveEntry,
  removeEntry,
  wrapInBlock,
} from './edit/edits';
import { itemsInOrder, type Routine } from './schema';

const routine = routineOf(
  'group: desk\nslot: 10:00\nSeated cat\nSeated march\nSeated twist\nrest 20s',
);
const idOf = (moveId: string) => {
  const item = itemsInOrder(routine).find((one) => one.moveId === moveId);
  if (!item) throw new Error(moveId);
  return item.id;
};
const kinds = (change: Change | undefined, from: Routine = routine) => {
  if (!change) throw new Error('no change');
  return differencesOf(from, applyChange(from, change)).map(({ kind, id }) => [kind, id]);
};

describe('what an edit did', () => {
  test('added, removed, changed and moved are told apart', () => {
    const cat = idOf('seated-cat');
    expect(kinds(removeEntry(routine, cat))).toEqual([['removed', cat]]);
    const rest = { kind: 'rest' as const, id: cat, restMs: 5000 };
    const without = applyChange(routine, removeEntry(routine, cat));
    expect(kinds(addEntry(without, rest), without)).toEqual([['added', cat]]);
    expect(kinds(changeItem(routine, cat, { dose: { kind: 'reps', reps: 12, sets: 1 } }))).toEqual([
      ['changed', cat],
    ]);
    expect(kinds(moveEntry(routine, cat, { section: 'main', at: 2 }))).toEqual([['moved', cat]]);
  });

  test('lines taken into a block have moved', () => {
    const ids = [idOf('seated-cat'), idOf('seated-march')];
    const wrapped = wrapInBlock(routine, ids, { rounds: 2 }, countingIds('b'));
    expect(kinds(wrapped)).toEqual([['added', 'b1'], ...ids.map((id) => ['moved', id])]);
  });

  test('headers say what they said and what they say', () => {
    const after = applyChange(routine, changeHeader(routine, { slotMs: undefined, limits: [] }));
    expect(headerDifferencesOf(routine, after)).toEqual([
      { key: 'slot', before: '10:00', after: '' },
      { key: 'limits', before: '', after: 'none' },
    ]);
  });

  test('nothing differs from itself, and there is no difference that is not there both ways', () => {
    fc.assert(
      fc.property(routineArbitrary, routineArbitrary, (one, two) => {
        expect(differencesOf(one, one)).toEqual([]);
        const count = (kind: string, a: Routine, b: Routine) =>
          differencesOf(a, b).filter((difference) => difference.kind === kind).length;
        expect(count('added', one, two)).toBe(count('removed', two, one));
        expect(count('changed', one, two)).toBe(count('changed', two, one));
      }),
      { seed: 5, numRuns: 60 },
    );
  });
});

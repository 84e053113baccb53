import { itemIdSchema, type ItemId } from '@/core/common';
import { levelId, routineOf, shipped } from '@/core/testing';
import { broughtBy } from './brought';
import { applyChange, reversed } from './edit/change';
import {
  acceptFindings,
  addEntry,
  changeItem,
  changeLevel,
  moveEntry,
  swapMove,
} from './edit/edits';
import { MOST_ACCEPTS } from './entries';

import { itemsInOrder, type Routine } from './schema';

const id = (text: string): ItemId => itemIdSchema.parse(text);
const routine = routineOf('lanes: chair, stand\nSeated cat\nSeated twist: hold 20s\nSeated march');

function brings(change: ReturnType<typeof changeItem>, of: Routine = routine) {
  if (!change) throw new Error('no change');
  return broughtBy(of, change);
}

describe('what an edit brings', () => {
  test('a move that is added or swapped in', () => {
    const added = { kind: 'item', id: id('new'), moveId: shipped('Bridge').id } as const;
    expect(brings(addEntry(routine, added, { section: 'main', at: 0 }))).toEqual([
      { move: 'Bridge' },
    ]);
    expect(brings(swapMove(routine, id('i1'), shipped('Head turn').id))).toEqual([
      { move: 'Head turn' },
    ]);
  });

  test('another level, for all or for one way of taking part', () => {
    const level = levelId('arms-crossed');
    const brought = [{ move: 'Seated twist', level: 'arms crossed' }];
    expect(brings(changeLevel(routine, id('i2'), level))).toEqual(brought);
    expect(brings(changeLevel(routine, id('i2'), level, 'chair'))).toEqual(brought);
  });

  test('a dose, a side or a place brings nothing', () => {
    const dose = { kind: 'hold', holdMs: 30_000, sets: 1 } as const;
    expect(brings(changeItem(routine, id('i2'), { dose }))).toEqual([]);
    expect(brings(changeItem(routine, id('i2'), { firstSide: 'right' }))).toEqual([]);
    expect(brings(moveEntry(routine, id('i1'), { section: 'main', at: 2 }))).toEqual([]);
  });
});

describe('what is kept on purpose', () => {
  const accepted = (of: Routine) => itemsInOrder(of).map(({ accept }) => accept ?? []);

  test('stands at every row as one edit, each row once, and is taken back as one', () => {
    const change = acceptFindings(routine, [id('i1'), id('i3'), id('i1')], 'lane-gap', 'they rest');
    expect(change?.steps).toHaveLength(2);
    const after = change ? applyChange(routine, change) : routine;
    const kept = [{ finding: 'lane-gap', why: 'they rest' }];
    expect(accepted(after)).toEqual([kept, [], kept]);
    expect(change && applyChange(after, reversed(change))).toEqual(routine);
  });

  test('a new reason takes the place of the old one for the same finding, and of no other', () => {
    const line = 'Seated cat: accept lane-gap "one", accept dose-range "two"';
    const before = routineOf(line);
    const change = acceptFindings(before, [id('i1')], 'lane-gap', 'three');
    expect(accepted(change ? applyChange(before, change) : before)).toEqual([
      [
        { finding: 'dose-range', why: 'two' },
        { finding: 'lane-gap', why: 'three' },
      ],
    ]);
  });

  test('a row that keeps as much as it can keeps no more', () => {
    const clauses = Array.from({ length: MOST_ACCEPTS }, (_, i) => `accept a${'b'.repeat(i)} "x"`);
    const full = routineOf(`Seated cat: ${clauses.join(', ')}`);
    expect(acceptFindings(full, [id('i1')], 'lane-gap', 'y')).toBeUndefined();
  });
});

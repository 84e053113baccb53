import { countingIds, routineIdSchema } from '@/core/common';
import type { Entry } from '../entries';
import { MOST_ENTRIES } from '../schema';
import { readRoutineText } from '../text/read';
import { writeRoutineText } from '../text/write';
import { addEntries, addEntriesAt } from './add-entries';
import { applyChange, reversed, type Change } from './change';
import { emptyRoutine } from '../empty';

const read = (text: string) =>
  readRoutineText(text, {
    id: routineIdSchema.parse('r'),
    newId: countingIds('i'),
    untitled: 'x',
  }).routine;

const routine = read('group: desk\n\n[main]\nSeated cat\n(2 rounds)\n  Seated twist\nHeel raises');
const given = read('group: desk\n\n[main]\nMarching\n(2 rounds)\n  Bridge\nrest 20s').sections.main;
const [cat, block] = routine.sections.main as readonly Entry[];

const after = (change: Change | undefined) => {
  if (!change) throw new Error('no room');
  const next = applyChange(routine, change);
  expect(applyChange(next, reversed(change))).toEqual(routine);
  return writeRoutineText(next).split('[main]\n')[1]?.trim().split('\n');
};

describe('several entries added as one', () => {
  test('side by side from a place on, under ids of their own', () => {
    const change = addEntriesAt(routine, given, { section: 'main', at: 1 }, countingIds('new'));
    expect(after(change)).toEqual([
      'Seated cat',
      'Marching',
      '(2 rounds)',
      '  Bridge',
      'rest 20s',
      '(2 rounds)',
      '  Seated twist',
      'Heel raises',
    ]);
    const ids = change?.steps.map((step) => (step.kind === 'add' ? step.entry.id : ''));
    expect(new Set(ids).size).toBe(3);
    expect(ids).not.toContain(cat?.id);
  });

  test('in a block until a block comes, which goes behind it with all that follows', () => {
    if (block?.kind !== 'block') throw new Error('no block');
    const place = { section: 'main', at: 1, inBlock: block.id } as const;
    expect(after(addEntriesAt(routine, given, place, countingIds('new')))).toEqual([
      'Seated cat',
      '(2 rounds)',
      '  Seated twist',
      '  Marching',
      '(2 rounds)',
      '  Bridge',
      'rest 20s',
      'Heel raises',
    ]);
  });

  test('each at the end of its section', () => {
    const placed = given.map((entry) => ({ entry, section: 'settle' }) as const);
    const change = addEntries(routine, placed, countingIds('new'));
    expect(change && applyChange(routine, change).sections.settle).toHaveLength(3);
  });

  test('all of them or none', () => {
    const [march] = given;
    if (!march) throw new Error('no entry');
    const many = Array.from({ length: MOST_ENTRIES + 1 }, () => march);
    const empty = emptyRoutine(routine.id, 'x', 'desk');
    const place = { section: 'main', at: 0 } as const;
    expect(addEntriesAt(empty, many, place, countingIds('new'))).toBeUndefined();
    expect(addEntriesAt(empty, [], place, countingIds('new'))).toBeUndefined();
  });
});

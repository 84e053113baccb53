import { countingIds, routineIdSchema, type ItemId } from '@/core/common';
import { readRoutineText } from '../text/read';
import { writeRoutineText } from '../text/write';
import { changeItem } from './edits';
import { applyChange, reversed, type Change } from './change';
import { changeEach, entriesOf, moveEntries, removeEntries, rowIds, type Drop } from './several';

const TEXT = `group: desk

[warm-up]
Seated march

[main]
Seated cat
(2 rounds)
  Seated twist
  Heel raises
Neck side tilt
Shoulder rolls`;

const { routine } = readRoutineText(TEXT, {
  id: routineIdSchema.parse('r'),
  newId: countingIds('i'),
  untitled: 'x',
});
const [march, cat, block, twist, raises, tilt, rolls] = rowIds(routine) as ItemId[];
const id = (one: ItemId | undefined): ItemId => {
  if (!one) throw new Error('no row');
  return one;
};

const NAMES: Readonly<Record<string, string>> = {
  [id(march)]: 'march',
  [id(cat)]: 'cat',
  [id(block)]: '(',
  [id(twist)]: 'twist',
  [id(raises)]: 'raises',
  [id(tilt)]: 'tilt',
  [id(rolls)]: 'rolls',
};
const after = (change: Change | undefined) => {
  if (!change) return undefined;
  const next = applyChange(routine, change);
  expect(applyChange(next, reversed(change))).toEqual(routine);
  return rowIds(next)
    .map((one) => NAMES[one])
    .join(' ');
};
const moved = (ids: readonly (ItemId | undefined)[], drop: Drop) =>
  after(moveEntries(routine, ids.map(id), drop));

describe('several rows at once', () => {
  test.each<[string, (ItemId | undefined)[], Drop, string | undefined]>([
    ['up', [rolls], { before: id(cat) }, 'march rolls cat ( twist raises tilt'],
    ['down', [cat], { after: id(tilt) }, 'march ( twist raises tilt cat rolls'],
    ['into another section', [tilt], { startOf: 'warm-up' }, 'tilt march cat ( twist raises rolls'],
    ['into an empty one', [tilt], { startOf: 'settle' }, 'march cat ( twist raises rolls tilt'],
    ['into a block', [cat], { before: id(raises) }, 'march ( twist cat raises tilt rolls'],
    ['to the head of a block', [cat], { after: id(block) }, 'march ( cat twist raises tilt rolls'],
    ['out of a block', [twist], { after: id(tilt) }, 'march cat ( raises tilt twist rolls'],
    ['within a block', [raises], { before: id(twist) }, 'march cat ( raises twist tilt rolls'],
    ['a block', [block], { after: id(rolls) }, 'march cat tilt rolls ( twist raises'],
    ['several', [rolls, march], { after: id(cat) }, 'cat march rolls ( twist raises tilt'],
    [
      'a block with a line of it',
      [block, twist],
      { before: id(cat) },
      'march ( twist raises cat tilt rolls',
    ],
    ['to where it stands', [cat], { before: id(cat) }, undefined],
    ['a block into itself', [block], { before: id(twist) }, undefined],
  ])('%s', (_, ids, drop, order) => {
    expect(moved(ids, drop)).toBe(order);
  });

  test('rows beside which nothing stands any more move nowhere', () => {
    expect(moveEntries(routine, [id(cat)], { after: 'gone' as ItemId })).toBeUndefined();
    expect(moveEntries(routine, [], { startOf: 'main' })).toBeUndefined();
  });

  test('the only line of a block takes the block away as it leaves', () => {
    const one = removeEntries(routine, [id(raises)]);
    if (!one) throw new Error('nothing');
    const small = applyChange(routine, one);
    const change = moveEntries(small, [id(twist)], { after: id(rolls) });
    if (!change) throw new Error('not moved');
    const order = rowIds(applyChange(small, change)).map((row) => NAMES[row]);
    expect(order.join(' ')).toBe('march cat tilt rolls twist');
  });

  test('are taken out, a block with all its lines', () => {
    expect(after(removeEntries(routine, [id(block), id(twist), id(rolls)]))).toBe('march cat tilt');
    // Its last line takes a block along.
    expect(after(removeEntries(routine, [id(twist), id(raises)]))).toBe('march cat tilt rolls');
  });

  test('are changed where they can be', () => {
    const change = changeEach(routine, [id(block), id(tilt)], (grown, item) =>
      item.id === raises ? undefined : changeItem(grown, item.id, { note: 'slowly' }),
    );
    if (!change) throw new Error('nothing changed');
    const text = writeRoutineText(applyChange(routine, change));
    expect(text.match(/# slowly/g)).toHaveLength(2);
    expect(changeEach(routine, [id(cat)], () => undefined)).toBeUndefined();
  });

  test('are handed on as they stand', () => {
    const kinds = entriesOf(routine, [id(rolls), id(block), id(twist)]).map(({ kind }) => kind);
    expect(kinds).toEqual(['block', 'item']);
  });
});

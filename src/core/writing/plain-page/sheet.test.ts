import { readPlainPage } from './plain-page';
import { placedFrom, sheetOf, type Decisions } from './sheet';

const PLAN = 'My Thursday\nWarm up\nmarch 1 min\nMain\nzumba madness 10\nseated twist 20s each';
const setting = { group: 'older' } as const;

describe('a plan, line by line', () => {
  test('is taken in as it is understood, and what is not stays open', () => {
    const read = sheetOf(readPlainPage(PLAN, setting), setting, {});
    expect(read.title).toBe('My Thursday');
    expect(read.rows.map(({ state }) => state)).toEqual(['sure', 'open', 'sure']);
    expect(read.open).toBe(1);
    expect(placedFrom(read).map(({ section, entry }) => [section, entry.kind])).toEqual([
      ['warm-up', 'item'],
      ['main', 'item'],
    ]);
  });

  test('an open line becomes another line, a note, or nothing', () => {
    const as = (decided: Decisions[number]) =>
      sheetOf(readPlainPage(PLAN, setting), setting, { 2: decided }).rows[1];
    expect(as({ as: 'seated jacks 30s' })).toMatchObject({
      state: 'sure',
      text: 'Seated jacks: for 30s',
    });
    expect(as('note')?.entry).toMatchObject({ kind: 'note', note: 'zumba madness 10' });
    expect(as('out')).toMatchObject({ state: 'out', entry: undefined });
    expect(as({ as: 'still not a move' })?.state).toBe('open');
  });

  test('a load and a column of notes stay with a row that is written another way', () => {
    const page = readPlainPage('Move\tSets\tReps\tNotes\nBicep curls 2 kg\t2\t10\tslow', setting);
    const [row] = sheetOf(page, setting, {}).rows;
    expect(row?.entry).toMatchObject({ note: '2 kg, slow' });
    const [again] = sheetOf(page, setting, { 1: { as: row?.text ?? '' } }).rows;
    expect([again?.text, again?.entry]).toEqual([row?.text, row?.entry]);
  });
});

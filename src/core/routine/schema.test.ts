import { routineOf, levelId } from '@/core/testing';
import { itemFaults } from './item';
import { lanesOf } from './lanes-of';
import { MOST_ENTRIES, itemsInOrder, routineSchema } from './schema';
import { type Item } from './entries';

const good = routineOf('Seated cat\n(2 rounds)\n  Seated twist\n  rest 5s');

function refused(change: (routine: Record<string, unknown>) => void): string {
  const routine = JSON.parse(JSON.stringify(good)) as Record<string, unknown>;
  change(routine);
  const result = routineSchema.safeParse(routine);
  return result.success ? '' : (result.error.issues[0]?.path ?? []).join('.');
}

const main = (routine: Record<string, unknown>) =>
  (routine as { sections: { main: Record<string, unknown>[] } }).sections.main;

describe('the door for routines', () => {
  test('a good one passes as it is', () => {
    expect(routineSchema.parse(JSON.parse(JSON.stringify(good)))).toEqual(good);
  });

  test.each<[string, (routine: Record<string, unknown>) => void, string]>([
    ['no title', (r) => (r.title = ''), 'title'],
    ['a title of blanks alone', (r) => (r.title = ' \n '), 'title'],
    ['an id twice', (r) => main(r).push({ ...main(r)[0] }), 'sections.main.2.id'],
    [
      'a block without lines',
      (r) => (main(r)[1] = { ...main(r)[1], lines: [] }),
      'sections.main.1.lines',
    ],
    ['a block that says nothing', (r) => delete main(r)[1]?.rounds, 'sections.main.1'],
    [
      'a block in a block',
      (r) => (main(r)[1] = { ...main(r)[1], lines: [main(r)[1]] }),
      'sections.main.1',
    ],
    [
      'too many rounds',
      (r) => (main(r)[1] = { ...main(r)[1], rounds: 99 }),
      'sections.main.1.rounds',
    ],
    ['no lanes', (r) => (r.lanes = []), 'lanes'],
    ['a lane that is none', (r) => (r.lanes = ['moon']), 'lanes.0'],
    ['schools that name none', (r) => (r.schools = {}), 'schools'],
    ['a slot of nothing', (r) => (r.slotMs = 0), 'slotMs'],
    ['an unknown level', (r) => (main(r)[0] = { ...main(r)[0], level: 'moon' }), 'sections.main.0'],
    [
      'an unknown level for a lane',
      (r) => (main(r)[0] = { ...main(r)[0], laneLevels: { chair: 'moon' } }),
      'sections.main.0',
    ],
  ])('%s is refused at its place', (_, change, path) => {
    expect(refused(change)).toBe(path);
  });

  test('more entries than anybody leads are refused', () => {
    expect(
      refused((routine) => {
        const [first] = main(routine);
        for (let i = 0; i <= MOST_ENTRIES; i++) main(routine).push({ ...first, id: `x${i}` });
      }),
    ).toBe('sections.main');
  });
});

test('a routine that would take for ever to time is refused', () => {
  const item = {
    kind: 'item',
    moveId: 'seated-march',
    dose: { kind: 'reps', reps: 300, sets: 12 },
  };
  expect(
    refused((routine) => {
      for (let i = 0; i < 30; i++) main(routine).push({ ...item, id: `x${i}` });
    }),
  ).toBe('sections');
});

describe('clauses that do not go together', () => {
  const base = itemsInOrder(routineOf('Seated twist: hold 1:00'))[0] as Item;
  test.each<[string, Partial<Item>]>([
    ['unknown-level', { level: levelId('moon') }],
    ['weak-needs-each', { sides: 'alternating', weak: { side: 'left', extraMs: 5000 } }],
    ['press-needs-side', { sides: 'alternating', press: { pressMs: 5000, times: 1 } }],
    ['press-too-long', { press: { pressMs: 10_000, times: 5 } }],
    ['tempo-needs-reps', { tempo: [1000, 0, 1000, 0] }],
    [
      'press-needs-hold',
      { dose: { kind: 'reps', reps: 5, sets: 1 }, press: { pressMs: 5000, times: 1 } },
    ],
  ])('%s', (fault, words) => {
    expect(itemFaults({ ...base, ...words }, { group: 'desk' })).toEqual([fault]);
  });

  test('sides on a move that works both at once', () => {
    const cat = itemsInOrder(routineOf('Seated cat'))[0] as Item;
    expect(itemFaults({ ...cat, firstSide: 'right' }, { group: 'desk' })).toEqual([
      'sides-not-this-move',
    ]);
  });
});

describe('the lanes of a routine', () => {
  test.each([
    ['group: older\nSeated cat', ['chair', 'stand-held', 'stand']],
    ['group: older\nlanes: floor, chair\nSeated cat', ['floor', 'chair']],
    ['group: older\nstart: side-lying\nOpen book', ['floor']],
    ['group: desk\nstart: stand\nMarching', ['chair', 'stand']],
    ['group: chair\nstart: wheel-back\nSeated cat', ['wheelchair']],
  ])('%j', (text, lanes) => {
    expect(lanesOf(routineOf(text))).toEqual(lanes);
  });
});

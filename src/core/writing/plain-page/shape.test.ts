import fc from 'fast-check';
import { readPlainPage } from './plain-page';
import { isFarOff, routineOfSheet, sheetOf } from './sheet';

const setting = { group: 'older' } as const;
const textsOf = (plan: string) =>
  readPlainPage(plan, setting).lines.map(({ reading }) => reading.text || '?');

const ROWS = [
  'Sit to stand: 10 reps x2, rest 1:00',
  'Heel raises: 12 reps x3, rest 45s',
  'Clamshell: 12 reps x2, rest 30s, each side',
];
const CELLS = [
  ['Exercise', 'Sets', 'Reps', 'Rest'],
  ['Sit to stand', '2', '10', '60'],
  ['Heel raises', '3', '12', '45s'],
  ['Clamshell', '2', '12 each side', '30 sec'],
];

describe('a table', () => {
  test.each<[string, (row: readonly string[]) => string]>([
    ['tabs', (row) => row.join('\t')],
    ['pipes', (row) => `| ${row.join(' | ')} |`],
    ['pipes without edges', (row) => row.join(' | ')],
    ['commas', (row) => row.join(',')],
    ['semicolons', (row) => row.join(';')],
    ['blanks', (row) => row.map((cell) => cell.padEnd(16)).join('')],
  ])('parted by %s is read by its columns, its rest too', (_, line) => {
    const plan = CELLS.map(line).join('\n');
    const page = readPlainPage(plan, setting);
    expect(page).toMatchObject({ shape: 'table', columns: ['move', 'sets', 'reps', 'rest'] });
    expect(textsOf(plan)).toEqual(ROWS);
  });

  test('with a rule under its head, a title over it, and a column of notes', () => {
    const plan = `Strong legs, 20 minutes

| Exercise | Reps | Notes |
|----------|------|-------|
| Bridge | 10 | ribs down |`;
    const page = readPlainPage(`${plan}\n| Heel raises | 12 | |`, setting);
    expect(page).toMatchObject({ title: 'Strong legs, 20 minutes', saidMs: 1_200_000 });
    expect(page.lines.map(({ reading, note }) => [reading.text, note])).toEqual([
      ['Bridge: 10 reps', 'ribs down'],
      ['Heel raises: 12 reps', undefined],
    ]);
  });

  test('without a head its columns are guessed, and that is said', () => {
    const page = readPlainPage('Sit to stand   3   10\nHeel raises   2   12', setting);
    expect(page).toMatchObject({ columns: ['move', 'sets', 'reps'], guessed: true });
    expect(page.lines.map(({ reading }) => reading.text)).toEqual([
      'Sit to stand: 10 reps x3',
      'Heel raises: 12 reps x2',
    ]);
  });

  test('an amount, a side and a rest are that in any column, and only the rest of it is a note', () => {
    const page = readPlainPage(
      'Bridge   3 x 10   rest 45s\nBird dog   2 x 6   hold 3s\nWall calf stretch   30s   both ways',
      setting,
    );
    expect(page.lines.map(({ reading }) => reading.text)).toEqual([
      'Bridge: 10 reps x3, rest 45s',
      'Bird dog: 6 reps x2, held 3s',
      'Wall calf stretch: hold 30s, each side',
    ]);
    const [curl] = readPlainPage(
      'Move,Reps,Notes\nBottle curl,12,2 kg\nBridge,8,ribs down',
      setting,
    ).lines;
    expect(curl).toMatchObject({ reading: { text: 'Bottle curl: 12 reps' }, note: '2 kg' });
  });

  test('a list with commas is none', () => {
    expect(readPlainPage('bridge, 10 reps\nheel raises, 12 reps', setting).shape).toBe('list');
  });

  test('copied with its markup, it is the same table', () => {
    const html = `<table><tr><th>Move</th><th>Sets</th><th>Reps</th></tr>
      <tr><td>Bridge</td><td>2</td><td>8</td></tr>
      <tr><td>Heel raises</td><td>3</td><td>12</td></tr></table><script>alert(1)</script>`;
    expect(textsOf(html)).toEqual(['Bridge: 8 reps x2', 'Heel raises: 12 reps x3']);
  });
});

describe('times in front', () => {
  test('two ends are how long, one ends at the next, and an amount of its own stays', () => {
    expect(
      textsOf(
        '0:00-2:00 Seated march\n2:00 Shoulder rolls\n3:00 Sit to stand x 10\n4:30-6:00 Seated cat',
      ),
    ).toEqual([
      'Seated march: for 2:00',
      'Shoulder rolls: for 1:00',
      'Sit to stand: 10 reps',
      'Seated cat: for 1:30',
    ]);
  });

  test('a time that ends before it begins is asked about', () => {
    expect(
      textsOf('0:00-2:00 Seated march\n2:00-1:00 Shoulder rolls\n3:00-4:00 Seated cat'),
    ).toEqual(['Seated march: for 2:00', '?', 'Seated cat: for 1:00']);
  });

  test('minutes of the class, in a column or not', () => {
    for (const joint of [' ', '\t', ' | ']) {
      const plan = [
        ['0-5 min', 'Seated march'],
        ['5-8 min', 'Shoulder rolls'],
        ['8-9 min', 'Sit to stand 2x8'],
      ];
      expect(textsOf(plan.map((row) => row.join(joint)).join('\n'))).toEqual([
        'Seated march: for 5:00',
        'Shoulder rolls: for 3:00',
        'Sit to stand: 8 reps x2',
      ]);
    }
  });

  test('by the clock on the wall they are minutes', () => {
    expect(textsOf('10:00-10:05 Seated march\n10:05-10:07 Rest\n10:07-10:09 Seated cat')).toEqual([
      'Seated march: for 5:00',
      'rest 2:00',
      'Seated cat: for 2:00',
    ]);
  });
});

describe('sentences and bullets', () => {
  test('a sentence is parted where the next thing to do begins', () => {
    expect(
      textsOf(
        'Start with two minutes of seated marching to warm up. Then roll the shoulders ten times, then stretch the hamstrings for 30 seconds on each leg.',
      ),
    ).toEqual([
      'Seated march: for 2:00',
      'Shoulder rolls: 10 reps',
      'Seated hamstring reach: hold 30s, each side',
    ]);
  });

  test('a bullet under a row is its note, and one with an amount is a row', () => {
    const { lines } = readPlainPage(
      '1. Bridge 2 x 8\n   - ribs down\n   - squeeze\n2. Sit to stand\n   - heel raises 10',
      setting,
    );
    expect(lines.map(({ reading, note }) => [reading.text, note])).toEqual([
      ['Bridge: 8 reps x2', 'ribs down, squeeze'],
      ['Sit to stand', undefined],
      ['Heel raises: 10 reps', undefined],
    ]);
  });
});

describe('what stands round the rows', () => {
  const plan = readPlainPage(
    'Tuesday seniors - 30 min\n\n1. Sit to stand 2 x 8\n   - use hands if needed\n2. Heel raises 15\nSee you next week!',
    setting,
  );

  test('a bullet is of the row above, whatever the page begins with', () => {
    expect(plan.lines[0]).toMatchObject({
      reading: { text: 'Sit to stand: 8 reps x2' },
      note: 'use hands if needed',
    });
  });

  test('a greeting is kept as a note, and nobody is asked which move it is', () => {
    expect(plan.lines.at(-1)?.reading.line).toMatchObject({
      kind: 'note',
      note: 'See you next week!',
    });
  });

  test('a first sentence that has an amount is no title', () => {
    const { title, lines } = readPlainPage(
      'We start sitting with five deep breaths, then roll the shoulders ten times. After that march in the chair for one minute.',
      setting,
    );
    expect(title).toBeUndefined();
    expect(lines[0]?.typed).toContain('five deep breaths');
  });
});

describe('rows about rows', () => {
  test.each([
    'x2 rounds',
    '3 rounds',
    'Circuit x 3',
    'Repeat all twice',
    'repeat on the other side',
    'then back to the start',
    'superset',
    'Rest 1 min between rounds',
    'Swap sides',
  ])('%s is no move, and stays open', (row) => {
    const { lines } = readPlainPage(`Bridge 10\n${row}\nHeel raises 10`, setting);
    expect(lines[1]).toMatchObject({ kind: 'structure', reading: { text: '' } });
  });

  test('a rest by itself is a rest', () => {
    expect(textsOf('Bridge 10\nrest 1 min\nHeel raises 10')[1]).toBe('rest 1:00');
  });
});

describe('the sheet', () => {
  const read = (plan: string, decided = {}) =>
    sheetOf(readPlainPage(plan, setting), setting, decided);

  test('rows that say the same can be decided together', () => {
    const sheet = read('bridge 10\nzumba madness\nZumba  madness', { 2: 'note' });
    expect(sheet.rows.map(({ alike }) => alike)).toEqual([[], [3], []]);
  });

  test('its time is that of the routine it makes, and far is more than a fifth', () => {
    const routine = routineOfSheet(read('bridge 10\nheel raises 12'), setting);
    expect(routine?.sections.main).toHaveLength(2);
    expect(isFarOff(1_000_000, 1_200_000)).toBe(false);
    expect(isFarOff(1_000_000, 1_200_001)).toBe(true);
    expect(isFarOff(1_000_000, 799_999)).toBe(true);
  });
});

describe('what is no plan', () => {
  test('a shopping list is no class', () => {
    expect(
      textsOf('Milk\nEggs x 12\n2 l orange juice\nbread\nSoap 3').filter((one) => one !== '?'),
    ).toEqual([]);
  });

  test('rows beyond a routine are counted, and a row that is cut is not taken', () => {
    const page = readPlainPage('bridge 10\n'.repeat(2000), setting);
    expect(page.lines).toHaveLength(400);
    expect(page.unread).toBe(1600);
    const [long] = readPlainPage(`bridge 10 ${'softly '.repeat(800)}`, setting).lines;
    expect(long?.reading.line).toBeUndefined();
  });

  test('a table of one column is a list, and nothing that is typed throws', () => {
    expect(readPlainPage('| bridge 10 |\n| heel raises 12 |', setting).lines).toHaveLength(2);
    const cell = fc.oneof(
      fc.string({ unit: 'binary', maxLength: 8 }),
      fc.constantFrom('1e9', '-', 'bridge', '٣', '10', ''),
    );
    const plans = fc.array(fc.array(cell, { maxLength: 5 }), { maxLength: 8 });
    fc.assert(
      fc.property(plans, fc.constantFrom('\t', '|', ',', '  ', '\n'), (rows, joint) => {
        readPlainPage(rows.map((row) => row.join(joint)).join('\n'), setting);
      }),
    );
  });
});

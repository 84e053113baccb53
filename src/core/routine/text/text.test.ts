import fc from 'fast-check';
import { itemIdSchema, routineIdSchema } from '@/core/common';
import { SHIPPED } from '@/core/moves';
import { reading, routineArbitrary, routineOf, levelId } from '@/core/testing';
import { itemsInOrder, routineSchema } from '../schema';
import { entrySchema, type Item } from '../entries';
import { changeSectionHead } from '../edit/edits';
import { readRoutineText } from './read';
import { readAddingLine } from './adding-line';
import { writeItem, writeRoutineText } from './write';

const problemsOf = (text: string) =>
  reading(text).problems.map(({ line, column, code, read }) => `${line}:${column} ${code} ${read}`);
const firstItem = (text: string): Item => {
  const [item] = itemsInOrder(routineOf(text));
  if (!item) throw new Error('no item');
  return item;
};

const WHOLE = `title: Signal box reset
group: desk
slot: 10:00
lanes: chair, stand-held
breath: 4/5
school: hold steady, curl never
limits: knee painful left
room: chair without wheels, wall, strap

[warm-up]
Seated march: for 1:00
Seated cat: 6 reps, tempo 3-0-3
Leg extend and bend: 8 reps, alternating

[main]
(build up)
  Lift off the backrest: 1 rep
  Scoot to the front: 1 rep
  Lean over the feet: 1 rep
Tandem stance: hold 10s, each side, support fingertips, with head turning
(3 rounds, rest 20s)
  Sit to stand: 8 reps, level hands on thighs
rest 30s
(each side)
  Seated hamstring reach: hold 1:30, press 5s x3
  Seated twist: hold 20s

[settle]
Seated easy breath: 6 breaths    # dim the lights
`;

describe('routine text', () => {
  test('whatever letters a text has, what is read of it is what is kept', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 30 }), (typed) => {
        const read = reading(`title: ${typed}\n[main]\nBridge: 8 reps, "${typed}"  # ${typed}`);
        expect(routineSchema.parse(read.routine)).toEqual(read.routine);
      }),
      { numRuns: 300, examples: [['\ud83d'], ['\u202e'], ['\ufeff'], ['Low\u0002 tide']] },
    );
  });

  test('a whole routine is read and written again as it stands', () => {
    expect(problemsOf(WHOLE)).toEqual([]);
    expect(writeRoutineText(routineOf(WHOLE))).toBe(WHOLE);
  });

  test('text to routine to text is stable, routine to text to routine is equal', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const text = writeRoutineText(routine);
        const back = reading(text);
        expect(back.problems).toEqual([]);
        expect(withoutIds(back.routine)).toEqual(withoutIds(routine));
        expect(writeRoutineText(back.routine)).toBe(text);
      }),
      { numRuns: 300 },
    );
  });

  test('reading any text never throws, and what is read can be written and read again', () => {
    const pieces = fc.constantFrom(
      'Seated twist',
      ':',
      ',',
      'hold',
      '30s',
      '30',
      'x2',
      '"',
      '\\',
      '#',
      '\n',
      '[main]',
      '[',
      ']',
      '(',
      '(2 rounds)',
      '(end)',
      '\n  ',
      'lanes: chair',
      'school: curl never',
      'rest ',
      'press',
      'tempo 1-2-3',
      '×',
      '–',
      ' ',
      '\t',
      'title:',
      'pace: rising',
      'level in',
      '\u0000',
      '🙂',
    );
    const soup = fc.array(fc.oneof(pieces, fc.string({ unit: 'binary' })), { maxLength: 40 });
    fc.assert(
      fc.property(soup, (parts) => {
        const { routine } = reading(parts.join(''));
        const again = reading(writeRoutineText(routine));
        expect(again.problems).toEqual([]);
        expect(withoutIds(again.routine)).toEqual(withoutIds(routine));
      }),
      { numRuns: 500, seed: 20261125 },
    );
  });

  test('whatever a text holds, what is read of it can be kept', () => {
    const many = (text: string, count: number) =>
      Array.from({ length: count }, () => text).join('');
    const pieces = fc.constantFrom(
      ...[
        'Seated twist: ',
        'Heel raises: ',
        'hold 20s',
        ', ',
        '\n',
        '\n  ',
        '(each side, rest 9h)',
      ],
      ...['300 reps x12', 'hold 24h', 'rest 0s', 'rest 400ms', '\nrest 25h', 'x13', 'for 0.1s'],
      ...['[main]\n', 'weak left +24h', 'level half way in chair', 'tempo 0-0-1', 'press 60s x20'],
      ...[
        'limits: tired, bad knees left #',
        'limits: none',
        '\nroom: wall x200',
        '\nbreath: 20/20',
      ],
      ...[
        '\npace: rising 10:00',
        '\nslot: 48h',
        '\nslot: 20',
        '\ntitle: ',
        '\n# ',
        'pin',
        'prop mat',
      ],
      many('accept exit-tired "fine", ', 21),
      many('\n# note', 51),
      many('a', 310),
      many('limits: aches all over, ', 30),
      many('\nSeated cat', 401),
      many('\n  Seated cat', 41),
    );
    fc.assert(
      fc.property(fc.array(fc.oneof(pieces, fc.string()), { maxLength: 30 }), (parts) => {
        const { routine } = reading(parts.join(''));
        expect(routineSchema.safeParse(routine).error?.issues ?? []).toEqual([]);
      }),
      { numRuns: 300 },
    );
  });

  test('what is beyond a bound is a problem', () => {
    const notes = Array.from({ length: 52 }, (_, i) => `# note ${i}`).join('\n');
    expect(problemsOf(notes)).toEqual(['51:1 too-many-notes ', '52:1 too-many-notes ']);
    const accepts = Array.from({ length: 22 }, (_, i) => `accept exit-tired "${i}"`).join(', ');
    expect(reading(`Bridge: ${accepts}`).problems.map(({ code }) => code)).toEqual([
      'too-many-accepts',
      'too-many-accepts',
    ]);
  });

  test('a routine that could not be kept is a problem of its text', () => {
    const id = routineIdSchema.parse('r');
    const { problems } = readRoutineText('Bridge\nBridge', {
      id,
      newId: () => 'twice',
      untitled: 'x',
    });
    expect(problems.map(({ code }) => code)).toEqual(['not-whole']);
  });

  test('what is said of limits is read, and what is not understood is kept till it is answered', () => {
    const { routine, problems } = reading('limits: bad knees, tired, new hip left\nBridge');
    expect(routine.limits).toEqual([
      { limit: 'knee painful' },
      { limit: 'hip replaced', side: 'left' },
    ]);
    expect(routine.limitsUnread).toEqual(['tired']);
    expect(problems).toMatchObject([{ code: 'unknown-limit', line: 1, column: 20, read: 'tired' }]);
    expect(problems[0]?.could).toHaveLength(3);
    expect(writeRoutineText(routine)).toContain('limits: knee painful, hip replaced left, tired\n');
    expect(reading('limits: tired\nBridge').routine.limits).toBeUndefined();
  });

  test('what is known in a list is kept beside what is not', () => {
    const { routine, problems } = reading(
      'lanes: chair, bath\nroom: wall, trapeze, 2 chairs\nBridge',
    );
    expect(routine.lanes).toEqual(['chair']);
    expect(routine.room).toEqual([{ thing: 'wall' }, { thing: 'chair', count: 2 }]);
    expect(problems.map(({ read }) => read)).toEqual(['bath', 'trapeze']);
  });

  test.each<[string, Partial<Item>]>([
    ['hold 10s x2, rest 5s', { dose: { kind: 'hold', holdMs: 10_000, sets: 2 }, restMs: 5000 }],
    ['HOLD 2m30s × 3', { dose: { kind: 'hold', holdMs: 150_000, sets: 3 } }],
    [
      '5 breaths 5/6',
      { dose: { kind: 'breaths', breaths: 5, sets: 1, breath: { inMs: 5000, outMs: 6000 } } },
    ],
    ['1 breath', { dose: { kind: 'breaths', breaths: 1, sets: 1 } }],
    ['for 20s', { dose: { kind: 'timed', timedMs: 20_000, sets: 1 } }],
    [
      '10 reps, tempo 2–1–2–1',
      { dose: { kind: 'reps', reps: 10, sets: 1 }, tempo: [2000, 1000, 2000, 1000] },
    ],
    ['hold 1:00, press x2', { press: { pressMs: 5000, times: 2 } }],
    ['left only, meant "sore, right"', { sides: 'left-only', meant: 'sore, right' }],
    [
      'right first, weak right +10s',
      { firstSide: 'right', weak: { side: 'right', extraMs: 10_000 } },
    ],
    ['level Hand on the Thigh', { level: levelId('hand on the thigh') }],
    [
      'level arms crossed in chair, level hand on the thigh in stand',
      { laneLevels: { chair: levelId('arms crossed'), stand: levelId('hand on the thigh') } },
    ],
    ['support one hand, with eyes closed', { support: 'one hand', challenge: 'eyes closed' }],
    ['prop strap, prop block, pin', { props: ['strap', 'block'], pinned: true }],
    ['cue “Turn”, set-up "Sit # tall"', { cue: 'Turn', setUp: 'Sit # tall' }],
    ['accept side-missing "one arm"', { accept: [{ finding: 'side-missing', why: 'one arm' }] }],
  ])('clause %s', (clauses, expected) => {
    const item = firstItem(`Seated twist: ${clauses}`);
    expect(item).toMatchObject(expected);
    expect(firstItem(writeItem(item, SHIPPED))).toEqual(item);
  });

  test.each([
    ['Seatd twist: hold 20s', ['1:1 unknown-move Seatd twist']],
    ['Seated twist: hold 20', ['1:20 bare-number 20']],
    ['Seated twist: hold', ['1:15 not-a-duration ']],
    ['  - Seated twist: each sid', ['1:19 unknown-clause each sid']],
    ['Seated twist: hold 20s, hold 30s', ['1:25 clause-twice hold 30s']],
    ['Seated cat: each side', ['1:13 sides-not-this-move each side']],
    ['Seated twist: hold 20s, press 5s x3', ['1:25 press-too-long press 5s x3']],
    ['Seated twist: hold 20s, tempo 2-1-2', ['1:25 tempo-needs-reps tempo 2-1-2']],
    ['Seated twist: level nothing', ['1:15 unknown-level level nothing']],
    ['Seated twist: left only, weak right +5s', ['1:26 weak-needs-each weak right +5s']],
    ['Seated twist: 999 reps', ['1:15 too-many 999']],
    ['Seated twist: cue "open', ['1:19 bad-quote "open']],
    ['Seated twist: level arms crossed in kitchen', ['1:37 unknown-lane kitchen']],
    ['Seated twist: level full in chair', ['1:15 unknown-level level full in chair']],
    ['[middle]', ['1:1 unknown-section [middle]']],
    ['(3 rounds)', ['1:1 block-empty (3 rounds)']],
    ['(3 rounds)\nSeated twist', ['1:1 block-empty (3 rounds)']],
    ['(3 rounds\n  Seated twist', ['1:10 block-not-closed (3 rounds']],
    ['(3 dances)\n  Seated twist', ['1:2 unknown-block-word 3 dances']],
    ['(left first)\n  Seated twist', ['1:1 first-needs-each (left first)']],
    ['(99 rounds)\n  Seated twist', ['1:2 too-many 99']],
    ['(2 rounds, rest 20)\n  Seated twist', ['1:17 bare-number 20']],
    [
      '(2 rounds)\n  Seated twist\n  (each side)\n  Bridge',
      ['3:3 block-in-block (each side)', '3:3 block-empty (each side)'],
    ],
    ['(end)', ['1:1 end-without-block (end)']],
    ['school: curl sideways', ['1:9 unknown-school curl sideways']],
    ['limits: knee painful left, sore', ['1:28 unknown-limit sore']],
    ['room: chair, piano', ['1:14 unknown-room-thing piano']],
    ['goals: knees', ['1:8 unknown-goal knees']],
    ['lanes: chair, moon', ['1:15 unknown-lane moon']],
    ['group: dancers', ['1:8 unknown-group dancers']],
    ['slot: 0', ['1:7 too-few 0']],
    ['slot: 600', ['1:7 too-long 600']],
    ['start: nowhere', ['1:8 unknown-position nowhere']],
    ['pace: constructor 5s', ['1:7 unknown-pace-number constructor 5s']],
    ['pace: between 5', ['1:15 bare-number 5']],
    ['breath: 4', ['1:9 bad-breath 4']],
    ['title: A\ntitle: B', ['2:1 header-twice title']],
    ['Seated twist\ntitle: B', ['2:1 header-late title']],
    ['rest 30', ['1:6 bare-number 30']],
  ])('%s names its place', (text, problems) => {
    expect(problemsOf(text)).toEqual(problems);
  });

  test('a block runs to the end of its indentation, or to (end)', () => {
    const shape = (text: string) => {
      const { routine, problems } = reading(text);
      const main = routine.sections.main.map((entry) =>
        entry.kind === 'block' ? entry.lines.length : entry.kind,
      );
      return [main, problems.length];
    };
    expect(shape('(2 rounds)\n  Bridge\n\n  rest 5s\nSeated cat')).toEqual([[2, 'item'], 0]);
    expect(shape('(2 rounds)\nBridge\nrest 5s\n(end)\nSeated cat')).toEqual([[2, 'item'], 0]);
    expect(shape('  (2 rounds)\n    Bridge\n  Seated cat')).toEqual([[1, 'item'], 0]);
    expect(shape('(1 round)\n  Bridge')).toEqual([['item'], 0]);
  });

  test('what is right on a wrong line is kept', () => {
    const { routine } = reading('Seated twist: hold 20s, hop, support one hand\nrest 5\nBridge');
    expect(itemsInOrder(routine)).toMatchObject([
      { dose: { kind: 'hold' }, support: 'one hand' },
      { moveId: 'bridge' },
    ]);
  });

  test('what would take for ever to time is left out, and the rest is read', () => {
    const line = '  Seated march: 300 reps x12';
    const block = ['(12 rounds, build up)', ...Array.from({ length: 40 }, () => line)].join('\n');
    const { routine, problems } = reading(`Bridge\n${block}\n[settle]\nSeated cat`);
    expect(problems.map(({ code, line: at }) => `${at} ${code}`)).toEqual(['2 too-much-work']);
    expect(itemsInOrder(routine).map(({ moveId }) => moveId)).toEqual(['bridge', 'seated-cat']);
  });

  test('a text beyond the limit is not read', () => {
    expect(problemsOf('a'.repeat(200_001))).toEqual(['1:1 too-big ']);
  });
});

describe('what was added, written wrongly', () => {
  test.each([
    ['Seated twist: hold 10-5s', '1:20 span-backwards 10-5s'],
    ['Seated side bend: hold 10s, held 3s', '1:29 held-needs-reps held 3s'],
    ['Seated cat: 6 reps, held 5s, with the breath', '1:30 breath-or-tempo with the breath'],
    [
      'Seated cat: with the breath 4/6, 8 reps with the breath',
      '1:34 clause-twice 8 reps with the breath',
    ],
    ['Seated cat: 8 reps in all', '1:13 in-all-needs-turns 8 reps in all'],
    ['Seated twist: hold 20s, at floor-cross', '1:25 not-at-this-place at floor-cross'],
    ['Head turn: 5 reps, press 5s x2 "x"', '1:20 press-needs-hold press 5s x2 "x"'],
    ['Seated easy breath: 5 breaths 4/0/6/99', '1:37 too-many 99'],
    ['Head turn: 5 reps, asks eyes-shut', '1:25 unknown-load eyes-shut'],
    ['notice 15s', '1:11 not-a-notice '],
    ['notice "Which?"', '1:8 not-a-notice "Which?"'],
    ['or: Bridge', '1:1 option-without-item or: Bridge'],
    ['[main, rest 30s]\nSeated cat', '1:1 rest-needs-rounds [main, rest 30s]'],
    ['Seated cat\nthroughout "x"', '2:1 throughout-late throughout "x"'],
    ['(choose 1)\n  Seated cat', '1:1 choose-needs-more (choose 1)'],
  ])('%s', (text, problem) => {
    expect(problemsOf(text)).toEqual([problem]);
  });

  test('rounds of a section count towards what one class can hold', () => {
    const heavy = Array.from({ length: 20 }, () => 'Seated cat: 300 reps x12').join('\n');
    expect(problemsOf(`[main]\n${heavy}`)).toEqual([]);
    const problems = problemsOf(`[main, 12 rounds]\n${heavy}`);
    expect(problems.length).toBeGreaterThan(0);
    expect(problems.every((one) => one.includes('too-much-work'))).toBe(true);
    const routine = routineOf(`[main]\n${heavy}`);
    expect(changeSectionHead(routine, 'main', { rounds: 12 })).toBeUndefined();
    expect(changeSectionHead(routine, 'main', {})?.steps[0]).toMatchObject({ to: {} });
  });

  test('what stands in for a prop is that prop', () => {
    const { routine, problems } = reading(
      '[main]\nthroughout prop pillow\nSeated twist: hold 20s, also towel',
    );
    expect(problems).toEqual([]);
    expect(routine.heads?.main?.throughout?.props).toEqual(['cushion']);
    expect(itemsInOrder(routine)[0]?.alsoProps).toEqual(['strap']);
  });
});

describe('the line for adding', () => {
  const id = itemIdSchema.parse('i1');
  const added = (typed: string) => {
    const read = readAddingLine(typed, id, { group: 'desk' });
    if ('line' in read) {
      const { line } = read;
      return line.kind === 'rest' ? `rest ${line.restMs}` : `notice ${line.noticeMs} ${line.words}`;
    }
    const problems = read.problems.map(({ code, at }) => ` !${code}@${at}`).join('');
    return (read.item ? writeItem(read.item, SHIPPED) : '-') + problems;
  };

  test.each([
    ['seated twist 30s each', 'Seated twist: hold 30s, each side'],
    ['Seated twist: hold 30s, each side', 'Seated twist: hold 30s, each side'],
    ['seated march 45s', 'Seated march: for 45s'],
    ['sit to stand 10', 'Sit to stand: 10 reps'],
    ['easy breath 4', 'Seated easy breath: 4 breaths'],
    ['seated easy breath 4', 'Seated easy breath: 4 breaths'],
    ['seated twist 20s x2 rest 5s', 'Seated twist: hold 20s x2, rest 5s'],
    ['bridge', 'Bridge'],
    ['rest 20s', 'rest 20000'],
    ['rest 400ms', '- !unknown-move@0'],
    ['seated twist 30', 'Seated twist !unknown-clause@13'],
    ['seated twist 30s sideways', 'Seated twist: hold 30s !unknown-clause@17'],
    ['nothing here', '- !unknown-move@0'],
    ['', '- !unknown-move@0'],
  ])('%s', (typed, expected) => {
    expect(added(typed)).toBe(expected);
  });

  test('any text is read without throwing', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 60 }), (typed) => {
        for (const line of [typed, `seated twist ${typed}`, `rest ${typed}`]) {
          const read = readAddingLine(line, id, { group: 'older' });
          const entry = 'line' in read ? read.line : read.item;
          if (entry) expect(entrySchema.safeParse(entry).error?.issues ?? []).toEqual([]);
        }
      }),
    );
  });
});

function withoutIds(value: unknown): unknown {
  return JSON.parse(JSON.stringify(value, (key, inner) => (key === 'id' ? undefined : inner)));
}

import fc from 'fast-check';
import { SHIPPED } from '../../catalog';
import { itemIdSchema } from '../../ids';
import { reading, routineArbitrary, routineOf } from '../../testing';
import { itemsInOrder, readAddingLine, writeItem, writeRoutineText, type Item } from '..';

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
    ['level Hand on the Thigh', { level: 'hand on the thigh' }],
    [
      'level arms crossed in chair, level hand on the thigh in stand',
      { laneLevels: { chair: 'arms crossed', stand: 'hand on the thigh' } },
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
    ['slot: 10', ['1:7 bare-number 10']],
    ['start: nowhere', ['1:8 unknown-position nowhere']],
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

describe('the line for adding', () => {
  const id = itemIdSchema.parse('i1');
  const added = (typed: string) => {
    const read = readAddingLine(typed, id, { pace: 'desk' });
    if ('rest' in read) return `rest ${read.rest.restMs}`;
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
        readAddingLine(typed, id, { pace: 'older' });
        readAddingLine(`seated twist ${typed}`, id, { pace: 'older' });
      }),
    );
  });
});

function withoutIds(value: unknown): unknown {
  return JSON.parse(JSON.stringify(value, (key, inner) => (key === 'id' ? undefined : inner)));
}

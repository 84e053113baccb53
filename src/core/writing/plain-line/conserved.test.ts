import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { WrittenDose } from '@/core/moves';
import type { Item } from '@/core/routine';
import { readTypedLine } from './typed-line';

/** Moves whose names nobody mistakes, with what they are counted in. */
const NAMES = {
  reps: ['Sit to stand', 'Bridge', 'Heel raises', 'Clamshell', 'Good morning', 'Bottle curl'],
  hold: ['Seated hamstring reach', 'Seated figure four', 'Plank', 'Wall calf stretch'],
  timed: ['Marching', 'Seated march'],
  breaths: ['Seated easy breath', 'Even rib breath'],
} as const;
const SIDED = ['Clamshell', 'Seated hamstring reach', 'Seated figure four', 'Wall calf stretch'];

interface Said {
  readonly name: string;
  readonly kind: keyof typeof NAMES;
  readonly n: number;
  readonly to?: number;
  readonly sets: number;
  readonly restS?: number;
  readonly heldS?: number;
  readonly tempo?: readonly number[];
  readonly load?: string;
}

const amount = { reps: [4, 15], hold: [10, 60], timed: [20, 120], breaths: [3, 10] } as const;

const said: fc.Arbitrary<Said> = fc.constantFrom('reps', 'hold', 'timed', 'breaths').chain((kind) =>
  fc
    .record({
      kind: fc.constant(kind),
      name: fc.constantFrom(...NAMES[kind]),
      n: fc.integer({ min: amount[kind][0], max: amount[kind][1] }),
      to: fc.constant(undefined),
      sets: fc.integer({ min: 1, max: 4 }),
      restS: fc.option(fc.constantFrom(15, 20, 30, 45, 60, 90), { nil: undefined }),
      heldS:
        kind === 'reps'
          ? fc.option(fc.integer({ min: 2, max: 8 }), { nil: undefined })
          : fc.constant(undefined),
      tempo:
        kind === 'reps'
          ? fc.option(fc.constantFrom([2, 1, 2], [3, 1, 1], [3, 0, 1], [4, 0, 2]), {
              nil: undefined,
            })
          : fc.constant(undefined),
      load:
        kind === 'reps'
          ? fc.option(fc.constantFrom('2 kg', '5 lb'), { nil: undefined })
          : fc.constant(undefined),
    })
    .map(({ to: _, restS, heldS, tempo, load, ...one }) => ({
      ...one,
      ...(restS !== undefined && { restS }),
      ...(heldS !== undefined && { heldS }),
      ...(tempo && heldS === undefined && { tempo }),
      ...(load !== undefined && { load }),
    })),
) as fc.Arbitrary<Said>;

const WORDS = [...'one two three four five six seven eight nine ten eleven twelve'.split(' ')];
const inWords = (n: number) => WORDS[n - 1] ?? String(n);

const seconds = (s: number): readonly string[] => [
  `${s}s`,
  `${s} sec`,
  `${s} secs`,
  `${s} seconds`,
  `${s}"`,
  ...(s % 60 === 0 ? [`${s / 60} min`, `${s / 60} minute`] : []),
  ...(s > 60 ? [`${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`] : []),
];

/** How an amount with its sets is written. */
function doses({ kind, n, sets }: Said): readonly string[] {
  const one: Readonly<Record<Said['kind'], readonly string[]>> = {
    reps: [`${n} reps`, `${n} times`, `x${n}`, `${inWords(n)} times`, `${n}x`],
    hold: seconds(n).flatMap((s) => [`hold ${s}`, `hold for ${s}`, `${s} hold`]),
    timed: seconds(n).flatMap((s) => [s, `for ${s}`]),
    breaths: [`${n} breaths`, `${inWords(n)} slow breaths`],
  };
  if (sets === 1) return one[kind];
  const many: Readonly<Record<Said['kind'], readonly string[]>> = {
    reps: [
      `${sets} x ${n}`,
      `${sets}x${n}`,
      `${sets} sets of ${n}`,
      `${n} x ${sets} sets`,
      `${n} reps x ${sets}`,
      `${n} reps, ${sets} sets`,
      `${inWords(sets)} sets of ${inWords(n)}`,
      `sets: ${sets} reps: ${n}`,
    ],
    hold: seconds(n).flatMap((s) => [
      `${sets} x ${s} hold`,
      `hold ${s} x ${sets}`,
      `hold ${s}, ${sets} times`,
    ]),
    timed: seconds(n).flatMap((s) => [
      `${sets} x ${s}`,
      `${s} x ${sets}`,
      `${sets} rounds of ${s}`,
    ]),
    breaths: [`${n} breaths x ${sets}`, `${sets} x ${n} breaths`],
  };
  return many[kind];
}

function others({ restS, heldS, tempo, load }: Said): readonly (readonly string[])[] {
  return [
    ...(restS === undefined
      ? []
      : [
          seconds(restS).flatMap((s) => [
            `rest ${s}`,
            `(${s} rest)`,
            `(rest ${s})`,
            `w/ ${s} between sets`,
            `${s} rest between`,
            `with a ${s} rest`,
          ]),
        ]),
    ...(heldS === undefined
      ? []
      : [
          [
            `hold ${heldS}s`,
            `held ${heldS} sec`,
            `pause ${heldS}s at the top`,
            `hold each for ${heldS} seconds`,
          ],
        ]),
    ...(tempo === undefined ? [] : [[`tempo ${tempo.join('-')}`, `@ ${tempo.join('-')}`]]),
    ...(load === undefined ? [] : [[load, `with ${load}`, load.replace(' ', '')]]),
  ];
}

const lines = said.chain((one) => {
  const parts = [doses(one), ...others(one)].map((all) => fc.constantFrom(...all));
  return fc
    .record({
      parts: fc.tuple(...parts),
      joint: fc.constantFrom(' ', ', ', ' - ', ' / '),
      head: fc.constantFrom('', '- ', '3. ', '• '),
      front: fc.boolean(),
      each: fc.constantFrom('each side', 'each leg', 'per side', 'L+R', 'e/s'),
      loud: fc.boolean(),
    })
    .map(({ parts: [dose = '', ...rest], joint, head, front, each, loud }) => {
      const sided = SIDED.includes(one.name) ? [each] : [];
      const name = front ? [dose, one.name.toLowerCase()] : [one.name.toLowerCase(), dose];
      const tail = [...sided, ...rest].join(joint);
      const typed = `${head}${name.join(' ')}${tail === '' ? '' : `${joint}${tail}`}`;
      return { one, typed: loud ? typed.toUpperCase() : typed };
    });
});

const amountOf = (dose: WrittenDose) =>
  dose.kind === 'hold'
    ? dose.holdMs / 1000
    : dose.kind === 'timed'
      ? dose.timedMs / 1000
      : dose.kind === 'reps'
        ? dose.reps
        : dose.breaths;

/** Whether an item says what was said, and no more of amounts. */
function says(item: Item, one: Said): boolean {
  const { dose } = item;
  if (!dose || dose.kind !== one.kind) return false;
  return (
    amountOf(dose) === one.n &&
    dose.sets === one.sets &&
    (item.restMs ?? undefined) === (one.restS === undefined ? undefined : one.restS * 1000) &&
    (item.held && 'ms' in item.held ? item.held.ms / 1000 : undefined) === one.heldS &&
    (item.tempo?.slice(0, 3).join() ?? '') === (one.tempo?.map((s) => s * 1000).join() ?? '') &&
    item.note === one.load
  );
}

test('what is written in any usual shape is read as it was said, or asked about; never as another dose', () => {
  let taken = 0;
  let all = 0;
  fc.assert(
    fc.property(lines, ({ one, typed }) => {
      const { line } = readTypedLine(typed, { group: 'desk' });
      all += 1;
      if (line?.kind !== 'item') return;
      taken += 1;
      if (!says(line, one)) throw new Error(`${typed} => ${JSON.stringify(line)}`);
    }),
    { numRuns: 600 },
  );
  expect(taken / all).toBeGreaterThan(0.8);
});

const ROUNDS = readFileSync(join(__dirname, 'rounds.txt'), 'utf8')
  .trim()
  .split('\n')
  .map((line) => line.split(' => ') as [string, string]);

test.each(ROUNDS)('%s', (typed, strict) => {
  expect(readTypedLine(typed, { group: 'older' }).text || '?').toBe(strict);
});

describe('a note behind a line', () => {
  const read = (typed: string) => readTypedLine(typed, { group: 'older' });

  test.each([
    ['Bridge: 8 reps    # slow', 'Bridge: 8 reps    # slow', 'slow'],
    ['bridge 8 # slow', 'Bridge: 8 reps    # slow', 'slow'],
    [
      'bicep curls 10 with 2 kg # left is weak',
      'Bottle curl: 10 reps    # 2 kg, left is weak',
      '2 kg, left is weak',
    ],
    ['Bottle curl: 10 reps x2    # 2 kg', 'Bottle curl: 10 reps x2    # 2 kg', '2 kg'],
    ['rest 30s # water', 'rest 30s    # water', 'water'],
    ['bridge 10 #', 'Bridge: 10 reps', undefined],
    [
      'Seated twist: hold 20s, cue "turn # look"',
      'Seated twist: hold 20s, cue "turn # look"',
      undefined,
    ],
  ])('%s keeps it', (typed, text, note) => {
    const { line, text: strict } = read(typed);
    expect(strict).toBe(text);
    expect(line?.note).toBe(note);
  });

  test('is in every line that is offered, and in none that is only begun', () => {
    const { others } = read('10 fire hydrants # knees padded');
    expect(others.length).toBeGreaterThan(0);
    for (const { text } of others) expect(text).toMatch(/: $| {4}# knees padded$/);
  });

  test('what is shown is what is taken where it is read again', () => {
    const shown = ROUNDS.map(([, strict = '']) => strict).filter((strict) => strict !== '?');
    expect(shown.filter((strict) => strict.includes('#')).length).toBeGreaterThan(5);
    expect(shown.filter((strict) => read(strict).text !== strict)).toEqual([]);
  });
});

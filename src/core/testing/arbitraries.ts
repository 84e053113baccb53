import fc from 'fast-check';
import { LOADS, SIDES, POSITION_IDS } from '@/core/body';
import { itemIdSchema, routineIdSchema, type ItemId, GROUP_NAMES } from '@/core/common';
import { CHALLENGES, SHIPPED, PROP_NAMES, SUPPORTS, type WrittenDose } from '@/core/moves';
import { LANE_NAMES, laneSaid, type LaneName } from '@/core/people';

import { mendedItem, saysSomething, type Entry, type Line, type Routine } from '@/core/routine';

const SECOND_WAYS: readonly LaneName[] = ['bed as lighter', 'chair as seated-low'];

const seconds = (least: number, most: number) =>
  fc.integer({ min: least, max: most }).map((s) => s * 1000);

const sets = fc.integer({ min: 1, max: 4 });

const plainDose = fc.oneof(
  fc.record({ kind: fc.constant('hold' as const), holdMs: seconds(1, 300), sets }),
  fc.record({ kind: fc.constant('timed' as const), timedMs: seconds(1, 300), sets }),
  fc.record(
    {
      kind: fc.constant('reps' as const),
      reps: fc.integer({ min: 1, max: 30 }),
      sets,
      inAll: fc.constant(true as const),
    },
    { requiredKeys: ['kind', 'reps', 'sets'] },
  ),
  fc.record(
    {
      kind: fc.constant('breaths' as const),
      breaths: fc.integer({ min: 1, max: 20 }),
      sets,
      breath: fc.record(
        {
          inMs: seconds(1, 9),
          outMs: seconds(1, 9),
          fullMs: seconds(1, 5),
          emptyMs: seconds(1, 5),
        },
        { requiredKeys: ['inMs', 'outMs'] },
      ),
    },
    { requiredKeys: ['kind', 'breaths', 'sets'] },
  ),
);

/** Some doses are spans: as much more as `more` of their unit, and as many more sets. */
const dose = fc
  .record({
    plain: plainDose,
    more: fc.option(fc.integer({ min: 1, max: 9 }), { nil: undefined, freq: 2 }),
    moreSets: fc.option(fc.integer({ min: 1, max: 3 }), { nil: undefined, freq: 2 }),
  })
  .map(({ plain, more, moreSets }): WrittenDose => ({
    ...plain,
    ...(more && {
      most: leastOf(plain) + more * ('holdMs' in plain || 'timedMs' in plain ? 1000 : 1),
    }),
    ...(moreSets && { mostSets: plain.sets + moreSets }),
  }));

function leastOf(dose: WrittenDose): number {
  if (dose.kind === 'hold') return dose.holdMs;
  if (dose.kind === 'timed') return dose.timedMs;
  return dose.kind === 'reps' ? dose.reps : dose.breaths;
}

/** One line of words, with everything that a parser could stumble over. */
export const wordsArbitrary = fc
  .oneof(
    fc.string({ unit: 'grapheme', minLength: 1, maxLength: 40 }),
    fc.constantFrom(
      'quote " in',
      'a # sign',
      'back\\slash',
      'comma, colon: x',
      '“curly”',
      '[main]',
    ),
  )
  .map((text) => text.replace(/[\p{Cc}\u2028\u2029]/gu, '').trim())
  .filter((text) => text !== '' && text.length <= 120);

const moveId = fc.constantFrom(...SHIPPED.moves.map(({ id }) => id));

const option = fc.record(
  { lane: fc.constantFrom(...LANE_NAMES), moveId, dose },
  { requiredKeys: ['moveId'] },
);

const throughout = fc.oneof(
  fc.record({ words: wordsArbitrary }),
  fc.record(
    {
      words: wordsArbitrary,
      props: fc.uniqueArray(fc.constantFrom(...PROP_NAMES), { minLength: 1, maxLength: 2 }),
    },
    { requiredKeys: ['props'] },
  ),
);

const head = fc.oneof(
  fc.record(
    { rounds: fc.integer({ min: 2, max: 3 }), restMs: seconds(1, 90), throughout },
    { requiredKeys: ['rounds'] },
  ),
  fc.record({ throughout }),
);

const itemWithout = fc.record(
  {
    kind: fc.constant('item' as const),
    moveId,
    dose,
    restMs: seconds(0, 60),
    press: fc.record({ pressMs: seconds(3, 10), times: fc.integer({ min: 1, max: 4 }) }),
    tempo: fc.constantFrom([2000, 1000, 2000, 0] as const, [3000, 0, 3000, 1000] as const),
    held: fc.oneof(
      fc.record({ ms: seconds(1, 90) }),
      fc.record({ breaths: fc.integer({ min: 1, max: 5 }) }),
    ),
    breath: fc.oneof(
      fc.constant('pace' as const),
      fc.record({ inMs: seconds(1, 9), outMs: seconds(1, 9) }),
    ),
    sides: fc.constantFrom('each', 'alternating', 'left-only', 'right-only'),
    firstSide: fc.constantFrom(...SIDES),
    weak: fc.record({ side: fc.constantFrom(...SIDES), extraMs: seconds(1, 30) }),
    support: fc.constantFrom(...SUPPORTS),
    challenge: fc.constantFrom(...CHALLENGES),
    props: fc.uniqueArray(fc.constantFrom(...PROP_NAMES), { maxLength: 3 }),
    pinned: fc.constant(true as const),
    meant: wordsArbitrary,
    accept: fc.array(
      fc.record({ finding: fc.constantFrom('slot', 'too-new'), why: wordsArbitrary }),
      {
        minLength: 1,
        maxLength: 2,
      },
    ),
    alsoProps: fc.uniqueArray(fc.constantFrom(...PROP_NAMES), { minLength: 1, maxLength: 2 }),
    asks: fc.uniqueArray(fc.constantFrom(...LOADS), { minLength: 1, maxLength: 3 }),
    options: fc.uniqueArray(option, {
      minLength: 1,
      maxLength: 3,
      selector: ({ lane, moveId }) => lane ?? moveId,
    }),
    straightOn: fc.constant(true as const),
    cue: wordsArbitrary,
    setUp: wordsArbitrary,
    pressWhere: wordsArbitrary,
    out: wordsArbitrary,
    note: wordsArbitrary,
  },
  { requiredKeys: ['kind', 'moveId'] },
);

const line = fc.oneof(
  { weight: 6, arbitrary: itemWithout },
  {
    weight: 2,
    arbitrary: fc.record(
      { kind: fc.constant('rest' as const), restMs: seconds(1, 90), note: wordsArbitrary },
      { requiredKeys: ['kind', 'restMs'] },
    ),
  },
  {
    weight: 1,
    arbitrary: fc.record(
      {
        kind: fc.constant('notice' as const),
        noticeMs: seconds(1, 60),
        words: wordsArbitrary,
        note: wordsArbitrary,
      },
      { requiredKeys: ['kind', 'noticeMs', 'words'] },
    ),
  },
  {
    weight: 1,
    arbitrary: fc.record({ kind: fc.constant('note' as const), note: wordsArbitrary }),
  },
);

const entry = fc.oneof(
  { weight: 5, arbitrary: line },
  {
    weight: 1,
    arbitrary: fc
      .record(
        {
          kind: fc.constant('block' as const),
          rounds: fc.integer({ min: 2, max: 4 }),
          perSide: fc.constant(true as const),
          firstSide: fc.constantFrom(...SIDES),
          buildUp: fc.constant(true as const),
          inOneGo: fc.constant(true as const),
          choose: fc.constant(1),
          throughout,
          restMs: seconds(1, 60),
          note: wordsArbitrary,
          lines: fc.array(line, { minLength: 1, maxLength: 3 }),
        },
        { requiredKeys: ['kind', 'lines'] },
      )
      .map(({ firstSide, choose, ...block }) => ({
        ...block,
        ...(saysSomething(block) ? {} : { rounds: 2 }),
        ...(block.perSide && firstSide && { firstSide }),
        ...(choose && block.lines.filter(({ kind }) => kind === 'item').length > 1 && { choose }),
      })),
  },
);

const optional = <T>(arbitrary: fc.Arbitrary<T>) => fc.option(arbitrary, { nil: undefined });

/** Routines as they may be stored, at any pace. */
export const routineArbitrary: fc.Arbitrary<Routine> = fc
  .record({
    title: wordsArbitrary,
    group: fc.constantFrom(...GROUP_NAMES),
    between: optional(seconds(0, 20)),
    talkWpm: optional(fc.integer({ min: 60, max: 200 })),
    slotMs: optional(seconds(60, 3600)),
    start: optional(fc.constantFrom(...POSITION_IDS)),
    end: optional(fc.constantFrom(...POSITION_IDS, 'stay' as const)),
    notes: fc.array(wordsArbitrary, { maxLength: 2 }),
    lanes: optional(
      fc.uniqueArray(fc.constantFrom<LaneName[]>(...LANE_NAMES, ...SECOND_WAYS), {
        minLength: 1,
        maxLength: 3,
        selector: laneSaid,
      }),
    ),
    schools: optional(fc.constantFrom({ curl: 'never' as const }, { hold: 'long' as const })),
    room: optional(
      fc.constantFrom([
        { thing: 'chair without wheels' as const, count: 12 },
        { thing: 'towel' as const },
      ]),
    ),
    limits: optional(
      fc.constantFrom([], [{ limit: 'knee painful' as const, side: 'left' as const }]),
    ),
    goals: optional(fc.constantFrom(['neck' as const])),
    often: optional(fc.constantFrom('3-5 a week', 'every hour, 2 min', 'evenings')),
    heads: optional(fc.record({ main: head })),
    parts: fc.tuple(
      fc.array(entry, { maxLength: 4 }),
      fc.array(entry, { maxLength: 6 }),
      fc.array(entry, { maxLength: 3 }),
    ),
  })
  .map(({ between, talkWpm, parts, title, group, notes, ...rest }) => {
    let n = 0;
    const withId = (one: object): Entry => {
      const id: ItemId = itemIdSchema.parse(`i${++n}`);
      const whole = { ...one, id } as Entry;
      if (whole.kind === 'block') return { ...whole, lines: whole.lines.map(withId) as Line[] };
      return whole.kind === 'item' ? mendedItem(whole, { group }) : whole;
    };
    const withIds = (entries: readonly object[]) => entries.map(withId);
    const given = Object.fromEntries(
      Object.entries(rest).filter(([, value]) => value !== undefined),
    );
    return {
      id: routineIdSchema.parse('routine'),
      title,
      group,
      notes,
      ...given,
      pace: {
        ...(between !== undefined && { betweenMs: between }),
        ...(talkWpm !== undefined && { talkWpm }),
      },
      sections: {
        'warm-up': withIds(parts[0]),
        main: withIds(parts[1]),
        settle: withIds(parts[2]),
      },
    };
  });

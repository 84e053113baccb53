import fc from 'fast-check';
import { CHALLENGES, SUPPORTS } from '@/core/moves';
import { BASES, leastContact, stepsHarder, timesOn, type Rung } from './ladder';
import { LADDER_SCHOOLS, placeOn, rungsOf, sameRung } from './rungs';
import { foreseen } from './simulate';
import { ladderStory, type LadderFact, type Tried } from './story';

const said = ({ base, hands, challenge, timeMs }: Rung) =>
  `${base}, ${hands}, ${challenge}, ${timeMs / 1000} s`;

describe.each(LADDER_SCHOOLS)('the ladder, %s', (school) => {
  test.each([true, false])(
    'each step up makes one dimension harder by one (older: %s)',
    (older) => {
      const rungs = rungsOf(school, older);
      expect(rungs.length).toBeGreaterThan(20);
      for (let i = 1; i < rungs.length; i++) {
        const [from, to] = [rungs[i - 1], rungs[i]] as [Rung, Rung];
        const harder = [
          BASES.indexOf(to.base) - BASES.indexOf(from.base),
          SUPPORTS.indexOf(to.hands) - SUPPORTS.indexOf(from.hands),
          CHALLENGES.indexOf(to.challenge) - CHALLENGES.indexOf(from.challenge),
          timesOn(to.base).indexOf(to.timeMs) - timesOn(to.base).indexOf(from.timeMs),
        ].filter((by, dimension) => by > 0 && !(dimension === 3 && to.timeMs <= from.timeMs));
        expect([said(from), said(to), harder]).toEqual([said(from), said(to), [1]]);
      }
    },
  );

  test.each([true, false])('the hands never hold less than the table says (older: %s)', (older) => {
    for (const { base, hands, challenge } of rungsOf(school, older)) {
      if (base === 'seated') continue;
      const least = leastContact(base, challenge, older);
      expect(least).not.toBe('not-used');
      expect(SUPPORTS.indexOf(hands)).toBeLessThanOrEqual(SUPPORTS.indexOf(least as never));
    }
  });

  test('no rung stands twice, and each is found where it stands', () => {
    const rungs = rungsOf(school, true);
    expect(new Set(rungs.map(said)).size).toBe(rungs.length);
    rungs.forEach((rung, i) => expect(placeOn(rungs, rung)).toBe(i));
  });
});

test('hands first goes hands, time, base, and challenges last', () => {
  const rungs = rungsOf('hands first', true).map(said);
  expect(rungs.slice(0, 9)).toEqual([
    'seated, two hands, still, 10 s',
    'seated, one hand, still, 10 s',
    'seated, fingertips, still, 10 s',
    'seated, hover, still, 10 s',
    'seated, none, still, 10 s',
    'seated, none, still, 15 s',
    'seated, none, still, 20 s',
    'seated, none, still, 30 s',
    'apart, fingertips, still, 10 s',
  ]);
  expect(rungs).toContain('tandem, fingertips, still, 3 s');
  expect(rungs.find((rung) => rung.startsWith('one-leg'))).toBe('one-leg, one hand, still, 3 s');
});

const START: Rung = { base: 'together', hands: 'fingertips', challenge: 'still', timeMs: 10_000 };
const good: Tried = {
  rung: START,
  leftMs: 10_000,
  rightMs: 10_000,
  steps: 0,
  grabs: 0,
  nearFalls: 0,
  watched: true,
};
const led = (on: string, tried: Partial<Tried> = {}, more: object = {}): LadderFact => ({
  kind: 'class',
  on,
  older: true,
  tried: { ...good, ...tried },
  pain: false,
  dizzy: false,
  flare: false,
  doseRose: false,
  ...more,
});
const placed: LadderFact = { kind: 'placed', on: '2026-01-01', rung: START, why: '' };
const story = (facts: readonly LadderFact[], today = '2026-01-20') => {
  const now = ladderStory('hands first', [placed, ...facts], today);
  if (!now) throw new Error('no story');
  return now;
};
const last = (facts: readonly LadderFact[], today?: string) => {
  const { turns, rung, waits } = story(facts, today);
  const turn = turns.at(-1);
  return { way: turn?.way, why: turn?.why, to: said(rung), waits };
};

describe('a decision of the ladder', () => {
  const [one, two] = [led('2026-01-08'), led('2026-01-15')];

  test('up after the full time on both sides on two days', () => {
    expect(last([one])).toMatchObject({ way: 'stay', why: 'first-day' });
    expect(last([one, one])).toMatchObject({ way: 'stay', why: 'first-day' });
    expect(last([one, two])).toMatchObject({
      way: 'up',
      why: 'passed',
      to: 'together, hover, still, 10 s',
    });
  });

  test.each([
    ['short', { rightMs: 9000 }, {}],
    ['step-or-grab', { steps: 1 }, {}],
    ['more-contact', { rung: { ...START, hands: 'one hand' as const } }, {}],
    ['easier-drill', { rung: { ...START, base: 'apart' as const } }, {}],
    ['not-watched', { watched: false }, {}],
    ['flare', {}, { flare: true }],
    ['dose-rose', {}, { doseRose: true }],
  ])('stays: %s', (why, tried, more) => {
    expect(last([one, led('2026-01-15', tried, more)])).toMatchObject({ way: 'stay', why });
  });

  test.each([
    ['near-fall', { nearFalls: 1 }],
    ['two-steps-or-grabs', { steps: 1, grabs: 1 }],
  ])('back a step: %s', (why, tried) => {
    const back = last([one, led('2026-01-15', tried)]);
    expect(back).toMatchObject({ way: 'back', why, to: 'apart, fingertips, still, 10 s' });
  });

  test.each([
    ['pain', { pain: true }],
    ['dizzy', { dizzy: true }],
  ])('the stance stays, with both hands: %s', (why, more) => {
    expect(last([one, led('2026-01-15', {}, more)])).toMatchObject({
      way: 'back',
      why,
      to: 'together, two hands, still, 10 s',
    });
  });

  const STANCE: Rung = { base: 'tandem', hands: 'none', challenge: 'still', timeMs: 30_000 };
  const placedAt = (rung: Rung): LadderFact => ({
    kind: 'placed',
    on: '2026-01-02',
    rung,
    why: '',
  });

  test.each([
    ['near-fall', { nearFalls: 1 }],
    ['two-steps-or-grabs', { grabs: 2 }],
  ])(
    'after a %s a hand comes back on, on the wider base, and never the seconds alone',
    (why, tried) => {
      const facts = [
        placedAt(STANCE),
        led('2026-01-08', { rung: STANCE, leftMs: 30_000, rightMs: 30_000, ...tried }),
      ];
      expect(last(facts)).toMatchObject({ why, to: 'semi-tandem, fingertips, still, 30 s' });
    },
  );

  test('a fall on one leg: feet together, both hands, ten seconds', () => {
    const leg: Rung = { ...STANCE, base: 'one-leg', hands: 'hover' };
    const facts: LadderFact[] = [placedAt(leg), { kind: 'fall', on: '2026-01-09' }];
    expect(last(facts)).toMatchObject({ to: 'together, two hands, still, 10 s' });
  });

  test('one value is enough where no foot is in front, and both are needed where one is', () => {
    const both = { rightMs: null };
    expect(last([led('2026-01-08', both), led('2026-01-15', both)])).toMatchObject({ way: 'up' });
    const tandem: Rung = { ...START, base: 'tandem' };
    const one_ = led('2026-01-08', { rung: tandem, ...both });
    expect(last([placedAt(tandem), one_])).toMatchObject({ why: 'one-side' });
  });

  test('held three times what was asked, one watched day is enough, and steps of time are skipped', () => {
    const free: Rung = { ...START, hands: 'none' };
    const held = (ms: number, watched = true) =>
      last([placedAt(free), led('2026-01-08', { rung: free, leftMs: ms, rightMs: ms, watched })]);
    expect(held(29_999)).toMatchObject({ why: 'first-day' });
    expect(held(30_000)).toMatchObject({ way: 'up', to: 'semi-tandem, fingertips, still, 10 s' });
    expect(held(30_000, false)).toMatchObject({ why: 'not-watched' });
    const twice = (ms: number) =>
      last([
        placedAt(free),
        led('2026-01-08', { rung: free, leftMs: ms, rightMs: ms }),
        led('2026-01-15', { rung: free, leftMs: ms, rightMs: ms }),
      ]);
    expect(twice(10_000)).toMatchObject({ to: 'together, none, still, 15 s' });
    expect(twice(20_000)).toMatchObject({ to: 'together, none, still, 30 s' });
  });

  test('a term of weekly classes is enough from feet apart to one leg, where all is held long', () => {
    let rung: Rung = { base: 'apart', hands: 'fingertips', challenge: 'still', timeMs: 10_000 };
    let weeks = 0;
    const facts: LadderFact[] = [placedAt(rung)];
    while (rung.base !== 'one-leg' && weeks < 52) {
      const on = new Date(Date.UTC(2026, 0, 8 + 7 * weeks)).toISOString().slice(0, 10);
      facts.push(led(on, { rung, leftMs: 30_000, rightMs: 30_000 }));
      rung = ladderStory('hands first', facts, on)?.rung ?? rung;
      weeks += 1;
    }
    expect(weeks).toBeLessThanOrEqual(14);
  });

  test('a fall: two hands, still, and no rise until somebody placed them anew', () => {
    const fall: LadderFact = { kind: 'fall', on: '2026-01-09' };
    expect(last([fall])).toMatchObject({ way: 'back', to: 'together, two hands, still, 10 s' });
    const held = { rung: { ...START, hands: 'two hands' as const } };
    const after = [fall, led('2026-01-10', held), led('2026-01-13', held), led('2026-01-15', held)];
    expect(last(after)).toMatchObject({ way: 'stay', why: 'wait-clinician', waits: 'clinician' });
    const again: LadderFact = { ...placed, on: '2026-01-16', why: 'her doctor says yes' };
    expect(last([...after, again])).toMatchObject({ waits: null });
  });

  test('away three weeks is a rung back, eight a new test', () => {
    expect(last([one], '2026-01-28').why).toBe('first-day');
    expect(last([one], '2026-01-29')).toMatchObject({
      way: 'back',
      why: 'away-three-weeks',
      to: 'together, one hand, still, 10 s',
    });
    expect(last([one], '2026-03-05')).toMatchObject({ why: 'away-eight-weeks', waits: 'test' });
  });
});

describe('over long made-up histories', () => {
  const factArb = fc.record({
    gap: fc.integer({ min: 1, max: 30 }),
    leftMs: fc.constantFrom(3000, 10_000, 30_000),
    rightMs: fc.constantFrom(3000, 10_000, 30_000, null),
    steps: fc.constantFrom(0, 0, 0, 1, 2),
    nearFalls: fc.constantFrom(0, 0, 0, 0, 1),
    watched: fc.constantFrom(true, true, false),
    pain: fc.constantFrom(false, false, false, true),
    fall: fc.constantFrom(false, false, false, false, false, false, true),
  });

  const historyOf = (
    steps: readonly (typeof factArb extends fc.Arbitrary<infer T> ? T : never)[],
  ) => {
    let at = Date.parse('2026-01-01T00:00:00Z');
    const facts: LadderFact[] = [placed];
    for (const { gap, fall, pain, ...tried } of steps) {
      at += gap * 86_400_000;
      const on = new Date(at).toISOString().slice(0, 10);
      if (fall) facts.push({ kind: 'fall', on });
      const now = ladderStory('hands first', facts, on);
      facts.push(led(on, { ...tried, rung: now?.rung ?? START }, { pain }));
    }
    return { facts, today: new Date(at).toISOString().slice(0, 10) };
  };

  test('never two dimensions harder at once, never up after pain, a near-fall or a fall', () => {
    fc.assert(
      fc.property(fc.array(factArb, { minLength: 5, maxLength: 60 }), (steps) => {
        const { facts, today } = historyOf(steps);
        const { turns } = ladderStory('hands first', facts, today) ?? { turns: [] };
        let from = START;
        let fallen = false;
        for (const { to, way, why, on } of turns) {
          if (why === 'fall') fallen = true;
          if (way === 'up') {
            expect(stepsHarder(from, to)).toBe(1);
            expect(fallen).toBe(false);
            const day = facts.find((fact) => fact.kind === 'class' && fact.on === on);
            expect(day).toMatchObject({ pain: false });
          } else expect(stepsHarder(from, to)).toBe(0);
          from = to;
        }
      }),
      { numRuns: 150 },
    );
  });

  test('who misses weeks is never ahead of who came', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 4, max: 30 }),
        fc.integer({ min: 0, max: 29 }),
        fc.integer({ min: 1, max: 12 }),
        (weeks, from, missed) => {
          const at = (absent: (week: number) => boolean) => {
            const facts: LadderFact[] = [placed];
            for (let week = 1; week <= weeks; week++) {
              const on = new Date(Date.parse('2026-01-01T00:00:00Z') + week * 7 * 86_400_000)
                .toISOString()
                .slice(0, 10);
              if (absent(week)) continue;
              const now = ladderStory('hands first', facts, on);
              const rung = now?.rung ?? START;
              facts.push(led(on, { rung, leftMs: rung.timeMs, rightMs: rung.timeMs }));
            }
            const today = new Date(Date.parse('2026-01-01T00:00:00Z') + weeks * 7 * 86_400_000)
              .toISOString()
              .slice(0, 10);
            const now = ladderStory('hands first', facts, today);
            return placeOn(rungsOf('hands first', true), now?.rung ?? START);
          };
          const came = at(() => false);
          expect(at((week) => week >= from && week < from + missed)).toBeLessThanOrEqual(came);
        },
      ),
      { numRuns: 60 },
    );
  });
});

test('what is foreseen goes up one rung every two classes', () => {
  const coming = foreseen('hands first', true, START, {
    on: '2026-01-01',
    weeks: 6,
    everyDays: 7,
    passed: 1,
  });
  expect(coming.map(({ on }) => on)).toEqual(['2026-01-08', '2026-01-22', '2026-02-05']);
  expect(coming[0] && sameRung(coming[0].rung, { ...START, hands: 'hover' })).toBe(true);
});

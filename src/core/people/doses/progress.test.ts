import fc from 'fast-check';
import { SHIPPED, usualLevel, type Move } from '@/core/moves';
import { NO_BARS, barsOf, clearOf, effectsOf } from '../limit/effects';
import { proposeDose, type DoseNow, type DoseSession, type DoseSetting } from './progress';

const moveCalled = (name: string): Move => {
  const move = SHIPPED.moves.find((one) => one.name === name);
  if (!move) throw new Error(name);
  return move;
};
const sitToStand = moveCalled('Sit to stand');
const setting: DoseSetting = {
  move: sitToStand,
  group: 'older',
  bars: NO_BARS,
  byHandOnly: false,
  today: '2026-03-12',
};
const level = usualLevel(sitToStand, 'older');
const now: DoseNow = { kind: 'reps', amount: 6, sets: 1, level };
const fine: DoseSession = {
  on: '2026-03-05',
  whole: true,
  stoppedEarly: false,
  effort: 4,
  painBefore: 0,
  painAfter: 0,
  painNext: null,
  soreDays: null,
  flag: false,
  rungRose: false,
};
const earlier = { ...fine, on: '2026-02-26' };
const propose = (last: Partial<DoseSession>, more: Partial<DoseSetting> = {}, before = earlier) =>
  proposeDose(now, [before, { ...fine, ...last }], { ...setting, ...more });

test('one rep more after two whole sessions at fair effort', () => {
  expect(propose({})).toMatchObject({ way: 'up', what: 'amount', to: { amount: 7 } });
  expect(proposeDose(now, [fine], setting)).toMatchObject({ way: 'stay', why: 'one-session' });
});

test('reps first, then sets, then the level at the bottom of its range', () => {
  const most = sitToStand.range.reps?.[1] ?? 0;
  const at = (one: Partial<DoseNow>) => proposeDose({ ...now, ...one }, [earlier, fine], setting);
  expect(at({ amount: most })).toMatchObject({
    what: 'sets',
    to: { amount: Math.ceil((most + 1) / 2), sets: 2 },
  });
  const sets = sitToStand.range.sets[1];
  const next = sitToStand.levels[sitToStand.levels.indexOf(level) + 1];
  expect(at({ amount: most, sets })).toMatchObject({
    what: 'level',
    to: { level: next, amount: sitToStand.range.reps?.[0], sets: sitToStand.range.sets[0] },
  });
});

test.each([
  ['hard', { effort: 7 }],
  ['effort-not-asked', { effort: null }],
  ['not-whole', { whole: false }],
  ['next-morning-not-asked', { painBefore: 2, painAfter: 2 }],
  ['pain-not-settled', { painBefore: 2, painAfter: 3, painNext: 3 }],
  ['rung-rose', { rungRose: true }],
])('stays: %s', (why, last) => {
  expect(propose(last)).toMatchObject({ way: 'stay', why, what: null });
});

test.each([
  ['pain-rose', { painBefore: 2, painAfter: 4, painNext: 2 }],
  ['sore', { soreDays: 3 }],
  ['flag', { flag: true }],
])('back a step: %s', (why, last) => {
  expect(propose(last)).toMatchObject({ way: 'back', why, to: { amount: 5 } });
});

test.each([
  ['before', { painBefore: 5, painAfter: 5, painNext: 5 }, 4],
  ['after', { painBefore: 4, painAfter: 5, painNext: 4 }, 4],
  ['the next day', { painBefore: 4, painAfter: 4, painNext: 5 }, 4],
])('from five of ten %s nothing rises, and it is asked about', (_, pain, below) => {
  expect(propose(pain)).toMatchObject({ way: 'stay', why: 'much-pain', seeClinician: true });
  const less = { painBefore: below, painAfter: below, painNext: below };
  expect(propose(less)).toMatchObject({ way: 'up', seeClinician: false });
});

test('what happened in class goes a step back, and is for their clinician', () => {
  expect(propose({ flag: true })).toMatchObject({ way: 'back', seeClinician: true });
});

test('four weeks away take off a third to a half, in sets or in each', () => {
  const away = (one: Partial<DoseNow>, today: string) =>
    proposeDose({ ...now, ...one }, [earlier, fine], { ...setting, today });
  expect(away({ amount: 15, sets: 3 }, '2026-04-01')).toMatchObject({ why: 'away-two-weeks' });
  for (const [amount, sets] of [
    [15, 3],
    [15, 2],
    [12, 1],
    [10, 3],
  ] as const) {
    const { to, why } = away({ amount, sets }, '2026-04-02');
    expect(why).toBe('away-four-weeks');
    const share = (to.amount * to.sets) / (amount * sets);
    expect(share).toBeGreaterThanOrEqual(0.49);
    expect(share).toBeLessThanOrEqual(0.67);
  }
});

test('a long time away from a harder level is the usual one at its least, however few it was', () => {
  const hard = sitToStand.levels[2]!;
  const back = proposeDose({ ...now, level: hard, amount: 6, sets: 2 }, [earlier, fine], {
    ...setting,
    today: '2027-04-16',
  });
  expect(back).toMatchObject({
    way: 'default',
    to: { level, amount: sitToStand.range.reps?.[0], sets: 1 },
  });
});

test('pain that rose twice running is for their clinician', () => {
  const risen = { painBefore: 2, painAfter: 5 };
  const twice = propose(risen, {}, { ...earlier, ...risen });
  expect(twice).toMatchObject({ way: 'back', why: 'pain-rose-twice', seeClinician: true });
});

test('stopped early twice, away two weeks, away six weeks', () => {
  const stopped = { stoppedEarly: true, whole: false };
  expect(propose(stopped, {}, { ...earlier, ...stopped }).why).toBe('stopped-twice');
  expect(propose({}, { today: '2026-03-18' }).way).toBe('up');
  expect(propose({}, { today: '2026-03-19' })).toMatchObject({
    way: 'back',
    why: 'away-two-weeks',
  });
  const six = proposeDose({ ...now, amount: 12 }, [earlier, fine], {
    ...setting,
    today: '2026-04-16',
  });
  expect(six).toMatchObject({ way: 'default', why: 'away-six-weeks', to: { level } });
});

test('a dose that was just taken waits for two classes of its own', () => {
  const taken = { ...now, amount: 7 };
  const at = (on: string, sessions: readonly DoseSession[]) =>
    proposeDose(taken, sessions, { ...setting, since: '2026-03-05', today: on });
  const own = (on: string) => ({ ...fine, on });
  expect(at('2026-03-05', [earlier, fine])).toMatchObject({ way: 'stay', why: 'one-session' });
  const one = [earlier, fine, own('2026-03-12')];
  expect(at('2026-03-12', one)).toMatchObject({ way: 'stay', why: 'one-session' });
  const two = [...one, own('2026-03-19')];
  expect(at('2026-03-19', two)).toMatchObject({ way: 'up', to: { amount: 8 } });
  // What rose before it is answered; what rises after it is not.
  const rise = { painBefore: 1, painAfter: 4 };
  expect(at('2026-03-05', [earlier, { ...fine, ...rise }]).way).toBe('stay');
  expect(at('2026-03-12', [...one.slice(0, 2), { ...own('2026-03-12'), ...rise }]).way).toBe(
    'back',
  );
  const again = [earlier, { ...fine, ...rise }, { ...own('2026-03-12'), ...rise }];
  expect(at('2026-03-12', again)).toMatchObject({ why: 'pain-rose-twice', seeClinician: true });
  expect(at('2026-03-20', [earlier, fine]).why).toBe('away-two-weeks');
});

test('worse for days after effort: by hand only', () => {
  expect(propose({}, { byHandOnly: true })).toMatchObject({ way: 'stay', why: 'by-hand-only' });
});

test('a stretch stops at sixty seconds', () => {
  const twist = moveCalled('Seated hamstring reach');
  const held: DoseNow = {
    kind: 'hold',
    amount: 60_000,
    sets: 1,
    level: usualLevel(twist, 'older'),
  };
  const next = proposeDose(held, [earlier, fine], { ...setting, move: twist });
  expect(next.to.amount * next.to.sets).toBeLessThanOrEqual(60_000);
});

const sessionArb = fc.record({
  gap: fc.integer({ min: 1, max: 20 }),
  whole: fc.boolean(),
  stoppedEarly: fc.boolean(),
  effort: fc.option(fc.integer({ min: 0, max: 10 })),
  painBefore: fc.option(fc.integer({ min: 0, max: 10 })),
  painAfter: fc.option(fc.integer({ min: 0, max: 10 })),
  painNext: fc.option(fc.integer({ min: 0, max: 10 })),
  soreDays: fc.option(fc.integer({ min: 0, max: 5 })),
  flag: fc.boolean(),
  rungRose: fc.boolean(),
});

test('over long made-up histories: one thing at a time, in range, never past a limit, never up after pain', () => {
  const bars = barsOf(effectsOf([{ limit: 'knee replaced' }, { limit: 'spinal stenosis' }]));
  const moves = SHIPPED.moves.filter(({ kind }) => kind === 'strength' || kind === 'stretch');
  fc.assert(
    fc.property(
      fc.constantFrom(...moves),
      fc.array(sessionArb, { minLength: 1, maxLength: 40 }),
      (move, steps) => {
        const start = move.levels.find((one) => clearOf(bars, one, one.support));
        const kind = move.dose.kind;
        const span = {
          hold: move.range.holdMs,
          timed: move.range.timedMs,
          reps: move.range.reps,
          breaths: move.range.breaths,
        }[kind];
        if (!start || !span) return;
        let dose: DoseNow = { kind, amount: span[0], sets: move.range.sets[0], level: start };
        const sessions: DoseSession[] = [];
        let at = Date.parse('2026-01-01T00:00:00Z');
        for (const { gap, ...step } of steps) {
          at += gap * 86_400_000;
          const on = new Date(at).toISOString().slice(0, 10);
          sessions.push({ ...step, on });
          const next = proposeDose(dose, sessions, { ...setting, move, bars, today: on });
          const levelOf = (one: DoseNow) => move.levels.indexOf(one.level);
          const harder = [
            next.to.amount > dose.amount,
            next.to.sets > dose.sets,
            levelOf(next.to) > levelOf(dose),
          ].filter(Boolean).length;
          if (next.way === 'up') {
            expect(harder).toBe(1);
            expect((step.painAfter ?? 0) - (step.painBefore ?? step.painAfter ?? 0)).toBeLessThan(
              2,
            );
            expect(step.flag).toBe(false);
            expect(clearOf(bars, next.to.level, next.to.level.support)).toBe(true);
          } else expect(harder).toBe(0);
          expect(next.to.amount).toBeGreaterThanOrEqual(span[0]);
          expect(next.to.amount).toBeLessThanOrEqual(span[1]);
          dose = next.to;
        }
      },
    ),
    { numRuns: 200 },
  );
});

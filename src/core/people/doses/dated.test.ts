import fc from 'fast-check';
import { levelIdSchema } from '@/core/common';
import { daysOfRise, doseSet, settingsOf } from './dated';

const level = levelIdSchema.parse('usual');
const set = (on: string, amount: number, sets = 2) => ({ on, level, amount, sets });

describe('a dose with its days', () => {
  test('keeps what it was before, in order', () => {
    const first = doseSet(undefined, set('2026-03-01', 8));
    const then = doseSet(first, set('2026-03-08', 10));
    const now = doseSet(then, set('2026-03-15', 12));
    expect(settingsOf(now).map(({ on, amount }) => [on, amount])).toEqual([
      ['2026-03-01', 8],
      ['2026-03-08', 10],
      ['2026-03-15', 12],
    ]);
    expect(now).toMatchObject({ on: '2026-03-15', amount: 12 });
  });

  test('what is merely set again stays of its day', () => {
    const first = doseSet(undefined, set('2026-03-01', 8));
    expect(doseSet(first, set('2026-04-01', 8))).toBe(first);
  });

  test.each([
    ['more of it', set('2026-04-01', 9), true],
    ['another set', set('2026-04-01', 8, 3), true],
    ['less of it', set('2026-04-01', 7), false],
    ['a set less', set('2026-04-01', 8, 1), false],
    ['more in fewer sets may be more', set('2026-04-01', 9, 1), true],
    [
      'another level may be harder',
      { ...set('2026-04-01', 7), level: levelIdSchema.parse('easier') },
      true,
    ],
    ['the amount of the routine, whatever that is', { on: '2026-04-01', level, sets: 2 }, true],
  ])('%s', (_, next, rises) => {
    const dose = doseSet(doseSet(undefined, set('2026-03-01', 8)), next);
    expect(daysOfRise(dose)).toEqual(rises ? ['2026-03-01', '2026-04-01'] : ['2026-03-01']);
  });

  test('no later setting takes a day of rise away or brings one before itself', () => {
    const settings = fc.array(
      fc.record({ amount: fc.integer({ min: 1, max: 20 }), sets: fc.integer({ min: 1, max: 4 }) }),
      {
        minLength: 2,
        maxLength: 12,
      },
    );
    fc.assert(
      fc.property(settings, (all) => {
        let dose: ReturnType<typeof doseSet> | undefined;
        let rises: readonly string[] = [];
        all.forEach(({ amount, sets }, i) => {
          const on = `2026-03-${String(i + 1).padStart(2, '0')}`;
          dose = doseSet(dose, set(on, amount, sets));
          const now = daysOfRise(dose);
          expect(now.slice(0, rises.length)).toEqual(rises);
          expect(now.slice(rises.length).every((one) => one === on)).toBe(true);
          rises = now;
        });
      }),
    );
  });
});

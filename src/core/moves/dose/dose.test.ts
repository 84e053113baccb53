import fc from 'fast-check';
import { doseInForce, pressFits, pressParts, type Dose } from './dose';

describe('doses', () => {
  test('press-and-ease splits a hold evenly', () => {
    const parts = pressParts(120_000, { pressMs: 8000, times: 3 });
    expect(parts.map(({ kind, ms }) => `${kind} ${ms}`)).toEqual([
      'work 24000',
      'press 8000',
      'work 24000',
      'press 8000',
      'work 24000',
      'press 8000',
      'work 24000',
    ]);
  });

  test('press-and-ease adds up to the millisecond', () => {
    const presses = fc.record({
      pressMs: fc.integer({ min: 3, max: 10 }).map((s) => s * 1000),
      times: fc.integer({ min: 1, max: 8 }),
    });
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 600 }), presses, (holdS, press) => {
        fc.pre(pressFits(holdS * 1000, press));
        const parts = pressParts(holdS * 1000, press);
        expect(parts.reduce((sum, { ms }) => sum + ms, 0)).toBe(holdS * 1000);
        const stretches = parts.filter(({ kind }) => kind === 'work').map(({ ms }) => ms);
        expect(Math.max(...stretches) - Math.min(...stretches)).toBeLessThan(press.times + 1);
        expect(Math.min(...stretches)).toBeGreaterThanOrEqual(5000);
      }),
    );
  });

  const own: Dose = { kind: 'reps', reps: 8, tempo: [3000, 0, 3000, 0], sets: 2, restMs: 10_000 };

  test('without words the move has its own dose', () => {
    expect(doseInForce({}, own)).toEqual(own);
  });

  test('a written dose is one set without rest, in the tempo of the move', () => {
    const dose = doseInForce({ dose: { kind: 'reps', reps: 5, sets: 1 } }, own);
    expect(dose).toEqual({ ...own, reps: 5, sets: 1, restMs: 0 });
  });

  test('a written tempo and rest go over the own ones', () => {
    const dose = doseInForce({ restMs: 5000, tempo: [1000, 0, 1000, 0] }, own);
    expect(dose).toEqual({ ...own, restMs: 5000, tempo: [1000, 0, 1000, 0] });
  });
});

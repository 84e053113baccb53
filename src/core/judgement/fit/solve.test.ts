import fc from 'fast-check';
import { solve, type Option } from './solve';

/** Tries every choice: plain and slow. */
function tryAll(
  items: readonly (readonly Option[])[],
  budget: number,
  slack: number,
): { cost: number; chosen: number[] } | undefined {
  let best: { cost: number; chosen: number[] } | undefined;
  const go = (i: number, time: number, cost: number, chosen: number[]) => {
    const options = items[i];
    if (!options) {
      const left = budget - time;
      if (left < 0 || left >= slack) return;
      if (
        !best ||
        cost < best.cost ||
        (cost === best.cost && isNearer(items, chosen, best.chosen))
      ) {
        best = { cost, chosen };
      }
      return;
    }
    options.forEach((option, at) =>
      go(i + 1, time + option.time, cost + option.cost, [...chosen, at]),
    );
  };
  go(0, 0, 0, []);
  return best;
}

/** Earlier items nearer to their wish; of equal nearness the longer dose. */
function isNearer(items: readonly (readonly Option[])[], a: number[], b: number[]): boolean {
  for (let i = 0; i < items.length; i++) {
    const [one, two] = [items[i]?.[a[i] ?? 0], items[i]?.[b[i] ?? 0]];
    if (!one || !two) continue;
    if (one.cost !== two.cost) return one.cost < two.cost;
    if (one.time !== two.time) return one.time > two.time;
  }
  return false;
}

const options = fc
  .record({
    step: fc.constantFrom(5, 7, 9, 10, 20),
    count: fc.integer({ min: 1, max: 8 }),
    wish: fc.integer({ min: 0, max: 80 }),
    weight: fc.integer({ min: 1, max: 3 }),
  })
  .map(({ step, count, wish, weight }) =>
    Array.from({ length: count }, (_, i) => ({
      time: i * step,
      cost: weight * Math.abs(i * step - wish),
    })),
  );

describe('choosing doses', () => {
  test('finds what trying everything finds', () => {
    fc.assert(
      fc.property(
        fc.array(options, { minLength: 1, maxLength: 5 }),
        fc.integer({ min: 0, max: 200 }),
        fc.integer({ min: 1, max: 20 }),
        (items, budget, slack) => {
          const slow = tryAll(items, budget, slack);
          const fast = solve(items, budget, slack);
          expect(fast?.cost).toBe(slow?.cost);
          expect(fast?.chosen).toEqual(slow?.chosen);
        },
      ),
      { seed: 7, numRuns: 300 },
    );
  });

  test('what is left is told and stays below the slack', () => {
    const items = [[0, 10, 20].map((time) => ({ time, cost: Math.abs(time - 10) }))];
    expect(solve(items, 13, 5)).toEqual({ chosen: [1], cost: 0, left: 3 });
    expect(solve(items, 17, 5)).toBeUndefined();
    expect(solve(items, -1, 5)).toBeUndefined();
  });
});

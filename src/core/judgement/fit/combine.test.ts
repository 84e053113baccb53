import fc from 'fast-check';
import { combine } from './combine';
import type { Option } from './solve';

const option = fc.record({ time: fc.nat({ max: 30 }), cost: fc.nat({ max: 50 }) });
const lists = fc.array(fc.array(option, { minLength: 1, maxLength: 5 }), { maxLength: 4 });

/** Every sum by trying all choices. */
function tried(all: readonly (readonly Option[])[], most: number): ReadonlyMap<number, number> {
  const best = new Map<number, number>();
  const go = (i: number, time: number, cost: number): void => {
    const options = all[i];
    if (options) return options.forEach((one) => go(i + 1, time + one.time, cost + one.cost));
    if (time <= most) best.set(time, Math.min(cost, best.get(time) ?? Infinity));
  };
  go(0, 0, 0);
  return best;
}

test('every time has its least cost, and the choice that makes it', () => {
  fc.assert(
    fc.property(lists, fc.nat({ max: 90 }), (all, most) => {
      const { options, chosen } = combine(all, most);
      expect(new Map(options.map(({ time, cost }) => [time, cost]))).toEqual(tried(all, most));
      options.forEach(({ time, cost }, at) => {
        const picks = chosen(at).map((pick, i) => all[i]?.[pick]);
        expect(picks.reduce((sum, one) => sum + (one?.time ?? NaN), 0)).toBe(time);
        expect(picks.reduce((sum, one) => sum + (one?.cost ?? NaN), 0)).toBe(cost);
      });
    }),
  );
});

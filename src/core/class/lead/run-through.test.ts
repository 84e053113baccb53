import fc from 'fast-check';
import { GROUP_ALONE } from '@/core/people';
import { itemsInOrder, routineSchema, type Routine } from '@/core/routine';
import { plainPhrases, routineArbitrary, routineOf } from '@/core/testing';
import { compile, isWork } from '@/core/timing';
import { runThroughOf } from './run-through';

const scoreOf = (routine: Routine) => compile(routine, GROUP_ALONE, plainPhrases);
const BOTH = { short: true, silent: true } as const;

describe('a run-through', () => {
  test('is a routine like any other, however it is cut', () => {
    fc.assert(
      fc.property(
        routineArbitrary,
        fc.boolean(),
        fc.boolean(),
        fc.nat(),
        (routine, short, silent, at) => {
          const items = itemsInOrder(routine);
          const from = items[at % Math.max(1, items.length)]?.id;
          const cut = runThroughOf(routine, { short, silent, from });
          expect(routineSchema.safeParse(cut).error).toBeUndefined();
          if (from) expect(itemsInOrder(cut)[0]?.id).toBe(from);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('two of each, on each side, and no more', () => {
    const routine = routineOf(
      'Seated cat: 8 reps x3, rest 30s\nLeg extend and bend: 10 reps, each side\nSeated twist: hold 40s\nrest 1min',
    );
    const { segments } = scoreOf(runThroughOf(routine, BOTH));
    const reps = segments.flatMap(({ marks }) => marks).filter(({ kind }) => kind === 'rep');
    expect(reps).toHaveLength(2 + 2 * 2);
    const twist = segments.filter((one) => isWork(one) && one.moveName === 'Seated twist');
    expect(twist.map(({ side }) => side)).toEqual(['left', 'right']);
    expect(segments.some(({ kind }) => kind === 'rest')).toBe(false);
  });

  test('without talk the same work takes less time, and short is shorter yet', () => {
    const routine = routineOf('group: older\nSeated twist: hold 40s\nSeated cat: 8 reps');
    const totals = [
      scoreOf(routine),
      scoreOf(runThroughOf(routine, { short: false, silent: true })),
      scoreOf(runThroughOf(routine, BOTH)),
    ].map(({ totalMs }) => totalMs);
    expect(totals.toSorted((a, b) => b - a)).toEqual(totals);
    expect(new Set(totals).size).toBe(3);
  });
});

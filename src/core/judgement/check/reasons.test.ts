import { GROUP_ALONE } from '@/core/people';
import { plainPhrases, routineArbitrary, routineOf } from '@/core/testing';
import fc from 'fast-check';
import { checkPlaces, checkRoutine } from './check';

const wish = { part: GROUP_ALONE, phrases: plainPhrases };
const KNEES = 'group: older\nlanes: floor\nlimits: knee painful left';

describe('one finding a reason', () => {
  test('the same load and limit at several rows is one finding with its places', () => {
    const text = `${KNEES}\nAll-fours cat\nBridge\nAll-fours cat: 4 reps`;
    const found = checkRoutine(routineOf(text), wish).filter(({ id }) => id === 'limit-load');
    const kneels = found.filter(({ about }) => about.loads?.includes('kneel'));
    expect(kneels).toHaveLength(1);
    // The way down asks for it as well, and so does the way home, which stands last.
    expect(kneels[0]?.places.map(({ itemId }) => itemId)).toEqual(['i1', 'i2', 'i3', null]);
    expect(kneels[0]?.itemId).toBe('i1');
  });

  test('other loads, or another severity, are another reason', () => {
    const text = `${KNEES}\nAll-fours cat\nRock-back\nRock-back: 4 reps`;
    const found = checkRoutine(routineOf(text), wish).filter(({ id }) => id === 'limit-load');
    const causes = found.map(({ severity, about }) => [severity, ...(about.loads ?? [])].join());
    expect(new Set(causes).size).toBe(causes.length);
    expect(causes.length).toBeGreaterThan(1);
  });

  test('several loads of one limit at the same row are told in one', () => {
    const found = checkRoutine(routineOf('group: older\nSeated cat'), wish);
    const loads = found.filter(({ id }) => id === 'limit-load').map(({ about }) => about.loads);
    expect(loads).toEqual([['spine-flex-end', 'neck-extend']]);
  });

  test('nothing is lost and nothing is told twice, for any routine', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const every = checkPlaces(routine, wish);
        const reasons = checkRoutine(routine, wish);
        const places = reasons.flatMap((one) =>
          one.places.flatMap(({ itemId, lane }) =>
            (one.about.loads ?? ['']).map(() => [one.id, one.severity, itemId, lane].join(' ')),
          ),
        );
        expect([...places].sort()).toEqual(
          every
            .flatMap(({ id, severity, itemId, lane, about }) =>
              (about.loads ?? ['']).map(() => [id, severity, itemId, lane].join(' ')),
            )
            .sort(),
        );
        const ranks = reasons.map(({ severity }) => ['stop', 'caution', 'note'].indexOf(severity));
        expect(ranks).toEqual([...ranks].sort());
      }),
      { numRuns: 60 },
    );
  });
});

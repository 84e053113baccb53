import { GROUP_ALONE } from '@/core/people';
import { GOOD_ROUTINES, plainPhrases, routineOf } from '@/core/testing';
import { checkRoutine } from './check';

test('there are thirty, of every group', () => {
  expect(Object.keys(GOOD_ROUTINES)).toHaveLength(30);
  const groups = Object.values(GOOD_ROUTINES).map((text) => routineOf(text).group);
  expect(new Set(groups)).toEqual(new Set(['desk', 'older', 'chair', 'standing']));
});

test.each(Object.entries(GOOD_ROUTINES))(
  '%s: no stop, no caution, two notes at most',
  (_, text) => {
    const found = checkRoutine(routineOf(text), { part: GROUP_ALONE, phrases: plainPhrases });
    const told = found.map(({ id, severity, itemId, about }) => ({ id, severity, itemId, about }));
    expect(told.filter(({ severity }) => severity !== 'note')).toEqual([]);
    expect(told.length).toBeLessThanOrEqual(2);
  },
);

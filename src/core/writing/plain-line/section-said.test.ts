import { sectionHeaded, sectionSaid } from './section-said';

describe('sections in the words of a plan', () => {
  test.each([
    ['Warm-up', 'warm-up'],
    ['## WARM UP (5 mins)', 'warm-up'],
    ['Cool down - 5 min', 'settle'],
    ['Relaxation', 'settle'],
    ['Main part:', 'main'],
    ['2. Balance work', 'main'],
    ['Seated exercises 20 min', 'main'],
  ])('%s', (line, section) => {
    expect(sectionHeaded(line)).toBe(section);
  });

  test.each(['seated twist 20s each', 'balance on one leg 10s', 'stretch the calves', '', '5 min'])(
    '“%s” is no heading',
    (line) => {
      expect(sectionHeaded(line)).toBeUndefined();
    },
  );

  test('a section in the line for adding stands alone or before a colon', () => {
    expect(sectionSaid('warm-up')).toEqual({ section: 'warm-up', rest: '' });
    expect(sectionSaid(' Cool down: neck tilt 3 breaths')).toEqual({
      section: 'settle',
      rest: 'neck tilt 3 breaths',
    });
    expect(sectionSaid('main seated twist')).toBeUndefined();
    expect(sectionSaid('balance')).toBeUndefined();
  });
});

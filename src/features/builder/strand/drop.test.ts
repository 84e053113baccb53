import { landingAt, nextGap } from './drop';

const ROWS = [
  { key: 'main', top: 0, bottom: 40 },
  { key: 'a', top: 40, bottom: 100 },
  { key: 'b', top: 100, bottom: 200 },
];

describe('where a carried row comes to lie', () => {
  test.each([
    [10, { startOf: 'main' }, 40],
    [60, { before: 'a' }, 40],
    [80, { after: 'a' }, 100],
    [120, { before: 'b' }, 100],
    [500, { after: 'b' }, 200],
  ])('at %i', (y, drop, line) => {
    expect(landingAt(y, ROWS)).toEqual({ drop, y: line });
  });

  test('over a head it goes to the section that the finger is nearer to', () => {
    const rows = [
      { key: 'warm-up', top: 0, bottom: 40 },
      { key: 'a', top: 40, bottom: 100 },
      { key: 'main', top: 100, bottom: 140 },
      { key: 'settle', top: 140, bottom: 180 },
    ];
    expect(landingAt(10, rows)?.drop).toEqual({ startOf: 'warm-up' });
    expect(landingAt(119, rows)?.drop).toEqual({ after: 'a' });
    expect(landingAt(121, rows)?.drop).toEqual({ startOf: 'main' });
    expect(landingAt(159, rows)?.drop).toEqual({ startOf: 'main' });
    expect(landingAt(161, rows)?.drop).toEqual({ startOf: 'settle' });
    expect(nextGap(90, 1, rows)).toBe(99);
    expect(nextGap(99, 1, rows)).toBe(139);
  });

  test('nowhere where there are no rows', () => {
    expect(landingAt(10, [])).toBeUndefined();
    expect(nextGap(10, 1, [])).toBeUndefined();
  });

  test('keys go from gap to gap, and stop at the ends', () => {
    const down = nextGap(50, 1, ROWS);
    expect(down).toBe(99);
    expect(nextGap(99, 1, ROWS)).toBe(199);
    expect(nextGap(199, 1, ROWS)).toBeUndefined();
    expect(nextGap(99, -1, ROWS)).toBe(41);
    expect(nextGap(1, -1, ROWS)).toBeUndefined();
  });
});

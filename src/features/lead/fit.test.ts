import fc from 'fast-check';
import { fitted, linesOf } from './fit';
import { CAPITAL, stageSizes } from './shape';

describe('letters fit their room', () => {
  test('a fitted text takes no more lines than it may, unless the least is too large', () => {
    const words = fc.array(fc.string({ minLength: 1, maxLength: 14 }), { maxLength: 20 });
    fc.assert(
      fc.property(
        words,
        fc.integer({ min: 80, max: 1800 }),
        fc.integer({ min: 1, max: 4 }),
        (all, width, lines) => {
          const text = all.join(' ');
          const size = fitted(text, { width, lines, most: 90, least: 14 });
          expect(size).toBeLessThanOrEqual(90);
          expect(size).toBeGreaterThanOrEqual(14);
          if (size > 14) expect(linesOf(text, width, size)).toBeLessThanOrEqual(lines);
        },
      ),
    );
  });

  test.each([
    [390, 844, 'tall'],
    [320, 568, 'tall'],
    [844, 390, 'low'],
    [768, 1024, 'tall'],
    [1280, 800, 'wide'],
    [1920, 1080, 'wall'],
  ] as const)('%i × %i is %s', (width, height, shape) => {
    expect(stageSizes(width, height).shape).toBe(shape);
  });

  test('capitals are read at four metres on a screen, and everything is on a wall', () => {
    expect(stageSizes(1280, 800).far * CAPITAL).toBeGreaterThanOrEqual(52);
    const wall = stageSizes(1920, 1080);
    expect(Math.min(wall.far, wall.near) * CAPITAL).toBeGreaterThanOrEqual(52);
    expect(wall.edgeX).toBeGreaterThanOrEqual(1920 * 0.04);
  });

  test('larger letters are larger in every shape', () => {
    for (const [w, h] of [
      [390, 844],
      [844, 390],
      [1280, 800],
    ] as const) {
      expect(stageSizes(w, h, true).near).toBeGreaterThan(stageSizes(w, h).near);
    }
  });
});

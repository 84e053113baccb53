import { beatOf, sharedOut, tempoAt, withTap } from './tapped';

describe('tapping along', () => {
  test('three taps say a beat, and one that comes late does not spoil it', () => {
    expect(beatOf([0, 4000])).toBeUndefined();
    expect(beatOf([0, 4000, 8100])).toBe(4100);
    expect(beatOf([0, 4000, 8000, 17_000])).toBe(4000);
  });

  test('after a long pause it is a new round', () => {
    expect(withTap([0, 4000], 8000)).toEqual([0, 4000, 8000]);
    expect(withTap([0, 4000], 30_000)).toEqual([30_000]);
  });

  test.each([
    [[2000, 1000, 2000, 0], 5000, [2000, 1000, 2000, 0]],
    [[2000, 1000, 2000, 0], 10_200, [4000, 2000, 4000, 0]],
    [[2000, 1000, 2000, 0], 3000, [1000, 1000, 1000, 0]],
    [[2000, 1000, 2000, 0], 400, [1000, 1000, 1000, 0]],
    [[4000, 6000], 8000, [3000, 5000]],
  ])('%j at %i ms', (parts, beat, shares) => {
    expect(sharedOut(parts, beat)).toEqual(shares);
  });

  test('parts come to the beat in whole seconds, whatever they were', () => {
    for (let beat = 4000; beat <= 20_000; beat += 700) {
      const sum = tempoAt([3000, 0, 2000, 1000], beat).reduce((all, ms) => all + ms, 0);
      expect(sum).toBe(Math.round(beat / 1000) * 1000);
    }
  });
});

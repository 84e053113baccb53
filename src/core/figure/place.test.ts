import { isPositionId, onSide, position } from '@/core/body';
import { SHIPPED } from '@/core/moves';
import { motionOf } from './motion';
import { drawnAt } from './place';
import { POSES } from './poses';

/** Every level that can be done at other places than its own, with each of those. */
const ELSEWHERE = SHIPPED.moves.flatMap((move) =>
  move.levels.flatMap((level) => {
    const drawn = POSES[move.id]?.[level.id];
    return drawn ? (level.also ?? []).map((place) => ({ move, level, drawn, place })) : [];
  }),
);

describe('a figure at another place', () => {
  test('sits there, and the same hands and head do the same', () => {
    const moved = ELSEWHERE.flatMap(({ drawn, place }) => {
      const there = drawnAt(drawn, place);
      return there ? [{ drawn, there, place }] : [];
    });
    expect(moved.length).toBeGreaterThan(100);
    for (const { drawn, there, place } of moved) {
      expect(there.keys).toBe(drawn.keys);
      const { hips } = motionOf(there).at(0);
      const low = position(onSide(place, null)).height === 0;
      expect(hips[1] < 20).toBe(low);
      expect(drawnAt(drawn, place)).toBe(there);
    }
  });

  test('is not made up where legs or things of the room are what is shown', () => {
    for (const { id, levels } of SHIPPED.moves) {
      for (const level of levels) {
        const drawn = POSES[id]?.[level.id];
        if (!drawn || drawn.base !== 'sit') continue;
        const legs = drawn.keys.some((key) => 'l' in key || 'lR' in key || 'lL' in key);
        if (legs) expect(drawnAt(drawn, 'floor-cross')).toBeUndefined();
      }
    }
  });

  test('on the floor no hand is under it', () => {
    for (const { drawn, place } of ELSEWHERE) {
      const there = isPositionId(place) ? drawnAt(drawn, place) : undefined;
      if (!there) continue;
      const { at, keys } = motionOf(there);
      for (let i = 0; i < keys; i++)
        for (const { tip } of Object.values(at(i).arms)) expect(tip[1]).toBeGreaterThan(-2);
    }
  });
});

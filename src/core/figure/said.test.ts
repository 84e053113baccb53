import { SHIPPED, cuesOf } from '@/core/moves';
import type { Side } from '@/core/body';
import { layersOf } from './draw';
import { pictureOf, type Drawn } from './figure';
import { motionOf } from './motion';
import { POSES } from './poses';
import type { Body } from './solve';
import { dot, length, sub, type Vec } from './vec';

/** Every level of a shipped move that is drawn, with what is said of it. */
const LEVELS = SHIPPED.moves.flatMap((move) =>
  move.levels.flatMap((level) => {
    const drawn = POSES[move.id]?.[level.id];
    const { setUp, go, short } = cuesOf(move, level);
    return drawn ? [{ name: `${move.id}/${level.id}`, drawn, setUp, go, short }] : [];
  }),
);
const MOMENTS = [0, 0.25, 0.5, 0.75, 1];
const bodies = (drawn: Drawn): readonly Body[] => {
  const motion = motionOf(drawn);
  return MOMENTS.map((at) => motion.at(at));
};
const degrees = (a: Vec, b: Vec) =>
  (Math.acos(Math.max(-1, Math.min(1, dot(a, b) / (length(a) * length(b))))) * 180) / Math.PI;
const kneeOf = (body: Body, side: Side) => {
  const { hip, knee, ankle } = body.legs[side];
  return degrees(sub(hip, knee), sub(ankle, knee));
};

describe('what is said is drawn', () => {
  test('a head that is said to turn turns', () => {
    const says =
      /\blook (?:(?:slowly|half way) )?(?:over|round to|there)\b|\bturn (?:to look|your head)\b|\blook there\b/iu;
    const told = LEVELS.filter(({ setUp, go, short }) => says.test(`${setUp} ${go} ${short}`));
    expect(told.length).toBeGreaterThan(2);
    const still = told.filter(({ drawn }) => {
      const all = bodies(drawn);
      const [, , first] = all[0]?.skull ?? [];
      return !first || !all.some(({ skull }) => degrees(skull[2], first) > 12);
    });
    expect(still.map(({ name }) => name)).toEqual([]);
  });

  test('knees that are said to be bent are bent', () => {
    const says = /\b(?:both )?knees? bent\b|\bbent knees?\b|\bknees (?:and hips )?bent\b/iu;
    const told = LEVELS.filter(({ setUp, go }) => says.test(`${setUp} ${go}`));
    expect(told.length).toBeGreaterThan(40);
    const straight = told.filter(({ drawn, setUp, go }) => {
      const both = /knees/iu.test(says.exec(`${setUp} ${go}`)?.[0] ?? '');
      const start = motionOf(drawn).at(0);
      const angles = (['left', 'right'] as const).map((side) => kneeOf(start, side));
      return (both ? Math.max(...angles) : Math.min(...angles)) > 150;
    });
    expect(straight.map(({ name }) => name)).toEqual([]);
  });
});

describe('a face and a shade', () => {
  const turn = POSES['head-turn']?.['easy-range'];
  if (!turn) throw new Error('no figure');
  const noseAt = (body: Body) => {
    const nose = layersOf(body, { round: 0, above: 9 })
      .flatMap(({ fills }) => fills)
      .find(({ cloth }) => cloth === 'nose')?.d;
    const xs = [...(nose ?? '').matchAll(/[ML](-?[\d.]+) /gu)].map(([, x]) => Number(x));
    return xs.reduce((sum, x) => sum + x, 0) / xs.length;
  };

  test('from the front the nose tells where a head has turned', () => {
    const motion = motionOf(turn);
    expect(Math.abs(noseAt(motion.at(1)) - noseAt(motion.at(0)))).toBeGreaterThan(2.5);
  });

  test('from the side no sliver of it comes and goes', () => {
    for (const { name, drawn } of LEVELS) {
      const motion = motionOf(drawn);
      for (const at of [0, 1]) {
        const noses = [at - 0.0005, at + 0.0005].map((place) =>
          pictureOf(drawn, motion.at(Math.max(0, Math.min(1, place))), []).some(({ fills }) =>
            fills.some(({ cloth }) => cloth === 'nose'),
          ),
        );
        expect([name, new Set(noses).size]).toEqual([name, 1]);
      }
    }
  });

  test('what is stretched on both sides of a trunk is one band, and never two spots', () => {
    for (const region of ['chest', 'abdomen', 'upper-back', 'low-back'] as const) {
      const round = region.endsWith('back') ? 180 : 0;
      const shades = layersOf(motionOf(turn).at(0), { round, above: 9 }, {}, [
        { region, on: 'body' },
      ]).flatMap((layer) => layer.shades ?? []);
      expect(shades).toHaveLength(1);
      expect((shades[0]?.rx ?? 0) / (shades[0]?.ry ?? 1)).toBeGreaterThan(1.4);
    }
  });

  test('on one side alone it is on that side', () => {
    const picture = pictureOf(turn, motionOf(turn).at(0), [{ region: 'chest', on: 'worked' }]);
    const shades = picture.flatMap(({ shades: own = [] }) => own);
    expect(shades).toHaveLength(1);
    expect(shades[0]?.rx).toBe(shades[0]?.ry);
  });
});

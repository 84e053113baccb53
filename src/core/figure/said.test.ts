import { SHIPPED, cuesOf } from '@/core/moves';
import { SIDES, type Side } from '@/core/body';
import { arrowOf, stillOf } from './arrow';
import { boxOf, closeAt } from './box';
import { CLOSE_REACH } from './close';
import { layersOf } from './draw';
import { roomOf, viewOf, type Drawn } from './figure';
import { cameraOf, flat } from './flat';
import { pictureOf } from './picture';
import { motionOf } from './motion';
import { POSES } from './poses';
import type { Body } from './solve';
import { dot, length, lerp, sub, type Vec } from './vec';

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

/** How far a place is from a bone. */
const fromBone = (at: Vec, a: Vec, b: Vec): number => {
  const way = sub(b, a);
  const part = Math.min(1, Math.max(0, dot(sub(at, a), way) / dot(way, way)));
  return length(sub(at, lerp(a, b, part)));
};
type Hand = (body: Body, side: Side) => boolean;
const palmOf = ({ arms }: Body, side: Side) => lerp(arms[side].wrist, arms[side].tip, 0.45);
const onLegs =
  (upper: boolean): Hand =>
  (body, side) =>
    SIDES.some((leg) => {
      const { hip, knee, ankle } = body.legs[leg];
      const [a, b] = upper ? [hip, knee] : [knee, ankle];
      return fromBone(palmOf(body, side), a, b) < 10;
    });
const nearBack =
  (joint: number, far: number): Hand =>
  (body, side) =>
    length(sub(palmOf(body, side), body.back[joint] ?? body.hips)) < far;
const onSeat: Hand = (body, side) => {
  const [, y] = palmOf(body, side);
  return y > 18 && y < 34;
};
const onFloor: Hand = ({ arms }, side) => arms[side].wrist[1] < 6;
const hangs: Hand = ({ arms, back, hips }, side) => {
  const { shoulder, elbow } = arms[side];
  return degrees(sub(elbow, shoulder), sub(back[0] ?? hips, back[3] ?? hips)) < 40;
};
/** Where hands are said to be, whether both are, and how that is seen. */
const SAID: readonly (readonly [RegExp, 'both' | 'one', Hand])[] = [
  [/\barms crossed\b/iu, 'both', nearBack(2, 16)],
  [/\bhands (?:resting )?on (?:your |the )?thighs\b|\bhands in your lap\b/iu, 'both', onLegs(true)],
  [/\bhands behind the thighs\b/iu, 'both', onLegs(true)],
  [/\bhands on your shins\b/iu, 'both', onLegs(false)],
  [/\bhands (?:beside you )?on the seat\b(?! or)/iu, 'both', onSeat],
  [/\bhand on the seat\b/iu, 'one', onSeat],
  [/\bfingertips on your shoulders\b|\bhands at your shoulders\b/iu, 'both', nearBack(3, 19)],
  [/\bhand on (?:your|the \{side\}) shoulder\b/iu, 'one', nearBack(3, 19)],
  [/\bhands (?:light behind|resting on the back of) your head\b/iu, 'both', nearBack(5, 14)],
  [/\bhand light behind your head\b/iu, 'one', nearBack(5, 14)],
  [/\bhand on (?:your )?belly\b|\bone on belly\b/iu, 'one', nearBack(0, 14)],
  [/\bhands (?:round|on) (?:your|the) (?:lower )?ribs\b/iu, 'both', nearBack(1, 16)],
  [/\bhands on (?:your |the )?hips\b/iu, 'both', nearBack(0, 18)],
  [/\bhands under (?:your )?shoulders\b|\bhands on the floor\b/iu, 'both', onFloor],
  [/\barms (?:hanging|by your sides)\b/iu, 'both', hangs],
  [
    /\bbehind (?:the|your) chair\b.*\bboth hands on it\b/iu,
    'both',
    ({ arms }, side) => arms[side].wrist[1] > 44 && arms[side].wrist[2] > 8,
  ],
];

describe('hands', () => {
  test.each(SAID)('%s: there they are', (says, which, is) => {
    const told = LEVELS.filter(({ setUp }) => says.test(setUp));
    expect(told.length).toBeGreaterThan(0);
    const elsewhere = told.filter(
      ({ drawn }) =>
        !bodies(drawn).some((body) =>
          which === 'both'
            ? SIDES.every((side) => is(body, side))
            : SIDES.some((side) => is(body, side)),
        ),
    );
    expect(elsewhere.map(({ name }) => name)).toEqual([]);
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

describe('what is shown close', () => {
  const CLOSE = LEVELS.filter(({ drawn }) => drawn.close);
  const pointsOf = (d: string) =>
    [...d.matchAll(/(?:[ML]|A[\d.]+ [\d.]+ 0 [01] [01] )(-?[\d.]+) (-?[\d.]+)/gu)].map(
      ([, x, y]) => [Number(x), Number(y)] as const,
    );

  test('hands, feet and a jaw are, wherever the words are of fingers, toes, thumbs or the jaw alone', () => {
    const small =
      /\b(?:fingers?|thumb|fists)\b.*\b(?:open|wide|turn|touch|hook)|\btoes (?:up, and go|wide)|\bjaw\b/iu;
    const told = LEVELS.filter(({ go }) => small.test(go));
    expect(told.length).toBeGreaterThan(7);
    expect(told.filter(({ drawn }) => !drawn.close).map(({ name }) => name)).toEqual([]);
  });

  test.each(CLOSE.map(({ name, drawn }) => [name, drawn] as const))(
    '%s stays in its ring, in the picture, and changes',
    (_, drawn) => {
      const [cx, cy] = closeAt(drawn);
      const [x, y, w, h] = boxOf(drawn);
      expect(cx + CLOSE_REACH).toBeLessThanOrEqual(x + w);
      expect([cy - CLOSE_REACH >= y, cy + CLOSE_REACH <= y + h]).toEqual([true, true]);
      const shown = bodies(drawn).map((body) =>
        pictureOf(drawn, body)
          .filter(({ depth }) => depth > 1000)
          .flatMap(({ fills }) => fills.flatMap(({ d }) => pointsOf(d))),
      );
      for (const points of shown) {
        expect(points.length).toBeGreaterThan(20);
        const furthest = Math.max(...points.map(([px, py]) => Math.hypot(px - cx, py - cy)));
        expect(furthest).toBeLessThan(CLOSE_REACH + 1);
      }
      expect(new Set(shown.map((points) => JSON.stringify(points))).size).toBeGreaterThan(1);
    },
  );
});

test('the arrow of a whole body goes over the head and never through it', () => {
  const through: string[] = [];
  let seen = 0;
  for (const { name, drawn } of LEVELS) {
    if (drawn.works?.arms || drawn.works?.legs) continue;
    const arrow = arrowOf(drawn);
    if (arrow.length === 0) continue;
    seen += 1;
    const body = motionOf(drawn).at(stillOf(drawn));
    const head = flat(cameraOf(viewOf(drawn)), body.back[5] ?? body.hips);
    const near = Math.min(...arrow.map(([x, y]) => Math.hypot(x - head[0], y - head[1])));
    if (near <= 8) through.push(name);
  }
  expect(through).toEqual([]);
  expect(seen).toBeGreaterThan(80);
});

describe('what is spoken of is in the picture', () => {
  const THINGS: readonly (readonly [what: string, says: RegExp, drawn: RegExp])[] = [
    ['a chair behind which one stands', /\bbehind (?:your|the) chair\b/iu, /^chair-ahead$/u],
    [
      'a chair at one’s side',
      /\bbeside (?:your|the) chair\b|\bchair beside you\b/iu,
      /^chair-(?:right|left)$/u,
    ],
    [
      'a chair or seat in front',
      /\bchair in front\b|\bfac(?:e|ing) (?:the|a) (?:seat|chair)\b|\bbefore the seat\b/iu,
      /^(?:chair|seat)-ahead$/u,
    ],
    ['armrests', /\barmrests?\b(?<!seat or the armrests)/iu, /^(?:armchair|wheelchair)$/u],
    ['a wheelchair', /\bwheelchair\b|\bsit with brakes\b/iu, /^wheelchair$/u],
    ['a walker', /\bwalker\b/iu, /^walker/u],
    ['a wall', /\bwall\b(?<!chair against a wall)/iu, /^wall/u],
    ['a counter', /\bcounter\b/iu, /^counter/u],
    ['a stick', /\bstick\b/iu, /^stick/u],
    ['a stick along the back', /\bstick along your back\b/iu, /^stick-back$/u],
    ['a band', /\bband\b/iu, /^(?:band|strap-foot)/u],
    ['a strap', /\bstrap\b(?<!foot or a strap)/iu, /^(?:strap|band)/u],
    [
      'a weight',
      /\bbottles?\b|\bweight in one hand\b|\b(?:take|slide|put) the weight\b/iu,
      /^weight/u,
    ],
    ['a bed', /\bthe bed\b/iu, /^bed/u],
    ['a couch', /\bcouch\b/iu, /^couch/u],
    ['a block', /\b(?:on|or) a block\b|\bthe block\b/iu, /^(?:block|low-seat|step)/u],
    [
      'a cushion or pillow',
      /\b(?:a|the|big) (?:cushion|pillow)\b|\bcushions\b/iu,
      /^(?:cushion|pillow|low-seat|block)/u,
    ],
    ['a cushion at one’s side', /\bcushion on your \{side\}/iu, /^cushion-beside$/u],
    ['a roll', /\b(?:the|a) (?:roll|roller|rolled towel)\b/iu, /^(?:roller|towel)/u],
    ['a step', /\blow step\b/iu, /^step/u],
    ['a screen', /\bscreen\b/iu, /^screen$/u],
    ['a line on the floor', /\ba line on the floor\b/iu, /^line/u],
  ];

  test.each(THINGS)('%s', (_, says, drawn) => {
    const told = LEVELS.filter(({ setUp, go }) => says.test(`${setUp} ${go}`));
    expect(told.length).toBeGreaterThan(0);
    const missing = told.filter((one) => !roomOf(one.drawn).some((thing) => drawn.test(thing)));
    expect(missing.map(({ name }) => name)).toEqual([]);
  });
});

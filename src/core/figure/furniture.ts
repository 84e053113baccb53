import { HEIGHT } from './body';
import type { Cloth, Fill, Layer } from './draw';
import {
  cameraOf,
  capsuleOf,
  circle,
  flat,
  outline,
  polygon,
  type Camera,
  type Point,
  type View,
} from './flat';
import type { Body } from './solve';
import { add, along, lerp, sub, turnedAbout, unit, type Vec } from './vec';

/** What stands in a picture besides the figure. */
export type Furniture =
  | 'chair'
  | 'armchair'
  | 'chair-ahead'
  | 'seat-ahead'
  | 'chair-right'
  | 'chair-left'
  | 'chair-behind'
  | 'seat-behind'
  | 'counter-beside'
  | 'strap-foot-right'
  | 'step-low'
  | 'line-across'
  | 'wheelchair'
  | 'walker'
  | 'walker-ahead'
  | 'rail'
  | 'bed-along'
  | 'couch-along'
  | 'wall'
  | 'wall-behind'
  | 'wall-beside'
  | 'counter'
  | 'bed'
  | 'couch'
  | 'mat'
  | 'floor'
  | 'block'
  | 'low-seat'
  | 'cushion-head'
  | 'cushion-side'
  | 'cushion-knees'
  | 'cushion-beside'
  | 'cushion-kneel'
  | 'cushion-legs'
  | 'block-between'
  | 'block-feet'
  | 'roller'
  | 'towel-back'
  | 'pillow-back'
  | 'cushion-back'
  | 'cushion-back-big'
  | 'blanket'
  | 'strap-left'
  | 'roller-along'
  | 'towel-hips'
  | 'strap-foot'
  | 'stick'
  | 'stick-back'
  | 'stick-in-hand'
  | 'drawn-inside'
  | 'band'
  | 'band-feet'
  | 'band-side'
  | 'weights'
  | 'weight-one'
  | 'step'
  | 'screen'
  | 'line';

interface Drawing {
  readonly camera: Camera;
  readonly view: View;
  readonly body: Body;
}

const BEHIND = -400;
const BEFORE = 400;

function slab(camera: Camera, from: Vec, to: Vec): string {
  const corners: Vec[] = [0, 1, 2, 3, 4, 5, 6, 7].map((i) => [
    i & 1 ? from[0] : to[0],
    i & 2 ? from[1] : to[1],
    i & 4 ? from[2] : to[2],
  ]);
  return polygon(outline(corners.map((one) => flat(camera, one))));
}

const rod = (camera: Camera, a: Vec, b: Vec, r = 0.7, rb = r): string =>
  capsuleOf(camera, { at: a, r }, { at: b, r: rb });

/** Two opposite corners. */
type Block = readonly [Vec, Vec];

function chairBlocks([x, , z]: Vec, facing: 1 | -1): readonly [seat: Block, back: Block] {
  const at = (dx: number, y: number, dz: number): Vec => [x + dx, y, z + dz * facing];
  const { seat, backrest } = HEIGHT;
  return [
    [at(-12.6, seat - 2.2, -13.4), at(12.6, seat - 0.4, 10)],
    [at(-12, backrest - 10, -15.2), at(12, backrest, -14)],
  ];
}

const CHAIRS = {
  chair: [[0, 0, 0], 1],
  armchair: [[0, 0, 0], 1],
  'chair-ahead': [[0, 0, 36], 1],
  'seat-ahead': [[0, 0, 36], -1],
  // A chair's back beside the figure, to hold.
  'chair-right': [[-34, 0, 14], 1],
  'chair-left': [[34, 0, 14], 1],
  'seat-behind': [[0, 0, -38], -1],
  'chair-behind': [[0, 0, -18], 1],
} as const satisfies Readonly<Partial<Record<Furniture, readonly [Vec, 1 | -1]>>>;
const CHAIR_NAMES = Object.keys(CHAIRS) as (keyof typeof CHAIRS)[];

const FIXED = {
  wall: [
    [
      [-30, 0, 34],
      [30, 100, 35.5],
    ],
  ],
  'wall-behind': [
    [
      [-30, 0, -11],
      [30, 104, -9.6],
    ],
  ],
  'wall-beside': [
    [
      [-27, 0, -20],
      [-25.6, 100, 26],
    ],
  ],
  counter: [
    [
      [-34, 0, 26],
      [34, HEIGHT.counter - 3, 42],
    ],
    [
      [-36, HEIGHT.counter - 3, 23],
      [36, HEIGHT.counter, 44],
    ],
  ],
  'counter-beside': [
    [
      [-34, 0, -34],
      [-19, HEIGHT.counter - 3, 44],
    ],
    [
      [-36, HEIGHT.counter - 3, -36],
      [-17, HEIGHT.counter, 46],
    ],
  ],
  step: [
    [
      [-18, 0, 12],
      [18, 7, 32],
    ],
  ],
} as const satisfies Readonly<Partial<Record<Furniture, readonly Block[]>>>;

/** What stands still in a picture and lets nothing through. */
export const SOLID: Readonly<Partial<Record<Furniture, readonly Block[]>>> = {
  ...FIXED,
  ...Object.fromEntries(
    CHAIR_NAMES.map((name) => [name, chairBlocks(CHAIRS[name][0], CHAIRS[name][1])]),
  ),
};

/** Legs first, so that what they carry stands over them. */
function chair(camera: Camera, name: keyof typeof CHAIRS, arms = false): Layer {
  const [[x, , z], facing] = CHAIRS[name];
  const [top, back] = chairBlocks([x, 0, z], facing);
  const at = (dx: number, y: number, dz: number): Vec => [x + dx, y, z + dz * facing];
  const wood = (d: string): Fill => ({ cloth: 'wood', d });
  const { seat, backrest } = HEIGHT;
  return one([
    ...[-11.5, 11.5].flatMap((dx) => [
      wood(rod(camera, at(dx, 0, -13), at(dx, seat, -12.6))),
      wood(rod(camera, at(dx, 0, 9), at(dx, seat, 8.6))),
      wood(rod(camera, at(dx, seat, -12.8), at(dx, backrest, -15))),
      ...(arms
        ? [
            wood(rod(camera, at(dx * 1.18, seat, 7), at(dx * 1.18, seat + 10.5, 7))),
            wood(rod(camera, at(dx * 1.18, seat + 10.5, -13.6), at(dx * 1.18, seat + 10.5, 8), 1)),
          ]
        : []),
    ]),
    wood(slab(camera, top[0], top[1])),
    wood(slab(camera, back[0], back[1])),
  ]);
}

const one = (fills: readonly Fill[], depth = BEHIND): Layer => ({
  depth,
  tone: 'far',
  line: fills.map(({ d }) => d).join(''),
  fills,
});
const made = (cloth: Cloth, ...all: readonly string[]): readonly Fill[] =>
  all.map((d) => ({ cloth, d }));

const blocks = (camera: Camera, name: keyof typeof FIXED): Layer =>
  one(made('wood', ...FIXED[name].map(([from, to]: Block) => slab(camera, from, to))));

function walker(camera: Camera, ahead: number): Layer {
  const bar = (a: Vec, b: Vec, r: number) =>
    rod(camera, add(a, [0, 0, ahead]), add(b, [0, 0, ahead]), r);
  return one(
    made(
      'metal',
      ...[-13, 13].flatMap((x) => [
        bar([x, 0, 14], [x, 51, 10], 0.8),
        bar([x, 0, 30], [x, 51, 24], 0.8),
        bar([x, 51, 8], [x, 51, 25], 1),
      ]),
      bar([-13, 40, 26], [13, 40, 26], 0.8),
    ),
  );
}

const MAKERS: Readonly<Record<Furniture, (drawing: Drawing) => readonly Layer[]>> = {
  floor: ({ camera, view, body }) => {
    const { hips } = body;
    if (view.above > 14) {
      const points: Vec[] = Array.from({ length: 24 }, (_, i) => {
        const a = (i / 24) * 2 * Math.PI;
        return [hips[0] + 34 * Math.cos(a), 0, hips[2] + 6 + 26 * Math.sin(a)];
      });
      const d = polygon(points.map((one) => flat(camera, one)));
      return [{ depth: BEHIND - 10, tone: 'far', fills: made('mat', d) }];
    }
    const [x, z] = [hips[0], hips[2]];
    const d = slab(camera, [x - 36, -0.5, z - 36], [x + 36, -0.1, z + 40]);
    return [{ depth: BEHIND - 10, tone: 'far', fills: made('mat', d) }];
  },
  mat: ({ camera, body }) => {
    const all = [
      body.hips,
      ...body.back,
      body.legs.left.toe,
      body.legs.right.toe,
      body.legs.left.knee,
    ];
    const zs = all.map((one) => one[2]);
    const xs = all.map((one) => one[0]);
    const from: Vec = [Math.min(...xs, -12) - 14, -1, Math.min(...zs) - 8];
    const to: Vec = [Math.max(...xs, 12) + 14, -0.1, Math.max(...zs) + 8];
    return [{ depth: BEHIND - 10, tone: 'far', fills: made('mat', slab(camera, from, to)) }];
  },
  chair: ({ camera }) => [chair(camera, 'chair')],
  armchair: ({ camera }) => [chair(camera, 'armchair', true)],
  'chair-ahead': ({ camera }) => [chair(camera, 'chair-ahead')],
  'seat-ahead': ({ camera }) => [chair(camera, 'seat-ahead')],
  'chair-right': ({ camera }) => [chair(camera, 'chair-right')],
  'chair-left': ({ camera }) => [chair(camera, 'chair-left')],
  'seat-behind': ({ camera }) => [chair(camera, 'seat-behind')],
  'chair-behind': ({ camera }) => [chair(camera, 'chair-behind')],
  'counter-beside': ({ camera }) => [blocks(camera, 'counter-beside')],
  'step-low': ({ camera, body }) => {
    const { heel, toe } = body.legs.right;
    const from: Vec = [heel[0] - 7, 0, heel[2] - 4];
    return [
      one(made('wood', slab(camera, from, [heel[0] + 7, Math.max(2, heel[1] - 2.3), toe[2] + 3]))),
    ];
  },
  'line-across': ({ camera }) => [
    {
      depth: BEHIND - 5,
      tone: 'far',
      fills: made('wood', slab(camera, [-16, 0, 11], [22, 0.1, 13])),
    },
  ],
  'strap-foot-right': ({ camera, body }) => {
    const { legs, arms } = body;
    const hand = lerp(arms.right.wrist, arms.right.tip, 0.5);
    return [
      one(
        made('wood', rod(camera, lerp(legs.right.ball, legs.right.ankle, 0.4), hand, 0.5)),
        BEFORE,
      ),
    ];
  },
  wheelchair: ({ camera }) => {
    const metal = (...all: readonly string[]) => made('metal', ...all);
    const { wheel } = HEIGHT;
    const ring = (x: number, y: number, z: number, r: number) => {
      const points: Vec[] = Array.from({ length: 36 }, (_, i) => {
        const a = (i / 36) * 2 * Math.PI;
        return [x, y + r * Math.cos(a), z + r * Math.sin(a)];
      });
      return polygon(points.map((one) => flat(camera, one)));
    };
    const frame = [-12, 12].flatMap((x) => [
      rod(camera, [x, wheel, -12], [x, 56, -15], 0.7),
      rod(camera, [x, wheel - 1, -12], [x, wheel - 1, 11], 0.8),
      rod(camera, [x, wheel - 1, 11], [x, 6, 17], 0.7),
      rod(camera, [x, 4, 14], [x, 4, 26], 0.8),
      rod(camera, [x, 56, -15], [x, 55, -19], 0.9),
    ]);
    return [
      one([
        ...made('metal', ...frame),
        ...made('cloth', slab(camera, [-11, 34, -14.6], [11, 52, -13])),
        ...made('wood', slab(camera, [-12, wheel - 2, -12], [12, wheel - 0.4, 10])),
      ]),
      { depth: BEHIND - 1, tone: 'far', line: ring(13.5, 17.6, -6, 17.6), fills: [] },
      { depth: BEFORE, tone: 'near', line: ring(-13.5, 17.6, -6, 17.6), fills: [] },
      { depth: BEFORE, tone: 'near', line: ring(-13.5, 4, 15, 4), fills: [] },
      one(metal(circle(flat(camera, [-13.5, 17.6, -6]), 1)), BEFORE + 1),
    ];
  },
  walker: ({ camera }) => [walker(camera, 0)],
  'walker-ahead': ({ camera }) => [walker(camera, 15)],
  rail: ({ camera }) => [
    one(
      made(
        'metal',
        rod(camera, [-24, HEIGHT.counter, 36], [24, HEIGHT.counter, 36], 1.1),
        ...[-20, 20].map((x) => rod(camera, [x, 0, 36], [x, HEIGHT.counter, 36], 0.8)),
      ),
    ),
  ],
  'bed-along': ({ camera }) => [
    one(made('wood', slab(camera, [-64, 4, -30], [56, HEIGHT.bed - 8, 8])), BEHIND),
    one(
      made('cloth', slab(camera, [-64, HEIGHT.bed - 8, -30], [56, HEIGHT.bed - 0.3, 8])),
      BEHIND + 1,
    ),
  ],
  'couch-along': ({ camera }) => [
    one(
      made(
        'cloth',
        slab(camera, [-64, HEIGHT.couch, -24], [56, HEIGHT.couch + 18, -17]),
        slab(camera, [-64, 2, -20], [56, HEIGHT.couch - 0.4, 10]),
      ),
    ),
  ],
  wall: ({ camera }) => [blocks(camera, 'wall')],
  'wall-behind': ({ camera }) => [blocks(camera, 'wall-behind')],
  'wall-beside': ({ camera }) => [blocks(camera, 'wall-beside')],
  counter: ({ camera }) => [blocks(camera, 'counter')],
  bed: ({ camera, body }) => {
    const all = [body.hips, ...body.back, body.legs.left.toe, body.legs.right.toe];
    const isLying = Math.abs(body.pelvis[1][1]) < 0.6;
    const zs = isLying ? all.map((one) => one[2]) : [body.hips[2] - 26, body.hips[2] + 8];
    const [a, b] = [Math.min(...zs) - 8, Math.max(...zs) + (isLying ? 8 : 0)];
    const { bed } = HEIGHT;
    return [
      one(
        made(
          'wood',
          slab(camera, [-30, 4, a], [30, bed - 8, b]),
          rod(camera, [-26, 0, a + 3], [-26, 5, a + 3], 1.4),
          rod(camera, [-26, 0, b - 3], [-26, 5, b - 3], 1.4),
        ),
      ),
      one(made('cloth', slab(camera, [-30, bed - 8, a], [30, bed - 0.3, b])), BEHIND + 1),
    ];
  },
  couch: ({ camera, body }) => {
    const { couch } = HEIGHT;
    const isLying = Math.abs(body.pelvis[1][1]) < 0.6;
    const all = [body.hips, ...body.back, body.legs.left.toe, body.legs.right.toe].map(
      (one) => one[2],
    );
    const [a, b] = isLying ? [Math.min(...all) - 8, Math.max(...all) + 8] : [-18, 10];
    return [
      one([
        ...made('cloth', slab(camera, [-34, 2, a], [34, couch - 0.4, b])),
        ...(isLying
          ? made('cloth', slab(camera, [24, couch, a], [32, couch + 18, b]))
          : made('cloth', slab(camera, [-34, couch, -24], [34, couch + 22, -13]))),
      ]),
    ];
  },
  block: ({ camera, body }) => handBlock(camera, body),
  'low-seat': ({ camera, body }) => [
    one(
      made(
        'wood',
        slab(camera, [-8, 0, body.hips[2] - 8], [8, body.hips[1] - 6.9, body.hips[2] + 4]),
      ),
    ),
  ],
  'cushion-head': ({ camera, body }) => underHead(camera, body, 4),
  'cushion-side': ({ camera, body }) => underHead(camera, body, 8),
  'cushion-knees': ({ camera, body }) => underKnee(camera, body, 9, 3.4),
  'cushion-legs': ({ camera, body }) =>
    (['left', 'right'] as const).map((side) => {
      const { knee, hip } = body.legs[side];
      const at = lerp(knee, hip, 0.12);
      return one(
        made(
          'wood',
          slab(camera, [at[0] - 6, 0, at[2] - 7], [at[0] + 6, Math.max(2, at[1] - 3.6), at[2] + 7]),
        ),
        BEHIND + 5,
      );
    }),
  // Under both knees when they have sunk to the right.
  'cushion-beside': ({ camera }) => [
    one(made('wood', slab(camera, [-32, 0, -6], [-13, 18, 24])), BEHIND + 5),
  ],
  'cushion-kneel': ({ camera, body }) => underKnee(camera, body, 8, 4),
  'block-between': ({ camera, body }) => between(camera, body),
  'block-feet': ({ camera, body }) => {
    const zs = [body.legs.left.heel[2], body.legs.right.toe[2]];
    const top = Math.max(1, Math.min(body.legs.left.heel[1], body.legs.right.heel[1]) - 2.4);
    return [
      one(
        made('wood', slab(camera, [-11, 0, Math.min(...zs) - 3], [11, top, Math.max(...zs) + 2])),
        BEHIND + 5,
      ),
    ];
  },
  roller: ({ camera, body }) => {
    const at = body.hips;
    return [
      one(made('cloth', rod(camera, [-13, 4.4, at[2] - 2], [13, 4.4, at[2] - 2], 4.4)), BEHIND + 5),
    ];
  },
  'roller-along': ({ camera, body }) => {
    const head = body.back[5] ?? body.hips;
    return [
      one(
        made(
          'cloth',
          rod(camera, along(body.hips, [0, 0, 1], 2), [head[0], body.hips[1] - 8, head[2]], 4),
        ),
        BEHIND + 5,
      ),
    ];
  },
  'towel-hips': ({ camera, body }) => [
    one(made('cloth', rod(camera, [-10, 3, body.hips[2]], [10, 3, body.hips[2]], 3)), BEHIND + 5),
  ],
  'towel-back': ({ camera, body }) => {
    const at = body.back[2] ?? body.hips;
    return [one(made('cloth', rod(camera, [-12, 2.6, at[2]], [12, 2.6, at[2]], 2.6)), BEHIND + 5)];
  },
  'pillow-back': ({ camera, body }) => {
    const at = body.back[3] ?? body.hips;
    const box = slab(camera, [-14, 0, at[2] - 9], [14, Math.max(2, at[1] - 6), at[2] + 9]);
    return [one(made('cloth', box), BEHIND + 5)];
  },
  'cushion-back': ({ camera, body }) => behindBack(camera, body, 7),
  'cushion-back-big': ({ camera, body }) => behindBack(camera, body, 15),
  blanket: ({ camera, body }) => {
    const { hips, legs } = body;
    const box = slab(camera, add(hips, [-9, -8, -6]), [
      hips[0] + 9,
      hips[1] + 5,
      legs.left.ankle[2],
    ]);
    return [one(made('cloth', box), BEFORE)];
  },
  'strap-left': ({ camera, body }) => {
    const { legs, arms } = body;
    const hand = lerp(arms.left.wrist, arms.left.tip, 0.5);
    return [
      one(made('wood', rod(camera, lerp(legs.left.ball, legs.left.ankle, 0.4), hand, 0.5)), BEFORE),
    ];
  },
  'strap-foot': ({ camera, body }) => {
    const { arms, legs } = body;
    const working = legs.right;
    const at = lerp(working.ball, working.heel, 0.2);
    const hands = (['left', 'right'] as const).map((side) =>
      rod(camera, at, lerp(arms[side].wrist, arms[side].tip, 0.5), 0.5),
    );
    return [one(made('wood', ...hands), BEFORE)];
  },
  stick: ({ camera, body }) => inHands(camera, body, 10),
  'stick-back': ({ camera, body }) => {
    const at = (local: Vec, from: Vec, frame: Body['upper']): Vec =>
      along(from, frame[2], local[2]);
    const head = at([0, 0, -6.5], body.back[5] ?? body.hips, body.upper);
    const tail = at([0, 0, -9], body.hips, body.upper);
    const way = unit(sub(head, tail));
    return [
      one(made('wood', rod(camera, along(tail, way, -6), along(head, way, 8), 0.8)), BEHIND + 5),
    ];
  },
  'stick-in-hand': ({ camera, body }) => {
    const { elbow, wrist, tip } = body.arms.right;
    const at = lerp(wrist, tip, 0.5);
    const way = turnedAbout([0, 1, 0], unit(sub(wrist, elbow)), body.small.stick ?? 0);
    return [one(made('wood', rod(camera, along(at, way, -5), along(at, way, 20), 0.8)), BEFORE)];
  },
  'drawn-inside': ({ camera, body }) => drawnInside(camera, body),
  band: ({ camera, body }) => inHands(camera, body, 0),
  'band-side': ({ camera, body }) => {
    const { wrist, tip } = body.arms.right;
    return [one(made('wood', rod(camera, lerp(wrist, tip, 0.5), [46, 40, 6], 0.5)), BEHIND + 5)];
  },
  'band-feet': ({ camera, body }) => {
    const { left, right } = body.legs;
    return [one(made('wood', rod(camera, left.ball, right.ball, 0.9)), BEFORE)];
  },
  weights: ({ camera, body }) =>
    (['left', 'right'] as const).flatMap((side) => weightIn(camera, body, side)),
  'weight-one': ({ camera, body }) => weightIn(camera, body, 'right'),
  step: ({ camera }) => [blocks(camera, 'step')],
  screen: ({ camera }) => [
    one(
      made(
        'wood',
        slab(camera, [-30, 40, 26], [30, 42, 56]),
        rod(camera, [-26, 0, 50], [-26, 40, 50], 0.9),
        rod(camera, [0, 42, 46], [0, 54, 46], 0.9),
        slab(camera, [-15, 54, 45], [15, 74, 46.4]),
      ),
    ),
  ],
  line: ({ camera }) => [
    {
      depth: BEHIND - 5,
      tone: 'far',
      fills: made('wood', slab(camera, [-0.9, 0, -30], [0.9, 0.1, 44])),
    },
  ],
};

function behindBack(camera: Camera, { back, hips }: Body, top: number): readonly Layer[] {
  const chest = back[2] ?? hips;
  const box = slab(camera, [chest[0] - 14, 0, chest[2] - 26], [chest[0] + 16, top, chest[2] - 8]);
  return [one(made('cloth', box), BEHIND + 6)];
}

function underHead(camera: Camera, { back, hips }: Body, r: number): readonly Layer[] {
  const head = back[5] ?? hips;
  const top = Math.max(1, head[1] - 5.2);
  const box = slab(camera, [head[0] - r - 5, 0, head[2] - 7], [head[0] + r + 5, top, head[2] + 7]);
  return [one(made('wood', box), BEHIND + 5)];
}

/** Under the lower knee, so much thinner than the knee is high. */
function underKnee(camera: Camera, { legs }: Body, half: number, less: number): readonly Layer[] {
  const at = legs.left.knee[1] <= legs.right.knee[1] ? legs.left.knee : legs.right.knee;
  const top = Math.max(1.8, at[1] - less);
  const box = slab(camera, [at[0] - half, 0, at[2] - 8], [at[0] + half, top, at[2] + 8]);
  return [one(made('wood', box), BEHIND + 5)];
}

function between(camera: Camera, { legs }: Body): readonly Layer[] {
  const at = lerp(legs.left.knee, legs.right.knee, 0.5);
  return [one(made('wood', slab(camera, add(at, [-3, -5, -5]), add(at, [3, 4.5, 5]))), BEFORE)];
}

function handBlock(camera: Camera, { arms }: Body): readonly Layer[] {
  return (['left', 'right'] as const).flatMap((side) => {
    const { wrist, tip } = arms[side];
    const at = lerp(wrist, tip, 0.5);
    if (at[1] > 24 || at[1] < 3) return [];
    return [
      one(
        made('wood', slab(camera, [at[0] - 4, 0, at[2] - 5], [at[0] + 4, at[1] - 1.6, at[2] + 5])),
        BEHIND + 5,
      ),
    ];
  });
}

function inHands(camera: Camera, { arms }: Body, past: number): readonly Layer[] {
  const [a, b] = [arms.left, arms.right].map(({ wrist, tip }) => lerp(wrist, tip, 0.5)) as [
    Vec,
    Vec,
  ];
  const way = unit(sub(a, b));
  const d = rod(camera, along(b, way, -past), along(a, way, past), past > 0 ? 0.8 : 0.6);
  return [one(made('wood', d), BEFORE)];
}

function weightIn(camera: Camera, { arms }: Body, side: 'left' | 'right'): readonly Layer[] {
  const { wrist, tip, thumb } = arms[side];
  const at = lerp(wrist, tip, 0.5);
  const way = unit(sub(thumb, at));
  return [one(made('metal', rod(camera, along(at, way, -5), along(at, way, 5), 2)), BEFORE)];
}

/** Small marks over the pelvis, as long as what they speak of is strong: nothing of it is seen from outside. */
function drawnInside(camera: Camera, { hips, small }: Body): readonly Layer[] {
  const { drawnUp = 0, drawnIn = 0 } = small;
  const [x, y] = flat(camera, hips);
  const mark = (from: Point, way: Point, by: number): string => {
    const tip: Point = [from[0] + way[0] * 7 * by, from[1] + way[1] * 7 * by];
    const barb = (turn: 1 | -1): Point => [
      tip[0] - way[0] * 2.4 * by + way[1] * 2 * by * turn,
      tip[1] - way[1] * 2.4 * by + way[0] * 2 * by * turn,
    ];
    const line = (one: Point, other: Point) => `M${one.join(' ')}L${other.join(' ')}`;
    return line(from, tip) + line(barb(1), tip) + line(barb(-1), tip);
  };
  const marks = [
    ...(drawnUp > 0 ? [mark([x, y + 4], [0, -1], drawnUp)] : []),
    ...(drawnIn > 0
      ? [mark([x - 10, y + 1], [1, 0], drawnIn), mark([x + 10, y + 1], [-1, 0], drawnIn)]
      : []),
  ];
  return marks.length > 0
    ? [{ depth: BEFORE, tone: 'working', line: marks.join(''), fills: [] }]
    : [];
}

/** The layers of what stands in the picture. */
export function furnitureLayers(
  what: readonly Furniture[],
  body: Body,
  view: View,
): readonly Layer[] {
  const drawing = { camera: cameraOf(view), view, body };
  return what.flatMap((one) => MAKERS[one](drawing));
}

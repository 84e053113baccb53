import type { EdgeId, Side, Step } from '@/core/body';
import { BASES, type BaseName } from '../bases';
import { HEIGHT } from '../body';
import type { Drawn } from '../figure';
import { changed, type Pose, type PoseChange } from '../pose';
import { HANG, d, foot, sole } from './words';

/** Ways to a side are written to the right one. */
type WayName = EdgeId extends infer E ? (E extends `${infer Way}-${Side}` ? Way : E) : never;

const at = (base: BaseName, change: PoseChange = {}): Pose => changed(BASES[base].pose, change);

const ON_HEELS = { f: 56, b: 5, k: 146, d: -72 } as const;
const KNEES = { at: [6, 0, 30], out: 2 } as const;
const heels = at('kneel-tall', { l: ON_HEELS, a: { on: 'thigh' } });
/** Lifted off the heels, before the hips go to one side. */
const offHeels = at('kneel-tall', {
  l: { f: 40, b: 5, k: 124, d: -72, kneels: true },
  a: { on: 'thigh' },
});
/** On the right hip, both knees to the right, the right hand on the floor. */
const sideSit = at('floor-sit', {
  p: [2, -12, -6],
  sp: [4, 12],
  lR: { f: 70, b: 34, r: 60, k: 84, lies: true },
  lL: { f: 112, b: 14, r: -45, k: 84 },
  aR: { at: [22, 2.2, 0] },
  aL: { f: 40, b: 20, e: 60 },
});
/** From the knees down on the right hip, the legs on their way round to the front. */
const hipDown = at('floor-knees', {
  hips: [-4, 9.6, -11],
  p: [20, -18],
  sp: [0, 16],
  lR: { at: [4, 0, 21], out: 20, open: 30 },
  lL: { at: [12, 0, 20], out: 10, open: 10 },
  aR: { at: [18, 2.2, 4] },
  aL: { f: 40, b: 20, e: 60 },
});
const side = at('side');
/** From all fours half way back to the heels. */
const sinking: PoseChange = {
  o: [0, 0, -8],
  p: [-22],
  sp: [8],
  l: { f: 96, b: 5, k: 130, d: -70, kneels: true },
  a: { at: [9, 2.6, 17], hand: [0, 0, 1] },
};
const towardsFours: PoseChange = {
  p: [40],
  l: { f: 40, k: 90, d: -68, kneels: true },
  a: { f: 70, b: 6, e: 10 },
};
const kneeDown = { f: -4, k: 86, d: -68, kneels: true } as const;
const frontFoot = { at: [5, 0, 21], out: 4 } as const;
const halfKneelAtSeat: PoseChange = {
  o: [0, -24, -2],
  p: [-36],
  lL: { at: [5, 0, 18] },
  lR: { f: 30, k: 100, d: -60, kneels: true },
  a: { at: [9, 28.5, 30] },
};
const leaning: PoseChange = {
  l: sole(6.5, 12),
  o: [0, 8, 6],
  p: [38],
  nk: [-14],
  a: { on: 'knee' },
};
const upFromSeat: PoseChange = { l: sole(6.5, 12), o: [0, 19.4, 15], a: HANG };
const rolled = (turn: number, change: PoseChange = {}): PoseChange => ({
  p: [0, 0, 0, turn],
  l: { f: 50, k: 80 },
  ...change,
});
/** Rolled on to the right side, and half way there. */
const onRight = rolled(-86, { l: { f: 60, k: 90 }, a: { f: 80, e: 20 } });
const halfRight = rolled(-44, { aL: { f: 60, b: -20, e: 10 }, aR: { f: 30, b: 40, e: 20 } });
/** Rolled on from the right side to the front. */
const frontFrom = (low: number): readonly PoseChange[] => {
  const hands = { at: [-5, low + 3, -43], hand: [1, 0, -0.2], elbow: [1, 0.3, 0.2] } as const;
  return [
    {
      p: [0, 0, 180, 90],
      lR: { f: 6, k: 10, d: -50 },
      lL: { f: 40, k: 56, d: -30 },
      a: { f: 80, e: 30 },
    },
    {
      p: [0, 0, 180, 46],
      lR: { f: 0, k: 6, d: -70 },
      lL: { f: 4, k: 14, d: -70 },
      aR: { f: 126, b: 34, e: 40 },
      aL: { f: 70, e: 60 },
    },
    { p: [0, 0, 180], a: hands },
  ];
};
const TOP = { view: 'top' } as const;
const ROLLING = { ...TOP, with: ['cushion-head'] } as const;
const FLOOR_SIDE = { view: 'lying-side', room: ['mat'] } as const;

/** From an edge to lying on the right side, on what is so high. */
const lieDown = (low: number): readonly (PoseChange | Pose)[] => [
  {},
  {
    p: [0, -48],
    sp: [0, 22],
    l: { f: 76, b: 0, k: 84 },
    aR: { at: [30, low + 2, 8] },
    aL: { at: [-10, low + 2, 12] },
  },
  at('side', { hips: [0, low + 9.6, -4], aR: { f: 86, e: 30 }, aL: { f: 70, e: 50 } }),
];

/** The ways between two positions, as they are drawn on the stage. */
export const WAYS: Readonly<Record<WayName, Drawn>> = {
  scoot: d('sit-back', [
    { p: [-4], a: { on: 'seat-side', elbow: [0.5, 0, -1] } },
    { o: [0, 1, 2], p: [6, 8], a: { on: 'seat-side', elbow: [0.5, 0, -1] } },
    { o: [0, 0, 4.5], a: { on: 'thigh' } },
  ]),
  rise: d('sit', [{ l: sole(6.5, 12) }, leaning, upFromSeat]),
  'behind-chair': d('held', [{ a: HANG }, {}]),
  'to-wall': d('wall', [{ a: HANG }, {}]),
  'to-counter': d('counter', [{ a: HANG }, {}]),
  'hands-to-seat': d('seat-ahead', [{ p: [-62], o: [0, 0, 0], a: HANG }, {}]),
  'kneel-at-seat': d('seat-ahead', [
    {},
    {
      o: [0, -12, -4],
      p: [-10],
      nk: [-10],
      lL: { at: [5, 0, 14] },
      lR: { at: [5, 6, -14], up: -44 },
    },
    halfKneelAtSeat,
    at('kneel-seat'),
  ]),
  'seat-from-knees': d('kneel-seat', [
    {},
    {
      p: [-28],
      lL: { at: [5, 0, 12] },
      lR: { f: 32, k: 92, d: -68, kneels: true },
      a: { at: [9, 28.5, 34] },
    },
    { hips: [0, 49, 8], p: [8], l: { at: [5, 0, 6], out: 6 }, a: { at: [9, 28.5, 36] } },
    {
      hips: [0, 42, 22],
      p: [-24, 0, 90],
      lL: { at: [4, 0, 3], out: 70 },
      lR: { at: [-2, 0, 13], out: -70 },
      a: HANG,
    },
    at('sit', {
      hips: [0, 33.3, 34],
      p: [0, 0, 180],
      l: { at: [-6.5, 0, 12], out: 176 },
      a: { on: 'thigh' },
    }),
  ]),
  'seat-to-fours': d('kneel-seat', [{}, at('fours', { o: [0, 0, -12] })], {
    room: ['seat-ahead', 'mat'],
  }),
  'seat-to-tall': d('kneel-seat', [{}, at('kneel-tall')]),
  'seat-to-floor': d(
    'kneel-seat',
    [
      {},
      at('kneel-tall', { l: ON_HEELS, p: [10], aR: { on: 'thigh' }, aL: { at: [8, 28, 26] } }),
      hipDown,
      at('floor-sit'),
    ],
    { view: 'quarter' },
  ),
  'half-kneel': d('stand', [
    {},
    { o: [0, -9, 3], p: [10], lL: foot(5.2, 16), lR: { at: [5.2, 6, -14], up: -44 }, aL: HANG },
    at('kneel-half', { aR: { on: 'hip' }, lL: frontFoot }),
  ]),
  'down-to-floor': d('stand', [
    {},
    {
      hips: [0, 20, -11],
      p: [24],
      sp: [72],
      l: { at: [8, 3, 0], out: 14, up: -10 },
      a: { at: [11, 2.4, 12] },
    },
    at('floor-sit', {
      o: [0, 0, -20],
      l: { at: [7, 0, 8] },
      a: { at: [13, 2.4, -33], hand: [0.2, 0, -1] },
    }),
    at('floor-sit', { o: [0, 0, -20] }),
  ]),
  'half-to-tall': d('kneel-half', [{ a: HANG, lL: frontFoot }, at('kneel-tall')]),
  'half-to-fours': d('kneel-half', [
    { lL: frontFoot },
    at('kneel-tall'),
    at('kneel-tall', towardsFours),
    at('fours'),
  ]),
  'tall-to-fours': d('kneel-tall', [{}, towardsFours, at('fours')]),
  'change-knee': d('kneel-half', [
    { a: HANG, lL: frontFoot },
    at('kneel-tall'),
    { a: HANG, lR: frontFoot, lL: kneeDown },
  ]),
  'fours-to-heels': d('fours', [{}, sinking, heels]),
  'heels-to-tall': d('kneel-tall', [heels, {}]),
  'heels-to-floor': d('kneel-tall', [heels, offHeels, hipDown, at('floor-sit')], {
    view: 'quarter',
  }),
  'fours-to-fold': d('fours', [
    {},
    at('fold', { o: [0, 0, -24], a: { at: [8, 1.6, 32], hand: [0, 0, 1] } }),
  ]),
  'heels-to-fold': d('kneel-tall', [heels, at('fold')]),
  'fours-to-plank': d('fours', [
    {},
    { o: [0, 0, 4], p: [4], l: { f: 44, k: 60, d: -30 } },
    at('plank', { o: [0, 0, 3], p: [3], a: { at: [9, 2.6, 30], hand: [0, 0, 1] } }),
  ]),
  'fours-to-front': d('fours', [
    {},
    {
      p: [4],
      l: { f: 40, k: 66, d: -68, kneels: true },
      a: { at: [12, 1.2, 44], hand: [0, 0, 1], elbow: [0.4, -0.6, -0.8] },
    },
    at('prone'),
  ]),
  'fours-to-side': d('fours', [{}, sinking, heels, offHeels, hipDown, sideSit, side], FLOOR_SIDE),
  'fours-to-floor': d('fours', [{}, sinking, heels, offHeels, hipDown, at('floor-sit')], {
    view: 'quarter',
  }),
  'side-to-back': d('supine', [onRight, halfRight, { l: KNEES }], ROLLING),
  'side-to-front': d('prone', frontFrom(0), TOP),
  'floor-to-side': d('floor-sit', [{}, sideSit, side], FLOOR_SIDE),
  'roll-across': d(
    'supine',
    [
      onRight,
      { l: { f: 70, k: 90 }, a: { f: 60, b: -10, e: 30 } },
      rolled(86, { l: { f: 60, k: 90 }, a: { f: 80, e: 20 } }),
    ],
    ROLLING,
  ),
  'cross-legs': d('floor-sit', [{}, at('cross')], { view: 'quarter' }),
  'lie-down': d('floor-sit', [
    { l: KNEES, a: { on: 'behind-thigh' } },
    { p: [-42], sp: [40], nk: [20], l: KNEES, a: { on: 'behind-thigh' } },
    at('supine', { l: KNEES }),
  ]),
  'bed-rise': d('bed', [
    { l: sole(6.5, 12) },
    { ...leaning, o: [0, 7, 6] },
    { ...upFromSeat, o: [0, 17.9, 15] },
  ]),
  'bed-lie': d('bed', lieDown(HEIGHT.bed), {
    view: 'lying-side',
    room: ['bed-along', 'floor'],
  }),
  'bed-roll-back': d('bed-back', [onRight, halfRight, {}], TOP),
  'bed-roll-front': d(
    'prone',
    frontFrom(HEIGHT.bed).map((key) => {
      const pose = at('prone', key);
      return { ...pose, rest: { low: HEIGHT.bed, over: [0, 0], trunk: true } } as const;
    }),
    { ...TOP, room: ['bed', 'floor'] },
  ),
  'couch-down': d('couch', [
    { l: sole(7, 14), o: [0, 22, 16], a: HANG },
    { l: sole(7, 14), o: [0, 9, 7], p: [38], nk: [-14], a: { on: 'knee' } },
    { l: sole(7, 20) },
  ]),
  'couch-lie': d('couch', lieDown(HEIGHT.couch), {
    view: 'lying-side',
    room: ['couch-along', 'floor'],
  }),
  'couch-roll': d(
    'bed-back',
    [onRight, halfRight, {}].map((key) => {
      const pose = at('supine', { l: KNEES, ...key });
      return { ...pose, rest: { low: HEIGHT.couch, over: [0, 0], trunk: true } } as const;
    }),
    { ...TOP, room: ['couch', 'floor'] },
  ),
  'wheel-forward': d('wheel', [
    { a: { on: 'armrest' } },
    { o: [0, 1, 2], p: [6, 8], a: { on: 'armrest' } },
    { o: [0, 0, 4.5], l: sole(6.5, 18), a: { on: 'thigh' } },
  ]),
  'rail-sit': d(
    'wheel',
    [
      { l: sole(6.5, 12), hips: [0, 52.4, 15], a: { at: [10, 54, 35] } },
      { l: sole(6.5, 12), hips: [0, 42, 6], p: [34], nk: [-12], a: { at: [10, 54, 35] } },
      { l: sole(6.5, 18), o: [0, 0, 4.5], a: { on: 'thigh' } },
    ],
    { room: ['wheelchair', 'rail', 'floor'] },
  ),
  'walker-sit': d(
    'sit',
    [
      { ...upFromSeat, p: [4], a: { at: [13, 53, 27] } },
      { l: sole(6.5, 12), o: [0, 9, 7], p: [36], nk: [-12], a: { at: [14, 37, 4] } },
      { l: sole(6.5, 14), a: { on: 'armrest' } },
    ],
    { room: ['armchair', 'walker-ahead', 'floor'] },
  ),
  'walker-take': d('walker', [{ a: HANG }, {}]),
};

/** How one step of a way is drawn, and to which side. */
export function drawnStep({ edge, direction }: Pick<Step, 'edge' | 'direction'>): {
  readonly drawn: Drawn;
  readonly side: Side;
} {
  const side: Side = edge.endsWith('-left') ? 'left' : 'right';
  const name = edge.replace(/-(?:left|right)$/u, '') as WayName;
  const drawn = WAYS[name];
  return { drawn: direction === 'there' ? drawn : backwards(drawn), side };
}

const turnedRound = new WeakMap<Drawn, Drawn>();

/** The same way back; the very same each time, since pictures are remembered by it. */
function backwards(drawn: Drawn): Drawn {
  const known = turnedRound.get(drawn);
  if (known) return known;
  const back = { ...drawn, keys: drawn.keys.toReversed() };
  turnedRound.set(drawn, back);
  return back;
}

import {
  ARMS,
  BESIDE,
  BELLY,
  CHEST,
  CROSSED,
  HANG,
  HELD,
  HELD_BESIDE,
  HOVER,
  LAP,
  LEGS,
  OVERHEAD,
  SEATED_FRONT,
  THIGH,
  d,
  foot,
  near,
  type Poses,
} from './words';

const LONG = { f: 0, b: 5, d: -10 } as const;
const OVER_HIP = { f: 90, k: 90, d: 0 } as const;
const UP = { f: 90, b: 4, e: 3 } as const;
const WALL_UP = { f: 86, b: 4, k: 3, d: 4 } as const;
const ON_SEAT = { f: 93, b: 5, k: 92, d: 2 } as const;
/** The heel down, the knee on what lies under it. */
const OVER_CUSHION = { at: [5.5, 0, 43], up: 4 } as const;
const BREATHING = { sp: [-2] } as const;

/** On the elbow, the knees bent: the arm that carries, and the one on top. */
const ON_ELBOW = {
  aR: { at: [24, 2.2, 16], hand: [0.2, 0, 1], elbow: [1, 0, -0.6] },
  aL: { f: 6, b: 12, e: 50 },
  lR: { f: 8, b: -14, k: 86 },
  lL: { f: 8, b: 14, k: 86 },
} as const;

/** In one line from the knees on. */
const KNEES_DOWN = { lR: { f: 8, b: -2, k: 86 }, lL: { f: 8, b: 2, k: 86 } } as const;

/** A hanging arm, and one that has swung, seen from a trunk that leans so far. */
const swings = (lean: number) =>
  [
    { f: lean - 14, b: 3, e: 4 },
    { f: lean + 16, b: 3, e: 4 },
  ] as const;

const LUNGE = { aR: HANG, aL: HELD_BESIDE } as const;
const back = (z: number, up: number) => ({ at: [5.2, -up / 7.4, z], up }) as const;
/** The back foot, turned out, its heel down. */
const BACK_FOOT = (z: number) => ({ at: [7, 0, z], out: 42 }) as const;
const NEAR_FOOT = (z: number) => ({ at: [6, 0, z], out: 24 }) as const;
const WALKING = { aR: { at: [14, 55, 6] }, aL: HANG } as const;
const alongCounter = { room: ['counter-beside', 'floor'] } as const;
const STEP = { lR: { at: [5, 0, 8], up: 6 }, lL: { at: [5, 1.4, -13], up: -12 } } as const;
const OTHER_STEP = { lL: { at: [5, 0, 8], up: 6 }, lR: { at: [5, 1.4, -13], up: -12 } } as const;
const SWING_LEFT = { aL: { f: 24, b: 5, e: 24 }, aR: { f: -20, b: 6, e: 12 } } as const;
const SWING_RIGHT = { aR: { f: 24, b: 5, e: 24 }, aL: { f: -20, b: 6, e: 12 } } as const;
const KNEE_UP = { f: 88, k: 90 } as const;

const PRAYER = { at: [1.2, 58, 13], hand: [0, 1, 0.05], elbow: [1, -0.6, 0] } as const;
const PRAYER_LOW = { at: [1.2, 50, 14], hand: [0, 1, 0.05], elbow: [1, -0.1, -0.1] } as const;
const ELBOWS_LOW = { f: 4, b: 30, e: 128, r: 62 } as const;
const ARMS_HIGH = { f: 150, b: 16, e: 12 } as const;
const LEANT = { p: [22], nk: [-10] } as const;
const NOSE = { on: 'chin', elbow: [0.7, -1, 0.3], hand: [0.1, 1, 0] } as const;

/** Moves that class plans name every day, done on a seat, on the feet and lying. */
export const ORDINARY: Poses = {
  'thigh-squeeze': {
    lying: d('supine', [{ lR: { f: 6, b: 5, k: 8, d: -12 } }, { lR: { ...LONG, d: 16 } }], LEGS),
    sitting: d(
      'sit',
      [{ lR: { at: [6.5, 0, 36], up: 8 } }, { lR: { at: [6.5, 0, 39], up: 28 } }],
      LEGS,
    ),
  },
  'triceps-kick-back': {
    'empty-hands': d('sit', [
      { ...LEANT, a: { f: -46, b: 6, e: 86 } },
      { ...LEANT, a: { f: -48, b: 6, e: 4 } },
    ]),
    'with-bottles': d(
      'sit',
      [
        { ...LEANT, a: { f: -46, b: 6, e: 86 } },
        { ...LEANT, a: { f: -48, b: 6, e: 4 } },
      ],
      { with: ['weights'] },
    ),
  },
  'triceps-stretch': {
    'elbow-forward': d(
      'sit',
      [
        { aR: { on: 'shoulder', elbow: [0.3, -1, 0.5] }, aL: LAP },
        {
          aR: { on: 'shoulder', elbow: [0.1, 0, 1] },
          aL: { on: 'other-elbow', elbow: [0.9, -0.8, 0.4] },
        },
      ],
      { ...ARMS, view: 'quarter' },
    ),
    'elbow-up': d(
      'sit',
      [
        { aR: { on: 'shoulder', elbow: [0.1, 0, 1] }, aL: LAP },
        {
          aR: { on: 'nape', elbow: [0.35, 1, 0.4] },
          aL: { on: 'other-elbow', elbow: [1, 0.2, 0.5] },
        },
      ],
      { ...SEATED_FRONT, ...ARMS },
    ),
  },
  'pull-down-in-front': {
    'empty-hands': d('sit', [{ a: ARMS_HIGH }, { up: [-5, 0, 0], a: ELBOWS_LOW }], SEATED_FRONT),
    'with-a-band': d('sit', [{ a: ARMS_HIGH }, { up: [-5, 0, 0], a: ELBOWS_LOW }], {
      ...SEATED_FRONT,
      with: ['band'],
    }),
  },
  'back-of-the-forearm-stretch': {
    'elbow-bent': d(
      'sit',
      [
        {},
        {
          aR: { f: 30, b: 6, e: 66, hand: [0, -0.8, 0.6] },
          aL: { on: 'other-hand', elbow: [0.8, -0.6, 0.4] },
        },
      ],
      { ...ARMS, ...near('hand', 64, 16) },
    ),
    'elbow-straight': d(
      'sit',
      [
        {},
        {
          aR: { f: 76, b: -8, e: 4, hand: [0, -1, -0.1] },
          aL: { on: 'other-hand', elbow: [0.8, -0.6, 0.4] },
        },
      ],
      { ...ARMS, ...near('hand', 64, 16) },
    ),
  },
  'prayer-wrist-stretch': {
    'palms-resting': d('sit', [{ a: LAP }, { a: PRAYER }], SEATED_FRONT),
    'hands-lower': d('sit', [{ a: PRAYER }, { a: PRAYER_LOW }], SEATED_FRONT),
  },
  'pressure-lift': {
    'growing-light': d('wheel', [
      { p: [8], a: { at: [13.5, 39, 2], elbow: [0.5, 0, -1] } },
      { p: [4], o: [0, 1.2, 0], a: { at: [13.5, 39, 2], elbow: [0.5, 0, -1] } },
    ]),
    'hips-lifted': d('wheel', [
      { p: [10], a: { at: [13.5, 39, 2], elbow: [0.5, 0, -1] } },
      { p: [12], o: [0, 5, 1], a: { at: [13.5, 39, 2], elbow: [0.5, 0, -1] } },
    ]),
  },
  'seated-mountain': {
    'arms-by-your-sides': d('sit', [
      { sp: [12], nk: [4], a: HANG },
      { sp: [-3], a: HANG },
    ]),
    'arms-overhead': d('sit', [{ a: HANG }, { sp: [-4], a: OVERHEAD }]),
  },
  'eagle-arms': {
    'hands-on-the-shoulders': d('sit', [{ a: THIGH }, { a: CROSSED }], SEATED_FRONT),
    'forearms-wrapped': d(
      'sit',
      [
        { a: CROSSED },
        {
          aR: { f: 86, b: -30, e: 92, r: -6 },
          aL: { f: 74, b: -30, e: 96, r: -6 },
        },
      ],
      { ...SEATED_FRONT, ...ARMS },
    ),
  },
  'alternate-nostril-breath': {
    'hands-in-your-lap': d('sit', [{ a: LAP }, { sp: [-3], nk: [-1], a: LAP }]),
    'a-hand-at-the-nose': d(
      'sit',
      [
        { aR: NOSE, aL: LAP },
        { sp: [-3], nk: [-1], aR: NOSE, aL: LAP },
      ],
      SEATED_FRONT,
    ),
  },
  'neck-half-circles': {
    small: d(
      'sit',
      [
        { nk: [20, 14, 14], a: LAP },
        { nk: [26, 0, 0], a: LAP },
        { nk: [20, -14, -14], a: LAP },
      ],
      SEATED_FRONT,
    ),
    'shoulder-to-shoulder': d(
      'sit',
      [
        { nk: [28, 26, 30], a: LAP },
        { nk: [46, 0, 0], a: LAP },
        { nk: [28, -26, -30], a: LAP },
      ],
      SEATED_FRONT,
    ),
  },

  'reverse-lunge-hand-on': {
    'step-and-return': d('stand', [LUNGE, { ...LUNGE, o: [0, -1, -3], lR: back(-18, -36) }], {
      ...BESIDE,
      ...LEGS,
    }),
    'small-bend': d('stand', [LUNGE, { ...LUNGE, o: [0, -8, -1], lR: back(-31, -50) }], {
      ...BESIDE,
      ...LEGS,
    }),
    'half-way-down': d('stand', [LUNGE, { ...LUNGE, o: [0, -17, -5], lR: back(-36, -60) }], {
      ...BESIDE,
      ...LEGS,
    }),
  },
  'shoulder-pendulum': {
    'small-lean': d(
      'held',
      swings(34).map((aR) => ({ o: [0, -1, -6], p: [34], nk: [-12], aR, aL: HELD })),
      ARMS,
    ),
    'long-lean': d(
      'counter',
      swings(62).map((aR) => ({ o: [0, -2, -12], p: [62], nk: [4], aR, aL: { at: [11, 55, 27] } })),
      ARMS,
    ),
  },
  'tree-with-a-hand-on': {
    'toes-down': d('held', [{}, { lL: { at: [2.4, 4, 0], up: -38, out: 52, open: 34 } }], {
      view: 'one-leg',
      ...LEGS,
    }),
    'foot-on-the-calf': d(
      'held',
      [
        { aR: HANG, aL: HELD },
        { o: [-2, 0, 0], aR: HANG, aL: HELD, lL: { f: 30, b: 34, r: 52, k: 88 } },
      ],
      { view: 'one-leg', ...LEGS },
    ),
    'hands-hovering': d(
      'held',
      [{ a: HOVER }, { o: [-2, 0, 0], a: HOVER, lL: { f: 30, b: 34, r: 52, k: 88 } }],
      { view: 'one-leg', ...LEGS },
    ),
  },
  'warrior-stance-with-a-chair': {
    'short-stance': d(
      'held',
      [
        { lR: foot(5, 2), lL: NEAR_FOOT(-14) },
        { o: [0, -3, -5], lR: foot(5, 2), lL: NEAR_FOOT(-16) },
      ],
      LEGS,
    ),
    'long-stance': d(
      'held',
      [
        { aL: HANG, o: [0, -4, -10], lR: foot(5, 4), lL: BACK_FOOT(-32) },
        { aL: HANG, o: [0, -9, -6], lR: foot(5, 4), lL: BACK_FOOT(-36) },
      ],
      LEGS,
    ),
    'arm-up': d(
      'held',
      [
        { aL: HANG, o: [0, -4, -10], lR: foot(5, 4), lL: BACK_FOOT(-32) },
        { aL: OVERHEAD, o: [0, -9, -6], lR: foot(5, 4), lL: BACK_FOOT(-36) },
      ],
      { works: { arms: true, legs: true } },
    ),
  },
  'marching-on-the-way': {
    'along-a-counter': d(
      'stand',
      [
        { ...WALKING, ...STEP },
        { ...WALKING, ...OTHER_STEP },
      ],
      { view: 'quarter', ...alongCounter, ...LEGS },
    ),
    'through-the-room': d(
      'stand',
      [
        { ...STEP, ...SWING_LEFT },
        { ...OTHER_STEP, ...SWING_RIGHT },
      ],
      { view: 'quarter', ...LEGS },
    ),
    'knees-high': d(
      'stand',
      [
        { o: [3, 0, 0], lR: KNEE_UP, lL: foot(5.2), ...SWING_LEFT },
        { o: [-3, 0, 0], lL: KNEE_UP, lR: foot(5.2, 2), ...SWING_RIGHT },
      ],
      { view: 'quarter', ...LEGS },
    ),
  },

  'knee-straighten-over-a-cushion': {
    'knee-pressed-down': d(
      'supine',
      [{ lR: OVER_CUSHION }, { lR: { at: [5.5, 0, 44.6], up: 14 } }],
      {
        ...LEGS,
        with: ['cushion-knees'],
      },
    ),
    'heel-lifting': d('supine', [{ lR: OVER_CUSHION }, { lR: { f: 24, b: 5, k: 3, d: 12 } }], {
      ...LEGS,
      with: ['cushion-knees'],
    }),
  },
  'straight-leg-raise-lying': {
    'a-hand-high': d('supine', [{ lR: LONG }, { lR: { f: 16, b: 5, k: 2, d: 12 } }], LEGS),
    'to-the-other-knee': d('supine', [{ lR: LONG }, { lR: { f: 46, b: 5, k: 2, d: 12 } }], LEGS),
  },
  'dead-bug': {
    'heels-sliding': d(
      'supine',
      [{ a: UP }, { aR: { f: 166, b: 6, e: 4 }, aL: UP, lL: { at: [5.5, 0, 44], out: 2 } }],
      { works: { arms: true, legs: true } },
    ),
    'knees-over-the-hips': d(
      'supine',
      [
        { a: UP, l: OVER_HIP },
        { aR: { f: 166, b: 6, e: 4 }, aL: UP, lR: OVER_HIP, lL: { f: 34, b: 4, k: 26, d: -6 } },
      ],
      { works: { arms: true, legs: true } },
    ),
  },
  'single-leg-circles-small': {
    'knee-bent': d(
      'supine',
      [
        { lR: { f: 86, b: -4, k: 92 } },
        { lR: { f: 97, b: 6, k: 92 } },
        { lR: { f: 86, b: 16, k: 92 } },
        { lR: { f: 74, b: 6, k: 88 } },
      ],
      { ...LEGS, view: 'lying-quarter' },
    ),
    'leg-long': d(
      'supine',
      [
        { lR: { f: 82, b: -6, k: 4, d: -20 } },
        { lR: { f: 91, b: 5, k: 4, d: -20 } },
        { lR: { f: 82, b: 16, k: 4, d: -20 } },
        { lR: { f: 70, b: 5, k: 4, d: -20 } },
      ],
      { ...LEGS, view: 'lying-quarter' },
    ),
  },
  'happy-baby-held-easy': {
    'hands-behind-the-thighs': d(
      'supine',
      [{}, { l: { f: 104, b: 36, r: 14, k: 98 }, a: { on: 'behind-thigh' } }],
      { view: 'lying-quarter' },
    ),
    'hands-on-the-shins': d(
      'supine',
      [
        { l: { f: 104, b: 36, r: 14, k: 98 }, a: { on: 'shin' } },
        { p: [-24], sp: [44], l: { f: 112, b: 38, r: 16, k: 106 }, a: { on: 'shin' } },
      ],
      { view: 'lying-quarter' },
    ),
  },
  'legs-up-rest': {
    'calves-on-a-seat': d(
      'supine',
      [
        { o: [0, 0, 13], l: ON_SEAT, aR: CHEST, aL: BELLY },
        { ...BREATHING, o: [0, 0, 13], l: ON_SEAT, aR: CHEST, aL: BELLY },
      ],
      { room: ['seat-ahead', 'mat'] },
    ),
    'legs-up-the-wall': d(
      'supine',
      [
        { o: [0, 0, 24], l: WALL_UP, aR: CHEST, aL: BELLY },
        { ...BREATHING, o: [0, 0, 24], l: WALL_UP, aR: CHEST, aL: BELLY },
      ],
      { room: ['wall', 'mat'] },
    ),
  },
  'front-lying-leg-lift': {
    'toes-down': d(
      'prone',
      [{ lR: { f: 0, b: 4, k: 22, d: -4 } }, { lR: { f: -5, b: 4, k: 2, d: -6 } }],
      LEGS,
    ),
    'leg-lifted': d('prone', [{}, { lR: { f: -16, b: 4, k: 3, d: -60 } }], LEGS),
  },
  'side-plank-from-the-knees': {
    'hips-down': d(
      'side',
      [
        { ...ON_ELBOW, hips: [0, 9.4, 0], p: [0, 14], sp: [0, 14], nk: [0, 0] },
        { ...ON_ELBOW, hips: [0, 9.4, 0], p: [0, 18], sp: [0, 16], nk: [0, 2] },
      ],
      { view: 'lying-side', room: ['mat'] },
    ),
    'hips-lifted': d(
      'side',
      [
        { ...ON_ELBOW, hips: [0, 9.4, 0], p: [0, 16], sp: [0, 15], nk: [0, 0] },
        { ...ON_ELBOW, hips: [0, 19, 0], p: [0, 24], sp: [0, 0], nk: [0, -4], ...KNEES_DOWN },
      ],
      { view: 'lying-side', room: ['mat'] },
    ),
  },
};

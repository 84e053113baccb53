import {
  BESIDE,
  HELD_BESIDE,
  HOVER_BESIDE,
  TIPS_BESIDE,
  AHEAD,
  ARMS,
  BEHIND_HEAD,
  BOTH,
  FRONT,
  HANG,
  HELD,
  HIPS,
  HOVER,
  LEGS,
  OVERHEAD,
  RIBS,
  THIGH,
  TIPS,
  WIDE,
  d,
  foot,
  type Poses,
} from './words';

const FREE_RIGHT = { aR: HANG, aL: HELD } as const;
/** Feet that went with a turn to the left. */
const FEET_TURNED = {
  lR: { at: [3.6, 0, 0.6], out: -35 },
  lL: { at: [3.6, 0, -5.6], out: 53 },
} as const;
/** Both hands before the breastbone. */
const AT_CHEST = { f: 34, b: -4, e: 112 } as const;
const FREE_BESIDE = { aR: HANG, aL: HELD_BESIDE } as const;
const TIPPED = { a: TIPS } as const;
const HOVERED = { a: HOVER } as const;
/** The hips over the foot that carries. */
const ON_LEFT = [3, 0, 0] as const;
const ON_RIGHT = [-3, 0, 0] as const;
const ON_COUNTER = { at: [11, 55, 25], hand: [0, 0, 1] } as const;
/** Beside its thigh, as the trunk leans. */
const DOWN_THE_LEG = { at: [12, 36, 1.5], hand: [0, -1, 0] } as const;
const LIFTED = { f: 87, k: 88 } as const;
const HIGH = { f: 94, k: 96 } as const;
/** One foot's heel before the other's toes. */
const TANDEM = { lR: { at: [0.6, 0, 8], out: 0 }, lL: { at: [0.6, 0, -8], out: 0 } } as const;
const SEMI = { lR: { at: [1.8, 0, 3], out: 2 }, lL: { at: [1.8, 0, -6], out: 2 } } as const;
const TOGETHER = { l: { at: [2.4, 0, -3.6], out: 3 } } as const;
const OVER_STEP = { at: [5, 13, 0] } as const;
const ON_STEP = { at: [5, 7.2, 12] } as const;
const ON_TOES = { o: [0, 6.2, 0.6], l: { at: [5.2, 6.6, -3.6], out: 9, up: -42 } } as const;
/** Walking with one hand on a counter. */
const WALK_HOLD = { aR: { at: [14, 55, 6] }, aL: HANG } as const;
const WALK_TIPS = { aR: { at: [14, 57, 6], hand: [0, -0.7, 0.7] }, aL: HANG } as const;
const alongCounter = { room: ['counter-beside', 'floor'] } as const;

/** Standing, held and free. */
export const STANDING: Poses = {
  'standing-side-bend': {
    'hand-on-the-chair': d(
      'stand',
      [
        { aR: { at: [20, 52, 0] } },
        { o: [2, 0, 0], sp: [0, -26], nk: [0, -8], aR: { at: [22, 50, 0] }, aL: HIPS },
      ],
      { ...FRONT, with: ['chair-right'] },
    ),
    'arm-up': d(
      'stand',
      [{}, { o: [2, 0, 0], sp: [0, -34], nk: [0, -8], aR: { b: 26, e: 6 }, aL: { b: 184, e: 10 } }],
      FRONT,
    ),
  },
  marching: {
    'holding-the-chair': d('held', [{ lR: LIFTED }, { lL: LIFTED }], LEGS),
    free: d(
      'stand',
      [
        { o: ON_LEFT, lR: LIFTED, aL: { f: 40, e: 60 }, aR: { f: -26, e: 44 } },
        { o: ON_RIGHT, lL: LIFTED, aR: { f: 40, e: 60 }, aL: { f: -26, e: 44 } },
      ],
      LEGS,
    ),
  },
  'tandem-stance': {
    'two-hands': d('held', [{ ...TANDEM }], { view: 'tandem', ...LEGS }),
    fingertips: d('held', [{ ...TANDEM, ...TIPPED }], { view: 'tandem', ...LEGS }),
    'hands-hovering': d('held', [{ ...TANDEM, ...HOVERED }], { view: 'tandem', ...LEGS }),
  },
  'semi-tandem-stance': {
    'two-hands': d('held', [SEMI], LEGS),
    fingertips: d('held', [{ ...SEMI, ...TIPPED }], LEGS),
    'hands-hovering': d('held', [{ ...SEMI, ...HOVERED }], LEGS),
  },
  'feet-together-stance': {
    'two-hands': d('held', [TOGETHER], { view: 'quarter' }),
    fingertips: d('held', [{ ...TOGETHER, ...TIPPED }], { view: 'quarter' }),
    'hands-hovering': d('held', [{ ...TOGETHER, ...HOVERED }], { view: 'quarter' }),
  },
  'one-leg-stance': {
    'toes-down': d('held', [{ lL: foot(5.2, -8, 7, { up: -46 }) }], { view: 'one-leg', ...LEGS }),
    'one-hand': d('held', [{ o: [-2, 0, 0], aR: HANG, aL: HELD, lL: { f: 46, k: 70 } }], {
      view: 'one-leg',
      ...LEGS,
    }),
    'hands-hovering': d('held', [{ o: [-2, 0, 0], ...HOVERED, lL: { f: 46, k: 70 } }], {
      view: 'one-leg',
      ...LEGS,
    }),
  },
  'knee-lift-with-press': {
    'one-hand-on-and-toes-down': d(
      'held',
      [FREE_RIGHT, { aR: OVERHEAD, aL: HELD, lR: foot(5.2, -8, 7, { up: -46 }) }],
      BOTH,
    ),
    'both-arms': d(
      'stand',
      [{ a: { f: 20, b: 12, e: 130 } }, { o: ON_LEFT, a: OVERHEAD, lR: HIGH }],
      { ...BOTH, with: ['chair-left'] },
    ),
  },
  'weight-shift': {
    'two-hands': d(
      'held',
      [
        { o: [-3.6, 0, 0], l: foot(8) },
        { o: [3.6, 0, 0], l: foot(8) },
      ],
      { view: 'back', ...LEGS },
    ),
    fingertips: d(
      'held',
      [
        { o: [-4.6, 0, 0], ...TIPPED, l: foot(8) },
        { o: [4.6, 0, 0], ...TIPPED, l: foot(8) },
      ],
      { view: 'back', ...LEGS },
    ),
  },
  'side-sway': {
    'two-hands': d(
      'held',
      [
        { o: [-3, 0, 0], p: [0, -4] },
        { o: [3, 0, 0], p: [0, 4] },
      ],
      { view: 'back' },
    ),
    fingertips: d(
      'held',
      [
        { o: [-4, 0, 0], p: [0, -5], ...TIPPED },
        { o: [4, 0, 0], p: [0, 5], ...TIPPED },
      ],
      { view: 'back' },
    ),
  },
  'hip-circles-at-the-chair': {
    sway: d(
      'held',
      [
        { o: [-4, 0, 0], p: [0, 6], sp: [0, -8], l: foot(9) },
        { o: [4, 0, 0], p: [0, -6], sp: [0, 8], l: foot(9) },
      ],
      { view: 'back' },
    ),
    circles: d(
      'held',
      [
        { o: [0, 0, -5], p: [14], l: foot(9) },
        { o: [-5, 0, 0], p: [0, 8], sp: [0, -10], l: foot(9) },
        { o: [0, 0, 4], p: [-8], l: foot(9) },
      ],
      { view: 'quarter' },
    ),
  },
  'weight-shift-with-reach': {
    'short-reach': d('held', [FREE_RIGHT, { o: [-3, 0, 0], aR: { b: 78 }, aL: HELD, l: foot(8) }], {
      view: 'back',
      ...ARMS,
    }),
    'long-reach': d(
      'held',
      [FREE_RIGHT, { o: [-5, -0.6, 0], sp: [0, -10], aR: { b: 96 }, aL: HELD, l: foot(9) }],
      { view: 'back', ...ARMS },
    ),
  },
  'toe-taps-front': {
    'two-hands': d(
      'held',
      [{}, { lR: { at: [5, 8, 4], out: 4, up: -20 } }, { lR: { at: [4, 4, 9], out: 4, up: -30 } }],
      LEGS,
    ),
    fingertips: d(
      'held',
      [
        TIPPED,
        { ...TIPPED, lR: { at: [5, 9, 5], out: 4, up: -20 } },
        { ...TIPPED, lR: { at: [4, 4, 11], out: 4, up: -34 } },
      ],
      LEGS,
    ),
  },
  'tap-with-arm-stroke': {
    'no-arm': d(
      'stand',
      [FREE_BESIDE, { ...FREE_BESIDE, lR: { at: [4, 4, 9], out: 4, up: -30 } }],
      { ...BESIDE, ...LEGS },
    ),
    'one-arm': d(
      'stand',
      [
        FREE_BESIDE,
        { aL: HELD_BESIDE, aR: { f: -36, b: 8, e: 6 }, lR: { at: [4, 4, 9], out: 4, up: -30 } },
      ],
      { ...BESIDE, ...BOTH },
    ),
  },
  'tap-and-turn': {
    'eyes-only': d('held', [{}, { nk: [0, 0, -20], lR: { at: [19, 3, -2], out: 20, up: -20 } }], {
      view: 'quarter',
      ...LEGS,
    }),
    'head-and-chest': d(
      'held',
      [
        { aR: HANG, aL: HELD },
        {
          aR: { b: 26 },
          aL: HELD,
          sp: [0, 0, -30],
          nk: [0, 0, -40],
          lR: { at: [19, 3, -2], out: 20, up: -20 },
        },
      ],
      { view: 'quarter', ...LEGS },
    ),
  },
  'knee-lift-with-wrist-tap': {
    'toes-down-with-one-hand': d(
      'stand',
      [FREE_BESIDE, { aL: HELD_BESIDE, aR: { on: 'thigh' }, lR: foot(5.2, -8, 7, { up: -46 }) }],
      { ...BESIDE, ...BOTH },
    ),
    'knee-up-with-fingertips': d(
      'stand',
      [
        { aR: HANG, aL: TIPS_BESIDE },
        { o: ON_LEFT, aL: TIPS_BESIDE, aR: { on: 'knee' }, lR: HIGH },
      ],
      { ...BESIDE, ...BOTH },
    ),
  },
  'raised-leg-pulses': {
    'toes-down': d('held', [{}, { lL: foot(5.2, -8, 7, { up: -46 }) }], LEGS),
    'leg-off-the-floor': d(
      'held',
      [
        { o: ON_RIGHT, aL: HANG, aR: HELD, lL: { f: -12, k: 22, d: -10 } },
        { o: ON_RIGHT, aL: HANG, aR: HELD, p: [4], lL: { f: -24, k: 24, d: -10 } },
      ],
      LEGS,
    ),
  },
  'alternate-leg-raise-arms-forward': {
    'heel-down-with-one-hand': d(
      'stand',
      [FREE_BESIDE, { ...FREE_BESIDE, lR: { at: [5, 0, 14], out: 6, up: 18 } }],
      { ...BESIDE, ...LEGS },
    ),
    'arms-forward': d(
      'stand',
      [
        { aR: AHEAD, aL: HOVER_BESIDE },
        { o: ON_LEFT, aR: AHEAD, aL: HOVER_BESIDE, lR: { f: 34, k: 3, d: 8 } },
      ],
      { ...BESIDE, ...BOTH },
    ),
  },
  'leg-out-and-in': {
    sliding: d('held', [{}, { lR: foot(20) }], { view: 'back', ...LEGS }),
    'off-the-floor': d(
      'held',
      [
        { aR: HANG, aL: HELD },
        { o: ON_LEFT, aR: HANG, aL: HELD, lR: { b: 24, k: 2 } },
      ],
      { view: 'back', ...LEGS },
    ),
  },
  'up-out-back-and-down': {
    'toes-touching': d(
      'held',
      [
        { lR: { at: [5, 4, 9], up: -28 } },
        { lR: { at: [20, 3, -4], up: -20, out: 14 } },
        { lR: { at: [5, 6, -26], up: -44 } },
      ],
      { view: 'quarter', ...LEGS },
    ),
    'in-the-air': d(
      'held',
      [
        { o: [4, 0, 0], aR: HANG, aL: HELD, lR: { f: 36, k: 4 } },
        { o: [4, 0, 0], aR: HANG, aL: HELD, lR: { b: 28, k: 3 } },
        { o: [4, 0, 0], aR: HANG, aL: HELD, lR: { f: -22, k: 6 } },
      ],
      { view: 'quarter', ...LEGS },
    ),
  },
  'straight-leg-reach': {
    'toes-down': d('held', [{}, { p: [6], lR: { at: [5, 7, -22], up: -46 } }], LEGS),
    'leg-lifting-while-held': d(
      'held',
      [{}, { p: [14], nk: [-6], lR: { f: -26, k: 3, d: -20 } }],
      LEGS,
    ),
  },
  'straight-leg-lift-forward-and-back': {
    'toes-down': d(
      'held',
      [{ lR: { at: [5, 3, 10], up: -24 } }, { lR: { at: [5, 6, -26], up: -44 } }],
      LEGS,
    ),
    'leg-light': d('held', [{ lR: { f: 26, k: 3 } }, { lR: { f: -18, k: 3, d: -10 } }], LEGS),
  },
  'side-leg-raise-at-the-chair': {
    sliding: d('held', [{}, { lR: foot(18) }], { view: 'back', ...LEGS }),
    lifting: d('held', [{}, { o: [1.6, 0, 0], lR: { b: 30, k: 2 } }], { view: 'back', ...LEGS }),
  },
  'standing-heel-curl': {
    'toes-down': d('held', [{}, { lR: foot(5.2, -10, 8, { up: -52 }) }], LEGS),
    'heel-up': d('held', [{}, { lR: { f: -4, k: 88, d: -10 } }], LEGS),
  },
  'heel-raises': {
    'two-hands': d('held', [{}, ON_TOES]),
    fingertips: d('held', [
      TIPPED,
      { ...ON_TOES, a: { at: [10, 58, 20.5], hand: [0, -0.75, 0.66] } },
    ]),
    'one-bending-by-turns': d(
      'held',
      [
        { ...ON_TOES, o: [0, 6.2, 1.2], aR: HANG, aL: HELD },
        {
          ...ON_TOES,
          o: [3, 6.2, 1.2],
          aR: HANG,
          aL: HELD,
          lR: { at: [5.2, 10, -6], up: -58 },
        },
      ],
      LEGS,
    ),
  },
  'heel-lift-jog': {
    'toes-down-and-held': d(
      'held',
      [
        { ...TIPPED, lR: foot(5.2, -8, 8, { up: -48 }) },
        { ...TIPPED, lL: foot(5.2, -8, 8, { up: -48 }) },
      ],
      LEGS,
    ),
    jogging: d(
      'stand',
      [
        { o: ON_LEFT, lR: { f: 34, k: 80, d: -20 }, aL: { f: 30, e: 90 }, aR: { f: -36, e: 90 } },
        { o: ON_RIGHT, lL: { f: 34, k: 80, d: -20 }, aR: { f: 30, e: 90 }, aL: { f: -36, e: 90 } },
      ],
      LEGS,
    ),
  },
  'side-step-jacks': {
    'held-without-arms': d(
      'held',
      [
        { aR: HANG, aL: HELD },
        { aR: HANG, aL: HELD, o: [-4, -1, 0], lR: foot(20) },
      ],
      { view: 'back', ...LEGS },
    ),
    stepping: d('stand', [{}, { a: { b: 124 }, o: [-4, -1, 0], lR: foot(18) }], {
      ...FRONT,
      ...BOTH,
    }),
    jumping: d('stand', [{}, { a: { b: 150 }, o: [0, -2, 0], l: foot(18) }], { ...FRONT, ...BOTH }),
  },
  'high-march-with-a-pause': {
    held: d('held', [FREE_RIGHT, { o: ON_LEFT, aR: { f: -20, e: 30 }, aL: HELD, lR: HIGH }], LEGS),
    free: d(
      'stand',
      [{}, { o: ON_LEFT, lR: HIGH, aL: { f: 60, e: 60 }, aR: { f: -30, e: 40 } }],
      LEGS,
    ),
  },
  'knee-to-same-elbow': {
    'hand-on-and-toes-down': d(
      'held',
      [
        FREE_RIGHT,
        {
          aL: HELD,
          aR: { b: 60, e: 110, r: 60 },
          sp: [0, -8],
          lR: { at: [12, 7, -4], up: -46, out: 46, open: 40 },
        },
      ],
      { view: 'quarter', ...BOTH },
    ),
    free: d(
      'stand',
      [
        { a: { on: 'shoulder', elbow: [1, 0, 0.3] } },
        {
          o: [6, 0, 0],
          sp: [4, -18],
          aR: { on: 'shoulder', elbow: [0.9, -0.7, 0.5] },
          aL: { on: 'shoulder', elbow: [1, 0.3, 0.2] },
          lR: { f: 88, b: 44, r: 40, k: 96 },
        },
      ],
      { ...FRONT, ...BOTH },
    ),
  },
  'knee-to-opposite-elbow': {
    'hand-on-and-toes-down': d(
      'held',
      [
        { aL: HANG, aR: HELD },
        {
          aR: HELD,
          sp: [10, 0, -26],
          aL: { f: 60, b: -20, e: 110 },
          lR: foot(5.2, -4, 7, { up: -46 }),
        },
      ],
      { view: 'quarter', ...LEGS },
    ),
    free: d(
      'stand',
      [
        { a: { on: 'shoulder', elbow: [0.8, -0.2, 0.6] } },
        {
          o: [4, 0, -3],
          sp: [22, 0, -34],
          nk: [8],
          aL: { on: 'shoulder', elbow: [0, -0.8, 0.9] },
          aR: { on: 'shoulder', elbow: [0.9, -0.2, 0.2] },
          lR: { f: 104, b: -8, k: 100 },
        },
      ],
      { view: 'quarter', ...LEGS },
    ),
  },
  'single-leg-hinge-with-turn': {
    'toes-down-with-one-hand': d(
      'held',
      [
        { aL: HANG, aR: HELD },
        {
          o: [0, -2, -6],
          p: [44],
          nk: [-16],
          sp: [0, 0, 12],
          aR: { at: [10, 53.5, 21.5] },
          aL: { f: 70, e: 6 },
          lL: { at: [5, 7, -30], up: -46 },
        },
      ],
      LEGS,
    ),
    'leg-light-with-fingertips': d(
      'held',
      [
        { aL: HANG, aR: TIPS },
        {
          o: [-3, -1, -12],
          p: [50],
          nk: [-20],
          sp: [0, 0, 16],
          aR: TIPS,
          aL: { f: 80, e: 6 },
          lL: { f: 14, k: 6 },
        },
      ],
      LEGS,
    ),
  },
  'side-hinge': {
    'hand-on-the-chair': d(
      'stand',
      [
        { aL: { at: [20, 52, 0] } },
        { o: [2, 0, 0], sp: [0, -30], nk: [0, 4], aL: { at: [20, 52, 0] }, aR: DOWN_THE_LEG },
      ],
      { ...FRONT, with: ['chair-left'] },
    ),
    free: d(
      'stand',
      [{}, { o: [3, 0, 0], p: [0, -4], sp: [0, -36], nk: [0, 4], aR: DOWN_THE_LEG, aL: HIPS }],
      FRONT,
    ),
    'with-a-weight': d(
      'stand',
      [{}, { o: [3, 0, 0], p: [0, -4], sp: [0, -34], nk: [0, 4], aR: DOWN_THE_LEG, aL: HIPS }],
      { ...FRONT, with: ['weight-one'] },
    ),
  },
  'step-back-and-turn': {
    'held-without-a-turn': d(
      'held',
      [{}, { o: [0, -3, -5], lR: { at: [5, 6, -32], up: -44 } }],
      LEGS,
    ),
    'with-the-turn': d(
      'stand',
      [
        { a: AT_CHEST },
        {
          o: [0, -4, -8],
          sp: [0, 0, 40],
          nk: [0, 0, 14],
          a: AT_CHEST,
          lR: { at: [5, 6, -36], up: -44 },
        },
      ],
      { view: 'quarter', ...LEGS },
    ),
  },
  'foot-forward-weight-rock': {
    'two-hands': d(
      'held',
      [
        { o: [0, 0, -5], lR: { at: [5, 0, 6], up: 12 }, lL: { at: [5, 0, -12] } },
        { o: [0, 0, 3], lR: { at: [5, 0, 6] }, lL: { at: [5, 5, -12], up: -34 } },
      ],
      LEGS,
    ),
    fingertips: d(
      'held',
      [
        { ...TIPPED, o: [0, 0, -5], lR: { at: [5, 0, 6], up: 14 }, lL: { at: [5, 0, -12] } },
        { ...TIPPED, o: [0, 0, 4], lR: { at: [5, 0, 6] }, lL: { at: [5, 6, -12], up: -40 } },
      ],
      LEGS,
    ),
  },
  'step-to-the-side-and-look': {
    'two-hands': d('held', [{}, { o: [-6, -1, 0], nk: [0, 0, -44], lR: foot(22) }], {
      view: 'quarter',
      ...LEGS,
    }),
    'one-hand': d(
      'held',
      [
        { aR: HANG, aL: HELD },
        { o: [-7, -1, 0], nk: [0, 0, -50], sp: [0, 0, -16], aR: { b: 40 }, aL: HELD, lR: foot(24) },
      ],
      { view: 'quarter', ...LEGS },
    ),
  },
  'wall-calf-stretch': {
    'short-step': d(
      'wall',
      [{}, { o: [0, -1.6, 4], p: [8], lL: foot(5, 6), lR: foot(5, -18) }],
      LEGS,
    ),
    'long-step': d(
      'wall',
      [{}, { o: [0, -5, 4], p: [16], lL: foot(5, 10), lR: foot(5, -28) }],
      LEGS,
    ),
  },
  'bent-knee-calf': {
    'small-bend': d(
      'wall',
      [
        { lL: foot(5, 8), lR: foot(5, -8) },
        { o: [0, -4, 2], lL: foot(5, 8), lR: foot(5, -8) },
      ],
      LEGS,
    ),
    'full-bend': d(
      'wall',
      [
        { lL: foot(5, 8), lR: foot(5, -8) },
        { o: [0, -8, 2], lL: foot(5, 8), lR: foot(5, -8) },
      ],
      LEGS,
    ),
  },
  'wall-push-up': {
    'weight-shift': d('wall', [{ o: [0, 0, -2] }, { o: [0, 0, 4], p: [8] }]),
    full: d('wall', [
      { o: [0, -0.6, -4], p: [10] },
      { o: [0, -1.6, 5], p: [18] },
    ]),
    'at-a-counter': d('counter', [
      { o: [0, -3, -10], p: [30], nk: [-10], l: foot(5, -24), a: ON_COUNTER },
      { o: [0, -7, -4], p: [42], nk: [-16], l: foot(5, -24), a: ON_COUNTER },
    ]),
    springing: d('wall', [
      { o: [0, -1.6, 5], p: [18] },
      { o: [0, -0.4, -4], p: [6], a: { at: [11, 80, 26], hand: [0, 1, 0.2] } },
    ]),
  },
  plank: {
    'hands-on-the-wall': d('wall', [{ o: [0, -4, -6], p: [22], l: foot(5, -26) }]),
    'knees-down': d('fours', [
      {
        o: [0, 0, 0],
        p: [-8],
        l: { f: 40, k: 70, d: -68, kneels: true },
        a: { at: [9, 2.6, 33], hand: [0, 0, 1] },
      },
    ]),
    full: d('plank', [{}]),
  },
  'forearm-plank': {
    'forearms-on-the-wall': d(
      'stand',
      [
        {
          o: [0, -4, -8],
          p: [20],
          l: foot(5, -26),
          a: { at: [9, 76, 32], hand: [0, 1, 0], elbow: [0.3, -1, 0.3] },
        },
      ],
      { room: ['wall', 'floor'] },
    ),
    'knees-down': d('fours', [
      {
        p: [10],
        l: { f: 44, k: 70, d: -68, kneels: true },
        a: { at: [8, 2.2, 44.5], hand: [0, 0, 1], elbow: [0.1, -0.2, 1] },
      },
    ]),
    full: d('plank', [
      { p: [10.5], a: { at: [8, 2.2, 44], hand: [0, 0, 1], elbow: [0.1, -0.2, 1] } },
    ]),
  },
  'wall-angel': {
    'elbows-below-the-shoulders': d('wall-back', [
      { a: { b: 40, r: 88, e: 100 } },
      { a: { b: 70, r: 90, e: 92 } },
    ]),
    'up-the-wall': d('wall-back', [
      { a: { b: 70, r: 90, e: 92 } },
      { a: { b: 140, r: 90, e: 44 } },
    ]),
    'sitting-squat': d('wall-back', [
      { o: [0, -22, 0], a: { b: 70, r: 90, e: 92 }, l: foot(6, 20, 0, { out: 4 }) },
      { o: [0, -22, 0], a: { b: 136, r: 90, e: 46 }, l: foot(6, 20, 0, { out: 4 }) },
    ]),
  },
  'wall-held-hollow': {
    light: d('stand', [{ sp: [-8] }, { p: [-6], sp: [10] }], { room: ['wall-behind', 'floor'] }),
    'sliding-down': d(
      'stand',
      [
        { p: [-6], sp: [8] },
        { o: [0, -9, 0], p: [-6], sp: [8], l: foot(5.2, 8) },
      ],
      { room: ['wall-behind', 'floor'] },
    ),
  },
  'wall-chest-stretch': {
    'hand-low': d(
      'stand',
      [
        { aR: { at: [23, 56, 4], hand: [0.1, -0.9, -0.3] } },
        {
          p: [0, 0, 44],
          sp: [0, 0, 10],
          nk: [0, 0, 8],
          aR: { at: [24, 56, -4], hand: [0.1, -0.9, -0.3] },
          aL: HANG,
          ...FEET_TURNED,
        },
      ],
      { ...FRONT, ...ARMS, with: ['wall-beside'] },
    ),
    'elbow-at-shoulder-height': d(
      'stand',
      [
        { aR: { at: [24, 88, 4], hand: [0, 1, 0], elbow: [1, -0.4, 0] } },
        {
          p: [0, 0, 44],
          sp: [0, 0, 10],
          nk: [0, 0, 8],
          aR: { at: [25, 92, -2], hand: [0, 1, 0], elbow: [1, -0.6, -0.4] },
          aL: HANG,
          ...FEET_TURNED,
        },
      ],
      { ...FRONT, ...ARMS, with: ['wall-beside'] },
    ),
  },
  'standing-round-and-lift': {
    'holding-the-chair': d('held', [
      { o: [0, -1, -4], p: [12], sp: [44], nk: [24] },
      { p: [6], sp: [-26], nk: [-12] },
    ]),
    'hands-on-the-thighs': d('stand', [
      { o: [0, -5, -7], p: [28], sp: [50], nk: [26], a: THIGH },
      { o: [0, -5, -7], p: [46], sp: [-22], nk: [-16], a: THIGH },
    ]),
  },
  'standing-roll-down-in-stages': {
    'to-the-breastbone-and-held': d('held', [{}, { sp: [26], up: [10, 0, 0], nk: [44] }]),
    'to-the-thighs': d('stand', [
      { nk: [30] },
      { o: [0, -1, -6], p: [24], sp: [52], nk: [34], a: THIGH },
    ]),
    'to-the-knees': d('stand', [
      { nk: [30] },
      { o: [0, -3, -10], p: [58], sp: [66], nk: [34], a: { on: 'knee' } },
    ]),
  },
  'standing-turn': {
    'holding-the-chair': d(
      'held',
      [
        { aR: HANG, aL: HELD },
        { sp: [0, 0, -42], nk: [0, 0, -24], aR: { b: 20 }, aL: HELD },
      ],
      { view: 'quarter' },
    ),
    free: d('stand', [{ a: RIBS }, { sp: [0, 0, -42], nk: [0, 0, -26], a: RIBS }], FRONT),
  },
  'standing-pelvis-turn': {
    held: d(
      'held',
      [
        { p: [0, 0, 20], sp: [0, 0, -20] },
        { p: [0, 0, -20], sp: [0, 0, 20] },
      ],
      { view: 'quarter' },
    ),
    free: d(
      'stand',
      [
        { a: HIPS, p: [0, 0, 24], sp: [0, 0, -24] },
        { a: HIPS, p: [0, 0, -24], sp: [0, 0, 24] },
      ],
      FRONT,
    ),
  },
  'standing-arm-sweep': {
    'to-shoulder-height': d('stand', [{}, { a: WIDE }], FRONT),
    overhead: d('stand', [{}, { a: { b: 166, e: 6 } }], FRONT),
  },
  'standing-arm-circles': {
    'elbows-only': d(
      'stand',
      [
        { a: { on: 'shoulder', elbow: [0.6, 0.6, 0.8] } },
        { a: { on: 'shoulder', elbow: [1, -0.3, -0.5] } },
      ],
      FRONT,
    ),
    'arms-long': d(
      'stand',
      [{ a: { f: 70, b: 20 } }, { a: { b: 118, f: 10 } }, { a: { b: 60, f: -14 } }],
      FRONT,
    ),
  },
  'good-morning': {
    'hands-on-the-chair': d('held', [{}, { o: [0, -2, -9], p: [48], nk: [-16] }]),
    'hands-on-hips': d('stand', [{ a: HIPS }, { o: [0, -2, -9], p: [56], nk: [-18], a: HIPS }]),
  },
  'hip-hinge-with-a-stick': {
    'tail-to-the-wall': d(
      'stand',
      [
        { l: foot(5.2, 2), a: HIPS },
        { o: [0, -2, -3], p: [46], nk: [-12], l: foot(5.2, 6), a: HIPS },
      ],
      { room: ['wall-behind', 'floor'] },
    ),
    'with-a-stick': d(
      'stand',
      [
        { aR: { on: 'low-back', elbow: [0.6, -0.2, -1] }, aL: BEHIND_HEAD },
        {
          o: [0, -2, -9],
          p: [54],
          nk: [-8],
          aR: { on: 'low-back', elbow: [0.6, -0.2, -1] },
          aL: BEHIND_HEAD,
        },
      ],
      { with: ['stick-back'] },
    ),
  },
  'chair-squat': {
    'half-way-behind-the-chair': d('held', [
      {},
      { o: [0, -10, -8], p: [26], nk: [-8], l: foot(7, -3.6) },
    ]),
    'touching-the-seat': d(
      'stand',
      [
        { o: [0, 0, 12], l: foot(7, 9), a: HANG },
        { o: [0, -19, -2], p: [40], nk: [-14], l: foot(7, 9), a: AHEAD },
      ],
      { room: ['chair', 'floor'] },
    ),
    free: d(
      'stand',
      [
        { o: [0, 0, 14], l: foot(7, 11), a: HANG },
        { o: [0, -18, 1], p: [42], nk: [-14], l: foot(7, 11), a: AHEAD },
      ],
      { room: ['chair', 'floor'] },
    ),
  },
  'squeeze-and-look-for-the-chair': {
    'one-hand-on-the-armrest': d(
      'stand',
      [
        { o: [0, 0, 16], l: foot(5.2, 12), aR: HANG },
        {
          o: [0, -7, 12],
          p: [26],
          sp: [0, 0, -24],
          nk: [10, 0, -44],
          l: foot(5.2, 12),
          aR: { at: [14, 38, 6] },
          aL: HANG,
        },
      ],
      { room: ['armchair', 'floor'] },
    ),
    free: d(
      'stand',
      [
        { o: [0, 0, 16], l: foot(5.2, 12) },
        {
          o: [0, 0, 16],
          sp: [0, 0, -26],
          nk: [10, 0, -48],
          l: foot(5.2, 12),
          aR: { f: -30, b: 16 },
        },
      ],
      { room: ['chair', 'floor'] },
    ),
  },
  'lift-a-thing-from-a-seat': {
    'touch-only': d('seat-ahead', [
      { p: [-58], nk: [0], a: HANG },
      { o: [0, -10, -2], p: [-10], nk: [-14] },
    ]),
    'with-a-weight': d(
      'seat-ahead',
      [
        { o: [0, -10, -2], p: [-10], nk: [-14], a: { at: [5, 30, 34] } },
        { p: [-62], a: { f: 24, b: -6, e: 50 } },
      ],
      { with: ['weight-one'] },
    ),
  },
  'hands-on-the-seat-long-back': {
    'hands-on-the-counter': d('counter', [
      {
        o: [0, -3, -38],
        p: [76],
        nk: [2],
        l: foot(5, -40),
        a: { at: [10, 55, 25] },
      },
    ]),
    'hands-on-the-seat': d('seat-ahead', [{ o: [0, -2, -14], p: [20], nk: [-2], l: foot(5, -16) }]),
  },
  'hips-high-knees-soft': {
    'hands-on-the-seat': d('seat-ahead', [{ o: [0, -4, -14], p: [22], nk: [4], l: foot(5, -16) }]),
    'from-all-fours': d('fours', [
      {},
      {
        hips: [0, 46, -4],
        p: [44],
        nk: [12],
        l: { at: [6, 0, -32] },
        a: { at: [9, 2.6, 34], hand: [0, 0, 1] },
      },
    ]),
  },
  'foot-on-block-fold': {
    'hands-on-the-seat': d(
      'seat-ahead',
      [
        { o: [0, -2, 0], p: [2] },
        { o: [0, -1, -6], p: [14], nk: [4], lR: { at: [5, 8, 8], up: 16 } },
      ],
      { ...LEGS, with: ['step-low'] },
    ),
    'hands-to-the-foot': d(
      'stand',
      [
        { lR: { at: [5, 8, 14], up: 16 } },
        {
          o: [0, -2, -9],
          p: [60],
          sp: [36],
          nk: [4],
          lR: { at: [5, 8, 14], up: 16 },
          a: { at: [8, 20, 20] },
        },
      ],
      { ...LEGS, with: ['step-low'] },
    ),
  },
  'standing-figure-four': {
    'toes-on-the-floor': d(
      'counter',
      [{}, { o: [0, -3, -4], p: [14], lR: { at: [2, 6, 2], up: -40, out: 40, open: 44 } }],
      { view: 'quarter', ...LEGS },
    ),
    'ankle-over': d(
      'counter',
      [{}, { o: [0, -9, -8], p: [30], nk: [-8], lR: { f: 90, b: 26, r: 66, k: 104 } }],
      { view: 'quarter', ...LEGS },
    ),
  },
  'split-stance-hip-stretch': {
    'short-step': d(
      'held',
      [
        { lL: foot(5, 2), lR: { at: [5, 3, -18], up: -26 } },
        { o: [0, -3, 0], p: [-10], sp: [4], lL: foot(5, 2), lR: { at: [5, 5, -22], up: -40 } },
      ],
      LEGS,
    ),
    'long-step': d(
      'held',
      [
        { aL: HANG, aR: HELD, lL: foot(5, 4), lR: { at: [5, 6, -30], up: -44 } },
        {
          o: [0, -8, 0],
          p: [-6],
          aL: HANG,
          aR: HELD,
          lL: foot(5, 4),
          lR: { at: [5, 7, -34], up: -48 },
        },
      ],
      LEGS,
    ),
  },
  'front-thigh-stretch-at-the-chair': {
    'split-step': d(
      'held',
      [{}, { o: [0, -3, 0], p: [-13], sp: [6], lL: foot(5, 2), lR: { at: [5, 8, -22], up: -50 } }],
      LEGS,
    ),
    'foot-on-a-seat': d('held', [{}, { p: [-6], lR: { f: -8, k: 96, d: -40 } }], {
      ...LEGS,
      with: ['seat-behind'],
    }),
  },
  'standing-front-thigh-stretch': {
    'toes-down': d('held', [{}, { p: [-6], lR: foot(5.2, -12, 8, { up: -54 }) }], LEGS),
    'with-a-strap': d(
      'held',
      [
        { aL: HELD },
        {
          o: ON_LEFT,
          p: [-4],
          aL: HELD,
          aR: { f: -40, b: 6, e: 40 },
          lR: { f: -6, k: 108, d: -20 },
        },
      ],
      { ...LEGS, with: ['strap-foot-right'] },
    ),
  },
  'step-up-with-a-rail': {
    tapping: d('counter', [{}, { lR: OVER_STEP }, { lR: ON_STEP }], { ...LEGS, with: ['step'] }),
    stepping: d(
      'counter',
      [
        { lR: ON_STEP, aL: HANG, aR: ON_COUNTER },
        { o: [0, 5, 9], lR: ON_STEP, lL: { at: [5, 14, 0] }, aL: HANG, aR: ON_COUNTER },
        { o: [0, 7, 13], l: ON_STEP, aL: HANG, aR: ON_COUNTER },
      ],
      { ...LEGS, with: ['step'] },
    ),
  },
  'heel-to-toe-line-walk': {
    'along-a-counter': d(
      'stand',
      [
        { ...WALK_HOLD, ...TANDEM },
        {
          ...WALK_HOLD,
          lR: { at: [0.6, 3, -8], up: -20, out: 0 },
          lL: { at: [0.6, 0, 8], out: 0 },
        },
      ],
      { view: 'quarter', ...alongCounter, with: ['line'], ...LEGS },
    ),
    fingertips: d(
      'stand',
      [
        { ...WALK_TIPS, ...TANDEM },
        {
          ...WALK_TIPS,
          lR: { at: [0.6, 3, -8], up: -20, out: 0 },
          lL: { at: [0.6, 0, 8], out: 0 },
        },
      ],
      { view: 'quarter', ...alongCounter, with: ['line'], ...LEGS },
    ),
  },
  'sideways-steps': {
    'along-a-counter': d(
      'counter',
      [
        { aL: HANG, l: foot(3) },
        { aL: HANG, o: [-6, -0.8, 0], lR: foot(16), lL: foot(3) },
      ],
      { view: 'back', ...LEGS },
    ),
    fingertips: d(
      'counter',
      [
        { aL: HANG, aR: { at: [11, 57, 25] }, l: foot(3) },
        { aL: HANG, aR: { at: [14, 57, 25] }, o: [-7, -0.8, 0], lR: foot(19), lL: foot(3) },
      ],
      { view: 'back', ...LEGS },
    ),
  },
  'backward-walk': {
    'along-a-counter': d(
      'stand',
      [
        { ...WALK_HOLD, lR: { at: [5, 5, -22], up: -36 } },
        { ...WALK_HOLD, o: [0, 0, -6], lR: foot(5, -16), lL: { at: [5, 0, 2], up: 10 } },
      ],
      { view: 'quarter', ...alongCounter, ...LEGS },
    ),
    fingertips: d(
      'stand',
      [
        { ...WALK_TIPS, lR: { at: [5, 5, -24], up: -38 } },
        { ...WALK_TIPS, o: [0, 0, -7], lR: foot(5, -18), lL: { at: [5, 0, 2], up: 12 } },
      ],
      { view: 'quarter', ...alongCounter, ...LEGS },
    ),
  },
  'heel-walk-toe-walk': {
    'along-a-counter': d(
      'stand',
      [
        { ...WALK_HOLD, o: [0, 0.5, -1], l: { at: [5, 0, -2], up: 20 } },
        { ...WALK_HOLD, ...ON_TOES },
      ],
      { view: 'quarter', ...alongCounter },
    ),
    fingertips: d(
      'stand',
      [
        {
          ...WALK_TIPS,
          o: [0, 0.5, -1],
          lR: { at: [5, 0, 6], up: 22 },
          lL: { at: [5, 0, -6], up: 16 },
        },
        { ...WALK_TIPS, ...ON_TOES },
      ],
      { view: 'quarter', ...alongCounter },
    ),
  },
  'figure-of-eight': {
    'hand-on-each-chair': d(
      'stand',
      [
        { aR: { at: [21, 54, 2] }, lR: foot(5, 6), lL: { at: [5, 4, -12], up: -34 } },
        {
          aR: { at: [21, 54, -2] },
          p: [0, 0, -24],
          lL: foot(5, 6),
          lR: { at: [5, 4, -12], up: -34 },
        },
      ],
      { view: 'quarter', with: ['chair-right'], ...LEGS },
    ),
    fingertips: d(
      'stand',
      [
        {
          aR: { at: [21, 56, 2], hand: [0, -0.8, 0.5] },
          lR: foot(5, 7),
          lL: { at: [5, 5, -14], up: -36 },
        },
        {
          aR: { at: [21, 56, -2], hand: [0, -0.8, 0.5] },
          p: [0, 0, -24],
          lL: foot(5, 7),
          lR: { at: [5, 5, -14], up: -36 },
        },
      ],
      { view: 'quarter', with: ['chair-right'], ...LEGS },
    ),
  },
  'stop-and-go': {
    'along-a-counter': d(
      'stand',
      [{ ...WALK_HOLD, lR: foot(5, 9), lL: { at: [5, 5, -14], up: -36 } }, WALK_HOLD],
      { view: 'quarter', ...alongCounter, ...LEGS },
    ),
    fingertips: d(
      'stand',
      [{ ...WALK_TIPS, lR: foot(5, 11), lL: { at: [5, 6, -16], up: -38 } }, WALK_TIPS],
      { view: 'quarter', ...alongCounter, ...LEGS },
    ),
  },
  'turn-round-in-small-steps': {
    'along-a-counter': d(
      'stand',
      [
        WALK_HOLD,
        {
          p: [0, 0, 40],
          aR: { at: [12, 55, 12] },
          lR: { at: [5, 0, 0], out: -26 },
          lL: { at: [5, 0, -4], out: 56 },
        },
      ],
      { view: 'quarter', ...alongCounter, ...LEGS },
    ),
    fingertips: d(
      'stand',
      [
        WALK_TIPS,
        {
          p: [0, 0, 46],
          aR: { at: [12, 57, 12], hand: [0, -0.7, 0.7] },
          lR: { at: [5, 0, 0], out: -30 },
          lL: { at: [5, 0, -4], out: 62 },
        },
      ],
      { view: 'quarter', ...alongCounter, ...LEGS },
    ),
  },
  'step-over-a-line': {
    'along-a-counter': d(
      'stand',
      [
        { ...WALK_HOLD, lR: foot(5, -4) },
        { ...WALK_HOLD, lR: { at: [5, 8, 12], up: 10 } },
      ],
      { view: 'quarter', ...alongCounter, with: ['line-across'], ...LEGS },
    ),
    fingertips: d(
      'stand',
      [
        { ...WALK_TIPS, lR: foot(5, -4) },
        { ...WALK_TIPS, lR: { at: [5, 12, 14], up: 14 } },
      ],
      { view: 'quarter', ...alongCounter, with: ['line-across'], ...LEGS },
    ),
  },
};

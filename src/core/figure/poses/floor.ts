import { ARMS, BOTH, HIPS, LEGS, d, type Poses } from './words';

const ELBOW_OUT = { on: 'nape', elbow: [1, -0.1, 0] } as const;
const PALMS = { at: [9, 2.6, 29], hand: [0, 0, 1] } as const;
const WIDE_LEG = { f: 82, b: 38, r: 10, d: 8, lies: true } as const;
const BACK_HAND = { at: [13, 2.4, -17], hand: [0.2, 0, -1] } as const;
const KNEEL = { f: 78, k: 90, d: -68, kneels: true } as const;
/** Soles together, knees out. */
const BUTTERFLY = { f: 66, b: 48, r: 70, k: 112, d: -10, lies: true } as const;
const NINETY = {
  lR: { f: 78, b: 40, r: 80, k: 92, d: 0, lies: true },
  lL: { f: 45, b: 35, r: -45, k: 90, d: 4 },
} as const;
/** The pelvis tips towards the front shin, and the back stays upright over it. */
const TIPPED = { p: [0, -24], sp: [0, 20] } as const;

/** Knees up, feet flat before the hips. */
const FEET_FLAT = { at: [6, 0, 36] } as const;

/** On all fours, kneeling, folded, and sitting on the floor. */
export const FLOOR: Poses = {
  'all-fours-cat': {
    small: d('fours', [{ sp: [22], nk: [16] }, {}]),
    full: d('fours', [
      { p: [-28], sp: [72], nk: [44] },
      { p: [13], sp: [-32], nk: [-6] },
    ]),
  },
  'round-lengthen-and-dip': {
    'no-dip': d('fours', [
      { o: [0, 0, -10], p: [-14], sp: [50], nk: [30], l: { f: 92, k: 112, d: -68, kneels: true } },
      { o: [0, 0, 4] },
    ]),
    'with-the-dip': d('fours', [
      { o: [0, 0, -10], p: [-14], sp: [50], nk: [30], l: { f: 92, k: 112, d: -68, kneels: true } },
      { o: [0, 0, 4], p: [13], sp: [-28], nk: [-6] },
    ]),
  },
  'all-fours-wave-bone-by-bone': {
    'forearms-on-the-seat': d('kneel-seat', [
      { p: [-12], sp: [50], nk: [30] },
      { p: [4], sp: [-16] },
    ]),
    'hands-down': d('fours', [{ p: [-6], lum: [18, 0, 0] }, { p: [-24], sp: [66], nk: [44] }, {}]),
  },
  'rock-back-hands-together': {
    'at-the-seat': d('kneel-seat', [
      {},
      { o: [0, 0, -8], p: [14], l: { f: 82, k: 108, d: -68, kneels: true } },
    ]),
    'on-all-fours': d('fours', [
      { a: { at: [3, 1.2, 32], hand: [-0.3, 0, 1] } },
      {
        o: [0, 0, -14],
        p: [-6],
        sp: [34],
        nk: [18],
        l: { f: 100, k: 128, d: -68, kneels: true },
        a: { at: [3, 1.2, 32], hand: [-0.3, 0, 1] },
      },
    ]),
  },
  'all-fours-look-to-the-heels': {
    'forearms-on-the-seat': d('kneel-seat', [
      {},
      { p: [0, 0, 6], sp: [0, -34, -8], nk: [0, -20, -40] },
    ]),
    'hands-down': d('fours', [{}, { p: [0, 0, 8], sp: [0, -36, -8], nk: [0, -20, -40] }], {
      view: 'over-front',
    }),
  },
  'all-fours-hand-walk-to-each-side': {
    'forearms-on-a-seat': d('kneel-seat', [
      {},
      { sp: [0, -30], aR: { at: [20, 28, 36] }, aL: { at: [-4, 28, 38] } },
    ]),
    'hands-down': d(
      'fours',
      [{}, { sp: [0, -34], nk: [0, -10], aR: { at: [28, 1.2, 26] }, aL: { at: [-10, 1.2, 32] } }],
      { view: 'over-front' },
    ),
  },
  'thread-the-needle': {
    'half-way': d(
      'fours',
      [
        {},
        {
          sp: [16, 0, 30],
          nk: [10, 0, 50],
          aR: { at: [-18, 3, 24], hand: [-1, 0, 0.2] },
          aL: PALMS,
        },
      ],
      { ...ARMS, view: 'quarter', with: ['cushion-head'] },
    ),
    'shoulder-down': d(
      'fours',
      [
        {},
        {
          p: [14],
          sp: [20, 0, 56],
          nk: [6, 0, 56],
          aR: { at: [-34, 2, 22], hand: [-1, 0, 0.1] },
          aL: { at: [17, 1.2, 28] },
        },
      ],
      { ...ARMS, view: 'quarter' },
    ),
  },
  'all-fours-elbow-opening': {
    'forearm-on-the-seat': d(
      'kneel-seat',
      [
        { aR: { on: 'shoulder', elbow: [0.4, -0.6, 0.8] } },
        { sp: [0, 0, -38], nk: [0, 0, -26], aR: { on: 'shoulder', elbow: [1, 0, 0.2] } },
      ],
      { ...ARMS, view: 'quarter' },
    ),
    'elbow-up': d(
      'fours',
      [
        { sp: [0, 0, 20], aR: { on: 'shoulder', elbow: [0.4, -0.6, 0.8] } },
        { sp: [0, 0, -44], nk: [0, 0, -30], aR: { on: 'shoulder', elbow: [1, 0, 0.2] } },
      ],
      { ...ARMS, view: 'quarter' },
    ),
    'arm-to-the-ceiling': d(
      'fours',
      [
        { sp: [0, 0, 24], aR: { f: 90, b: -40 } },
        { sp: [0, 0, -50], nk: [0, 0, -36], aR: { b: 92 } },
      ],
      { ...ARMS, view: 'quarter' },
    ),
    'hand-behind-the-head': d(
      'fours',
      [
        { sp: [0, 0, 20], aR: { on: 'nape', elbow: [0.8, 0.2, 0.6] } },
        { sp: [0, 0, -46], nk: [0, 0, -26], aR: ELBOW_OUT },
      ],
      { ...ARMS, view: 'quarter' },
    ),
  },
  'bird-dog': {
    'leg-only': d('fours', [{}, { lR: { f: -10, k: 3, d: -30 } }], LEGS),
    'arm-only': d('fours', [{}, { aR: { f: 166, b: 4 }, aL: PALMS }], ARMS),
    'arm-and-leg': d(
      'fours',
      [{}, { aL: { f: 166, b: 4 }, aR: PALMS, lR: { f: -10, k: 3, d: -30 } }],
      LEGS,
    ),
    'with-a-stick': d(
      'fours',
      [{}, { aL: { f: 166, b: 4 }, aR: PALMS, lR: { f: -10, k: 3, d: -30 } }],
      { ...LEGS, with: ['stick-back'] },
    ),
  },
  'leg-press-back-on-all-fours': {
    'toes-sliding': d('fours', [{}, { lR: { at: [5, 6, -40], up: -52 } }], LEGS),
    'heel-up': d('fours', [{}, { lR: { f: -16, k: 60, d: 0 } }], LEGS),
  },
  'slow-lowering-knees-down': {
    'half-way': d('fours', [
      { p: [-8], l: { f: 40, k: 70, d: -68, kneels: true } },
      {
        p: [2],
        l: { f: 40, k: 66, d: -68, kneels: true },
        a: { at: [12, 1.2, 43], hand: [0, 0, 1], elbow: [0.4, -0.6, -0.8] },
      },
    ]),
    'to-the-floor': d('fours', [
      { p: [-8], l: { f: 40, k: 70, d: -68, kneels: true } },
      {
        p: [10],
        sp: [0],
        l: { f: 12, k: 40, d: -68, kneels: true },
        a: { at: [14, 1.2, 33], hand: [0, 0, 1], elbow: [0.6, -1, -0.6] },
      },
    ]),
  },
  'crawl-to-the-chair': {
    'two-steps': d('fours', [
      { p: [7], aR: { at: [9, 2.6, 36] }, lL: { f: 96, k: 96, d: -68, kneels: true } },
      { p: [7], aL: { at: [9, 2.6, 36] }, lR: { f: 96, k: 96, d: -68, kneels: true } },
    ]),
    'all-the-way': d(
      'fours',
      [
        {
          o: [0, 0, -20],
          p: [7],
          aR: { at: [9, 2.6, 18] },
          aL: { at: [9, 2.6, 9] },
          lL: { f: 92, k: 94, d: -68, kneels: true },
        },
        {
          o: [0, 0, 0],
          p: [-20],
          l: { ...KNEEL, f: 58 },
          a: { at: [8, 28, 38], hand: [-0.2, 0, 1] },
        },
      ],
      { with: ['seat-ahead'] },
    ),
  },
  'all-fours-to-standing-at-a-chair': {
    'to-the-kneel': d(
      'kneel-seat',
      [
        {},
        {
          p: [-28],
          lL: { at: [5, 0, 12] },
          lR: { f: 32, k: 92, d: -68, kneels: true },
          a: { at: [9, 28.5, 34] },
        },
      ],
      LEGS,
    ),
    'to-standing': d(
      'kneel-seat',
      [
        {},
        {
          p: [-28],
          lL: { at: [5, 0, 12] },
          lR: { f: 32, k: 92, d: -68, kneels: true },
          a: { at: [9, 28.5, 34] },
        },
        { hips: [0, 49, 8], p: [8], l: { at: [5, 0, 6], out: 6 }, a: { at: [9, 28.5, 36] } },
      ],
      LEGS,
    ),
  },
  'chair-to-half-kneel-and-back': {
    'bending-only': d(
      'seat-ahead',
      [
        {},
        {
          o: [0, -12, -4],
          p: [-10],
          nk: [-10],
          lL: { at: [5, 0, 10] },
          lR: { at: [5, 6, -14], up: -44 },
        },
      ],
      LEGS,
    ),
    'to-the-cushion': d(
      'seat-ahead',
      [
        {},
        {
          o: [0, -12, -4],
          p: [-10],
          nk: [-10],
          lL: { at: [5, 0, 14] },
          lR: { at: [5, 6, -14], up: -44 },
        },
        {
          o: [0, -24, -2],
          p: [-36],
          lL: { at: [5, 0, 18] },
          lR: { f: 30, k: 100, d: -60, kneels: true },
          a: { at: [9, 28.5, 30] },
        },
      ],
      { ...LEGS, with: ['cushion-kneel'] },
    ),
  },
  'childs-pose': {
    'head-on-a-cushion': d('fold', [{ a: { at: [15, 1.8, -8], hand: [0, 0, -1] } }], {
      with: ['cushion-head'],
    }),
    'arms-long': d('fold', [{}]),
    'hips-walked-back': d('fold', [
      { o: [0, 0, 6], p: [-6], l: { f: 106, b: 8, k: 130, d: -70, kneels: true } },
      { sp: [-6] },
    ]),
  },
  'side-bend-in-childs-pose': {
    'head-on-a-cushion': d(
      'fold',
      [
        { a: { at: [9, 1.6, 38], hand: [0, 0, 1] } },
        { sp: [0, -24], aR: { at: [15, 1.6, 42] }, aL: { at: [-2, 1.6, 42] } },
      ],
      { view: 'over-front', with: ['cushion-head'] },
    ),
    'arms-long': d(
      'fold',
      [{}, { sp: [0, -34], nk: [0, -8], aR: { at: [36, 1.6, 44] }, aL: { at: [-14, 1.6, 54] } }],
      { view: 'over-front' },
    ),
  },
  'half-kneel-hip-flexor': {
    'hand-on-the-chair': d(
      'kneel-half',
      [
        { aL: { at: [10, 53, 22] } },
        {
          o: [0, 0, 7],
          p: [-10],
          lR: { f: -28, k: 80, d: -66, kneels: true },
          lL: { at: [5, 0, 26] },
          aL: { at: [10, 53, 22] },
          aR: HIPS,
        },
      ],
      { ...LEGS, with: ['chair-ahead'] },
    ),
    'hands-on-the-thigh': d(
      'kneel-half',
      [
        {
          p: [8],
          lR: { f: 4, k: 86, d: -68, kneels: true },
          aR: { on: 'other-knee', elbow: [1, 0, 0.6] },
        },
        {
          o: [0, 0, 7],
          p: [-10],
          lR: { f: -28, k: 80, d: -66, kneels: true },
          lL: { at: [5, 0, 25] },
          aL: { on: 'knee' },
          aR: { on: 'other-knee', elbow: [1, 0, 0.6] },
        },
      ],
      LEGS,
    ),
    'arm-up': d(
      'kneel-half',
      [
        {},
        {
          o: [0, 0, 7],
          p: [-10],
          sp: [0, 8],
          lR: { f: -28, k: 80, d: -66, kneels: true },
          lL: { at: [5, 0, 25] },
          aR: { f: 172, b: 4 },
        },
      ],
      BOTH,
    ),
  },
  'half-kneel-hip-flexor-with-reach': {
    'hand-on-the-chair': d(
      'kneel-half',
      [
        { aL: { at: [10, 53, 22] } },
        {
          o: [0, 0, 4],
          p: [-8],
          sp: [0, 10],
          lR: { f: -26, k: 80, d: -66, kneels: true },
          lL: { at: [5, 0, 24] },
          aL: { at: [10, 55, 22] },
          aR: { f: 170, b: 2 },
        },
      ],
      { ...BOTH, with: ['chair-ahead', 'cushion-kneel'] },
    ),
    'arm-up': d(
      'kneel-half',
      [
        {},
        {
          o: [0, 0, 7],
          p: [-12],
          sp: [0, 14],
          lR: { f: -20, k: 62, d: -66, kneels: true },
          lL: { at: [5, 0, 27] },
          aR: { f: 172, b: 0 },
        },
      ],
      { ...BOTH, with: ['cushion-kneel'] },
    ),
  },
  'slanting-lean-back-from-kneeling': {
    'a-little': d('kneel-tall', [{}, { p: [-10], l: { f: 0, k: 100, d: -68, kneels: true } }]),
    further: d('kneel-tall', [
      {},
      { p: [-24], nk: [8], l: { f: 0, k: 114, d: -68, kneels: true } },
    ]),
  },
  'cross-legged-round-and-lift': {
    'on-a-block': d(
      'cross',
      [
        { o: [0, 6, 0], p: [-8], sp: [26], nk: [12] },
        { o: [0, 6, 0], p: [4], sp: [-10] },
      ],
      { view: 'quarter', with: ['low-seat'] },
    ),
    'on-the-floor': d(
      'cross',
      [
        { p: [-12], sp: [52], nk: [26] },
        { p: [10], sp: [-26], nk: [-12] },
      ],
      { view: 'quarter' },
    ),
  },
  'cross-legged-side-bend': {
    'hand-on-a-block': d(
      'cross',
      [{}, { sp: [0, -26], aR: { at: [28, 10, 2] }, aL: { on: 'knee' } }],
      { view: 'front', with: ['block'] },
    ),
    'forearm-down': d(
      'cross',
      [{}, { sp: [0, -40], nk: [0, -8], aR: { at: [34, 2, 2] }, aL: { b: 172, e: 12 } }],
      { view: 'front' },
    ),
  },
  'cross-legged-fold-long-back': {
    'a-little': d(
      'cross',
      [{}, { p: [24], nk: [-6], a: { at: [13, 1.4, 31], elbow: [1, 0.8, 0] } }],
      { view: 'quarter' },
    ),
    'hands-walking': d('cross', [{}, { p: [44], sp: [10], nk: [-8], a: { at: [11, 1.4, 44] } }], {
      view: 'quarter',
    }),
  },
  'breath-sitting-on-the-floor': {
    'on-a-cushion': d(
      'floor-sit',
      [
        { o: [0, 5, 0], a: { on: 'thigh' } },
        { o: [0, 5, 0], sp: [-4], a: { on: 'thigh' } },
      ],
      { with: ['low-seat'] },
    ),
    'on-the-floor': d('floor-sit', [{ a: { on: 'thigh' } }, { sp: [-4], a: { on: 'thigh' } }]),
  },
  'floor-butterfly': {
    'high-seat-and-feet-away': d(
      'floor-sit',
      [{ o: [0, 7, 0], l: { f: 62, b: 42, r: 64, k: 94, lies: true }, a: { on: 'shin' } }],
      { view: 'front-seated', with: ['low-seat'] },
    ),
    'feet-close': d(
      'floor-sit',
      [
        { l: { ...BUTTERFLY, b: 43, r: 56, k: 108 }, a: { on: 'ankle' } },
        { l: BUTTERFLY, a: { on: 'ankle' } },
      ],
      { view: 'front-seated' },
    ),
    'rounded-over': d(
      'floor-sit',
      [
        { l: BUTTERFLY, a: { on: 'ankle' } },
        { p: [18], sp: [56], nk: [30], l: { ...BUTTERFLY, f: 84 }, a: { on: 'foot' } },
      ],
      { view: 'front-seated' },
    ),
  },
  'floor-seated-figure-four': {
    'ankle-on-the-shin': d('floor-knees', [{}, { lR: { f: 104, b: 26, r: 66, k: 100 } }], {
      view: 'quarter',
      ...LEGS,
    }),
    'ankle-on-the-thigh': d(
      'floor-knees',
      [
        { lR: { f: 101, b: 26, r: 76, k: 102 } },
        { p: [6], sp: [-4], lR: { f: 103, b: 26, r: 76, k: 102 } },
      ],
      { view: 'quarter', ...LEGS },
    ),
  },
  'floor-seated-twist': {
    'foot-beside-the-knee': d(
      'floor-sit',
      [
        {},
        {
          sp: [0, 0, -44],
          nk: [0, 0, -26],
          lR: { at: [5, 0, 18] },
          aL: { on: 'other-knee' },
          aR: BACK_HAND,
        },
      ],
      { view: 'quarter', ...LEGS },
    ),
    'foot-over': d(
      'floor-sit',
      [
        {},
        {
          sp: [0, 0, -48],
          nk: [0, 0, -28],
          lR: { at: [-9, 0, 20] },
          aL: { on: 'other-knee' },
          aR: BACK_HAND,
        },
      ],
      { view: 'quarter', ...LEGS },
    ),
  },
  'one-leg-long-reach': {
    'knee-soft': d(
      'floor-sit',
      [
        {
          o: [0, 6, 0],
          lR: { f: 90, k: 22, d: 8, lies: true },
          lL: { f: 70, b: 46, r: 72, k: 116, lies: true },
        },
        {
          o: [0, 6, 0],
          p: [22],
          lR: { f: 112, k: 22, d: 8, lies: true },
          lL: { f: 92, b: 46, r: 72, k: 116, lies: true },
          a: { at: [3, 14, 30] },
        },
      ],
      { ...LEGS, with: ['low-seat'] },
    ),
    'leg-long': d(
      'floor-sit',
      [
        { lL: { f: 70, b: 46, r: 72, k: 116, lies: true } },
        {
          p: [24],
          sp: [38],
          nk: [10],
          lR: { f: 108, b: 4, d: 8, lies: true },
          lL: { f: 106, b: 46, r: 72, k: 116, lies: true },
          a: { at: [4, 8, 40] },
        },
      ],
      LEGS,
    ),
  },
  'wide-leg-reach': {
    'sitting-tall': d(
      'floor-sit',
      [{ o: [0, 6, 0], l: { ...WIDE_LEG, f: 78 }, a: { on: 'knee' } }],
      { view: 'front-seated', with: ['low-seat'] },
    ),
    'tipping-forward': d(
      'floor-sit',
      [
        { l: WIDE_LEG, a: { at: [10, 1.4, 16] } },
        { p: [30], nk: [-8], l: { ...WIDE_LEG, f: 112 }, a: { at: [9, 2.2, 36] } },
      ],
      { view: 'front-seated' },
    ),
  },
  'both-legs-strap-reach-by-thirds': {
    'long-spine': d(
      'floor-sit',
      [
        { o: [0, 6, 0], l: { f: 84, b: 4, d: 10, lies: true }, a: { at: [5, 24, 28] } },
        {
          o: [0, 6, 0],
          p: [24],
          nk: [-4],
          l: { f: 108, b: 4, d: 10, lies: true },
          a: { at: [5, 18, 38] },
        },
      ],
      { with: ['low-seat', 'strap-foot'] },
    ),
    rounding: d(
      'floor-sit',
      [
        { o: [0, 6, 0], l: { f: 84, b: 4, d: 10, lies: true }, a: { at: [5, 24, 28] } },
        {
          o: [0, 6, 0],
          p: [20],
          sp: [44],
          nk: [20],
          l: { f: 104, b: 4, d: 10, lies: true },
          a: { at: [5, 12, 42] },
        },
      ],
      { with: ['low-seat', 'strap-foot'] },
    ),
  },
  'both-legs-reach': {
    'long-back': d('floor-sit', [
      {},
      { p: [26], nk: [-4], l: { f: 110, b: 4, d: 8, lies: true }, a: { on: 'shin' } },
    ]),
    'rounding-at-the-end': d('floor-sit', [
      {},
      { p: [24], sp: [48], nk: [26], l: { f: 108, b: 4, d: 8, lies: true }, a: { on: 'ankle' } },
    ]),
  },
  'both-knees-to-one-side-hip-lifted': {
    small: d(
      'floor-knees',
      [
        { l: { at: [13, 0, 26] } },
        {
          p: [0, -2, -6],
          lR: { f: 70, b: 34, r: 60, k: 84, lies: true },
          lL: { f: 84, b: 14, r: -45, k: 84, lies: true },
        },
      ],
      { view: 'front-seated' },
    ),
    'hip-lifted': d(
      'floor-knees',
      [
        { l: { at: [14, 0, 26] } },
        { ...NINETY, p: [0, -16, -6], sp: [0, 14], lL: { ...NINETY.lL, f: 40, b: 50 } },
      ],
      {
        view: 'front-seated',
      },
    ),
  },
  'ninety-ninety-rock': {
    'small-lean': d(
      'floor-sit',
      [
        { ...TIPPED, ...NINETY, aR: { on: 'knee' }, aL: { at: [8, 2.8, -12], hand: [0.2, 0, -1] } },
        {
          ...NINETY,
          p: [14, -24, 0, -10],
          sp: [0, 20],
          lL: { ...NINETY.lL, f: 65, b: 40 },
          aR: { on: 'knee' },
          aL: { at: [6, 2.4, 20] },
        },
      ],
      { view: 'front-seated', ...LEGS },
    ),
    full: d(
      'floor-sit',
      [
        { ...TIPPED, ...NINETY, aR: { on: 'knee' }, aL: { at: [8, 2.8, -12], hand: [0.2, 0, -1] } },
        {
          p: [34, -20],
          sp: [0, 16],
          nk: [-6],
          lR: { ...NINETY.lR, f: 108 },
          lL: { ...NINETY.lL, f: 80, b: 50 },
          a: { at: [12, 1.4, 34], elbow: [1, 0.8, 0] },
        },
      ],
      { view: 'front-seated', ...LEGS },
    ),
  },
  'floor-dip-chest-lifted': {
    'weight-shift': d('floor-knees', [{}, { o: [0, 1, -3], p: [-6] }]),
    bending: d('floor-knees', [
      { o: [0, 0.6, 2] },
      {
        o: [0, 1, -4],
        p: [-14],
        a: { at: [12, 1.4, -26], hand: [0.2, 0, -1], elbow: [0, 0.3, -1] },
      },
    ]),
  },
  'roll-down-legs-held': {
    'small-lean-with-a-long-spine': d('floor-knees', [
      { p: [8], a: { on: 'behind-thigh' } },
      { p: [-12], a: { on: 'behind-thigh' } },
    ]),
    rolling: d('floor-knees', [
      { p: [8], a: { on: 'behind-thigh' } },
      { p: [-28], sp: [54], nk: [24], a: { on: 'behind-thigh' } },
    ]),
  },
  'hip-shuffle-on-the-floor': {
    rocking: d(
      'floor-sit',
      [
        { p: [0, -10], l: FEET_FLAT, a: { at: [15, 1.4, -4] } },
        { p: [0, 10], l: FEET_FLAT, a: { at: [15, 1.4, -4] } },
      ],
      { view: 'front-seated' },
    ),
    shuffling: d(
      'floor-sit',
      [
        { l: FEET_FLAT, a: { at: [14, 1.4, -2] } },
        { o: [0, 0, 5], p: [0, -8, 12], l: FEET_FLAT, a: { at: [14, 1.4, 4] } },
      ],
      { view: 'quarter' },
    ),
  },
};

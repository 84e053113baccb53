import { ARMS, BELLY, CHEST, CROSSED, LEGS, RIBS, THIGH, d, type Poses } from './words';

const LONG = { f: 0, b: 5, d: -10 } as const;
const BENT_WIDE = { f: -2, b: 82, e: 86, r: 96 } as const;
const TABLE = { f: 90, k: 90, d: 0 } as const;
const BENT = (x: number, z = 30) => ({ at: [x, 0, z] as const, out: 2 });
/** Hips off the floor: the shoulders stay where they lay, and the neck gives. */
const lift = (tip: number) =>
  ({ p: [-tip], mid: [tip * 0.16, 0, 0], up: [tip * 0.3, 0, 0], nk: [tip * 0.7] }) as const;
const BY_HIPS = { at: [17, 29.6, 2], hand: [0, 0, 1], elbow: [0.8, -0.6, -0.3] } as const;
const ARMS_OUT = { b: 88, e: 2 } as const;
const FROM_FEET = { view: 'from-feet' } as const;
const SIDE_TOP = { view: 'lying-side' } as const;
const PILLOW = { with: ['cushion-head'] } as const;
/** Both knees over to the right, the chest still on its back. */
const kneesRight = (far: number) => {
  // The back turns so far back; what is left of it the far shoulder gives.
  const back = Math.min(far, 62);
  return {
    p: [0, 0, 0, -far],
    lum: [0, 0, back * 0.25],
    mid: [0, 0, back * 0.37],
    up: [0, 0, back * 0.38],
  } as const;
};

/** Feet stay where they are while the body comes up from its side. */
const ON_THE_SIDE = { lR: { at: [-34, 2, 2] }, lL: { at: [36, 4, 6] } } as const;
const ON_THE_ELBOW = {
  hips: [0, 9.4, 0],
  p: [0, 10],
  sp: [0, 36],
  nk: [0, 6],
  lR: { at: [-34, 2, 2] },
  lL: { at: [36, 3, 8] },
  aR: { at: [37, 2.2, 24], elbow: [1, 0, -0.6] },
  aL: { at: [-24, 2.2, 18] },
} as const;

/** On the back, the front and the side. */
export const LYING: Poses = {
  'lying-rest-breath': {
    'head-on-a-cushion': d(
      'supine',
      [
        { aR: CHEST, aL: BELLY },
        { sp: [-2], aR: CHEST, aL: BELLY },
      ],
      PILLOW,
    ),
    'knees-bent': d('supine', [
      { aR: CHEST, aL: BELLY },
      { sp: [-2], aR: CHEST, aL: BELLY },
    ]),
  },
  bridge: {
    small: d('supine', [{}, lift(12)]),
    'feet-wide': d('supine', [{ l: BENT(14) }, { ...lift(28), l: BENT(14) }], {
      view: 'lying-quarter',
    }),
    full: d('supine', [{}, lift(28)]),
    'feet-together': d('supine', [{ l: BENT(2.6) }, { ...lift(28), l: BENT(2.6) }], {
      view: 'lying-quarter',
    }),
    'arms-crossed': d('supine', [{ a: CROSSED }, { ...lift(28), a: CROSSED }]),
  },
  'roll-down-bridge': {
    'pelvis-only': d('supine', [{ p: [4] }, { p: [-8], sp: [6] }]),
    'bone-by-bone': d('supine', [lift(14), lift(30)]),
  },
  'held-bridge': {
    low: d('supine', [{}, lift(14)]),
    'hips-high': d('supine', [{}, lift(31)]),
  },
  'bridge-ankle-over': {
    'both-feet-down': d('supine', [{}, lift(14)], LEGS),
    'ankle-over': d(
      'supine',
      [
        { lL: { f: 62, b: 30, r: 62, k: 100 } },
        { ...lift(28), lL: { f: 50, b: 30, r: 66, k: 100 } },
      ],
      { ...LEGS, view: 'lying-quarter' },
    ),
  },
  'propped-bridge': {
    'rolled-towel': d('supine', [{}, { o: [0, 5, 0], p: [-6], mid: [-2, 0, 0] }], {
      with: ['towel-hips'],
    }),
    'on-a-roller': d(
      'supine',
      [
        {},
        {
          p: [-6],
          lum: [-19, 0, 0],
          mid: [5, 0, 0],
          up: [9, 0, 0],
          nk: [14],
        },
      ],
      {
        with: ['roller'],
      },
    ),
  },
  'leg-lowering': {
    'heel-sliding': d('supine', [{}, { lR: { at: [5.5, 0, 44], out: 2 } }], LEGS),
    'foot-lifting': d('supine', [{}, { lR: { f: 72, k: 90 } }], LEGS),
    'from-knees-over-hips': d('supine', [{ l: TABLE }, { lL: TABLE, lR: { f: 48, k: 92 } }], LEGS),
  },
  'heel-slides': {
    'half-way': d('supine', [{}, { lR: { at: [5.5, 0, 42], out: 2 } }], LEGS),
    full: d('supine', [{}, { lR: LONG }], LEGS),
  },
  'leg-lifts-one-at-a-time': {
    'heel-only': d('supine', [{}, { lR: { at: [5.5, 5, 28], up: -30, out: 2 } }], LEGS),
    'feet-down': d('supine', [{}, { lR: TABLE }], LEGS),
    'from-table-top': d('supine', [{ l: TABLE }, { lL: TABLE, lR: { f: 56, k: 100 } }], LEGS),
  },
  'straight-leg-lowering-small': {
    'knee-bent': d('supine', [{ lR: TABLE }, { lR: { f: 60, k: 90 } }], LEGS),
    'leg-straight': d('supine', [{ lR: { f: 87, k: 4 } }, { lR: { f: 58, k: 3 } }], LEGS),
  },
  'small-curl-up': {
    'head-alone': d('supine', [{ a: THIGH }, { nk: [38], a: THIGH }]),
    'head-and-shoulders': d('supine', [
      { a: THIGH },
      { up: [22, 0, 0], mid: [14, 0, 0], nk: [30], a: THIGH },
    ]),
    'over-a-pillow': d(
      'supine',
      [
        { up: [4, 0, 0], a: CROSSED },
        { up: [20, 0, 0], mid: [12, 0, 0], nk: [28], a: CROSSED },
      ],
      { with: ['pillow-back'] },
    ),
  },
  'curl-up-to-sitting-hands-helping': {
    'half-way': d('supine', [
      { a: { on: 'behind-thigh' } },
      { p: [20], sp: [40], nk: [26], a: { on: 'behind-thigh' } },
    ]),
    'to-sitting': d('supine', [
      { a: { on: 'behind-thigh' } },
      { p: [30], sp: [50], nk: [26], a: { on: 'behind-thigh' } },
      { p: [76], sp: [20], a: { on: 'behind-thigh' } },
    ]),
  },
  'pelvic-tilt': {
    small: d('supine', [
      { p: [3], lum: [-6, 0, 0] },
      { p: [-4], lum: [6, 0, 0] },
    ]),
    'easy-range': d('supine', [
      { p: [8], lum: [-14, 0, 0] },
      { p: [-8], lum: [12, 0, 0] },
    ]),
  },
  'pelvic-tilt-one-knee-out': {
    'knee-on-a-cushion': d(
      'supine',
      [
        { p: [4], lum: [-8, 0, 0], lR: { f: 46, b: 34, r: 34, k: 92 } },
        { p: [-5], lum: [8, 0, 0], lR: { f: 46, b: 34, r: 34, k: 92 } },
      ],
      { ...LEGS, view: 'lying-quarter', with: ['cushion-knees'] },
    ),
    'knee-free': d(
      'supine',
      [
        { p: [4], lum: [-8, 0, 0], lR: { f: 44, b: 50, r: 50, k: 92 } },
        { p: [-5], lum: [8, 0, 0], lR: { f: 44, b: 50, r: 50, k: 92 } },
      ],
      { ...LEGS, view: 'lying-quarter' },
    ),
  },
  'lying-along-a-roller': {
    'rolled-towel': d('supine', [{ up: [-8, 0, 0], a: { b: 64, f: -4 } }], {
      with: ['towel-back'],
    }),
    'along-the-roll': d('supine', [{ o: [0, 8, 0], a: { b: 78, f: -20 } }], {
      with: ['roller-along'],
    }),
  },
  'knee-hug': {
    'other-knee-bent': d(
      'supine',
      [{}, { lR: { f: 122, k: 126 }, aR: { on: 'behind-thigh' }, aL: { on: 'other-knee' } }],
      LEGS,
    ),
    'other-leg-long': d(
      'supine',
      [
        { lL: LONG },
        {
          p: [-9],
          lum: [9, 0, 0],
          lL: { ...LONG, lies: true },
          lR: { f: 126, k: 130 },
          aR: { on: 'behind-thigh' },
          aL: { on: 'other-knee' },
        },
      ],
      LEGS,
    ),
  },
  'both-knees-hug': {
    'one-after-the-other-half-way': d('supine', [
      { lR: TABLE, aR: { on: 'behind-thigh' } },
      { l: { f: 104, b: 6, k: 110 }, a: { on: 'behind-thigh' } },
    ]),
    'both-in': d('supine', [
      {},
      { l: { f: 118, b: 8, k: 134 }, p: [-34], sp: [44], nk: [-12], a: { on: 'shin' } },
    ]),
  },
  'rocking-on-the-back': {
    'feet-down': d(
      'supine',
      [
        { p: [0, 0, 0, -14], l: BENT(4) },
        { p: [0, 0, 0, 14], l: BENT(4) },
      ],
      FROM_FEET,
    ),
    'knees-held': d(
      'supine',
      [
        { p: [-30, 0, 0, -24], sp: [40], l: { f: 118, b: 8, k: 130 }, a: { on: 'shin' } },
        { p: [-30, 0, 0, 24], sp: [40], l: { f: 118, b: 8, k: 130 }, a: { on: 'shin' } },
      ],
      FROM_FEET,
    ),
  },
  'knee-drops': {
    'feet-down-and-small': d(
      'supine',
      [{ a: ARMS_OUT }, { ...kneesRight(24), a: ARMS_OUT, l: { f: 52, b: 0, k: 94 } }],
      FROM_FEET,
    ),
    'feet-down-and-full': d(
      'supine',
      [{ a: ARMS_OUT }, { ...kneesRight(58), a: ARMS_OUT, l: { f: 54, b: 0, k: 94 } }],
      FROM_FEET,
    ),
    'knees-over-the-hips': d(
      'supine',
      [
        { a: ARMS_OUT, l: TABLE },
        { ...kneesRight(40), a: ARMS_OUT, l: TABLE },
      ],
      FROM_FEET,
    ),
  },
  'wide-foot-knee-drops': {
    'half-way': d(
      'supine',
      [
        { a: ARMS_OUT, l: BENT(15) },
        {
          ...kneesRight(14),
          a: ARMS_OUT,
          lR: { f: 48, b: 40, r: 30, k: 92 },
          lL: { f: 48, b: 0, r: -24, k: 92 },
        },
      ],
      FROM_FEET,
    ),
    'easy-range': d(
      'supine',
      [
        { a: ARMS_OUT, l: BENT(15) },
        {
          ...kneesRight(28),
          a: ARMS_OUT,
          lR: { f: 46, b: 50, r: 40, k: 92 },
          lL: { f: 48, b: -4, r: -45, k: 92 },
        },
      ],
      FROM_FEET,
    ),
  },
  'lying-twist': {
    'high-cushion': d(
      'supine',
      [
        { a: ARMS_OUT, l: TABLE },
        {
          ...kneesRight(44),
          nk: [0, 0, 20],
          a: ARMS_OUT,
          lR: { f: 84, k: 94 },
          lL: { f: 84, b: -14, r: -14, k: 94 },
        },
      ],
      { ...FROM_FEET, with: ['cushion-beside'] },
    ),
    'no-cushion': d(
      'supine',
      [
        { a: ARMS_OUT, l: TABLE },
        {
          ...kneesRight(84),
          nk: [0, 0, 34],
          // The chest gives a little: both arms stay on the floor all the same.
          aR: { f: 90, b: 70, e: 2 },
          aL: { f: 90, b: 110, e: 2 },
          lR: { f: 88, b: 2, k: 94 },
          lL: { f: 84, b: -16, r: -16, k: 94 },
        },
      ],
      FROM_FEET,
    ),
  },
  'rolling-from-side-to-side': {
    'half-way': d('supine', [{ a: CROSSED }, { p: [0, 0, 0, -40], a: CROSSED }], FROM_FEET),
    'on-to-the-side': d(
      'supine',
      [{ a: CROSSED }, { p: [0, 0, 0, -86], a: CROSSED, l: { f: 60, k: 90 } }],
      FROM_FEET,
    ),
  },
  'lying-figure-four': {
    'ankle-on-the-shin': d('supine', [{}, { lR: { f: 62, b: 30, r: 62, k: 100 } }], {
      ...LEGS,
      view: 'lying-quarter',
    }),
    'thigh-drawn-in': d(
      'supine',
      [
        { lR: { f: 74, b: 26, r: 74, k: 100 } },
        {
          lR: { f: 106, b: 26, r: 76, k: 102 },
          lL: { f: 110, k: 100 },
          aL: { on: 'behind-thigh' },
          aR: { on: 'other-thigh' },
        },
      ],
      { ...LEGS, view: 'lying-quarter' },
    ),
  },
  'lying-butterfly': {
    'knees-a-hand-apart': d('supine', [{}, { l: { f: 50, b: 20, r: 30, k: 92 } }], {
      view: 'lying-quarter',
      with: ['cushion-legs'],
    }),
    'on-cushions': d('supine', [{}, { l: { f: 44, b: 44, r: 46, k: 104 } }], {
      view: 'from-feet',
      with: ['cushion-legs'],
    }),
    free: d('supine', [{}, { l: { f: 40, b: 50, r: 52, k: 108 } }], FROM_FEET),
  },
  'knee-falling-outward': {
    'half-way': d('supine', [{}, { lR: { f: 50, b: 26, r: 26, k: 92 } }], {
      ...LEGS,
      view: 'from-feet',
    }),
    'easy-range': d('supine', [{}, { lR: { f: 44, b: 50, r: 50, k: 96 } }], {
      ...LEGS,
      view: 'from-feet',
    }),
  },
  'full-length-reach': {
    'knees-bent-and-arms-to-the-ceiling': d('supine', [{}, { a: { f: 90 } }]),
    long: d('supine', [{ l: LONG }, { l: { f: 0, b: 5, d: -34 }, sp: [-4], a: { f: 170, b: 6 } }]),
  },
  'strap-leg-reach-lying': {
    'hands-behind-the-thigh': d(
      'supine',
      [{}, { lR: { f: 86, k: 26, d: 8 }, aR: { on: 'behind-thigh' }, aL: { on: 'other-thigh' } }],
      LEGS,
    ),
    'with-a-strap': d(
      'supine',
      [{ lL: LONG }, { lL: LONG, lR: { f: 88, k: 3, d: 10 }, a: { at: [4, 30, -4] } }],
      { ...LEGS, with: ['strap-foot'] },
    ),
  },
  'bed-edge-hip-stretch': {
    'heel-on-a-box': d(
      'bed-back',
      [
        {},
        { o: [-22, 0, 0], lL: { f: 112, k: 118 }, aL: { on: 'shin' }, lR: { f: -8, b: 10, k: 50 } },
      ],
      { ...LEGS, with: ['step-low'] },
    ),
    'leg-hanging': d(
      'bed-back',
      [
        {},
        {
          o: [-22, 0, 0],
          lL: { f: 116, k: 122 },
          aL: { on: 'shin' },
          lR: { f: -16, b: 10, k: 74 },
        },
      ],
      LEGS,
    ),
  },
  'open-book': {
    'hand-on-the-ribs': d(
      'side',
      [
        { aL: RIBS, l: { f: 80, k: 88 } },
        { sp: [0, 0, 42], nk: [0, 0, 24], aL: RIBS, l: { f: 80, k: 88 } },
      ],
      { ...SIDE_TOP, works: { arms: false, legs: false } },
    ),
    'arm-open': d(
      'side',
      [
        { l: { f: 80, k: 88 } },
        {
          sp: [0, 0, 60],
          nk: [0, 0, 34],
          aL: { b: 84, f: -14 },
          aR: { f: 86 },
          l: { f: 80, k: 88 },
        },
      ],
      SIDE_TOP,
    ),
  },
  'side-lying-arm-circle': {
    'elbow-bent': d(
      'side',
      [
        { aL: { on: 'shoulder', elbow: [0.2, 0, 1] } },
        { sp: [0, 0, 20], aL: { on: 'shoulder', elbow: [1, -0.1, 0.1] } },
      ],
      SIDE_TOP,
    ),
    'arm-long': d(
      'side',
      [
        { aL: { f: 86, b: 4 } },
        { sp: [0, 0, 20], aL: { f: 168, b: 10 } },
        { sp: [0, 0, 44], aL: { b: 90, f: -10 } },
      ],
      SIDE_TOP,
    ),
  },
  'side-lying-propped-turn': {
    'big-cushion': d(
      'side',
      [{}, { sp: [0, 0, 40], nk: [0, 0, 14], aL: { b: 60, f: -6, e: 20 } }],
      { ...SIDE_TOP, with: ['cushion-back-big'] },
    ),
    'flat-cushion': d(
      'side',
      [{}, { sp: [0, 0, 60], nk: [0, 0, 20], aL: { b: 80, f: -12, e: 10 } }],
      { ...SIDE_TOP, with: ['cushion-back'] },
    ),
  },
  clamshell: {
    small: d(
      'side',
      [
        { aL: { f: 50, e: 30 }, l: { f: 48, k: 88 } },
        { aL: { f: 50, e: 30 }, lR: { f: 48, k: 88 }, lL: { f: 48, b: 14, r: 14, k: 88 } },
      ],
      SIDE_TOP,
    ),
    full: d(
      'side',
      [
        { aL: { f: 50, e: 30 }, l: { f: 52, k: 90 } },
        { aL: { f: 50, e: 30 }, lR: { f: 52, k: 90 }, lL: { f: 50, b: 36, r: 34, k: 90 } },
      ],
      SIDE_TOP,
    ),
  },
  'side-lying-leg-raise': {
    'knee-bent': d(
      'side',
      [
        { aL: { f: 50, e: 30 }, l: { f: 50, k: 80 } },
        { aL: { f: 50, e: 30 }, lR: { f: 50, k: 80 }, lL: { f: 50, b: 30, k: 80 } },
      ],
      SIDE_TOP,
    ),
    'leg-long': d(
      'side',
      [
        { aL: { f: 50, e: 30 }, lR: { f: 40, k: 70 }, lL: { f: 0, d: 4 } },
        { aL: { f: 50, e: 30 }, lR: { f: 40, k: 70 }, lL: { f: -4, b: 34, d: 4 } },
      ],
      SIDE_TOP,
    ),
  },
  'side-lying-front-thigh-stretch': {
    'with-a-strap': d(
      'side',
      [
        { lR: { f: 60, k: 80 } },
        { lR: { f: 60, k: 80 }, lL: { f: -8, k: 84, d: -30 }, aL: { f: -40, b: 20 } },
      ],
      { ...SIDE_TOP, with: ['strap-left'] },
    ),
    'hand-on-the-foot': d(
      'side',
      [
        { lR: { f: 60, k: 80 } },
        {
          lR: { f: 60, k: 80 },
          lL: { f: -12, k: 122, d: -40 },
          aL: { on: 'ankle', elbow: [0.4, 0.2, -1] },
        },
      ],
      SIDE_TOP,
    ),
  },
  'side-lying-to-sitting': {
    'to-the-elbow': d('side', [ON_THE_SIDE, ON_THE_ELBOW], SIDE_TOP),
    'to-sitting': d(
      'side',
      [
        ON_THE_SIDE,
        ON_THE_ELBOW,
        {
          hips: [0, 8.4, 0],
          p: [-14, 90],
          sp: [8, -4],
          nk: [0, -14],
          l: { at: [6, 0, 42] },
          aR: { at: [18, 2.2, 0] },
          aL: { at: [14, 2.2, 4] },
        },
      ],
      SIDE_TOP,
    ),
  },
  'prone-chest-lift': {
    'forearms-down': d('prone', [
      {},
      { up: [-8, 0, 0], mid: [-15, 0, 0], a: { at: [12, 1.6, 46], hand: [-0.1, 0, 1] } },
    ]),
    'hands-light': d('prone', [
      { a: { at: [20, 1.6, 30] } },
      {
        up: [-7, 0, 0],
        mid: [-13, 0, 0],
        a: { at: [16, 4, 36], hand: [0, 0, 1], elbow: [1, 0.4, -1] },
      },
    ]),
  },
  'prone-press-up': {
    'on-the-forearms': d('prone', [
      {},
      {
        p: [-8],
        lum: [-22, 0, 0],
        mid: [-15, 0, 0],
        up: [-8, 0, 0],
        l: { f: -8, b: 4, d: -70 },
        nk: [-10],
        a: { at: [10, 1.6, 42], hand: [0, 0, 1], elbow: [0.4, -1, -0.6] },
      },
    ]),
    'arms-long': d('prone', [
      {},
      {
        p: [-16],
        mid: [-15, 0, 0],
        up: [-8, 0, 0],
        lum: [-24, 0, 0],
        nk: [-10],
        l: { f: -16, b: 4, d: -70 },
        a: { at: [11, 1.4, 22], hand: [0, 0, 1] },
      },
    ]),
  },
  'prone-arm-lift': {
    'elbow-bent': d(
      'prone',
      [{ a: BENT_WIDE }, { aR: { f: -44, b: 70, e: 86, r: 100 }, aL: BENT_WIDE }],
      { ...ARMS, view: 'lying-quarter' },
    ),
    'arm-straight': d('prone', [{ a: { b: 112 } }, { aR: { b: 112, f: 44 }, aL: { b: 112 } }], {
      ...ARMS,
      view: 'lying-quarter',
    }),
  },
  'front-lying-press-up-and-round': {
    'chest-down': d('prone', [{ aR: { at: [-26, 1.6, 34] }, aL: { at: [12, 1.6, 46] } }], {
      view: 'lying-quarter',
      ...ARMS,
    }),
    'pressing-up': d(
      'prone',
      [
        { aR: { at: [-26, 1.6, 34] }, aL: { at: [10, 1.4, 30] } },
        {
          p: [-8],
          sp: [-26, 0, -38],
          l: { f: -8, b: 4, d: -70 },
          aR: { at: [-24, 1.6, 34] },
          aL: { at: [11, 1.4, 28], hand: [0, 0, 1] },
        },
      ],
      { view: 'lying-quarter', ...ARMS },
    ),
  },
  'roll-call-and-keep-warm': {
    'saying-it': d('supine', [
      { l: LONG },
      { l: LONG, nk: [10, 0, -20], aR: { f: 30, b: 30, e: 130 } },
    ]),
    'doing-it': d(
      'supine',
      [
        { l: LONG },
        {
          p: [0, 0, 0, -60],
          l: { f: 30, k: 50 },
          aL: { f: 80, b: -30 },
          aR: { on: 'chest', elbow: [1, 0, 0.6] },
        },
      ],
      { with: ['blanket'] },
    ),
  },
  'across-the-bed-and-to-the-edge': {
    across: d('bed-back', [{ a: BY_HIPS }, { ...lift(10), o: [-8, 6, 0], a: BY_HIPS }]),
    'to-the-edge': d(
      'bed',
      [
        {
          p: [0, -54],
          sp: [0, -14],
          l: { f: 70, k: 80 },
          aR: { at: [30, 29, 10] },
          aL: { at: [-20, 29, 12] },
        },
        { aR: { at: [16, 29, 2] }, aL: { at: [4, 29, 10] } },
      ],
      { view: 'lying-quarter' },
    ),
  },
};

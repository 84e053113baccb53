import {
  BOTH,
  CROSSED,
  HANG,
  HIPS,
  LAP,
  LEGS,
  OVERHEAD,
  SEAT,
  SEATED_FRONT,
  THIGH,
  WIDE,
  d,
  sole,
  type Poses,
  near,
} from './words';

const SEATS = { a: SEAT } as const;
const INSIDE = { with: ['drawn-inside'] } as const;
const TAILS = { on: 'seat-front', elbow: [0.4, -0.2, -1] } as const;
const BELLY_BOTH = { on: 'belly', elbow: [1, -0.4, -0.2] } as const;
const BEHIND = { on: 'nape', elbow: [1, 0.5, 0.1] } as const;
const ON_COUCH = { at: [16, 25.6, -4], hand: [0.1, 0, 1] } as const;
/** The shin laid back beside the thigh on what is sat on. */
const SHIN_BACK = { at: [25, 25, 2.6], out: 178 } as const;
const AT_SHOULDERS = { on: 'shoulder', elbow: [0.5, -0.8, 0.5] } as const;
const KNEE_OPEN = { f: 88, b: 16, r: 44, k: 92 } as const;

/** Hips, legs, rising and balance, done on a seat. */
export const SEATED_LOWER: Poses = {
  'seated-march': {
    'heels-only': d(
      'sit',
      [
        { ...SEATS, lR: sole(6.5, 20, 4, { up: -34 }) },
        { ...SEATS, lL: sole(6.5, 20, 4, { up: -34 }) },
      ],
      LEGS,
    ),
    'knees-up': d(
      'sit',
      [
        { lR: { f: 112, k: 96 }, aL: { f: 40, e: 60 }, aR: { f: -24, e: 50 } },
        { lL: { f: 112, k: 96 }, aR: { f: 40, e: 60 }, aL: { f: -24, e: 50 } },
      ],
      LEGS,
    ),
  },
  'leg-extend-and-bend': {
    'heel-sliding': d('sit', [SEATS, { ...SEATS, lR: { at: [6.5, 0, 38.5], up: 18 } }], LEGS),
    'foot-lifting': d('sit', [SEATS, { ...SEATS, lR: { f: 88, k: 8, d: 10 } }], LEGS),
    hovering: d(
      'sit',
      [
        { ...SEATS, lR: { f: 90, k: 78, d: 4 } },
        { ...SEATS, lR: { f: 94, k: 3, d: 14 } },
      ],
      LEGS,
    ),
  },
  'seated-hamstring-reach': {
    'knee-soft': d(
      'sit',
      [
        { lR: { at: [6.5, 0, 36], up: 20 } },
        { p: [24], lR: { at: [6.5, 0, 36], up: 20 }, aR: { on: 'thigh' }, aL: { on: 'knee' } },
      ],
      LEGS,
    ),
    'knee-straight': d(
      'sit',
      [
        { lR: { at: [6.5, 0, 40], up: 34 } },
        {
          p: [38],
          nk: [-8],
          lR: { at: [6.5, 0, 40], up: 34 },
          aR: { on: 'shin' },
          aL: { on: 'knee' },
        },
      ],
      LEGS,
    ),
    'strap-round-the-foot': d(
      'sit',
      [
        { lR: { at: [6.5, 0, 40], up: 34 }, a: { at: [4, 38, 22] } },
        { p: [28], nk: [-8], lR: { at: [6.5, 0, 40], up: 34 }, a: { at: [4, 32, 30] } },
      ],
      { ...LEGS, with: ['strap-foot'] },
    ),
  },
  'seated-figure-four': {
    'ankle-on-the-shin': d(
      'sit',
      [{}, { lR: { f: 66, b: 14, r: 46, k: 96, d: 14 }, aR: { on: 'knee' }, aL: SEAT }],
      { ...SEATED_FRONT, ...LEGS },
    ),
    'ankle-on-the-thigh': d(
      'sit',
      [
        {},
        {
          lR: { f: 88, b: 20, r: 80, k: 96, d: 10 },
          aR: { on: 'knee' },
          aL: { on: 'other-ankle' },
        },
      ],
      { ...SEATED_FRONT, ...LEGS },
    ),
    'leaning-forward': d(
      'sit',
      [
        { lR: { f: 82, b: 20, r: 80, k: 96, d: 10 } },
        {
          p: [26],
          nk: [-4],
          lR: { f: 108, b: 20, r: 80, k: 96, d: 10 },
          aR: { on: 'knee' },
          aL: { on: 'other-ankle' },
        },
      ],
      { ...SEATED_FRONT, ...LEGS },
    ),
  },
  'lift-off-the-backrest': {
    'hands-helping': d('sit-back', [
      { p: [-10], sp: [4], a: TAILS },
      { p: [14], a: TAILS },
    ]),
    'arms-crossed': d('sit-back', [
      { p: [-10], sp: [4], a: CROSSED },
      { p: [14], a: CROSSED },
    ]),
  },
  'scoot-to-the-front': {
    'hands-pushing': d('sit-back', [
      { p: [-6], a: SEAT },
      { o: [0, 1, 2], p: [4, 8], a: SEAT },
      { o: [0, 0, 5], p: [2], a: SEAT },
    ]),
    'arms-crossed': d('sit-back', [
      { p: [-6], a: CROSSED },
      { o: [0, 1, 2], p: [4, 8], a: CROSSED },
      { o: [0, 0, 5], p: [2], a: CROSSED },
    ]),
  },
  'lean-over-the-feet': {
    'hands-on-thighs': d('sit', [
      { l: sole(6.5, 15) },
      { l: sole(6.5, 15), p: [42], nk: [-14], a: { on: 'knee' } },
    ]),
    'arms-forward': d('sit', [
      { l: sole(6.5, 15), a: LAP },
      { l: sole(6.5, 15), p: [42], nk: [-14], a: { f: 96, e: 4 } },
    ]),
  },
  'sit-to-stand': {
    'hands-on-arms': d(
      'sit',
      [
        { l: sole(6.5, 12), p: [30], nk: [-8], a: { on: 'armrest' } },
        { l: sole(6.5, 12), o: [0, 8, 6], p: [44], nk: [-18], a: { at: [14, 38, 5] } },
        { l: sole(6.5, 12), o: [0, 19.4, 15], a: HANG },
      ],
      { room: ['armchair', 'floor'] },
    ),
    'hands-on-thighs': d('sit', [
      { l: sole(6.5, 12), p: [30], nk: [-8] },
      { l: sole(6.5, 12), o: [0, 8, 6], p: [46], nk: [-18], a: { on: 'knee' } },
      { l: sole(6.5, 12), o: [0, 19.4, 15], a: HANG },
    ]),
    'no-hands': d('sit', [
      { l: sole(6.5, 12), p: [30], nk: [-8], a: CROSSED },
      { l: sole(6.5, 12), o: [0, 8, 6], p: [46], nk: [-18], a: CROSSED },
      { l: sole(6.5, 12), o: [0, 19.4, 15], a: CROSSED },
    ]),
  },
  hover: {
    'hands-pushing': d(
      'sit',
      [
        { l: sole(6.5, 12), p: [16], a: SEAT },
        { l: sole(6.5, 12), o: [0, 7, 1], p: [26], nk: [-8], a: { at: [13, 30, 3] } },
      ],
      { room: ['armchair', 'floor'] },
    ),
    'hands-on-thighs': d('sit', [
      { l: sole(6.5, 12), p: [34] },
      { l: sole(6.5, 12), o: [0, 7, 5], p: [48], nk: [-18], a: { on: 'knee' } },
    ]),
  },
  'hover-and-hold': {
    'hands-pushing': d(
      'sit',
      [
        { l: sole(6.5, 12), p: [16], a: { on: 'armrest' } },
        { l: sole(6.5, 12), o: [0, 9, 2], p: [26], nk: [-8], a: { at: [14, 38, 6] } },
      ],
      { room: ['armchair', 'floor'] },
    ),
    'hands-on-thighs': d('sit', [
      { l: sole(6.5, 12), p: [34] },
      { l: sole(6.5, 12), o: [0, 9, 6], p: [46], nk: [-18], a: { on: 'thigh' } },
    ]),
  },
  'reach-back-and-lower-slowly': {
    'hands-on-arms': d(
      'sit',
      [
        { l: sole(6.5, 12), o: [0, 19.4, 15], a: HANG },
        { l: sole(6.5, 12), o: [0, 10, 6], p: [40], nk: [-14], a: { at: [14, 38, 4] } },
        { l: sole(6.5, 12), p: [10], a: { on: 'armrest' } },
      ],
      { room: ['armchair', 'floor'] },
    ),
    'reaching-back': d('sit', [
      { l: sole(6.5, 12), o: [0, 19.4, 15], a: HANG },
      { l: sole(6.5, 12), o: [0, 9, 5], p: [42], nk: [-14], a: { f: -20, b: 14, e: 6 } },
      { l: sole(6.5, 12), p: [10], a: SEAT },
    ]),
  },
  'seated-foot-press': {
    light: d('sit', [{ l: sole(6.5, 18) }, { l: sole(6.5, 18), sp: [-3] }]),
    firm: d('sit', [
      { l: sole(6.5, 16), a: SEAT },
      { l: sole(6.5, 16), o: [0, 0.8, 0], p: [8], sp: [-4], a: SEAT },
    ]),
  },
  'press-without-rising': {
    'hands-on-the-thighs': d('sit', [
      { l: sole(6.5, 13), p: [28] },
      { l: sole(6.5, 13), o: [0, 1, 1], p: [36], nk: [-10] },
    ]),
    'arms-crossed': d('sit', [
      { l: sole(6.5, 13), p: [28], a: CROSSED },
      { l: sole(6.5, 13), o: [0, 1, 1], p: [36], nk: [-10], a: CROSSED },
    ]),
  },
  'feet-wider': {
    'hands-on-the-seat': d(
      'sit',
      [
        { ...SEATS, l: sole(6, 22) },
        { ...SEATS, l: sole(12, 15, 0, { open: 14 }) },
      ],
      SEATED_FRONT,
    ),
    'no-hands': d(
      'sit',
      [
        { a: CROSSED, l: sole(6, 22) },
        { a: CROSSED, l: sole(12, 15, 0, { open: 14 }) },
      ],
      SEATED_FRONT,
    ),
  },
  'seated-weight-shift': {
    'hands-pressing': d(
      'sit',
      [SEATS, { ...SEATS, o: [-2, 0.6, 0], p: [0, -8], sp: [0, 8] }],
      SEATED_FRONT,
    ),
    'arms-crossed': d(
      'sit',
      [{ a: CROSSED }, { a: CROSSED, o: [-2.4, 0.6, 0], p: [0, -10], sp: [0, 10] }],
      SEATED_FRONT,
    ),
  },
  'seated-sway': {
    small: d(
      'sit',
      [
        { ...SEATS, o: [-1.4, 0.4, 0], p: [0, -6], sp: [0, 4] },
        { ...SEATS, o: [1.4, 0.4, 0], p: [0, 6], sp: [0, -4] },
      ],
      SEATED_FRONT,
    ),
    full: d(
      'sit',
      [
        { ...SEATS, o: [-2.8, 0.8, 0], p: [0, -13], sp: [0, 8] },
        { ...SEATS, o: [2.8, 0.8, 0], p: [0, 13], sp: [0, -8] },
      ],
      SEATED_FRONT,
    ),
  },
  'find-the-sitting-bones': {
    'hands-under-the-thighs': d('sit', [
      { p: [-14], sp: [14], a: { on: 'behind-thigh' } },
      { p: [10], sp: [-10], a: { on: 'behind-thigh' } },
    ]),
    'hands-resting': d('sit', [
      { p: [-16], sp: [20], a: LAP },
      { p: [10], sp: [-12], a: LAP },
    ]),
  },
  'seated-buttock-squeeze': {
    light: d('sit', [{ a: LAP }, { a: LAP, o: [0, 0.6, 0], small: { drawnIn: 0.7 } }], {
      ...SEATED_FRONT,
      ...INSIDE,
    }),
    firm: d('sit', [{ a: HIPS }, { a: HIPS, o: [0, 1.4, 0], sp: [-5], small: { drawnIn: 1 } }], {
      ...SEATED_FRONT,
      ...INSIDE,
    }),
  },
  'toe-raises': {
    seated: d('sit', [{}, { l: sole(6.5, 22, 0, { up: 24 }) }]),
    'standing-and-held': d('held', [
      {},
      { o: [0, 0, -1.4], p: [4], l: { at: [5.2, 0, -3.6], out: 9, up: 20 } },
    ]),
  },
  'ankle-circles': {
    'heel-down': d(
      'sit',
      [
        { ...SEATS, lR: sole(6.5, 30, 0, { up: 26, out: 24 }) },
        { ...SEATS, lR: sole(6.5, 30, 0, { up: 10, out: -18 }) },
      ],
      { ...LEGS, ...near('foot', 60, 24) },
    ),
    'foot-lifted': d(
      'sit',
      [
        { ...SEATS, lR: { f: 88, k: 44, d: 22 } },
        { ...SEATS, lR: { f: 88, k: 44, d: -34 } },
      ],
      { ...LEGS, ...near('foot', 60, 24) },
    ),
  },
  'ankle-pumps': {
    seated: d(
      'sit',
      [
        { ...SEATS, l: sole(6.5, 26, 3.4, { up: -28 }) },
        { ...SEATS, l: sole(6.5, 26, 0, { up: 28 }) },
      ],
      near('foot', 64, 14),
    ),
    lying: d(
      'supine',
      [{ l: { f: 0, b: 5, d: -40 } }, { l: { f: 0, b: 5, d: 14 } }],
      near('foot', 64, 20),
    ),
  },
  'ankle-in-and-out': {
    free: d('sit', [{ l: sole(6, 26, 0, { out: -16 }) }, { l: sole(6, 26, 0, { out: 30 }) }], {
      ...SEATED_FRONT,
      ...near('foot', 4, 48),
    }),
    'with-a-band': d(
      'sit',
      [{ l: sole(6, 26, 0, { out: -12 }) }, { l: sole(6, 26, 0, { out: 26 }) }],
      { ...SEATED_FRONT, with: ['band-feet'], ...near('foot', 4, 48) },
    ),
  },
  'toe-heel-walk-seated': {
    'toes-and-then-heels': d('sit', [
      { l: sole(6, 24, 0, { up: 18 }) },
      { l: sole(6, 24, 3, { up: -24 }) },
    ]),
    walking: d(
      'sit',
      [{ l: sole(5, 24, 0, { out: 30 }) }, { l: sole(12, 24, 0, { out: -14 }) }],
      SEATED_FRONT,
    ),
  },
  'heel-slide-along-the-shin': {
    'half-way': d('sit', [SEATS, { ...SEATS, lR: { at: [-3, 9, 30], up: 10, open: 40 } }], {
      ...SEATED_FRONT,
      ...LEGS,
    }),
    full: d('sit', [SEATS, { ...SEATS, lR: { at: [-4, 17, 30], up: 14, open: 56 } }], {
      ...SEATED_FRONT,
      ...LEGS,
    }),
  },
  'ankle-tap-to-the-other-shin': {
    'to-the-middle': d('sit', [SEATS, { ...SEATS, lR: sole(0.6, 27) }], {
      ...SEATED_FRONT,
      ...LEGS,
    }),
    low: d('sit', [SEATS, { ...SEATS, lR: { at: [-4, 7, 31], up: 6, open: 14 } }], {
      ...SEATED_FRONT,
      ...LEGS,
    }),
    high: d('sit', [SEATS, { ...SEATS, lR: { at: [-5, 15, 31], up: 8, open: 26 } }], {
      ...SEATED_FRONT,
      ...LEGS,
    }),
  },
  'seated-inner-thigh-stretch': {
    'hands-resting': d(
      'sit',
      [{}, { a: { on: 'knee' }, l: { at: [20, 0, 18], out: 36, open: 30 } }],
      SEATED_FRONT,
    ),
    'forearms-pressing': d(
      'sit',
      [
        { l: { at: [20, 0, 18], out: 36, open: 30 } },
        {
          p: [30],
          a: { on: 'inner-knee', elbow: [0.9, -0.4, 0.4] },
          l: { at: [20, 0, 18], out: 36, open: 34 },
        },
      ],
      SEATED_FRONT,
    ),
  },
  'big-toe-stretch': {
    'heel-lifted-and-toes-down': d(
      'sit',
      [{}, { lR: sole(6.5, 16, 7, { up: -44 }), small: { toes: 44 } }],
      { ...LEGS, ...near('foot', 62, 14) },
    ),
    'by-hand': d(
      'sit',
      [
        {},
        {
          p: [12],
          sp: [14],
          lR: { f: 90, b: 20, r: 80, k: 98, d: 6 },
          aR: { on: 'shin' },
          aL: { on: 'other-ankle' },
          small: { toes: 50 },
        },
      ],
      { ...SEATED_FRONT, ...BOTH, ...near('foot', 30, 20) },
    ),
  },
  'toe-spread': {
    'in-shoes': d(
      'sit',
      [
        { ...SEATS, small: { shoe: 1 } },
        { ...SEATS, small: { shoe: 1, toes: 10, fan: 16 } },
      ],
      near('foot', 30, 40),
    ),
    'bare-feet': d('sit', [{ nk: [16] }, { nk: [16], small: { toes: 16, fan: 22 } }], {
      ...SEATED_FRONT,
      ...near('foot', 10, 46),
    }),
  },
  'seated-heel-raises': {
    small: d('sit', [{}, { l: sole(6.5, 21, 2.6, { up: -20 }) }]),
    full: d('sit', [{}, { l: sole(6.5, 18, 7, { up: -44 }) }]),
  },
  'seated-long-spine-hinge': {
    'hands-on-the-thighs': d('sit', [{}, { p: [34], nk: [-6], a: { on: 'knee' } }]),
    'arms-crossed': d('sit', [{ a: CROSSED }, { p: [36], nk: [-6], a: CROSSED }]),
  },
  'lean-forward-and-back': {
    'hands-on-the-thighs': d('sit', [
      { p: [26], nk: [-6], a: { on: 'knee' } },
      { p: [-14], a: THIGH },
    ]),
    'arms-crossed': d('sit', [
      { p: [28], nk: [-6], a: CROSSED },
      { p: [-16], a: CROSSED },
    ]),
  },
  'seated-forward-rest': {
    'long-spine': d('sit', [
      {},
      { p: [46], a: { on: 'knee', elbow: [0.9, -0.8, 0] }, l: sole(9, 22) },
    ]),
    'rounded-down': d('sit', [
      {},
      { p: [44], sp: [56], nk: [30], l: sole(10, 22), a: { on: 'ankle', elbow: [1, 0, 0] } },
    ]),
  },
  'seated-knee-to-chest': {
    'foot-on-a-block': d('sit-back', [{}, { lR: sole(6.5, 20, 9), a: { at: [3, 38, 15] } }], {
      ...LEGS,
      with: ['step-low'],
    }),
    'hands-behind-the-thigh': d(
      'sit-back',
      [
        {},
        { p: [-6], lR: { f: 134, k: 112 }, aR: { on: 'behind-thigh' }, aL: { at: [-3, 44, 12] } },
      ],
      LEGS,
    ),
  },
  'seated-knee-hold-and-turn': {
    'feet-down': d(
      'sit',
      [{}, { sp: [0, 0, -32], nk: [0, 0, -18], aL: { on: 'other-thigh' }, aR: SEAT }],
      SEATED_FRONT,
    ),
    'knee-crossed': d(
      'sit',
      [
        { lR: { f: 98, b: -16, k: 88 } },
        {
          sp: [0, 0, -38],
          nk: [0, 0, -20],
          lR: { f: 98, b: -16, k: 88 },
          aL: { on: 'other-knee' },
          aR: { at: [13, 28, -8] },
        },
      ],
      { ...SEATED_FRONT, ...LEGS },
    ),
  },
  'half-off-the-seat-hip-stretch': {
    'foot-a-little-back': d(
      'sit',
      [
        { o: [-8, 0, 0], aR: HANG, aL: SEAT },
        {
          o: [-8, 0, 0],
          p: [-4],
          sp: [-2],
          aR: HANG,
          aL: SEAT,
          lR: { f: -6, b: 3, k: 88, d: -40 },
        },
      ],
      LEGS,
    ),
    'foot-far-back': d(
      'sit',
      [
        { o: [-8, 0, 0], aR: HANG, aL: SEAT },
        {
          o: [-8, 0, 0],
          p: [-6],
          sp: [-2],
          aR: HANG,
          aL: SEAT,
          lR: { f: -18, b: 3, k: 80, d: -40 },
        },
      ],
      LEGS,
    ),
  },
  'seated-foot-taps': {
    'heels-only': d('sit', [SEATS, { ...SEATS, lR: sole(6.5, 20, 4, { up: -30 }) }], LEGS),
    'foot-out': d('sit', [SEATS, { ...SEATS, lR: { at: [7, 4, 32], up: -22 } }], LEGS),
  },
  'seated-walk-on-the-spot': {
    'heels-only': d(
      'sit',
      [
        { ...SEATS, lR: sole(6.5, 20, 4, { up: -30 }) },
        { ...SEATS, lL: sole(6.5, 20, 4, { up: -30 }) },
      ],
      LEGS,
    ),
    steps: d(
      'sit',
      [
        { ...SEATS, lR: { f: 100, k: 92 } },
        { ...SEATS, lL: { f: 100, k: 92 } },
      ],
      LEGS,
    ),
  },
  'seated-knee-lift': {
    'heel-only': d('sit', [SEATS, { ...SEATS, lR: sole(6.5, 20, 5, { up: -36 }) }], LEGS),
    'foot-up': d('sit', [SEATS, { ...SEATS, lR: { f: 108, k: 94 } }], LEGS),
  },
  'seated-leg-out-to-the-side': {
    'half-way': d('sit', [SEATS, { ...SEATS, lR: sole(14, 22, 0, { out: 20, open: 10 }) }], {
      ...SEATED_FRONT,
      ...LEGS,
    }),
    sliding: d('sit', [SEATS, { ...SEATS, lR: sole(25, 22, 0, { out: 30, open: 14 }) }], {
      ...SEATED_FRONT,
      ...LEGS,
    }),
  },
  'seated-jacks': {
    'feet-only': d(
      'sit',
      [
        { ...SEATS, l: sole(4, 24) },
        { ...SEATS, l: sole(18, 24, 0, { out: 22, open: 12 }) },
      ],
      SEATED_FRONT,
    ),
    'arms-to-shoulder-height': d(
      'sit',
      [
        { a: HANG, l: sole(4, 24) },
        { a: WIDE, l: sole(18, 24, 0, { out: 22, open: 12 }) },
      ],
      SEATED_FRONT,
    ),
    'arms-overhead': d(
      'sit',
      [
        { a: HANG, l: sole(4, 24) },
        { a: { b: 156 }, l: sole(18, 24, 0, { out: 22, open: 12 }) },
      ],
      SEATED_FRONT,
    ),
  },
  'step-out-and-in': {
    small: d(
      'sit',
      [
        { a: LAP, l: sole(5, 24) },
        { a: LAP, lR: sole(12, 24, 0, { out: 14 }) },
      ],
      { ...SEATED_FRONT, ...LEGS },
    ),
    wide: d(
      'sit',
      [
        { a: LAP, l: sole(5, 24) },
        { a: LAP, lR: sole(22, 24, 0, { out: 26, open: 12 }) },
      ],
      { ...SEATED_FRONT, ...LEGS },
    ),
  },
  'quick-feet': {
    'toes-only': d(
      'sit',
      [
        { ...SEATS, lR: sole(6, 22, 0, { up: 16 }) },
        { ...SEATS, lL: sole(6, 22, 0, { up: 16 }) },
      ],
      LEGS,
    ),
    'whole-feet': d(
      'sit',
      [
        { ...SEATS, lR: sole(6, 22, 5) },
        { ...SEATS, lL: sole(6, 22, 5) },
      ],
      LEGS,
    ),
  },
  'foot-taps-with-arm-sway': {
    'feet-only': d('sit', [SEATS, { ...SEATS, lR: { at: [7, 3, 33], up: -18 } }], LEGS),
    'with-the-arms': d(
      'sit',
      [
        { a: HANG },
        { lR: { at: [7, 3, 33], up: -18 }, aL: { f: 62, e: 20 }, aR: { f: -40, e: 10 } },
      ],
      BOTH,
    ),
  },
  'pillow-squeeze': {
    'fist-between-the-knees': d(
      'sit',
      [
        { l: sole(5, 22), aR: { at: [-0.5, 33, 23] }, aL: LAP },
        { l: sole(4, 22), sp: [-3], aR: { at: [-0.5, 33, 23] }, aL: LAP },
      ],
      SEATED_FRONT,
    ),
    'with-a-block': d(
      'sit',
      [
        { l: sole(6, 22), a: LAP },
        { l: sole(5, 22), sp: [-4], a: LAP },
      ],
      { ...SEATED_FRONT, with: ['block-between'] },
    ),
  },
  'feet-parallel-knees-over-feet': {
    'feet-on-a-block': d(
      'sit',
      [{ l: sole(12, 22, 5, { out: 26 }) }, { l: sole(6, 22, 5, { out: 0 }) }],
      { ...SEATED_FRONT, with: ['block-feet'] },
    ),
    'feet-on-the-floor': d(
      'sit',
      [{ l: sole(12, 22, 0, { out: 30, open: -10 }) }, { l: sole(6, 22, 0, { out: 0 }) }],
      SEATED_FRONT,
    ),
  },
  'car-turn': {
    'small-steps': d(
      'sit',
      [
        SEATS,
        {
          ...SEATS,
          p: [0, 0, -34],
          lR: { at: [16, 0, 14], out: 36 },
          lL: { at: [-4, 0, 24], out: -30 },
        },
      ],
      SEATED_FRONT,
    ),
    'large-steps': d(
      'sit',
      [
        { a: CROSSED },
        { a: CROSSED, p: [0, 0, -20], lR: { at: [24, 0, 12], out: 60, open: 34 } },
        {
          a: CROSSED,
          p: [0, 0, -56],
          lR: { at: [20, 0, 8], out: 60 },
          lL: { at: [-10, 0, 20], out: -52 },
        },
      ],
      SEATED_FRONT,
    ),
  },
  'forward-on-the-couch-feet-wide': {
    'hips-forward': d('couch', [
      { o: [0, 0, -6], p: [-10], sp: [8], a: { at: [15, 25.6, -6], hand: [0.1, 0, 1] } },
      { o: [0, 0, 0], p: [6, 6], a: { at: [15, 25.6, 0], hand: [0.1, 0, 1] } },
    ]),
    'leaning-over': d('couch', [
      { a: { at: [15, 25.6, 0], hand: [0.1, 0, 1] }, l: sole(10, 18) },
      { p: [44], nk: [-14], l: sole(10, 18), a: { on: 'knee' } },
    ]),
  },
  'rise-with-a-walker': {
    'lean-and-push': d(
      'sit',
      [
        { l: sole(6.5, 13), a: SEAT },
        { l: sole(6.5, 13), o: [0, 6, 5], p: [44], nk: [-14], a: { at: [13, 28, 2] } },
      ],
      { room: ['armchair', 'walker-ahead', 'floor'] },
    ),
    'to-the-walker': d(
      'walker',
      [
        {
          o: [0, -15, -14],
          p: [44],
          nk: [-12],
          a: { at: [14, 30, -14] },
          l: { at: [5.2, 0, -3.6] },
        },
        { p: [6] },
      ],
      { room: ['chair-behind', 'walker', 'floor'] },
    ),
  },
  'pelvic-floor-squeeze-and-let-go': {
    lying: d('supine', [{ a: BELLY_BOTH }, { a: BELLY_BOTH, small: { drawnUp: 1 } }], INSIDE),
    seated: d('sit', [{ a: BELLY_BOTH }, { sp: [-3], a: BELLY_BOTH, small: { drawnUp: 1 } }], {
      ...SEATED_FRONT,
      ...INSIDE,
    }),
  },
  'seated-heel-pivot': {
    'hands-on-the-seat': d(
      'sit',
      [
        { ...SEATS, lR: sole(6.5, 24, 0, { up: 12, out: -14 }) },
        { ...SEATS, lR: sole(6.5, 24, 0, { up: 12, out: 38 }) },
      ],
      { ...SEATED_FRONT, ...LEGS, ...near('foot', 4, 40) },
    ),
    'hands-in-the-lap': d(
      'sit',
      [
        { a: LAP, lR: sole(6.5, 24, 0, { up: 16, out: -18 }) },
        { a: LAP, lR: sole(6.5, 24, 0, { up: 16, out: 46 }) },
      ],
      { ...SEATED_FRONT, ...LEGS, ...near('foot', 4, 40) },
    ),
  },
  'seated-step-reach-and-look': {
    'step-and-look': d(
      'sit',
      [SEATS, { aR: SEAT, aL: SEAT, nk: [0, 0, -40], lR: sole(20, 20, 0, { out: 30, open: 12 }) }],
      { ...SEATED_FRONT, ...LEGS },
    ),
    'with-the-reach': d(
      'sit',
      [
        SEATS,
        {
          aL: SEAT,
          sp: [0, -12, -14],
          nk: [0, 0, -34],
          aR: { b: 84 },
          lR: sole(20, 20, 0, { out: 30, open: 12 }),
        },
      ],
      { ...SEATED_FRONT, ...BOTH },
    ),
  },
  'seated-staggered-rock': {
    'hands-on-the-seat': d(
      'sit',
      [
        { ...SEATS, lR: sole(6.5, 28), lL: sole(6.5, 14) },
        { ...SEATS, o: [0, 1, 2], p: [34], nk: [-10], lR: sole(6.5, 28), lL: sole(6.5, 14) },
      ],
      LEGS,
    ),
    'hands-on-the-thighs': d(
      'sit',
      [
        { lR: sole(6.5, 28), lL: sole(6.5, 14) },
        {
          o: [0, 1, 3],
          p: [38],
          nk: [-10],
          a: { on: 'knee' },
          lR: sole(6.5, 28),
          lL: sole(6.5, 14),
        },
      ],
      LEGS,
    ),
  },
  'seated-knee-falling-out': {
    'a-little': d('sit', [SEATS, { ...SEATS, lR: { ...KNEE_OPEN, b: 8, r: 20, k: 86 } }], {
      ...SEATED_FRONT,
      ...LEGS,
    }),
    'all-the-way': d('sit', [SEATS, { ...SEATS, lR: { f: 84, b: 34, r: 50, k: 100 } }], {
      ...SEATED_FRONT,
      ...LEGS,
    }),
  },
  'seated-leg-up-out-and-back': {
    sliding: d('sit', [SEATS, { ...SEATS, lR: sole(18, 24, 0, { out: 20, open: 10 }) }], {
      ...SEATED_FRONT,
      ...LEGS,
    }),
    lifted: d(
      'sit',
      [
        { ...SEATS, lR: { f: 106, k: 90 } },
        { ...SEATS, lR: { f: 100, b: 34, k: 86 } },
      ],
      { ...SEATED_FRONT, ...LEGS },
    ),
  },
  'seated-heel-draw-back': {
    'toes-gliding': d('sit', [SEATS, { ...SEATS, lR: sole(6.5, 6, 6, { up: -38 }) }], LEGS),
    'heel-pressing': d(
      'sit',
      [
        { ...SEATS, lR: { at: [6.5, 0, 30], up: 16 } },
        { ...SEATS, lR: sole(6.5, 13) },
      ],
      LEGS,
    ),
  },
  'seated-knee-to-elbow': {
    'hands-on-the-seat': d('sit', [SEATS, { ...SEATS, lR: { f: 112, k: 98 } }], LEGS),
    'elbow-to-knee': d(
      'sit',
      [
        { a: BEHIND },
        {
          sp: [16, -8, 20],
          lR: { f: 122, k: 104 },
          aR: { on: 'temple', elbow: [0.5, -0.4, 1] },
          aL: BEHIND,
        },
      ],
      BOTH,
    ),
  },
  'seated-step-back-and-turn': {
    'foot-only': d('sit', [{ a: LAP }, { a: LAP, lR: sole(8, 4, 5, { up: -34 }) }], LEGS),
    'with-the-turn': d(
      'sit',
      [
        { a: THIGH },
        { sp: [0, 0, -38], nk: [0, 0, -18], a: THIGH, lR: sole(9, 4, 5, { up: -34 }) },
      ],
      { ...SEATED_FRONT, ...LEGS },
    ),
  },
  'seated-step-tap': {
    sliding: d('sit', [SEATS, { ...SEATS, lR: sole(6.5, 34) }], LEGS),
    lifting: d(
      'sit',
      [
        { ...SEATS, lR: { f: 98, k: 74 } },
        { ...SEATS, lR: sole(6.5, 34) },
      ],
      LEGS,
    ),
  },
  'seated-knee-lift-with-press': {
    'arms-to-the-eyes': d(
      'sit',
      [{ a: AT_SHOULDERS }, { lR: sole(6.5, 20, 5, { up: -36 }), a: { f: 116, b: 10, e: 40 } }],
      BOTH,
    ),
    'arms-overhead': d('sit', [{ a: AT_SHOULDERS }, { lR: { f: 110, k: 96 }, a: OVERHEAD }], BOTH),
  },
  'front-thigh-reclining-on-the-couch': {
    upright: d(
      'couch',
      [
        { a: ON_COUCH },
        {
          aR: { ...ON_COUCH, at: [22, 25.6, -4] },
          aL: LAP,
          o: [-8, 0, 0],
          lR: SHIN_BACK,
        },
      ],
      { ...LEGS, view: 'over-front' },
    ),
    reclining: d(
      'couch',
      [
        { a: ON_COUCH },
        {
          p: [-22],
          o: [-8, 0, 0],
          nk: [14],
          a: { at: [12, 25.6, -16], hand: [0.3, 0, -1] },
          lR: SHIN_BACK,
        },
      ],
      { ...LEGS, view: 'over-front' },
    ),
  },
};

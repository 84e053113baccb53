import {
  AHEAD,
  ARMS,
  BEHIND_HEAD,
  BELLY,
  CHEST,
  CROSSED,
  FRONT,
  HANG,
  HIPS,
  LAP,
  OVERHEAD,
  RIBS,
  SEAT,
  SEATED_FRONT,
  THIGH,
  WIDE,
  d,
  type Poses,
  near,
} from './words';

const BREATHE = { sp: [-3], nk: [-1] } as const;
const LEANT = { p: [-8], sp: [4], nk: [4] } as const;

const STRAIGHT_UP = { f: 26, b: 8, e: 108, hand: [0, 1, 0] } as const;
const OPEN_HAND = { f: 24, b: 6, e: 100, hand: [0, 1, 0.3] } as const;
/** The thumb at the tip of a finger, from the first, 1, to the last, 4. */
const TIPS_MET = (thumb: number) => ({ thumb, knuckles: 34, fingers: 34, spread: 10 });

/** Breath, neck, shoulders and arms, done on a seat. */
/** A fist before the body, thumb up. */
const STICK_HAND = { f: 16, b: 16, e: 96 } as const;

export const SEATED_UPPER: Poses = {
  'seated-easy-breath': {
    'back-supported': d('sit-back', [
      { ...LEANT, a: LAP },
      { ...LEANT, ...BREATHE, a: LAP },
    ]),
    'sitting-tall': d('sit', [{ a: LAP }, { ...BREATHE, a: LAP }]),
  },
  'belly-breath-seated': {
    'leaning-back': d('sit-back', [
      { ...LEANT, aR: BELLY, aL: LAP },
      { ...LEANT, sp: [0], aR: BELLY, aL: LAP },
    ]),
    'sitting-tall': d('sit', [
      { aR: BELLY, aL: LAP },
      { ...BREATHE, aR: BELLY, aL: LAP },
    ]),
  },
  'even-rib-breath': {
    'leaning-back': d(
      'sit-back',
      [
        { ...LEANT, a: RIBS },
        { ...LEANT, sp: [1], a: RIBS },
      ],
      SEATED_FRONT,
    ),
    'sitting-tall': d('sit', [{ a: RIBS }, { ...BREATHE, a: RIBS }], SEATED_FRONT),
  },
  'breath-in-four-equal-parts': {
    'no-waits': d('sit', [{ a: LAP }, { ...BREATHE, a: LAP }]),
    'equal-parts': d('sit', [
      { aR: CHEST, aL: BELLY },
      { ...BREATHE, aR: CHEST, aL: BELLY },
    ]),
  },
  'pursed-lip-breath': {
    'leaning-back': d('sit-back', [
      { ...LEANT, a: THIGH },
      { p: [-6], sp: [10], a: THIGH },
    ]),
    'sitting-tall': d('sit', [{ a: THIGH }, { sp: [8], a: THIGH }]),
  },
  'arms-up-breath': {
    'to-shoulder-height': d('sit', [{ a: HANG }, { sp: [-3], a: WIDE }], SEATED_FRONT),
    overhead: d('sit', [{ a: HANG }, { sp: [-4], a: { b: 166, e: 6 } }], SEATED_FRONT),
  },
  'breath-in-a-seated-turn': {
    'arms-crossed': d(
      'sit',
      [{ a: CROSSED }, { sp: [0, 0, -34], nk: [0, 0, -14], a: CROSSED }],
      SEATED_FRONT,
    ),
    'hand-on-the-thigh': d(
      'sit',
      [{}, { sp: [0, 0, -34], nk: [0, 0, -14], aL: { on: 'other-thigh' }, aR: SEAT }],
      SEATED_FRONT,
    ),
  },
  'seated-cat': {
    small: d('sit', [
      { p: [-5], sp: [22], nk: [8] },
      { p: [2], sp: [-4] },
    ]),
    full: d('sit', [
      { p: [-14], sp: [58], nk: [26] },
      { p: [12], sp: [-30], nk: [-16], a: { on: 'lap' } },
    ]),
  },
  'neck-side-tilt': {
    'half-way': d('sit', [{ a: LAP }, { nk: [0, -18], a: LAP }], SEATED_FRONT),
    full: d('sit', [{ a: LAP }, { nk: [0, -33], aR: LAP, aL: SEAT }], SEATED_FRONT),
  },
  'neck-tilt-side-to-side': {
    small: d(
      'sit',
      [
        { nk: [0, -16], a: LAP },
        { nk: [0, 16], a: LAP },
      ],
      SEATED_FRONT,
    ),
    'easy-range': d(
      'sit',
      [
        { nk: [0, -26], a: LAP },
        { nk: [0, 26], a: LAP },
      ],
      SEATED_FRONT,
    ),
  },
  'held-neck-tilt-hand-resting': {
    'no-hand': d(
      'sit',
      [
        { aR: LAP, aL: SEAT },
        { nk: [0, -33], aR: LAP, aL: SEAT },
      ],
      SEATED_FRONT,
    ),
    'hand-resting': d(
      'sit',
      [
        { aR: LAP, aL: SEAT },
        { nk: [0, -33], aR: { on: 'temple', elbow: [1, 0.6, 0] }, aL: SEAT },
      ],
      { ...SEATED_FRONT, ...ARMS },
    ),
  },
  'nod-down-and-up': {
    'eyes-to-lap-and-up-to-level': d('sit', [{ a: LAP }, { nk: [34], a: LAP }]),
    'above-level': d('sit', [
      { nk: [34], a: LAP },
      { nk: [-22], a: LAP },
    ]),
  },
  'chin-to-chest-hands-resting': {
    'hands-in-the-lap': d('sit', [{ a: LAP }, { nk: [50], sp: [4], a: LAP }]),
    'hands-resting': d('sit', [{ a: BEHIND_HEAD }, { nk: [48], sp: [4], a: BEHIND_HEAD }]),
  },
  'head-turn': {
    'half-way': d('sit', [{ a: LAP }, { nk: [0, 0, -34], a: LAP }], SEATED_FRONT),
    'easy-range': d('sit', [{ a: LAP }, { nk: [0, 0, -64], a: LAP }], SEATED_FRONT),
  },
  'chin-tuck': {
    'head-resting': d(
      'sit-back',
      [
        { p: [-4], up: [5, 0, 0], nk: [-3], a: LAP },
        { p: [-4], up: [-3, 0, 0], nk: [7], a: LAP },
      ],
      near('head', 80, 4),
    ),
    free: d(
      'sit',
      [
        { up: [8, 0, 0], nk: [-6], a: LAP },
        { up: [-4, 0, 0], nk: [10], a: LAP },
      ],
      near('head', 80, 4),
    ),
  },
  'slow-jaw-opening': {
    'half-way': d('sit', [{ a: LAP }, { a: LAP, small: { jaw: 13 } }], {
      ...SEATED_FRONT,
      ...near('head', 24, 4),
    }),
    'tongue-up': d('sit', [{ a: LAP }, { a: LAP, small: { jaw: 22 } }], {
      ...SEATED_FRONT,
      ...near('head', 24, 4),
    }),
  },
  'upper-back-lean-over-the-backrest': {
    'breastbone-up': d('sit-back', [
      { ...LEANT, a: CROSSED },
      { p: [-6], up: [-14, 0, 0], mid: [-6, 0, 0], a: CROSSED },
    ]),
    'over-the-edge': d('sit-back', [
      { p: [-4], a: CROSSED },
      { p: [-8], up: [-18, 0, 0], mid: [-20, 0, 0], nk: [8], a: CROSSED },
    ]),
  },
  'shoulder-slides-up-and-down': {
    small: d('sit', [{ a: HANG }, { a: { b: 9, e: 34, f: -4 } }], SEATED_FRONT),
    full: d('sit', [{ a: { b: 4, f: -2 } }, { a: { b: 26, e: 70, f: -10, r: 10 } }], SEATED_FRONT),
  },
  'shoulder-rolls': {
    'small-circles': d('sit', [
      { up: [6, 0, 0], a: { on: 'thigh', elbow: [1, 0, -0.1] } },
      { up: [-6, 0, 0], a: { on: 'thigh', elbow: [0.3, 0, -1] } },
    ]),
    'full-circles': d('sit', [
      { up: [10, 0, 0], a: { on: 'thigh', elbow: [1, 0.2, 0] } },
      { up: [-10, 0, 0], a: { on: 'thigh', elbow: [0.2, -0.1, -1] } },
    ]),
    'circling-the-elbows': d('sit', [
      { up: [6, 0, 0], a: { on: 'shoulder', elbow: [0.3, -0.4, 1] } },
      { up: [-8, 0, 0], a: { on: 'shoulder', elbow: [1, 0.5, -0.4] } },
    ]),
  },
  'blade-squeeze': {
    'hands-in-the-lap': d('sit', [
      { up: [5, 0, 0], a: LAP },
      { up: [-9, 0, 0], sp: [-6], a: { on: 'lap', elbow: [0.4, -0.3, -1] } },
    ]),
    'elbows-at-the-sides': d('sit', [
      { up: [4, 0, 0], a: { f: 16, b: 5, e: 92 } },
      { up: [-9, 0, 0], sp: [-6], a: { f: -30, b: 10, e: 84 } },
    ]),
  },
  'arm-across-the-body': {
    'below-shoulder-height': d(
      'sit',
      [
        { a: LAP },
        { aR: { f: 66, b: -48, e: 12 }, aL: { on: 'other-elbow', elbow: [1, -0.6, 0.6] } },
      ],
      { ...SEATED_FRONT, ...ARMS },
    ),
    'at-shoulder-height': d(
      'sit',
      [
        { a: LAP },
        { aR: { f: 88, b: -52, e: 8 }, aL: { on: 'other-elbow', elbow: [1, -0.5, 0.8] } },
      ],
      { ...SEATED_FRONT, ...ARMS },
    ),
  },
  'crossing-arms': {
    low: d(
      'sit',
      [{ a: { f: 40, b: 44 } }, { aR: { f: 48, b: -26, e: 10 }, aL: { f: 40, b: -26, e: 10 } }],
      SEATED_FRONT,
    ),
    'shoulder-height': d(
      'sit',
      [{ a: { b: 86, f: 10 } }, { aR: { f: 92, b: -36, e: 12 }, aL: { f: 82, b: -36, e: 12 } }],
      SEATED_FRONT,
    ),
  },
  'arms-round-yourself-ribs-wide': {
    'hands-on-the-elbows': d(
      'sit',
      [
        { a: LAP },
        {
          sp: [14],
          nk: [10],
          aR: { f: 66, b: -26, e: 84, r: -66 },
          aL: { f: 56, b: -26, e: 84, r: -66 },
        },
      ],
      SEATED_FRONT,
    ),
    'hands-on-the-shoulders': d(
      'sit',
      [{ a: LAP }, { sp: [20], nk: [16], a: { on: 'other-shoulder', elbow: [-0.2, -0.6, 1] } }],
      SEATED_FRONT,
    ),
  },
  'clasped-overhead-reach': {
    'forward-and-low': d('sit', [
      { a: LAP },
      { sp: [14], nk: [6], a: { at: [1.6, 54, 34], hand: [-1, 0, 0] } },
    ]),
    overhead: d(
      'sit',
      [
        { a: LAP },
        { sp: [-4], a: { at: [1.6, 94, 2], hand: [-1, 0.2, 0], elbow: [1, 0.2, -0.2] } },
      ],
      SEATED_FRONT,
    ),
  },
  'elbows-behind-the-head-lift': {
    'hands-on-the-shoulders': d('sit', [
      { sp: [8], a: { on: 'shoulder', elbow: [0.5, -0.2, 1] } },
      { sp: [-16], nk: [-6], a: { on: 'shoulder', elbow: [1, 0.3, -0.5] } },
    ]),
    'hands-behind-the-head': d('sit', [
      { sp: [10], nk: [8], a: { on: 'nape', elbow: [0.6, 0.5, 0.9] } },
      { sp: [-20], nk: [-16], a: { on: 'nape', elbow: [1, 0.6, -0.3] } },
    ]),
  },
  'front-elbow-pull-and-reach': {
    'elbows-only': d(
      'sit',
      [
        { sp: [0, 0, 10], aR: { f: 40, b: 6, e: 96 }, aL: { f: -34, b: 8, e: 96 } },
        { sp: [0, 0, -10], aR: { f: -34, b: 8, e: 96 }, aL: { f: 40, b: 6, e: 96 } },
      ],
      ARMS,
    ),
    'reach-and-pull': d(
      'sit',
      [
        { sp: [0, 0, 18], aR: { f: 84, b: -4, e: 8 }, aL: { f: -30, b: 8, e: 104 } },
        { sp: [0, 0, -18], aR: { f: -30, b: 8, e: 104 }, aL: { f: 84, b: -4, e: 8 } },
      ],
      ARMS,
    ),
  },
  'hand-behind-the-back': {
    'hand-on-the-hip': d(
      'sit',
      [{ a: LAP }, { aR: { on: 'hip', elbow: [0.5, -0.1, -1] }, aL: LAP }],
      { ...ARMS, view: 'quarter' },
    ),
    'hand-behind': d(
      'sit',
      [
        { a: LAP },
        { aR: { on: 'low-back', elbow: [0.8, -0.4, -0.8], hand: [-0.6, 0.7, 0] }, aL: LAP },
      ],
      { ...ARMS, view: 'back' },
    ),
  },
  'hand-to-forehead-lift': {
    'to-the-chin': d(
      'sit',
      [{ a: THIGH }, { aR: { on: 'chin', elbow: [0.5, -0.4, 1] }, aL: THIGH }],
      ARMS,
    ),
    'to-the-forehead': d(
      'sit',
      [{ a: THIGH }, { aR: { on: 'brow', elbow: [0.6, -0.1, 1] }, aL: THIGH }],
      ARMS,
    ),
    'both-hands-to-the-forehead': d('sit', [
      { a: THIGH },
      { a: { on: 'brow', elbow: [0.6, -0.1, 1] } },
    ]),
  },
  'elbows-in-open-and-close': {
    'half-way': d(
      'sit',
      [{ a: { f: 4, b: 4, e: 90 } }, { a: { f: 4, b: 4, e: 90, r: 36 } }],
      SEATED_FRONT,
    ),
    full: d(
      'sit',
      [{ a: { f: 4, b: 4, e: 90 } }, { a: { f: 2, b: 4, e: 90, r: 66 } }],
      SEATED_FRONT,
    ),
    'with-a-band': d('sit', [{ a: { f: 4, b: 4, e: 90 } }, { a: { f: 2, b: 4, e: 90, r: 44 } }], {
      ...SEATED_FRONT,
      with: ['band'],
    }),
  },
  'big-arm-sweep': {
    'to-shoulder-height': d(
      'sit',
      [{ a: HANG }, { a: AHEAD }, { a: { b: 84, e: 4 } }],
      SEATED_FRONT,
    ),
    overhead: d(
      'sit',
      [{ a: HANG }, { a: { b: 88, e: 4 } }, { sp: [-4], a: OVERHEAD }],
      SEATED_FRONT,
    ),
  },
  'seated-arm-circles': {
    'elbows-only': d(
      'sit',
      [
        { a: { on: 'shoulder', elbow: [0.6, 0.6, 0.8] } },
        { a: { on: 'shoulder', elbow: [1, -0.3, -0.5] } },
      ],
      SEATED_FRONT,
    ),
    'arms-long': d(
      'sit',
      [{ a: { f: 70, b: 20 } }, { a: { b: 118, f: 10 } }, { a: { b: 60, f: -14 } }],
      SEATED_FRONT,
    ),
  },
  'seated-chest-opener': {
    'palms-out': d(
      'sit',
      [{ a: HANG }, { sp: [-14], nk: [-4], a: { f: -8, b: 24, r: 50, e: 6 } }],
      SEATED_FRONT,
    ),
    'arms-back': d('sit', [{ a: HANG }, { sp: [-20], nk: [-6], a: { f: -42, b: 14, e: 4 } }]),
  },
  'seated-twist': {
    'arms-crossed': d(
      'sit',
      [{ a: CROSSED }, { sp: [0, 0, -40], nk: [0, 0, -22], a: CROSSED }],
      SEATED_FRONT,
    ),
    'hand-on-the-thigh': d(
      'sit',
      [
        {},
        { sp: [0, 0, -50], nk: [0, 0, -26], aL: { on: 'other-thigh' }, aR: { at: [13, 28, -9] } },
      ],
      SEATED_FRONT,
    ),
  },
  'seated-turn-arm-opening': {
    'hand-on-the-chest': d(
      'sit',
      [
        { aR: CHEST, aL: THIGH },
        {
          sp: [0, 0, -40],
          nk: [0, 0, -24],
          aR: { on: 'shoulder', elbow: [1, -0.1, -0.4] },
          aL: THIGH,
        },
      ],
      { ...SEATED_FRONT, ...ARMS },
    ),
    'arm-opening': d(
      'sit',
      [
        { aR: AHEAD, aL: THIGH },
        { sp: [0, 0, -40], nk: [0, 0, -30], aR: { b: 86, f: -6 }, aL: THIGH },
      ],
      { ...SEATED_FRONT, ...ARMS },
    ),
  },
  'seated-side-bend': {
    'hand-on-the-thigh': d(
      'sit',
      [{}, { sp: [0, -28], nk: [0, -10], aR: { on: 'knee', elbow: [1, -0.2, 0] }, aL: THIGH }],
      SEATED_FRONT,
    ),
    'hands-on-the-ribs': d(
      'sit',
      [
        { a: RIBS },
        { sp: [0, -32], nk: [0, -8], aL: RIBS, aR: { on: 'ribs', elbow: [0.8, -0.6, 0] } },
      ],
      SEATED_FRONT,
    ),
    'arm-over': d(
      'sit',
      [{}, { sp: [0, -38], nk: [0, -10], aR: { at: [17, 30, 2] }, aL: { b: 186, e: 14, r: -30 } }],
      SEATED_FRONT,
    ),
  },
  'side-bend-hand-behind-the-head': {
    'hand-on-the-shoulder': d(
      'sit',
      [
        { aL: { on: 'shoulder', elbow: [1, 0, 0.2] }, aR: SEAT },
        { sp: [0, -32], nk: [0, -8], aL: { on: 'shoulder', elbow: [1, 0, 0] }, aR: SEAT },
      ],
      SEATED_FRONT,
    ),
    'hand-behind-the-head': d(
      'sit',
      [
        { aL: BEHIND_HEAD, aR: SEAT },
        { sp: [0, -34], nk: [0, -6], aL: BEHIND_HEAD, aR: SEAT },
      ],
      SEATED_FRONT,
    ),
  },
  'seated-reach': {
    'one-hand-on-the-seat': d(
      'sit',
      [
        { aR: THIGH, aL: SEAT },
        { o: [-1.5, 0, 0], sp: [0, -16], aR: { b: 86 }, aL: SEAT },
      ],
      { ...SEATED_FRONT, ...ARMS },
    ),
    free: d('sit', [{}, { o: [-2.5, 0, 0], sp: [0, -20], aR: { b: 92 }, aL: { b: 20, e: 10 } }], {
      ...SEATED_FRONT,
      ...ARMS,
    }),
  },
  'wrist-circles': {
    nodding: d(
      'sit',
      [
        { a: { f: 22, b: 8, e: 82, hand: [0, 0.7, 0.7] } },
        { a: { f: 22, b: 8, e: 82, hand: [0, -0.7, 0.7] } },
      ],
      near('hand', 64, 16),
    ),
    circles: d(
      'sit',
      [
        { a: { f: 24, b: 8, e: 86, hand: [0.7, 0.4, 0.6] } },
        { a: { f: 24, b: 8, e: 86, hand: [-0.7, -0.3, 0.6] } },
      ],
      { ...SEATED_FRONT, ...near('hand', 30, 50) },
    ),
  },
  'wrist-stretch': {
    'elbow-bent-and-fingers-loose': d(
      'sit',
      [
        {},
        {
          aR: { f: 30, b: 6, e: 74, hand: [0, 0.9, 0.5] },
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
          aR: { f: 74, b: -10, e: 4, hand: [0, 1, 0.25] },
          aL: { on: 'other-hand', elbow: [0.8, -0.6, 0.4] },
        },
      ],
      { ...ARMS, ...near('hand', 64, 16) },
    ),
  },
  'grip-open-and-close': {
    'half-way': d(
      'sit',
      [
        { a: { f: 26, b: 8, e: 78 }, small: { spread: 24 } },
        { a: { f: 28, b: 8, e: 78 }, small: { knuckles: 40, fingers: 50 } },
      ],
      near('hand', 64, 30),
    ),
    full: d(
      'sit',
      [
        { a: { f: 40, b: 8, e: 70 }, small: { spread: 40, fingers: 0, knuckles: 0 } },
        { a: { f: 44, b: 10, e: 66 }, small: { knuckles: 80, fingers: 80, thumb: 0.7 } },
      ],
      near('hand', 64, 30),
    ),
  },
  'finger-glides': {
    'no-fist': d(
      'sit',
      [
        { a: STRAIGHT_UP, small: { knuckles: 0, fingers: 0 } },
        { a: STRAIGHT_UP, small: { knuckles: 4, fingers: 84 } },
        { a: STRAIGHT_UP, small: { knuckles: 84, fingers: 4 } },
      ],
      near('hand', 30, 10),
    ),
    'all-shapes': d(
      'sit',
      [
        { a: STRAIGHT_UP, small: { knuckles: 0, fingers: 0 } },
        { a: STRAIGHT_UP, small: { knuckles: 4, fingers: 84 } },
        { a: STRAIGHT_UP, small: { knuckles: 84, fingers: 4 } },
        { a: STRAIGHT_UP, small: { knuckles: 80, fingers: 82 } },
      ],
      near('hand', 30, 10),
    ),
  },
  'thumb-to-tips': {
    'two-fingers': d(
      'sit',
      [
        { aR: OPEN_HAND, aL: THIGH, small: TIPS_MET(1) },
        { aR: OPEN_HAND, aL: THIGH, small: { spread: 20 } },
        { aR: OPEN_HAND, aL: THIGH, small: TIPS_MET(2) },
      ],
      { ...ARMS, ...near('hand', -50, 10) },
    ),
    'all-fingers': d(
      'sit',
      [1, 2, 3, 4].map((finger) => ({ a: OPEN_HAND, small: TIPS_MET(finger) })),
      near('hand', -50, 10),
    ),
  },
  'forearm-turn': {
    'empty-hands': d(
      'sit',
      [
        { a: { f: 4, b: 5, e: 90, r: 12 }, small: { roll: 85, spread: 14 } },
        { a: { f: 4, b: 12, e: 90, r: -16 }, small: { roll: -80, spread: 14 } },
      ],
      { ...SEATED_FRONT, ...near('hand', 34, 44) },
    ),
    'with-a-stick': d(
      'sit',
      [
        { aR: STICK_HAND, aL: LAP },
        { aR: STICK_HAND, aL: LAP, small: { stick: 62 } },
        { aR: STICK_HAND, aL: LAP, small: { stick: -62 } },
      ],
      { ...SEATED_FRONT, ...ARMS, with: ['stick-in-hand'] },
    ),
  },
  'eyes-far-and-near': {
    'far-only': d('sit', [{ a: LAP }, { nk: [-4], a: LAP }]),
    'near-and-far': d(
      'sit',
      [
        { aR: { f: 72, b: -8, e: 28, hand: [0, 1, 0.2] }, aL: LAP },
        { nk: [2], aR: { f: 72, b: -8, e: 40, hand: [0, 1, 0.2] }, aL: LAP },
      ],
      ARMS,
    ),
  },
  'seated-band-row': {
    'empty-hands': d('sit', [
      { a: { f: 70, b: 2, e: 12 } },
      { up: [-8, 0, 0], a: { f: -34, b: 8, e: 96 } },
    ]),
    'with-a-band': d(
      'sit',
      [
        {
          a: { f: 58, b: 2, e: 8 },
          lR: { at: [6, 0, 34], up: 26 },
          lL: { at: [6, 0, 34], up: 26 },
        },
        {
          up: [-8, 0, 0],
          a: { f: -34, b: 8, e: 90 },
          lR: { at: [6, 0, 34], up: 26 },
          lL: { at: [6, 0, 34], up: 26 },
        },
      ],
      { with: ['strap-foot'] },
    ),
  },
  'band-pull-apart': {
    'belly-height': d('sit', [{ a: { f: 44, b: -4, e: 50 } }, { a: { f: 38, b: 30, e: 46 } }], {
      ...SEATED_FRONT,
      with: ['band'],
    }),
    'chest-height': d('sit', [{ a: { f: 84, b: -4, e: 8 } }, { a: { f: 80, b: 56, e: 6 } }], {
      ...SEATED_FRONT,
      with: ['band'],
    }),
  },
  'bottle-curl': {
    'empty-hands': d(
      'sit',
      [
        { aR: HANG, aL: LAP },
        { aR: { f: 6, b: 6, e: 136 }, aL: LAP },
      ],
      ARMS,
    ),
    'with-bottles': d('sit', [{ a: HANG }, { aR: { f: 6, b: 6, e: 136 }, aL: HANG }], {
      ...ARMS,
      with: ['weights'],
    }),
  },
  'bottle-press': {
    forward: d(
      'sit-back',
      [
        { a: { f: 20, b: 12, e: 112 } },
        { aR: { f: 88, b: 2, e: 6 }, aL: { f: 20, b: 12, e: 112 } },
      ],
      { ...ARMS, with: ['weights'] },
    ),
    overhead: d(
      'sit-back',
      [
        { a: { f: 30, b: 20, e: 138 } },
        { aR: { f: 170, b: 4, e: 4 }, aL: { f: 30, b: 20, e: 138 } },
      ],
      { ...ARMS, with: ['weights'] },
    ),
  },
  'band-turn-across-the-body': {
    seated: d(
      'sit',
      [
        { a: { f: 74, b: -14, e: 6 } },
        { sp: [0, 0, -38], nk: [0, 0, -20], a: { f: 74, b: -14, e: 6 } },
      ],
      { ...SEATED_FRONT, with: ['band-side'] },
    ),
    standing: d(
      'stand',
      [
        { a: { f: 74, b: -14, e: 6 } },
        { sp: [0, 0, -38], nk: [0, 0, -20], a: { f: 74, b: -14, e: 6 } },
      ],
      { ...FRONT, with: ['band-side'] },
    ),
  },
  'hand-sweep-behind': {
    looking: d('sit', [{}, { sp: [0, 0, -24], nk: [8, 0, -50], a: THIGH }], SEATED_FRONT),
    sweeping: d(
      'sit',
      [{}, { sp: [0, -4, -26], nk: [8, 0, -46], aR: { f: -46, b: 30, e: 10 }, aL: THIGH }],
      { ...SEATED_FRONT, ...ARMS },
    ),
  },
  'desk-and-screen-check': {
    'one-thing': d(
      'sit-back',
      [
        { a: { at: [9, 43, 24], hand: [0, 0, 1] } },
        { sp: [-2], a: { at: [9, 43, 24], hand: [0, 0, 1] } },
      ],
      { with: ['screen'] },
    ),
    'all-three': d(
      'sit-back',
      [
        { sp: [14], nk: [-6], a: { at: [9, 43, 27], hand: [0, 0, 1] } },
        { sp: [-2], a: { at: [9, 43, 22], hand: [0, 0, 1] } },
      ],
      { with: ['screen'] },
    ),
  },
  'seated-side-opening': {
    elbow: d(
      'sit',
      [
        { p: [16], sp: [16], aR: { on: 'other-knee' }, aL: { on: 'knee' } },
        {
          p: [14],
          sp: [4, 0, -42],
          nk: [0, 0, -34],
          aR: { on: 'shoulder', elbow: [1, 0, 0.1] },
          aL: { on: 'knee' },
        },
      ],
      { ...SEATED_FRONT, ...ARMS },
    ),
    arm: d(
      'sit',
      [
        { p: [16], sp: [16], aR: { on: 'other-knee' }, aL: { on: 'knee' } },
        { p: [14], sp: [4, 0, -46], nk: [0, 0, -34], aR: { b: 110, f: 0 }, aL: { on: 'knee' } },
      ],
      { ...SEATED_FRONT, ...ARMS },
    ),
  },
  'brakes-footplates-feet-check': {
    'with-a-helper': d('wheel', [{ a: LAP }, { nk: [26], a: LAP }]),
    'by-yourself': d('wheel', [
      { p: [8], sp: [12], aR: { at: [14, 32, 4] }, aL: { at: [14, 32, 4] } },
      { p: [16], sp: [22], nk: [16], aR: { at: [14, 30, 8] }, aL: { on: 'knee' } },
    ]),
  },
  'pressure-relief-leans': {
    'one-arm-holding': d('wheel', [
      { a: { on: 'armrest' } },
      { p: [0, -12], sp: [0, -12], aR: { on: 'armrest' }, aL: { on: 'armrest' } },
      { p: [40], sp: [38], nk: [14], aR: { on: 'shin' }, aL: { at: [14, 38, 4] } },
    ]),
    free: d('wheel', [
      {},
      { p: [0, -12], sp: [0, -16], a: HIPS },
      { p: [44], sp: [44], nk: [16], a: { on: 'ankle' } },
    ]),
  },
};

import { HEIGHT, SIT_ABOVE } from './body';
import type { Furniture } from './furniture';
import type { ViewName } from './flat';
import type { Bend, Pose } from './pose';

/** A pose that many moves begin with, what stands round it, and from where it is seen best. */
export interface Base {
  readonly pose: Pose;
  readonly view: ViewName;
  readonly room: readonly Furniture[];
}

const NONE: Bend = [0, 0, 0];
const STRAIGHT = { lumbar: NONE, mid: NONE, upper: NONE, neck: NONE, head: NONE };
const HANG = { f: 2, b: 7, e: 12 } as const;

const sitting = (height: number, z: number, feet: number): Pose => ({
  ...STRAIGHT,
  rest: { hips: [0, height + SIT_ABOVE, z] },
  pelvis: [0, 0, 0, 0],
  arms: { left: { on: 'thigh' }, right: { on: 'thigh' } },
  legs: { left: { at: [6.5, 0, feet] }, right: { at: [6.5, 0, feet] } },
});

const standing: Pose = {
  ...STRAIGHT,
  rest: { hips: [0, 52.6, 0] },
  pelvis: [0, 0, 0, 0],
  arms: { left: HANG, right: HANG },
  legs: { left: { at: [5.2, 0, -3.6], out: 9 }, right: { at: [5.2, 0, -3.6], out: 9 } },
};

const supine: Pose = {
  ...STRAIGHT,
  rest: { low: 0, over: [0, 0], trunk: true },
  pelvis: [-90, 0, 0, 0],
  lumbar: [3, 0, 0],
  mid: [-3, 0, 0],
  upper: [-5, 0, 0],
  neck: [2, 0, 0],
  head: [8, 0, 0],
  arms: { left: { f: 0, b: 22, e: 10 }, right: { f: 0, b: 22, e: 10 } },
  legs: {
    left: { at: [5.5, 0, 30], out: 2 },
    right: { at: [5.5, 0, 30], out: 2 },
  },
};

const kneelingLegs = { f: 90, k: 90, d: -68, kneels: true } as const;

export const BASES = {
  sit: { pose: sitting(HEIGHT.seat, 0, 22), view: 'side', room: ['chair', 'floor'] },
  'sit-back': { pose: sitting(HEIGHT.seat, -4.5, 19), view: 'side', room: ['chair', 'floor'] },
  wheel: { pose: sitting(HEIGHT.wheel, -4, 20), view: 'side', room: ['wheelchair', 'floor'] },
  bed: { pose: sitting(HEIGHT.bed, 0, 22), view: 'side', room: ['bed', 'floor'] },
  couch: { pose: sitting(HEIGHT.couch, 0, 24), view: 'side', room: ['couch', 'floor'] },
  stand: { pose: standing, view: 'side', room: ['floor'] },
  held: {
    pose: {
      ...standing,
      arms: { left: { at: [10, 53.5, 21.5] }, right: { at: [10, 53.5, 21.5] } },
    },
    view: 'side',
    room: ['chair-ahead', 'floor'],
  },
  counter: {
    pose: {
      ...standing,
      arms: { left: { at: [11, 55, 25] }, right: { at: [11, 55, 25] } },
    },
    view: 'side',
    room: ['counter', 'floor'],
  },
  'seat-ahead': {
    pose: {
      ...standing,
      pelvis: [62, 0, 0, 0],
      arms: { left: { at: [10, 28.5, 36] }, right: { at: [10, 28.5, 36] } },
    },
    view: 'side',
    room: ['seat-ahead', 'floor'],
  },
  wall: {
    pose: {
      ...standing,
      arms: {
        left: { at: [11, 78, 32], hand: [0, 1, 0] },
        right: { at: [11, 78, 32], hand: [0, 1, 0] },
      },
    },
    view: 'side',
    room: ['wall', 'floor'],
  },
  'wall-back': { pose: standing, view: 'front', room: ['wall-behind', 'floor'] },
  walker: {
    pose: { ...standing, arms: { left: { at: [13, 53, 12] }, right: { at: [13, 53, 12] } } },
    view: 'side',
    room: ['walker', 'floor'],
  },
  supine: { pose: supine, view: 'side-low', room: ['mat'] },
  'bed-back': {
    pose: {
      ...supine,
      rest: { low: HEIGHT.bed, over: [0, 0], trunk: true },
      legs: {
        left: { at: [5.5, HEIGHT.bed, 30], out: 2 },
        right: { at: [5.5, HEIGHT.bed, 30], out: 2 },
      },
    },
    view: 'side-low',
    room: ['bed', 'floor'],
  },
  prone: {
    pose: {
      ...STRAIGHT,
      rest: { low: 0, over: [0, 0], trunk: true },
      pelvis: [90, 0, 0, 0],
      lumbar: [6, 0, 0],
      mid: [-4, 0, 0],
      upper: [-10, 0, 0],
      neck: [-8, 0, 0],
      head: [4, 0, 0],
      arms: {
        left: { at: [5, 3, 43], hand: [-1, 0, 0.2], elbow: [1, 0.3, 0.2] },
        right: { at: [5, 3, 43], hand: [-1, 0, 0.2], elbow: [1, 0.3, 0.2] },
      },
      legs: { left: { f: 0, b: 4, d: -70 }, right: { f: 0, b: 4, d: -70 } },
    },
    view: 'side-low',
    room: ['mat'],
  },
  side: {
    pose: {
      ...STRAIGHT,
      rest: { low: 0, over: [0, 0], trunk: true },
      // Lying on the right side, head to the left of the picture when seen from above its front.
      pelvis: [0, -90, 0, 0],
      neck: [0, 8, 0],
      head: [0, 6, 0],
      arms: { left: { f: 86, e: 4 }, right: { f: 86, b: -10, e: 4 } },
      legs: { left: { f: 55, k: 80 }, right: { f: 55, k: 80 } },
    },
    view: 'lying-side',
    room: ['mat', 'cushion-side'],
  },
  fours: {
    pose: {
      ...STRAIGHT,
      rest: { low: 0, over: [0, 0] },
      pelvis: [78, 0, 0, 0],
      lumbar: [5, 0, 0],
      mid: [-3, 0, 0],
      upper: [-3, 0, 0],
      neck: [-14, 0, 0],
      head: [0, 0, 0],
      arms: {
        left: { at: [9, 2.6, 30], hand: [0, 0, 1] },
        right: { at: [9, 2.6, 30], hand: [0, 0, 1] },
      },
      legs: { left: { ...kneelingLegs, f: 78 }, right: { ...kneelingLegs, f: 78 } },
    },
    view: 'side',
    room: ['mat'],
  },
  'kneel-seat': {
    pose: {
      ...STRAIGHT,
      rest: { low: 0, over: [0, 0] },
      pelvis: [58, 0, 0, 0],
      lumbar: [6, 0, 0],
      mid: [0, 0, 0],
      upper: [0, 0, 0],
      neck: [-10, 0, 0],
      arms: {
        left: { at: [8, 28, 38], hand: [-0.2, 0, 1] },
        right: { at: [8, 28, 38], hand: [-0.2, 0, 1] },
      },
      legs: { left: { ...kneelingLegs, f: 60 }, right: { ...kneelingLegs, f: 60 } },
    },
    view: 'side',
    room: ['seat-ahead', 'mat'],
  },
  plank: {
    pose: {
      ...STRAIGHT,
      rest: { low: 0, over: [0, 0] },
      pelvis: [72, 0, 0, 0],
      lumbar: [5, 0, 0],
      mid: [-2, 0, 0],
      upper: [-4, 0, 0],
      neck: [-6, 0, 0],
      arms: {
        left: { at: [9, 2.6, 28], hand: [0, 0, 1] },
        right: { at: [9, 2.6, 28], hand: [0, 0, 1] },
      },
      legs: { left: { f: 0, b: 3, k: 0, d: 30 }, right: { f: 0, b: 3, k: 0, d: 30 } },
    },
    view: 'side',
    room: ['mat'],
  },
  'kneel-tall': {
    pose: {
      ...STRAIGHT,
      rest: { low: 0, over: [0, 0] },
      pelvis: [0, 0, 0, 0],
      arms: { left: HANG, right: HANG },
      legs: { left: { ...kneelingLegs, f: 0 }, right: { ...kneelingLegs, f: 0 } },
    },
    view: 'side',
    room: ['mat'],
  },
  'kneel-half': {
    pose: {
      ...STRAIGHT,
      rest: { low: 0, over: [0, 0] },
      pelvis: [0, 0, 0, 0],
      arms: { left: { on: 'knee' }, right: { on: 'hip' } },
      legs: { left: { at: [5, 0, 21], out: 4 }, right: { ...kneelingLegs, f: -4 } },
    },
    view: 'side',
    room: ['mat'],
  },
  fold: {
    pose: {
      ...STRAIGHT,
      rest: { low: 0, over: [0, 0] },
      pelvis: [62, 0, 0, 0],
      lumbar: [26, 0, 0],
      mid: [16, 0, 0],
      upper: [2, 0, 0],
      neck: [-6, 0, 0],
      head: [10, 0, 0],
      arms: {
        left: { at: [8, 1.6, 56], hand: [0, 0, 1] },
        right: { at: [8, 1.6, 56], hand: [0, 0, 1] },
      },
      legs: {
        left: { f: 118, b: 8, k: 148, d: -70, kneels: true },
        right: { f: 118, b: 8, k: 148, d: -70, kneels: true },
      },
    },
    view: 'side',
    room: ['mat'],
  },
  'floor-sit': {
    pose: {
      ...STRAIGHT,
      rest: { low: 0, over: [0, 0], trunk: true },
      pelvis: [-6, 0, 0, 0],
      lumbar: [6, 0, 0],
      arms: { left: { on: 'lap' }, right: { on: 'lap' } },
      legs: {
        left: { f: 84, b: 4, d: 8, lies: true },
        right: { f: 84, b: 4, d: 8, lies: true },
      },
    },
    view: 'side',
    room: ['mat'],
  },
  'floor-knees': {
    pose: {
      ...STRAIGHT,
      rest: { low: 0, over: [0, 0], trunk: true },
      pelvis: [-8, 0, 0, 0],
      lumbar: [8, 0, 0],
      arms: {
        left: { at: [12, 2.4, -16], hand: [0.2, 0, -1] },
        right: { at: [12, 2.4, -16], hand: [0.2, 0, -1] },
      },
      legs: { left: { at: [7, 0, 26] }, right: { at: [7, 0, 26] } },
    },
    view: 'side',
    room: ['mat'],
  },
  cross: {
    pose: {
      ...STRAIGHT,
      rest: { low: 0, over: [0, 0], trunk: true },
      pelvis: [-4, 0, 0, 0],
      lumbar: [6, 0, 0],
      arms: { left: { on: 'knee' }, right: { on: 'knee' } },
      legs: {
        left: { f: 78, b: 40, r: 80, k: 127, d: -20, lies: true },
        right: { f: 80, b: 40, r: 78, k: 112, d: -20, lies: true },
      },
    },
    view: 'quarter',
    room: ['mat'],
  },
} as const satisfies Record<string, Base>;
export type BaseName = keyof typeof BASES;

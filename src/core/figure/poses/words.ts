import type { BaseName } from '../bases';
import type { Close } from '../close';
import type { Drawn } from '../figure';
import type { Arm, Leg, Pose, PoseChange } from '../pose';

/** The levels of moves, by the ids of both. */
export type Poses = Readonly<Record<string, Readonly<Record<string, Drawn>>>>;

type More = Omit<Drawn, 'base' | 'keys'>;

/** A level from a base and its key poses. */
export const d = (
  base: BaseName,
  keys: readonly (PoseChange | Pose)[],
  more: More = {},
): Drawn => ({
  base,
  keys,
  ...more,
});

export const ARMS = { works: { arms: true, legs: false } } as const;
export const LEGS = { works: { arms: false, legs: true } } as const;
export const BOTH = { works: { arms: true, legs: true } } as const;
export const FRONT = { view: 'front' } as const;
export const SEATED_FRONT = { view: 'front-seated' } as const;

export const HANG: Arm = { f: 2, b: 7, e: 12 };
export const LAP: Arm = { on: 'lap' };
export const THIGH: Arm = { on: 'thigh' };
export const HIPS: Arm = { on: 'hip', elbow: [1, -0.2, -0.4] };
export const SEAT: Arm = { on: 'seat-side', elbow: [0.5, 0, -1] };
export const CROSSED: Arm = { on: 'other-shoulder', elbow: [0.4, -1, 0.4] };
export const OVERHEAD: Arm = { f: 172, b: 6, e: 4 };
export const WIDE: Arm = { b: 88, e: 4, r: 20 };
export const AHEAD: Arm = { f: 88, e: 4 };
export const BEHIND_HEAD: Arm = { on: 'nape', elbow: [1, 0.5, 0.1] };
export const RIBS: Arm = { on: 'ribs', elbow: [1, -0.1, -0.3] };
export const BELLY: Arm = { on: 'belly', elbow: [1, -0.5, -0.2] };
export const CHEST: Arm = { on: 'chest', elbow: [1, -0.5, 0] };

/** On the back of a chair in front: held by its fingertips, and not touched. */
export const TIPS: Arm = { at: [10, 56, 20.5], hand: [0, -0.75, 0.66] };
export const HOVER: Arm = { at: [11, 60, 19] };
export const HELD: Arm = { at: [10, 53.5, 21.5] };

/** On the back of a chair at the left, and over it. */
export const HELD_BESIDE: Arm = { at: [21, 54, 0] };
export const HOVER_BESIDE: Arm = { at: [20, 60, 0] };
export const TIPS_BESIDE: Arm = { at: [21, 56, 0], hand: [0, -0.8, 0.5] };
export const BESIDE = { view: 'quarter', with: ['chair-left'] } as const;

/** A part that is drawn large beside the figure, from its front unless it says otherwise. */
export const near = (of: Close['of'], round = 20, above = 30): Pick<Drawn, 'close'> => ({
  close: { of, view: { round, above } },
});

/** Standing feet. */
export const foot = (x: number, z = -3.6, y = 0, more: Partial<Leg> = {}): Leg => ({
  at: [x, y, z],
  out: 9,
  ...more,
});
/** Seated feet. */
export const sole = (x: number, z = 22, y = 0, more: Partial<Leg> = {}): Leg => ({
  at: [x, y, z],
  out: 4,
  ...more,
});

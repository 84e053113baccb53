import type { Side } from '@/core/body';
import type { Vec } from './vec';

/** Bending forward, to the left, and turning left, in degrees. */
export type Bend = readonly [forward: number, left: number, turn: number];

/** Where a hand can lie on its own body, or on what is sat on. */
export type Landmark =
  | 'thigh'
  | 'knee'
  | 'shin'
  | 'ankle'
  | 'foot'
  | 'behind-thigh'
  | 'inner-knee'
  | 'hip'
  | 'lap'
  | 'belly'
  | 'ribs'
  | 'chest'
  | 'low-back'
  | 'other-thigh'
  | 'other-knee'
  | 'other-shoulder'
  | 'other-elbow'
  | 'other-hand'
  | 'other-ankle'
  | 'shoulder'
  | 'brow'
  | 'chin'
  | 'temple'
  | 'nape'
  | 'seat-side'
  | 'seat-front'
  | 'armrest';

/** An arm by its angles: forward, away from the body, turned out, elbow bent. */
export interface ArmAngles {
  readonly f?: number;
  readonly b?: number;
  readonly r?: number;
  readonly e?: number;
  /** Where the hand points, in the world with x outward; along the forearm where left out. */
  readonly hand?: Vec;
}
/** A hand on the body or at a point; x counts outward from the middle. */
export interface ArmGoal {
  readonly on?: Landmark;
  readonly at?: Vec;
  readonly hand?: Vec;
  /** Where the elbow goes, in the chest's frame with x outward. */
  readonly elbow?: Vec;
}
/** Where the bones of a limb point, in the frame of what it hangs on: between two unlike poses. */
export interface Pointing {
  readonly upper: Vec;
  readonly lower: Vec;
  readonly end: Vec;
  /** Where the thumb or the toes' upper side is. */
  readonly aside: Vec;
}
export type Arm = ArmAngles | ArmGoal | Pointing;

/** A leg by its angles: forward, away, turned out, knee bent, toes up. */
export interface LegAngles {
  readonly f?: number;
  readonly b?: number;
  readonly r?: number;
  readonly k?: number;
  readonly d?: number;
  /** Lies on the floor, however the hips are tipped: forward is found and not given. */
  readonly lies?: true;
  /** Knee and foot are equally low, however thigh and hips are tipped: the bend is found from `k` on. */
  readonly kneels?: true;
}
/** A planted foot: its heel's place with x outward, where the toes point, how far they are up. */
export interface LegGoal {
  readonly at: Vec;
  readonly out?: number;
  readonly up?: number;
  /** How far the knee goes out of the line, in degrees. */
  readonly open?: number;
}
export type Leg = LegAngles | LegGoal | Pointing;

/** How a whole body is put into the room. */
export type Rest =
  /** The middle of the hips is at this place. */
  | { readonly hips: Vec }
  /** Its lowest point lies at this height, with the hips over this place; or that of its trunk alone. */
  | {
      readonly low: number;
      readonly over: readonly [x: number, z: number];
      readonly trunk?: true;
    };

/** What is too small for a figure's size and is seen close: in degrees, but for the thumb. */
export interface Small {
  /** Bend of the fingers at the knuckles, and in their middle. */
  readonly knuckles?: number;
  readonly fingers?: number;
  /** How far apart the outer fingers are from each other. */
  readonly spread?: number;
  /** From 0, away from them, to 1, at the tip of the first finger; 4 is that of the last. */
  readonly thumb?: number;
  /** How far the forearm has turned the palm up. */
  readonly roll?: number;
  /** Toes up, and apart. */
  readonly toes?: number;
  readonly fan?: number;
  readonly jaw?: number;
  /** A shoe round the foot. */
  readonly shoe?: 1;
  /** How far what lies inside the pelvis is drawn up, or together: from 0 to 1. */
  readonly drawnUp?: number;
  readonly drawnIn?: number;
  /** How far a stick in the hand has turned out, in degrees from upright. */
  readonly stick?: number;
}

export interface Pose {
  readonly rest: Rest;
  /** Tipped forward, rolled to the left, facing left, turned about its own length, in degrees. */
  readonly pelvis: readonly [forward: number, left: number, facing: number, turn: number];
  readonly lumbar: Bend;
  readonly mid: Bend;
  readonly upper: Bend;
  readonly neck: Bend;
  readonly head: Bend;
  readonly arms: Readonly<Record<Side, Arm>>;
  readonly legs: Readonly<Record<Side, Leg>>;
  readonly small?: Small;
}

/** What a move changes of a pose; working sides are written as the right one. */
export interface PoseChange {
  /** Hips at this place, whatever the base rests on. */
  readonly hips?: Vec;
  /** Hips moved by this much. */
  readonly o?: Vec;
  /** The pelvis: forward, left, facing, turn. */
  readonly p?: readonly [number, number?, number?, number?];
  /** The whole back, shared out over its three joints. */
  readonly sp?: readonly [number, number?, number?];
  readonly lum?: Bend;
  readonly mid?: Bend;
  readonly up?: Bend;
  /** Neck and head together. */
  readonly nk?: readonly [number, number?, number?];
  readonly a?: Arm;
  readonly aR?: Arm;
  readonly aL?: Arm;
  readonly l?: Leg;
  readonly lR?: Leg;
  readonly lL?: Leg;
  readonly small?: Small;
}

const plus = (a: Bend, b: Bend): Bend => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
const share = ([f = 0, l = 0, t = 0]: readonly [number, number?, number?], by: Bend): Bend => [
  f * by[0],
  l * by[1],
  t * by[2],
];

/** A pose with a change laid over it. */
export function changed(pose: Pose, c: PoseChange): Pose {
  const { o, p, sp = [0], nk = [0] } = c;
  const { rest } = pose;
  return {
    rest: c.hips
      ? { hips: c.hips }
      : !o
        ? rest
        : 'hips' in rest
          ? { hips: moved(rest.hips, o) }
          : raised(rest, o),
    pelvis: p
      ? [
          pose.pelvis[0] + p[0],
          pose.pelvis[1] + (p[1] ?? 0),
          pose.pelvis[2] + (p[2] ?? 0),
          pose.pelvis[3] + (p[3] ?? 0),
        ]
      : pose.pelvis,
    lumbar: plus(plus(pose.lumbar, share(sp, [0.35, 0.34, 0.2])), c.lum ?? [0, 0, 0]),
    mid: plus(plus(pose.mid, share(sp, [0.35, 0.34, 0.4])), c.mid ?? [0, 0, 0]),
    upper: plus(plus(pose.upper, share(sp, [0.3, 0.32, 0.4])), c.up ?? [0, 0, 0]),
    neck: plus(pose.neck, share(nk, [0.55, 0.55, 0.5])),
    head: plus(pose.head, share(nk, [0.45, 0.45, 0.5])),
    arms: { left: c.aL ?? c.a ?? pose.arms.left, right: c.aR ?? c.a ?? pose.arms.right },
    legs: { left: c.lL ?? c.l ?? pose.legs.left, right: c.lR ?? c.l ?? pose.legs.right },
    ...(c.small && { small: c.small }),
  };
}

/** The same pose on the other side. */
export function mirrored(pose: Pose): Pose {
  const flip = ([f, l, t]: Bend): Bend => [f, -l, -t];
  const { rest, pelvis, arms, legs } = pose;
  return {
    rest:
      'hips' in rest
        ? { hips: [-rest.hips[0], rest.hips[1], rest.hips[2]] }
        : { ...rest, over: [-rest.over[0], rest.over[1]] },
    pelvis: [pelvis[0], -pelvis[1], -pelvis[2], -pelvis[3]],
    lumbar: flip(pose.lumbar),
    mid: flip(pose.mid),
    upper: flip(pose.upper),
    neck: flip(pose.neck),
    head: flip(pose.head),
    arms: { left: arms.right, right: arms.left },
    legs: { left: legs.right, right: legs.left },
    ...(pose.small && { small: pose.small }),
  };
}

const moved = (a: Vec, b: Vec): Vec => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
const raised = (rest: Extract<Rest, { low: number }>, [x, y, z]: Vec): Rest => ({
  ...rest,
  low: rest.low + y,
  over: [rest.over[0] + x, rest.over[1] + z],
});

import { SIDES, type Side } from '@/core/body';
import { posesOf, type Drawn } from './figure';
import {
  mirrored,
  type Arm,
  type Bend,
  type Leg,
  type LegGoal,
  type Pointing,
  type Pose,
  type Rest,
  type Small,
} from './pose';
import { isGoal, solve, type Body } from './solve';
import {
  add,
  along,
  dot,
  into,
  length,
  lerp,
  scale,
  square,
  sub,
  unit,
  type Frame,
  type Vec,
} from './vec';

const mix = (a: number, b: number, t: number) => a + (b - a) * t;
const bend = (a: Bend, b: Bend, t: number): Bend => [
  mix(a[0], b[0], t),
  mix(a[1], b[1], t),
  mix(a[2], b[2], t),
];

/** Between two that rest in unlike ways, the hips go the straight way. */
function restBetween(a: Rest, b: Rest, hips: readonly [Vec, Vec], t: number): Rest {
  if ('low' in a && 'low' in b) {
    const over = [mix(a.over[0], b.over[0], t), mix(a.over[1], b.over[1], t)] as const;
    return { ...a, low: mix(a.low, b.low, t), over };
  }
  return { hips: lerp(hips[0], hips[1], t) };
}

/** From one direction to another by the shorter way round. */
function turnedTo(a: Vec, b: Vec, t: number): Vec {
  const between = Math.acos(Math.min(1, Math.max(-1, dot(a, b))));
  if (between < 1e-4) return a;
  // Right about: any way round is the shorter one.
  if (between > Math.PI - 1e-3) {
    return turnedTo(
      turnedTo(a, unit(square([0, 0.3, 1], a)), Math.min(1, 2 * t)),
      b,
      Math.max(0, 2 * t - 1),
    );
  }
  const from = Math.sin((1 - t) * between) / Math.sin(between);
  const to = Math.sin(t * between) / Math.sin(between);
  return unit(add(scale(a, from), scale(b, to)));
}

function pointingBetween(a: Pointing, b: Pointing, t: number): Pointing {
  const end = turnedTo(a.end, b.end, t);
  return {
    upper: turnedTo(a.upper, b.upper, t),
    lower: turnedTo(a.lower, b.lower, t),
    end,
    aside: unit(square(turnedTo(a.aside, b.aside, t), end)),
  };
}

const towards = (frame: Frame, from: Vec, to: Vec): Vec => unit(into(frame, sub(to, from)));

function armPointing({ arms, upper }: Body, side: Side): Pointing {
  const { shoulder, elbow, wrist, tip, thumb } = arms[side];
  const end = towards(upper, wrist, tip);
  return {
    upper: towards(upper, shoulder, elbow),
    lower: towards(upper, elbow, wrist),
    end,
    aside: unit(square(towards(upper, wrist, thumb), end)),
  };
}

function legPointing({ legs, pelvis }: Body, side: Side): Pointing {
  const { hip, knee, ankle, heel, ball, toe } = legs[side];
  const up = unit(square(sub(ankle, heel), unit(sub(toe, ball))));
  return {
    upper: towards(pelvis, hip, knee),
    lower: towards(pelvis, knee, ankle),
    end: towards(pelvis, heel, ball),
    aside: unit(into(pelvis, up)),
  };
}

const NUMBERS = ['f', 'b', 'r', 'e', 'k', 'd'] as const;
type Angles = { readonly [K in (typeof NUMBERS)[number]]?: number } & {
  readonly lies?: true;
  readonly kneels?: true;
};

function anglesBetween(a: Angles, b: Angles, t: number): Angles {
  const mixed = NUMBERS.map((key) => [key, mix(a[key] ?? 0, b[key] ?? 0, t)] as const);
  return {
    ...Object.fromEntries(mixed),
    ...((a.lies || b.lies) && { lies: true }),
    ...(a.kneels && { kneels: true }),
  };
}

const isPlanted = (own: Leg): own is LegGoal => 'at' in own;

/** Where a hand points, with x outward. */
function handOf({ arms }: Body, side: Side): Vec {
  const [x, y, z] = unit(sub(arms[side].tip, arms[side].wrist));
  return [side === 'left' ? x : -x, y, z];
}

/** How one limb goes from a pose to the next: undefined where only its bones can tell. */
function armWay(
  [a, from]: readonly [Arm, Body],
  [b, to]: readonly [Arm, Body],
  side: Side,
): ((t: number) => Arm) | undefined {
  if (a === b) return () => a;
  if (isGoal(a) && isGoal(b)) {
    const { at } = a;
    if (at && b.at) {
      const aim = b.at;
      const isLed = a.hand ?? b.hand;
      const [hand, toHand] = [a.hand ?? handOf(from, side), b.hand ?? handOf(to, side)];
      return (t) => ({
        ...a,
        at: lerp(at, aim, t),
        ...(isLed && { hand: unit(lerp(hand, toHand, t)) }),
      });
    }
    const elbow = a.elbow ?? [0.55, -0.5, -0.7];
    const toElbow = b.elbow ?? [0.55, -0.5, -0.7];
    return a.on && a.on === b.on ? (t) => ({ ...a, elbow: lerp(elbow, toElbow, t) }) : undefined;
  }
  if (isGoal(a) || isGoal(b) || 'upper' in a || 'upper' in b) return undefined;
  return a.hand || b.hand ? undefined : (t) => anglesBetween(a, b, t);
}

function legWay(a: Leg, b: Leg): ((t: number) => Leg) | undefined {
  if (a === b) return () => a;
  if (isPlanted(a) && isPlanted(b)) {
    const number = (key: 'out' | 'up' | 'open', usual: number, t: number) =>
      mix(a[key] ?? usual, b[key] ?? usual, t);
    return (t) => ({
      at: lerp(a.at, b.at, t),
      out: number('out', 6, t),
      up: number('up', 0, t),
      open: number('open', 0, t),
    });
  }
  if (isPlanted(a) || isPlanted(b) || 'upper' in a || 'upper' in b) return undefined;
  return a.kneels === b.kneels ? (t) => anglesBetween(a, b, t) : undefined;
}

function smallBetween(a: Small = {}, b: Small = {}, t: number): Small {
  const keys = new Set([...Object.keys(a), ...Object.keys(b)] as (keyof Small)[]);
  return Object.fromEntries([...keys].map((key) => [key, mix(a[key] ?? 0, b[key] ?? 0, t)]));
}

type Way = (t: number) => Pose;

function wayBetween(a: Pose, b: Pose): Way {
  const [from, to] = [solve(a), solve(b)];
  const arms = SIDES.map((side) => {
    const own = armWay([a.arms[side], from], [b.arms[side], to], side);
    if (own) return own;
    const [one, other] = [armPointing(from, side), armPointing(to, side)];
    return (t: number): Arm => pointingBetween(one, other, t);
  });
  const legs = SIDES.map((side) => {
    const own = legWay(a.legs[side], b.legs[side]);
    if (own) return own;
    const [one, other] = [legPointing(from, side), legPointing(to, side)];
    return (t: number): Leg => pointingBetween(one, other, t);
  });
  const bySide = <T>(ways: readonly ((t: number) => T)[], t: number) =>
    Object.fromEntries(SIDES.map((side, i) => [side, ways[i]?.(t)])) as Record<Side, T>;
  return (t) => ({
    rest: restBetween(a.rest, b.rest, [from.hips, to.hips], t),
    pelvis: [
      mix(a.pelvis[0], b.pelvis[0], t),
      mix(a.pelvis[1], b.pelvis[1], t),
      mix(a.pelvis[2], b.pelvis[2], t),
      mix(a.pelvis[3], b.pelvis[3], t),
    ],
    lumbar: bend(a.lumbar, b.lumbar, t),
    mid: bend(a.mid, b.mid, t),
    upper: bend(a.upper, b.upper, t),
    neck: bend(a.neck, b.neck, t),
    head: bend(a.head, b.head, t),
    arms: bySide(arms, t),
    legs: bySide(legs, t),
    ...((a.small || b.small) && { small: smallBetween(a.small, b.small, t) }),
  });
}

/** The chest lifts a little as it fills. */
function breathed(pose: Pose, breath: number): Pose {
  const lifted = ([f, l, t]: Bend, by: number): Bend => [f - by * breath, l, t];
  return { ...pose, mid: lifted(pose.mid, 1.2), upper: lifted(pose.upper, 1.8) };
}

/** Further apart than this, two poses are not taken for one another's mirror. */
const ALIKE = 1.5;

function isMirror(a: Pose | undefined, b: Pose | undefined): boolean {
  if (!a || !b || a === b) return false;
  const [own, other, turned] = [solve(a), solve(b), solve(mirrored(b))];
  const nose = ({ back, hips, skull }: Body) => along(back[5] ?? hips, skull[2], 10);
  const apart = (one: Body, two: Body) =>
    Math.max(
      length(sub(nose(one), nose(two))),
      ...SIDES.flatMap((side) => [
        length(sub(one.arms[side].wrist, two.arms[side].wrist)),
        length(sub(one.legs[side].ankle, two.legs[side].ankle)),
        length(sub(one.legs[side].knee, two.legs[side].knee)),
      ]),
    );
  return apart(own, turned) < ALIKE && apart(own, other) > 2 * ALIKE;
}

/** A move's way through its key poses. */
export interface Motion {
  readonly keys: number;
  /**
   * The body at a place between the key poses: 0 is the first, 1 the second, 0.5 half way; and how
   * full it is of breath, 0 to 1.
   */
  readonly at: (place: number, breath?: number) => Body;
  /** Whether it ends as the mirror of how it begins: one way is one rep, the other side the next. */
  readonly isTurn: () => boolean;
}

/** @example motionOf(drawn).at(0.5) */
export function motionOf(drawn: Drawn): Motion {
  const poses = posesOf(drawn);
  const last = poses.length - 1;
  const ways = new Map<number, Way>();
  const wayFrom = (at: number): Way => {
    const known = ways.get(at);
    if (known) return known;
    const [a, b] = [poses[at], poses[at + 1]];
    const way: Way = a && b ? wayBetween(a, b) : () => poses[at] ?? poses[0]!;
    ways.set(at, way);
    return way;
  };
  return {
    keys: poses.length,
    isTurn: () => isMirror(poses[0], poses[last]),
    at: (place, breath = 0) => {
      const inside = Math.min(last, Math.max(0, place));
      const whole = Math.min(Math.floor(inside), Math.max(0, last - 1));
      const t = inside - whole;
      const exact = t === 0 ? poses[whole] : t === 1 ? poses[whole + 1] : undefined;
      const pose = exact ?? wayFrom(whole)(t);
      return solve(breath > 0 ? breathed(pose, breath) : pose);
    },
  };
}

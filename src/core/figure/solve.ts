import { SIDES, type Side } from '@/core/body';
import { BONE, HEIGHT, NEUTRAL, ROUND, TRUNK } from './body';
import type { Arm, ArmGoal, Bend, Landmark, Leg, Pose, Small } from './pose';
import {
  add,
  along,
  cross,
  dot,
  frameAlong,
  into,
  inside,
  length,
  lerp,
  outOf,
  scale,
  square,
  sub,
  turned,
  turnedAbout,
  turns,
  unit,
  type Frame,
  type Vec,
} from './vec';

export interface ArmBones {
  readonly shoulder: Vec;
  readonly elbow: Vec;
  readonly wrist: Vec;
  readonly tip: Vec;
  readonly thumb: Vec;
  /** How far the hand fell short of where it was to be. */
  readonly short: number;
}
export interface LegBones {
  readonly hip: Vec;
  readonly knee: Vec;
  readonly ankle: Vec;
  readonly heel: Vec;
  readonly ball: Vec;
  readonly toe: Vec;
  readonly short: number;
}

/** A body in the room: where its joints are, and how its parts are turned. */
export interface Body {
  readonly hips: Vec;
  readonly pelvis: Frame;
  readonly lumbar: Frame;
  readonly mid: Frame;
  readonly upper: Frame;
  readonly skull: Frame;
  /** From the hips up: L5, two joints of the back, C7, the top of the neck, the middle of the skull. */
  readonly back: readonly Vec[];
  readonly arms: Readonly<Record<Side, ArmBones>>;
  readonly legs: Readonly<Record<Side, LegBones>>;
  readonly small: Small;
}

const RADIANS = Math.PI / 180;
const FLOOR = 0;
/** While it is still to be found how high a body lies. */
const NO_FLOOR = -1e9;
/** Hips this low are on a seat, and stay there. */
const SITTING = 40;
/** An elbow folds to here: the hand comes no nearer to its shoulder. */
const FOLDED = 8.7;
/** A knee folds to here. */
const KNEE_FOLDED = 156;
/** How far a hand bends to its forearm, and toes come up to the shin, in degrees. */
const WRIST = 95;
const TOES_UP = 40;
const REACH = BONE.upperArm + BONE.forearm;

const out = (side: Side) => (side === 'left' ? 1 : -1);
const mirror = (v: Vec, side: Side): Vec => [v[0] * out(side), v[1], v[2]];

/** Forward about x, to the left about z, and to the left about its own length. */
const bent = ([forward, left, turn]: Bend, own = 0): Frame =>
  turns(turned('y', turn), turned('z', -left), turned('x', forward + own));

/** Puts a pose into the room. Bones keep their lengths; goals out of reach are gone towards. */
export function solve(pose: Pose): Body {
  const { rest } = pose;
  if ('hips' in rest) {
    // Who steps further than the legs are long comes down a little.
    let { hips } = rest;
    let body = standAt(pose, hips, FLOOR);
    for (let i = 0; i < 6; i++) {
      const { left, right } = body.legs;
      const short = Math.max(left.short, right.short);
      if (short < 0.05 || hips[1] < SITTING) break;
      hips = [hips[0], hips[1] - short - 0.1, hips[2]];
      body = standAt(pose, hips, FLOOR);
    }
    return body;
  }
  // A body that lies on something is put there at its lowest point, whatever that is.
  let body = standAt(pose, [rest.over[0], rest.low + 50, rest.over[1]], NO_FLOOR);
  for (let i = 0; i < 2; i++) {
    const own = rest.trunk ? lowestOfTrunk(body) : lowest(body, pose);
    body = standAt(
      pose,
      [rest.over[0], body.hips[1] - (own - rest.low), rest.over[1]],
      i === 0 ? NO_FLOOR : FLOOR,
    );
  }
  return body;
}

function standAt(pose: Pose, hips: Vec, floor: number): Body {
  const [forward, left, facing, turn] = pose.pelvis;
  const pelvis = turns(
    turned('y', facing),
    turned('x', forward),
    turned('z', -left),
    turned('y', turn),
  );
  const lumbar = inside(pelvis, bent(pose.lumbar, NEUTRAL.lumbar));
  const mid = inside(lumbar, bent(pose.mid, NEUTRAL.mid));
  const upper = inside(mid, bent(pose.upper, NEUTRAL.upper));
  const neck = inside(upper, bent(pose.neck, NEUTRAL.neck));
  const skull = inside(neck, bent(pose.head, NEUTRAL.head));
  const l5 = along(hips, pelvis[1], BONE.pelvis);
  const t12 = along(l5, lumbar[1], BONE.lumbar);
  const t6 = along(t12, mid[1], BONE.mid);
  const c7 = along(t6, upper[1], BONE.upper);
  const top = along(c7, neck[1], BONE.neck);
  const middle = along(along(top, skull[1], BONE.skull), skull[2], 1.4);
  const back = [l5, t12, t6, c7, top, middle];
  const trunk = { hips, pelvis, lumbar, mid, upper, skull, back };
  const legs = {
    left: leg(pose.legs.left, 'left', hips, pelvis, floor),
    right: leg(pose.legs.right, 'right', hips, pelvis, floor),
  };
  const half = { ...trunk, legs, small: pose.small ?? {} };
  // One hand may lie on the other: the one with its own goal comes first.
  const first: Side = isOnOther(pose.arms.left) ? 'right' : 'left';
  const second: Side = first === 'left' ? 'right' : 'left';
  const one = above(arm(pose.arms[first], first, half), first, half, floor);
  const other = above(arm(pose.arms[second], second, half, one), second, half, floor);
  return {
    ...half,
    arms: first === 'left' ? { left: one, right: other } : { left: other, right: one },
  };
}

export const isGoal = (own: Arm): own is ArmGoal => 'on' in own || 'at' in own;

const isOnOther = (own: Arm) =>
  'on' in own && (own.on === 'other-elbow' || own.on === 'other-hand');

/** A direction that is at most so many degrees from another. */
function within(degrees: number, way: Vec, from: Vec): Vec {
  const [cos, sin] = [Math.cos(degrees * RADIANS), Math.sin(degrees * RADIANS)];
  if (dot(way, from) >= cos) return way;
  return add(scale(from, cos), scale(unit(square(way, from)), sin));
}

/** How much further than they go toes would have to come up to the shin, in degrees. */
function tooFarUp(
  knee: Vec,
  { ankle, heel, toe }: Pick<LegBones, 'ankle' | 'heel' | 'toe'>,
): number {
  const cos = dot(unit(sub(knee, ankle)), unit(sub(toe, heel)));
  return 90 - Math.acos(Math.min(1, Math.max(-1, cos))) / RADIANS - TOES_UP;
}

/** Where a chain of two bones bends, and how far it falls short. */
function bendOf(
  from: Vec,
  to: Vec,
  a: number,
  b: number,
  hint: Vec,
  least = 0,
): { at: Vec; end: Vec; short: number } {
  const way = sub(to, from);
  const far = length(way);
  const reach = Math.min(Math.max(far, Math.abs(a - b) + 0.01, least), a + b - 0.001);
  const line = unit(way);
  const before = (reach * reach + a * a - b * b) / (2 * reach);
  const off = Math.sqrt(Math.max(0, a * a - before * before));
  const aside = unit(square(hint, line));
  return {
    at: add(along(from, line, before), scale(aside, off)),
    end: along(from, line, reach),
    short: Math.abs(far - reach),
  };
}

const FOOT: Readonly<Record<'heel' | 'ball' | 'toe', Vec>> = {
  heel: [0, ROUND.heel - BONE.ankle, -2.6],
  ball: [0, ROUND.ball - BONE.ankle, 7.4],
  toe: [0, ROUND.toe - BONE.ankle, 11],
};

function foot(ankle: Vec, frame: Frame): Pick<LegBones, 'heel' | 'ball' | 'toe'> {
  return {
    heel: add(ankle, outOf(frame, FOOT.heel)),
    ball: add(ankle, outOf(frame, FOOT.ball)),
    toe: add(ankle, outOf(frame, FOOT.toe)),
  };
}

/** The foot with its toes turned up as far as the floor asks, and the ankle lets them. */
function footAbove(
  floor: number,
  knee: Vec,
  ankle: Vec,
  frame: Frame,
): Pick<LegBones, 'heel' | 'ball' | 'toe'> {
  let last = foot(ankle, frame);
  for (let up = 0; up <= 60; up += 4) {
    const own = foot(ankle, inside(frame, turned('x', -up)));
    if (up > 0 && tooFarUp(knee, { ankle, ...own }) > 0) return last;
    last = own;
    if (own.toe[1] > floor + ROUND.toe - 0.4 && own.ball[1] > floor + ROUND.ball - 0.4) return own;
  }
  return last;
}

/** The least angle between two that is no longer short, found by halving what is left to look through. */
function halved(from: number, to: number, isShort: (angle: number) => boolean): number {
  let [low, high] = [from, to];
  for (let i = 0; i < 18; i++) {
    const tried = (low + high) / 2;
    if (isShort(tried)) low = tried;
    else high = tried;
  }
  return high;
}

function leg(own: Leg, side: Side, hips: Vec, pelvis: Frame, floor: number): LegBones {
  const hip = along(hips, pelvis[0], BONE.hipHalf * out(side));
  if ('at' in own) {
    const { out: heading = 6, up = 0, open = 0 } = own;
    const frame = turns(turned('y', heading * out(side)), turned('x', -up));
    // The place is where the heel touches: the ankle turns about it.
    const touch = add(mirror(own.at, side), [0, ROUND.heel, 0]);
    const set = sub(touch, outOf(frame, FOOT.heel));
    // Toes that point down stand on the floor, and carry the heel.
    const toes = Math.min(
      set[1] + outOf(frame, FOOT.toe)[1] - ROUND.toe,
      set[1] + outOf(frame, FOOT.ball)[1] - ROUND.ball,
    );
    const aim: Vec = [set[0], set[1] + Math.max(0, -toes), set[2]];
    const way = unit(sub(aim, hip));
    const hint = turnedAbout(unit(cross(way, pelvis[0])), way, -open * out(side));
    const { at: knee, end: ankle, short } = bendOf(hip, aim, BONE.thigh, BONE.shank, hint);
    const planted = { hip, knee, ankle, ...foot(ankle, frame), short };
    const over = tooFarUp(knee, planted);
    // The heel comes off the floor before the ankle bends further than it can.
    return over > 1 && up > -80
      ? leg({ ...own, up: up - Math.max(4, over / 2) }, side, hips, pelvis, floor)
      : planted;
  }
  if ('upper' in own) {
    const straight = along(hip, outOf(pelvis, own.upper), BONE.thigh);
    const free = along(straight, outOf(pelvis, own.lower), BONE.shank);
    const shin = outOf(pelvis, own.lower);
    const end = within(90 + TOES_UP, outOf(pelvis, own.end), shin);
    const frame = frameAlong(outOf(pelvis, own.aside), end);
    const { heel, ball, toe } = footAbove(floor, straight, free, frame);
    const under = floor - Math.min(heel[1] - ROUND.heel, ball[1] - ROUND.ball, toe[1] - ROUND.toe);
    // Between two poses a foot goes along the floor and not through it.
    const aim = add(free, [0, Math.max(0, under), 0]);
    const hint = sub(straight, lerp(hip, free, 0.5));
    const { at: knee, end: ankle } = bendOf(hip, aim, BONE.thigh, BONE.shank, hint);
    return { hip, knee, ankle, ...footAbove(floor, knee, ankle, frame), short: 0 };
  }
  if (own.lies) {
    const f = halved((own.f ?? 0) - 60, (own.f ?? 0) + 60, (f) => {
      const tried = leg({ ...own, f, lies: undefined }, side, hips, pelvis, NO_FLOOR);
      const under = Math.min(
        tried.knee[1] - ROUND.knee,
        tried.ankle[1] - ROUND.ankle,
        tried.heel[1] - ROUND.heel,
        tried.toe[1] - ROUND.toe,
      );
      return under < floor;
    });
    return leg({ ...own, f, lies: undefined }, side, hips, pelvis, NO_FLOOR);
  }
  if (own.kneels) {
    const k = own.k ?? 90;
    const bend = halved(k - 50, Math.min(KNEE_FOLDED, k + 50), (k) => {
      const tried = leg({ ...own, k, kneels: undefined }, side, hips, pelvis, NO_FLOOR);
      const foot = Math.min(tried.ankle[1] - ROUND.ankle, tried.toe[1] - ROUND.toe);
      return foot < tried.knee[1] - ROUND.knee;
    });
    return leg({ ...own, k: bend, kneels: undefined }, side, hips, pelvis, floor);
  }
  const { f = 0, b = 0, r = 0, k = 0, d = 0 } = own;
  const thigh = inside(
    pelvis,
    turns(turned('x', -f), turned('z', b * out(side)), turned('y', r * out(side))),
  );
  const knee = along(hip, thigh[1], -BONE.thigh);
  const shank = inside(thigh, turned('x', k));
  const ankle = along(knee, shank[1], -BONE.shank);
  const frame = inside(shank, turned('x', -d));
  return { hip, knee, ankle, ...footAbove(floor, knee, ankle, frame), short: 0 };
}

type Half = Omit<Body, 'arms'>;

/** An arm that would be under the floor lies on it, with its elbow up. */
function above(own: ArmBones, side: Side, half: Half, floor: number): ArmBones {
  const { elbow, wrist, tip } = own;
  const under = Math.min(wrist[1] - ROUND.wrist, tip[1] - ROUND.finger, elbow[1] - ROUND.elbow);
  if (under > floor - 0.3) return own;
  const palm = lerp(wrist, tip, 0.5);
  const way = sub(tip, wrist);
  const at = mirror([palm[0], Math.max(palm[1], floor + ROUND.palm), palm[2]], side);
  const hand = mirror(unit([way[0], Math.max(0, way[1]), way[2]]), side);
  return arm({ at, hand, elbow: mirror(into(half.upper, [0, 1, 0]), side) }, side, half);
}

/** Where the fingers touch and not the palm. */
const BY_FINGERS: readonly Landmark[] = [
  'shoulder',
  'ribs',
  'nape',
  'temple',
  'chin',
  'brow',
  'hip',
];

/** Shoulders travel: up and in as the arm goes over the head, forward as it reaches. */
function shoulderOf({ upper, back }: Half, side: Side, arm: Vec): Vec {
  const c7 = back[3] ?? [0, 0, 0];
  const up = Math.min(1, Math.max(0, (dot(arm, upper[1]) + 0.64) / 1.6));
  const forward = Math.max(0, dot(arm, upper[2]));
  return add(
    c7,
    outOf(upper, [
      (BONE.shoulderHalf - 1.8 * up) * out(side),
      -BONE.shoulderDrop + 3.6 * up,
      0.4 + 1.4 * forward,
    ]),
  );
}

function arm(own: Arm, side: Side, half: Half, other?: ArmBones): ArmBones {
  const { upper } = half;
  if ('upper' in own) {
    const bone = outOf(upper, own.upper);
    const shoulder = shoulderOf(half, side, bone);
    const elbow = along(shoulder, bone, BONE.upperArm);
    const wrist = along(elbow, outOf(upper, own.lower), BONE.forearm);
    const points = within(WRIST, own.end, own.lower);
    return {
      ...{ shoulder, elbow, wrist, short: 0 },
      ...hands(wrist, outOf(upper, points), outOf(upper, own.aside)),
    };
  }
  if (!isGoal(own)) {
    const { f = 0, b = 0, r = 0, e = 0, hand } = own;
    const bone = inside(
      upper,
      turns(turned('x', -f), turned('z', b * out(side)), turned('y', r * out(side))),
    );
    const shoulder = shoulderOf(half, side, scale(bone[1], -1));
    const elbow = along(shoulder, bone[1], -BONE.upperArm);
    const fore = inside(bone, turned('x', -e));
    const wrist = along(elbow, fore[1], -BONE.forearm);
    const points = hand ? unit(mirror(hand, side)) : scale(fore[1], -1);
    return { shoulder, elbow, wrist, ...hands(wrist, points, fore[2]), short: 0 };
  }
  const name = own.on ?? 'thigh';
  const { point, normal } = own.at
    ? { point: mirror(own.at, side), normal: undefined }
    : landmark(name, side, half, other);
  const touches = BONE.hand * (!own.at && BY_FINGERS.includes(name) ? 0.82 : 0.45);
  const hint = outOf(upper, mirror(own.elbow ?? [0.55, -0.5, -0.7], side));
  let shoulder = shoulderOf(half, side, [0, -1, 0]);
  let points = unit(sub(point, shoulder));
  let wrist = point;
  for (let i = 0; i < 3; i++) {
    shoulder = shoulderOf(half, side, unit(sub(wrist, shoulder)));
    const bend = bendOf(shoulder, wrist, BONE.upperArm, BONE.forearm, hint, FOLDED);
    const fore = unit(sub(wrist, bend.at));
    if (own.hand) points = unit(mirror(own.hand, side));
    else if (BY_FINGERS.includes(name) && !own.at)
      points = unit(add(fore, scale(unit(sub(point, wrist)), 1.4)));
    else if (normal) points = unit(square(fore, normal));
    else points = fore;
    if (!own.at) points = within(WRIST, points, fore);
    // The palm, not the wrist, comes to the place.
    const palm = normal ? along(point, normal, ROUND.palm * 0.8) : point;
    wrist = along(palm, points, -touches);
  }
  const { at, end, short } = bendOf(shoulder, wrist, BONE.upperArm, BONE.forearm, hint, FOLDED);
  if (!own.at) points = within(WRIST, points, unit(sub(end, at)));
  return { shoulder, elbow: at, wrist: end, ...hands(end, points, upper[2]), short };
}

function hands(wrist: Vec, points: Vec, thumbWay: Vec): Pick<ArmBones, 'tip' | 'thumb'> {
  const aside = unit(square(thumbWay, points));
  return {
    tip: along(wrist, points, BONE.hand * 0.86),
    thumb: add(along(wrist, points, BONE.hand * 0.36), scale(aside, 2.6)),
  };
}

/** A place on the body and the way out of it. */
function landmark(
  name: Landmark,
  side: Side,
  half: Half,
  otherArm: ArmBones | undefined,
): { readonly point: Vec; readonly normal: Vec | undefined } {
  const far: Side = side === 'left' ? 'right' : 'left';
  const { legs, upper, lumbar, pelvis, skull, back, hips } = half;
  const [l5 = hips, t12 = hips, t6 = hips, c7 = hips, top = hips, middle = hips] = back;
  const own = name.startsWith('other-') ? legs[far] : legs[side];
  const above: Vec = unit(add(pelvis[2], scale(pelvis[1], 0.9)));
  const before = (bone: LegBones) => cross(unit(sub(bone.ankle, bone.knee)), pelvis[0]);
  const shoulder = shoulderOf(half, side, [0, -1, 0]);
  /** On a bone as far down as is asked, or as far as the hand comes. */
  const onBone = (a: Vec, b: Vec, part: number, round: number, way: Vec) => {
    const normal = unit(square(way, unit(sub(b, a))));
    const at = (some: number) => along(lerp(a, b, some), normal, round);
    let some = part;
    while (some > 0.15 && length(sub(at(some), shoulder)) > REACH + 1) some -= 0.04;
    return { point: at(some), normal };
  };
  const onLeg = (some: LegBones, part: number, round: number) => {
    const low = onBone(some.knee, some.ankle, part, round, before(some));
    const isNear = length(sub(low.point, shoulder)) <= REACH + 1.6;
    return isNear ? low : onBone(some.hip, some.knee, 0.97, ROUND.knee, above);
  };
  const onTrunk = (at: Vec, frame: Frame, local: Vec) => {
    const normal = unit(outOf(frame, mirror(local, side)));
    return { point: add(at, outOf(frame, mirror(local, side))), normal };
  };
  switch (name) {
    case 'thigh':
    case 'other-thigh':
      return onBone(own.hip, own.knee, 0.66, ROUND.thighMid * 0.9, above);
    case 'lap':
      return onBone(own.hip, own.knee, 0.34, ROUND.thighTop, above);
    case 'knee':
    case 'other-knee':
      return onBone(own.hip, own.knee, 0.97, ROUND.knee, above);
    case 'behind-thigh':
      return onBone(own.hip, own.knee, 0.72, ROUND.thighMid * 0.8, scale(above, -1));
    case 'inner-knee':
      return onBone(own.hip, own.knee, 0.9, ROUND.knee, scale(pelvis[0], -out(side)));
    case 'shin':
      return onLeg(own, 0.55, ROUND.calf);
    case 'ankle':
    case 'other-ankle':
      return onLeg(own, 0.95, ROUND.ankle);
    case 'foot':
      return { point: lerp(own.ball, own.ankle, 0.3), normal: undefined };
    case 'hip':
      return onTrunk(along(hips, pelvis[1], 6), pelvis, [9.3, 0, 0.5]);
    case 'belly':
      return onTrunk(l5, lumbar, [1, 1, 7]);
    case 'ribs':
      return onTrunk(t12, lumbar, [8.4, 0, 2.5]);
    case 'chest':
      return onTrunk(t6, upper, [-2, 4, 7]);
    case 'low-back':
      return onTrunk(t12, lumbar, [2, -4, -7]);
    case 'other-shoulder':
      return onTrunk(c7, upper, [-8.6, -3.2, 3]);
    case 'shoulder':
      return onTrunk(c7, upper, [8.8, -1, 2.6]);
    case 'brow':
      return onTrunk(middle, skull, [1.6, 2.4, 5.6]);
    case 'chin':
      return onTrunk(middle, skull, [1, -5.4, 4.6]);
    case 'temple':
      return onTrunk(middle, skull, [-4.6, 2.6, 0]);
    case 'nape':
      return onTrunk(top, skull, [2, 3, -5]);
    case 'seat-side':
      return {
        point: add(hips, mirror([13, HEIGHT.seat - hips[1] + 1, 1], side)),
        normal: [0, 1, 0],
      };
    case 'seat-front':
      return {
        point: add(hips, mirror([12, HEIGHT.seat - hips[1] + 1, 9], side)),
        normal: [0, 1, 0],
      };
    case 'armrest':
      return { point: add(hips, mirror([14, 11.5, 9], side)), normal: [0, 1, 0] };
    case 'other-elbow':
      return {
        point: otherArm ? lerp(otherArm.elbow, otherArm.wrist, 0.12) : c7,
        normal: undefined,
      };
    case 'other-hand':
      return { point: otherArm ? lerp(otherArm.wrist, otherArm.tip, 0.5) : c7, normal: undefined };
  }
}

/** One round part of a body, for outlines and for what lies on what. */
export interface Ball {
  readonly at: Vec;
  readonly r: number;
}
/** A round part that is wider than it is deep. */
export interface Oval {
  readonly at: Vec;
  readonly frame: Frame;
  readonly half: Vec;
}

/** The trunk from the seat up to the neck. */
export function trunkOf({ hips, pelvis, lumbar, mid, upper, back }: Body): readonly Oval[] {
  const [l5 = hips, t12 = hips, t6 = hips, c7 = hips] = back;
  const oval = (at: Vec, frame: Frame, [w, d, set]: readonly number[], h = 5): Oval => ({
    at: along(at, frame[2], set ?? 0),
    frame,
    half: [w ?? 0, h, d ?? 0],
  });
  const half = (a: Frame, b: Frame): Frame => {
    const y = unit(add(a[1], b[1]));
    return frameAlong(y, unit(add(a[2], b[2])));
  };
  return [
    oval(along(hips, pelvis[1], -1.2), pelvis, TRUNK.seat, 5.6),
    oval(along(hips, pelvis[1], 3), pelvis, TRUNK.hip),
    oval(l5, half(pelvis, lumbar), TRUNK.waist),
    oval(t12, half(lumbar, mid), TRUNK.ribs),
    oval(t6, half(mid, upper), TRUNK.chest),
    oval(along(c7, upper[1], -3.6), upper, TRUNK.top, 3.4),
  ];
}

/**
 * The lowest point of what a body rests on: its trunk and the legs it kneels on. Hands, and legs on
 * their way, find the floor themselves.
 */
function lowest(body: Body, { legs }: Pick<Pose, 'legs'>): number {
  const kneels = SIDES.filter((side) => !('at' in legs[side] || 'upper' in legs[side]));
  const rests = kneels.length > 0 ? kneels : SIDES.filter((side) => !('at' in legs[side]));
  const balls = rests.flatMap((side) => legBalls(body, side));
  return Math.min(lowestOfTrunk(body), ...balls.map(({ at, r }) => at[1] - r));
}

/** The lowest point of trunk and head. */
export function lowestOfTrunk(body: Body): number {
  const ovals = trunkOf(body).map(({ at, frame, half }) => {
    const [x, y, z] = into(frame, [0, 1, 0]);
    return at[1] - Math.hypot(x * half[0], y * half[1], z * half[2]);
  });
  const head = body.back[5] ?? body.hips;
  return Math.min(...ovals, head[1] - 5.4);
}

const legBalls = ({ legs }: Body, side: Side): readonly Ball[] => [
  { at: legs[side].hip, r: ROUND.thighTop },
  { at: legs[side].knee, r: ROUND.knee },
  { at: legs[side].ankle, r: ROUND.ankle },
  { at: legs[side].heel, r: ROUND.heel },
  { at: legs[side].ball, r: ROUND.ball },
  { at: legs[side].toe, r: ROUND.toe },
];

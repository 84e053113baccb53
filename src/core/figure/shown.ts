import { SIDES, type Load, type Side } from '@/core/body';
import { HEIGHT, ROUND } from './body';
import type { Arm, Landmark, Pose } from './pose';
import { isGoal, lowestOfTrunk, solve, type Body } from './solve';
import { dot, into, sub, turned, turns, unit, type Vec } from './vec';

const DEGREES = 180 / Math.PI;
const outward = (side: Side) => (side === 'left' ? 1 : -1);
const angle = (a: Vec, b: Vec) =>
  Math.acos(Math.min(1, Math.max(-1, dot(unit(a), unit(b))))) * DEGREES;

/** Below this a knee is as good as straight, and the foot tells how the hip is turned. */
const STRAIGHT_KNEE = 25;

interface LegMeasures {
  /** Of the hip, in the plane of the pelvis; behind it below nought. */
  readonly forward: number;
  readonly away: number;
  /** Turned out; in below nought. A thigh that falls out while it is bent up counts as turned out. */
  readonly turnedOut: number;
  readonly knee: number;
  /** How far knee or ankle are past the middle, unless the knee points away, as in a figure four. */
  readonly across: number;
  /** Lowest of foot and knee over the floor. */
  readonly clear: number;
  readonly kneels: boolean;
  /** Toes towards the shin; pointed below nought. */
  readonly toesUp: number;
  /** How far the heel is up over toes that are down, or the toes over a heel that is. */
  readonly onEnd: number;
}

function legMeasures(body: Body, side: Side): LegMeasures {
  const { hips, pelvis, legs } = body;
  const { hip, knee, ankle, heel, ball, toe } = legs[side];
  const thigh = into(pelvis, unit(sub(knee, hip)));
  const away = Math.asin(Math.min(1, Math.max(-1, thigh[0] * outward(side)))) * DEGREES;
  const raw = Math.atan2(thigh[2], -thigh[1]) * DEGREES;
  // A thigh drawn right up has come round from the front.
  const forward = raw < -100 ? raw + 360 : raw;
  const carried = turns(turned('x', -forward), turned('z', away * outward(side)));
  const fold = angle(sub(knee, hip), sub(ankle, knee));
  const points = fold > STRAIGHT_KNEE ? sub(ankle, knee) : sub(ball, heel);
  const local = into(carried, into(pelvis, unit(points)));
  const turn =
    Math.atan2(local[0] * outward(side), fold > STRAIGHT_KNEE ? -local[2] : local[2]) * DEGREES;
  const out = fold > STRAIGHT_KNEE ? -turn : turn;
  const past = (at: Vec) => -into(pelvis, sub(at, hips))[0] * outward(side);
  const low = Math.min(heel[1] - ROUND.heel, toe[1] - ROUND.toe);
  const kneeLow = knee[1] - ROUND.knee;
  return {
    forward,
    away,
    turnedOut: forward > 60 && out > -20 ? Math.max(out, away) : out,
    knee: fold,
    across: away > 18 ? -Infinity : Math.max(past(knee), past(ankle)),
    clear: Math.min(low, kneeLow),
    kneels: kneeLow < 2 && ankle[1] < 8 && hips[1] - knee[1] > 10,
    toesUp: 90 - angle(sub(knee, ankle), sub(toe, heel)),
    onEnd: low < 2.4 ? Math.abs(heel[1] - ROUND.heel - (toe[1] - ROUND.toe)) : 0,
  };
}

interface ArmMeasures {
  /** Of the upper arm from hanging beside the trunk. */
  readonly up: number;
  /** Of the elbow behind the plane of the chest; in front below nought. */
  readonly behind: number;
  /** Opened: an arm out to its side behind the chest's plane, or a forearm turned out past sixty. */
  readonly open: number;
  /** Truly out to its side: neither hanging nor over the head. */
  readonly isOut: boolean;
  /** How far the elbow is past the middle of the chest. */
  readonly across: number;
  /** Of the hand to the forearm. */
  readonly wrist: number;
  readonly onFloor: boolean;
  /** Whether hand or elbow lie on the floor, or the hand on what is sat on or stands by. */
  readonly rests: boolean;
  /** Stretched away, and not laid on the body. */
  readonly long: boolean;
}

const ON_SEAT: readonly (Landmark | undefined)[] = ['seat-side', 'seat-front', 'armrest'];
const isHeld = (own?: Arm) =>
  own !== undefined && isGoal(own) && (own.at !== undefined || ON_SEAT.includes(own.on));

/** Arms and legs of a body, as a clinician would measure them: degrees, and hundredths of the stature. */
export const limbsOf = (body: Body, pose?: Pose) => ({
  legs: { left: legMeasures(body, 'left'), right: legMeasures(body, 'right') },
  arms: {
    left: armMeasures(body, 'left', pose?.arms.left),
    right: armMeasures(body, 'right', pose?.arms.right),
  },
});

function armMeasures(body: Body, side: Side, own?: Arm): ArmMeasures {
  const { upper, back, hips, arms } = body;
  const { shoulder, elbow, wrist, tip } = arms[side];
  const [l5 = hips, , , c7 = hips] = back;
  const bone = unit(sub(elbow, shoulder));
  const bent = angle(sub(wrist, elbow), sub(tip, wrist));
  const inChest = into(upper, bone);
  const up = angle(bone, sub(l5, c7));
  const behind = Math.asin(Math.min(1, Math.max(-1, -inChest[2]))) * DEGREES;
  const fore = into(upper, unit(sub(wrist, elbow)));
  const turnedOut =
    up < 45 && angle(bone, sub(wrist, elbow)) > 60
      ? Math.atan2(fore[0] * outward(side), fore[2]) * DEGREES - 60
      : -Infinity;
  const opened =
    up > 55 ? Math.atan2(-inChest[2], inChest[0] * outward(side)) * DEGREES : behind - 24;
  return {
    up,
    behind: up < 80 ? behind : -Infinity,
    isOut: up > 85 && up < 150 && inChest[0] * outward(side) > 0.5,
    open: Math.max(turnedOut, Math.abs(opened) > 80 ? -Infinity : opened),
    across: -into(upper, sub(elbow, c7))[0] * outward(side),
    wrist: bent,
    onFloor: wrist[1] < 5,
    rests: wrist[1] < 5 || elbow[1] < 5 || isHeld(own),
    long: angle(bone, sub(wrist, elbow)) < 60,
  };
}

/** Sums of the bends that make up a back and a neck. */
const backOf = ({ lumbar, mid, upper }: Pose, i: 0 | 1 | 2) => lumbar[i] + mid[i] + upper[i];
const neckOf = ({ neck, head }: Pose, i: 0 | 1 | 2) => neck[i] + head[i];

interface Trunk {
  /** How far chest and pelvis both face up, or are both free of facing down. */
  readonly up: number;
  readonly down: number;
  readonly lies: boolean;
  /** How far the head is below the heart; hips over a head that lies count as that. */
  readonly headBelow: number;
  readonly sits: boolean;
  /** How far hips to neck are from upright. */
  readonly tipped: number;
}

function trunkMeasures(body: Body): Trunk {
  const { hips, back, upper, pelvis } = body;
  const [l5 = hips, , t6 = hips, c7 = hips, , head = hips] = back;
  const level = Math.abs(unit(sub(c7, l5))[1]) < 0.5;
  const isUp = upper[2][1] > 0.6;
  const low = lowestOfTrunk(body);
  const legs = SIDES.map((side) => {
    const { knee, heel, toe } = body.legs[side];
    return Math.min(knee[1] - ROUND.knee, heel[1] - ROUND.heel, toe[1] - ROUND.toe);
  });
  // From a bed one leg may hang.
  const lowLegs = low > 15 ? Math.max(...legs) : Math.min(...legs);
  // The heart lies before the spine.
  const heart = t6[1] + 4 * upper[2][1];
  return {
    up: Math.min(upper[2][1], pelvis[2][1]),
    down: Math.max(upper[2][1], pelvis[2][1]),
    lies:
      level &&
      low - lowLegs < 5 &&
      !(low > 15 && SIDES.some((side) => body.arms[side].wrist[1] < 5)),
    headBelow: isUp ? hips[1] - head[1] - 6 : heart - head[1],
    sits: hips[1] < 42,
    tipped: angle(sub(c7, hips), [0, 1, 0]),
  };
}

/**
 * How much of a load geometry shows, and from where on. `least` is what a level that declares it has
 * to show; from `sure` on a level that does not declare it is at fault. What lies between is within
 * what a drawing can tell. Ends are three quarters of the ranges of the American Academy of
 * Orthopaedic Surgeons (Joint Motion, 1965), rounded, where it gives one: hip back 30, turned 45,
 * neck 45, back round 80 and turned 45; the rest is `practice`.
 */
interface Shows {
  readonly least: number;
  readonly sure: number;
  readonly of: (seen: Seen, side: Side) => number;
  /** Whether a load that is shown is surely one: a knee that is only drawn up carries nothing. */
  readonly weighs?: (seen: Seen, side: Side) => boolean;
}
interface Seen {
  readonly pose: Pose;
  readonly body: Body;
  readonly trunk: Trunk;
  readonly legs: Readonly<Record<Side, LegMeasures>>;
  readonly arms: Readonly<Record<Side, ArmMeasures>>;
}

const yes = (is: boolean) => (is ? 1 : 0);
const stands = ({ trunk, legs, arms }: Seen) =>
  !trunk.sits &&
  !trunk.lies &&
  SIDES.some((side) => legs[side].clear < 2.4) &&
  !SIDES.some((side) => legs[side].kneels || arms[side].onFloor);

export const SHOWN = {
  'hip-flex-past-90': { least: 86, sure: 105, of: ({ legs }, side) => legs[side].forward },
  'hip-extend-end': { least: 4, sure: 15, of: ({ legs }, side) => -legs[side].forward },
  'hip-cross-midline': { least: 1, sure: 5, of: ({ legs }, side) => legs[side].across },
  'hip-rotate-out': { least: 24, sure: 42, of: ({ legs }, side) => legs[side].turnedOut },
  'hip-rotate-in': { least: 12, sure: 30, of: ({ legs }, side) => -legs[side].turnedOut },
  'wide-adduct-stretch': {
    least: 30,
    sure: 45,
    of: ({ legs }) => Math.min(legs.left.away, legs.right.away),
  },
  'deep-knee': {
    least: 88,
    sure: 120,
    of: ({ legs }, side) => legs[side].knee,
    weighs: (seen, side) => stands(seen) || seen.legs[side].kneels,
  },
  kneel: { least: 1, sure: 1, of: ({ legs }, side) => yes(legs[side].kneels) },
  'shoulder-overhead': { least: 100, sure: 135, of: ({ arms }, side) => arms[side].up },
  'shoulder-behind': { least: 11, sure: 58, of: ({ arms }, side) => arms[side].behind },
  'shoulder-open-end': {
    least: -3,
    sure: 25,
    of: ({ arms }, side) => arms[side].open,
    weighs: ({ arms }, side) => arms[side].isOut,
  },
  'shoulder-cross': { least: -6, sure: 4.6, of: ({ arms }, side) => arms[side].across },
  'wrist-weight': {
    least: 30,
    sure: 45,
    of: ({ arms }, side) => arms[side].wrist,
    weighs: ({ arms, body }, side) => arms[side].onFloor && body.hips[1] > 26,
  },
  // 1 where an arm props, 2 where it bears: hips that nothing else carries, or a chest held up by it.
  'shoulder-weight': {
    least: 1,
    sure: 2,
    of: ({ arms, trunk, body }, side) => {
      const { rests, onFloor } = arms[side];
      const { upper, hips } = body;
      const isLow = body.arms[side].elbow[1] < lowestOfTrunk(body) + ROUND.elbow + 5;
      if (trunk.lies) return yes(rests || isLow);
      if (!rests) return 0;
      const leans = upper[1][1] < 0.7;
      const kneels = SIDES.some((leg) => body.legs[leg].knee[1] < 8);
      const isUp = lowestOfTrunk(body) > HEIGHT.wheel + 1 && (leans || !kneels);
      return 1 + yes(onFloor ? leans && hips[1] > 24 : trunk.sits && isUp);
    },
  },
  'spine-flex-end': { least: 33, sure: 50, of: ({ pose }) => backOf(pose, 0) },
  // Over a prop under the pelvis the low back alone arches, and the chest lies flat.
  'spine-extend-end': {
    least: 18,
    sure: 34,
    of: ({ pose }) => Math.max(-backOf(pose, 0), -1.2 * pose.lumbar[0]),
  },
  'twist-end': { least: 34, sure: 46, of: ({ pose }) => Math.abs(backOf(pose, 2)) },
  'neck-extend': { least: 14, sure: 26, of: ({ pose }) => -neckOf(pose, 0) },
  'neck-flex-end': { least: 22, sure: 38, of: ({ pose }) => neckOf(pose, 0) },
  'neck-end-range': {
    least: 24,
    sure: 30,
    of: ({ pose }) => Math.max(Math.abs(neckOf(pose, 1)), Math.abs(neckOf(pose, 2)) / 2),
  },
  'head-turn': {
    least: 12,
    sure: 32,
    of: ({ pose }) => Math.abs(neckOf(pose, 2)),
  },
  'side-bend-end': { least: 22, sure: 28, of: ({ pose }) => Math.abs(backOf(pose, 1)) },
  // The trunk let down, and nothing under the hands.
  'trunk-lowered': {
    least: 24,
    sure: 50,
    of: ({ trunk }) => trunk.tipped,
    weighs: ({ arms, trunk }) =>
      !trunk.lies && !trunk.sits && !SIDES.some((side) => arms[side].rests),
  },
  // Heels or toes up where the feet carry; sitting too.
  'calf-work': {
    least: 3,
    sure: 5,
    of: (seen, side) => seen.legs[side].onEnd,
    weighs: (seen) => stands(seen) && SIDES.every((side) => seen.legs[side].onEnd > 3),
  },
  'arms-off': {
    least: 25,
    sure: 60,
    of: ({ arms }) => Math.min(...SIDES.map((side) => (arms[side].rests ? 0 : arms[side].up))),
    weighs: ({ arms, trunk }) => !trunk.lies && SIDES.every((side) => arms[side].long),
  },
  'head-below-heart': { least: -5, sure: 8, of: ({ trunk }) => trunk.headBelow },
  'one-leg': {
    least: 1,
    sure: 1,
    of: (seen, side) => {
      const { legs } = seen;
      const free = legs[side === 'left' ? 'right' : 'left'];
      return yes(stands(seen) && legs[side].clear < 1 && free.clear > 2.4);
    },
  },
  'narrow-base': {
    least: -7.5,
    sure: -5,
    of: (seen) => {
      const { left, right } = seen.body.legs;
      const bothDown = SIDES.every((side) => seen.legs[side].clear < 2.4);
      // One foot on its toes alone carries little.
      const onToes = SIDES.filter((side) => seen.body.legs[side].heel[1] > 6).length === 1;
      const apart = Math.abs(left.ankle[0] - right.ankle[0]);
      return stands(seen) && bothDown ? Math.max(-apart, onToes ? -7 : -Infinity) : -Infinity;
    },
  },
  standing: { least: 1, sure: 1, of: (seen) => yes(stands(seen)) },
  'lie-back': { least: 1, sure: 1, of: ({ trunk }) => yes(trunk.lies && trunk.up > 0.5) },
  'lie-front': { least: 1, sure: 1, of: ({ trunk }) => yes(trunk.lies && trunk.down < -0.5) },
  'lie-side': {
    least: 1,
    sure: 1,
    of: ({ trunk }) => yes(trunk.lies && Math.max(Math.abs(trunk.up), Math.abs(trunk.down)) < 0.4),
  },
} as const satisfies Readonly<Partial<Record<Load, Shows>>>;

export type ShownLoad = keyof typeof SHOWN;

/**
 * How much each load that geometry can tell is shown on a side, at most, over some key poses: in
 * degrees, hundredths of the stature, or 1 for yes. Compare with `SHOWN`.
 */
export function shownBy(
  poses: readonly Pose[],
): (load: ShownLoad, side: Side, surely?: boolean) => number {
  const all = poses.map((pose): Seen => {
    const body = solve(pose);
    return {
      pose,
      body,
      trunk: trunkMeasures(body),
      ...limbsOf(body, pose),
    };
  });
  return (load, side, surely = false) => {
    const { of, weighs }: Shows = SHOWN[load];
    const counted = surely && weighs ? all.filter((seen) => weighs(seen, side)) : all;
    return Math.max(...counted.map((seen) => of(seen, side)));
  };
}

import { SIDES, type Region, type Side } from '@/core/body';
import { depth, flat, type Camera, type Point } from './flat';
import type { Body } from './solve';
import { add, along, cross, lerp, outOf, scale, sub, unit, type Frame, type Vec } from './vec';

/** What is stretched: on the working side, written as the right one, on the other, or both. */
export interface Stretched {
  readonly region: Region;
  readonly on: 'body' | 'worked' | 'other';
}

/** A soft shade on a part of the figure: a band along a line, or round where the line is a point. */
export interface Shade {
  /** The middle of the band. */
  readonly at: Point;
  /** Half of its length and half of its breadth, and how it lies, in degrees. */
  readonly rx: number;
  readonly ry: number;
  readonly turn: number;
}
export type Part = 'trunk' | 'head' | `${'arm' | 'thigh' | 'shank'}-${Side}`;

interface Place {
  readonly part: Part;
  readonly at: Vec;
  /** The way out of the body there. */
  readonly out: Vec;
  readonly r: number;
}

/** So far turned away, a place is behind the body. */
const BEHIND = -0.4;

/** The shades that can be seen, by the part that they lie on. */
export function shadesOf(
  body: Body,
  camera: Camera,
  stretched: readonly Stretched[],
): ReadonlyMap<Part, readonly Shade[]> {
  const shades = new Map<Part, Shade[]>();
  for (const { region, on } of stretched) {
    const sides = on === 'body' ? SIDES : ([on === 'worked' ? 'right' : 'left'] as const);
    const places = sides.map((side) => placeOf(region, side, body));
    const seen = places
      .filter(({ out }) => depth(camera, out) >= BEHIND)
      .map(({ part, at, out, r }) => ({ part, at: flat(camera, along(at, out, r * 0.3)), r }));
    for (const { part, at, r } of bandsOf(seen)) {
      shades.set(part, [...(shades.get(part) ?? []), { ...at, ry: r }]);
    }
  }
  return shades;
}

interface Seen {
  readonly part: Part;
  readonly at: Point;
  readonly r: number;
}

/** Two places of one part, left and right, are one band across it and never two spots. */
function bandsOf(seen: readonly Seen[]): readonly {
  readonly part: Part;
  readonly at: Omit<Shade, 'ry'>;
  readonly r: number;
}[] {
  const [one, other] = seen;
  if (one && other && one.part === other.part) {
    const [dx, dy] = [other.at[0] - one.at[0], other.at[1] - one.at[1]];
    const at: Point = [(one.at[0] + other.at[0]) / 2, (one.at[1] + other.at[1]) / 2];
    const turn = (Math.atan2(dy, dx) * 180) / Math.PI;
    const rx = Math.hypot(dx, dy) / 2 + one.r * 1.25;
    return [{ part: one.part, at: { at, rx, turn }, r: one.r * 0.9 }];
  }
  return seen.map(({ part, at, r }) => ({ part, at: { at, rx: r, turn: 0 }, r }));
}

function placeOf(region: Region, side: Side, body: Body): Place {
  const { hips, pelvis, lumbar, mid, upper, skull, back, arms, legs } = body;
  const [l5 = hips, t12 = hips, t6 = hips, c7 = hips, top = hips] = back;
  const x = side === 'left' ? 1 : -1;
  const { shoulder, elbow, wrist } = arms[side];
  const { hip, knee, ankle } = legs[side];
  const onTrunk = (at: Vec, frame: Frame, local: Vec, r = 6.5): Place => {
    const out = unit(outOf(frame, local));
    return { part: 'trunk', at: add(at, scale(outOf(frame, local), 0.55)), out, r };
  };
  const front = (a: Vec, b: Vec) => unit(cross(unit(sub(b, a)), pelvis[0]));
  const onLeg = (
    part: 'thigh' | 'shank',
    a: Vec,
    b: Vec,
    share: number,
    out: Vec,
    r = 5.4,
  ): Place => ({
    ...{ part: `${part}-${side}`, at: lerp(a, b, share), out, r },
  });
  const outwards = scale(pelvis[0], x);
  switch (region) {
    case 'neck':
      // Where it comes out of the shoulder: a collar and a chin hide the rest.
      return {
        part: 'trunk',
        at: along(lerp(c7, shoulder, 0.4), upper[1], 1.6),
        out: scale(upper[0], x),
        r: 4,
      };
    case 'shoulders':
      return {
        part: `arm-${side}`,
        at: lerp(shoulder, elbow, 0.18),
        out: scale(upper[0], x),
        r: 5,
      };
    case 'arms':
      return {
        part: `arm-${side}`,
        at: lerp(shoulder, elbow, 0.6),
        out: scale(upper[2], 0.2),
        r: 4.4,
      };
    case 'wrists-hands':
      return {
        part: `arm-${side}`,
        at: lerp(elbow, wrist, 0.8),
        out: scale(upper[2], 0.2),
        r: 3.8,
      };
    case 'chest':
      return onTrunk(t6, upper, [4.5 * x, 3, 6.5]);
    case 'upper-back':
      return onTrunk(t6, upper, [3 * x, 2, -6.5]);
    case 'ribs-sides':
      return onTrunk(t12, mid, [8.2 * x, 3, 0]);
    case 'low-back':
      return onTrunk(l5, lumbar, [3 * x, 3, -6]);
    case 'abdomen':
      return onTrunk(l5, lumbar, [2 * x, 3, 6]);
    case 'buttocks':
      return onTrunk(hips, pelvis, [4 * x, -1, -7]);
    case 'hip-front':
      return onLeg('thigh', hip, knee, 0.04, unit(add(front(hip, knee), pelvis[2])), 5.6);
    case 'hip-outer':
      return onLeg('thigh', hip, knee, 0.06, outwards, 5.8);
    case 'inner-thigh':
      return onLeg('thigh', hip, knee, 0.45, scale(outwards, -1));
    case 'front-thigh':
      return onLeg('thigh', hip, knee, 0.5, front(hip, knee));
    case 'back-thigh':
      return onLeg('thigh', hip, knee, 0.55, scale(front(hip, knee), -1));
    case 'calf':
      return onLeg('shank', knee, ankle, 0.36, scale(front(knee, ankle), -1), 4.8);
    case 'ankles-feet':
      return onLeg('shank', knee, ankle, 0.97, front(knee, ankle), 4);
    case 'jaw':
      return {
        part: 'head',
        at: add(back[5] ?? top, outOf(skull, [3.2 * x, -3, 1.5])),
        out: unit(outOf(skull, [2.5 * x, -0.5, 1.5])),
        r: 2.2,
      };
  }
}

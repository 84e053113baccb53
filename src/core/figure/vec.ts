/** A point or a direction: x to the figure's left, y up, z forward, in hundredths of its stature. */
export type Vec = readonly [number, number, number];
/** Three columns: where x, y and z of a frame point. */
export type Frame = readonly [Vec, Vec, Vec];

export const WORLD: Frame = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];

export const add = (a: Vec, b: Vec): Vec => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const sub = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scale = (a: Vec, k: number): Vec => [a[0] * k, a[1] * k, a[2] * k];
export const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const length = (a: Vec): number => Math.sqrt(dot(a, a));
export const lerp = (a: Vec, b: Vec, t: number): Vec => add(a, scale(sub(b, a), t));
export const along = (a: Vec, direction: Vec, far: number): Vec => add(a, scale(direction, far));

export const cross = (a: Vec, b: Vec): Vec => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

/** Of length one; a vector of no length points up. */
export function unit(a: Vec): Vec {
  const size = length(a);
  return size < 1e-9 ? [0, 1, 0] : scale(a, 1 / size);
}

/** What of `a` stands square to a direction. */
export const square = (a: Vec, direction: Vec): Vec => sub(a, scale(direction, dot(a, direction)));

/** A vector of a frame, in the world. */
export const outOf = (frame: Frame, v: Vec): Vec =>
  add(add(scale(frame[0], v[0]), scale(frame[1], v[1])), scale(frame[2], v[2]));

/** A vector of the world, in a frame. */
export const into = (frame: Frame, v: Vec): Vec => [
  dot(frame[0], v),
  dot(frame[1], v),
  dot(frame[2], v),
];

/** A frame that is given in another one. */
export const inside = (frame: Frame, own: Frame): Frame => [
  outOf(frame, own[0]),
  outOf(frame, own[1]),
  outOf(frame, own[2]),
];

const RADIANS = Math.PI / 180;

/** A turn about x, y or z, in degrees. */
export function turned(axis: 'x' | 'y' | 'z', degrees: number): Frame {
  const [c, s] = [Math.cos(degrees * RADIANS), Math.sin(degrees * RADIANS)];
  if (axis === 'x')
    return [
      [1, 0, 0],
      [0, c, s],
      [0, -s, c],
    ];
  if (axis === 'y')
    return [
      [c, 0, -s],
      [0, 1, 0],
      [s, 0, c],
    ];
  return [
    [c, s, 0],
    [-s, c, 0],
    [0, 0, 1],
  ];
}

/** Turns one after the other, each in the frame of those before it. */
export const turns = (...all: readonly Frame[]): Frame => all.reduce(inside, WORLD);

/** `v` turned about a direction, in degrees. */
export function turnedAbout(v: Vec, direction: Vec, degrees: number): Vec {
  const [c, s] = [Math.cos(degrees * RADIANS), Math.sin(degrees * RADIANS)];
  return add(
    add(scale(v, c), scale(cross(direction, v), s)),
    scale(direction, dot(direction, v) * (1 - c)),
  );
}

/** A frame whose y points along a direction, and whose z is as near as it can be to another. */
export function frameAlong(y: Vec, near: Vec): Frame {
  const z = unit(square(near, y));
  return [cross(y, z), y, z];
}

import { SIDES } from '@/core/body';
import { viewOf, type Drawn } from './figure';
import { cameraOf, flat, type Camera, type Point } from './flat';
import { motionOf } from './motion';
import type { Body } from './solve';
import type { Vec } from './vec';

/** Less than this is seen in no still picture, and has no arrow. */
const LEAST = 9;
const STEPS = 12;

/** So far over the crown an arrow is clear of the head. */
const OVER_HEAD = 15;

/** The ends of limbs that a movement is seen by, or nothing where the whole body moves. */
function endsOf({ works }: Drawn): ((body: Body) => readonly Vec[]) | undefined {
  const tips = ({ arms }: Body) => SIDES.map((side) => arms[side].tip);
  const toes = ({ legs }: Body) => SIDES.map((side) => legs[side].toe);
  if (works?.legs) return (body) => [...toes(body), ...(works.arms ? tips(body) : [])];
  if (works?.arms) return tips;
  return undefined;
}

/** A place over the crown as it is seen, on the way out from the chest. */
function overHead(camera: Camera, { back, hips, upper }: Body): Point {
  const [, , , c7 = hips] = back;
  const [at, from] = [flat(camera, headOf({ back, hips })), flat(camera, c7)];
  const seen = far(at, from);
  // Seen end on, a head has no way out of its own.
  const [ux, uy] = flat(camera, upper[1]);
  const [dx, dy] = seen > 3 ? [at[0] - from[0], at[1] - from[1]] : [ux, uy];
  const size = Math.hypot(dx, dy) || 1;
  return [at[0] + (dx / size) * OVER_HEAD, at[1] + (dy / size) * OVER_HEAD];
}

/** Which key pose says most of a movement: the last, or the first where both are each other's mirror. */
export function stillOf(drawn: Drawn): number {
  const { keys, isTurn } = motionOf(drawn);
  return isTurn() ? 0 : keys - 1;
}

const far = ([x, y]: Point, [u, v]: Point) => Math.hypot(u - x, v - y);

/**
 * The way of what moves most to the key pose that is shown, for a picture that stands still: points
 * from its tail to its tip, on the page; none where hardly anything moves.
 */
export function arrowOf(drawn: Drawn): readonly Point[] {
  const { keys, at } = motionOf(drawn);
  if (keys < 2) return [];
  const camera = cameraOf(viewOf(drawn));
  const ends = endsOf(drawn);
  const still = stillOf(drawn);
  // A body that goes by way of another pose bends no hook: what comes last is what is shown.
  const from = ends || still === 0 ? 0 : keys - 2;
  const to = ends || still > 0 ? keys - 1 : 1;
  const paths = Array.from({ length: STEPS + 1 }, (_, i) => {
    const body = at(from + ((to - from) * i) / STEPS);
    return ends ? ends(body).map((one) => flat(camera, one)) : [overHead(camera, body)];
  });
  const first = paths[0] ?? [];
  const most = first.map((_, end) =>
    Math.max(...paths.map((points) => far(first[end] ?? [0, 0], points[end] ?? [0, 0]))),
  );
  const end = most.indexOf(Math.max(...most));
  if ((most[end] ?? 0) < LEAST) return [];
  const way = paths.slice(1, -1).map((points) => points[end] ?? ([0, 0] as const));
  const whole = still === 0 ? way.toReversed() : way;
  return ends ? whole : clearOfHead(whole, flat(camera, headOf(at(still))));
}

const headOf = ({ back, hips }: Pick<Body, 'back' | 'hips'>): Vec => back[5] ?? hips;
const CLEAR = 9;

/** The end of a way that passes the head nowhere; nothing where what is left says nothing. */
function clearOfHead(way: readonly Point[], head: Point): readonly Point[] {
  const from = way.findLastIndex((point) => far(point, head) < CLEAR) + 1;
  const left = way.slice(from);
  const [first, last] = [left[0], left.at(-1)];
  return first && last && far(first, last) > LEAST / 2 ? left : [];
}

const n = (value: number) => String(Math.round(value * 10) / 10);

/** An arrow as two outlines: a line along its points, and a head of this size at its end. */
export function arrowPaths(
  points: readonly Point[],
  size: number,
): { readonly line: string; readonly head: string } | undefined {
  const [tip, before] = [points.at(-1), points.at(-3)];
  if (!tip || !before) return undefined;
  const way = Math.atan2(tip[1] - before[1], tip[0] - before[0]);
  const corner = (turn: number, by: number): string =>
    `${n(tip[0] + by * Math.cos(way + turn))} ${n(tip[1] + by * Math.sin(way + turn))}`;
  return {
    line: `M${points.map(([x, y]) => `${n(x)} ${n(y)}`).join('L')}`,
    head: `M${corner(0, size)}L${corner(2.3, size)}L${corner(-2.3, size)}Z`,
  };
}

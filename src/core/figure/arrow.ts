import { SIDES } from '@/core/body';
import { viewOf, type Drawn } from './figure';
import { cameraOf, flat, type Point } from './flat';
import { motionOf } from './motion';
import type { Body } from './solve';
import type { Vec } from './vec';

/** Less than this is seen in no still picture, and has no arrow. */
const LEAST = 9;
const STEPS = 12;

/** The ends of a body that a movement is seen by: those of the limbs that work, or hands and head. */
function endsOf({ works }: Drawn): (body: Body) => readonly Vec[] {
  const tips = ({ arms }: Body) => SIDES.map((side) => arms[side].tip);
  const toes = ({ legs }: Body) => SIDES.map((side) => legs[side].toe);
  if (works?.legs) return (body) => [...toes(body), ...(works.arms ? tips(body) : [])];
  if (works?.arms) return tips;
  return (body) => [body.back[5] ?? body.hips];
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
  const paths = Array.from({ length: STEPS + 1 }, (_, i) =>
    ends(at(((keys - 1) * i) / STEPS)).map((one) => flat(camera, one)),
  );
  const first = paths[0] ?? [];
  const most = first.map((_, end) =>
    Math.max(...paths.map((points) => far(first[end] ?? [0, 0], points[end] ?? [0, 0]))),
  );
  const end = most.indexOf(Math.max(...most));
  if ((most[end] ?? 0) < LEAST) return [];
  const way = paths.slice(1, -1).map((points) => points[end] ?? ([0, 0] as const));
  return still === 0 ? way.toReversed() : way;
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

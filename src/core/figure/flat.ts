import type { Ball, Oval } from './solve';
import { dot, into, type Vec } from './vec';

/** From where a figure is seen: turned about it from its front, and raised, in degrees. */
export interface View {
  readonly round: number;
  readonly above: number;
}

/** What worked for each kind of pose, by looking. */
export const VIEWS = {
  side: { round: 80, above: 4 },
  front: { round: 0, above: 9 },
  'front-seated': { round: 14, above: 20 },
  quarter: { round: 42, above: 12 },
  tandem: { round: 84, above: 6 },
  'one-leg': { round: 24, above: 12 },
  back: { round: 180, above: 10 },
  top: { round: 0, above: 89 },
  'side-low': { round: 88, above: 9 },
  'lying-quarter': { round: 62, above: 22 },
  'lying-side': { round: 0, above: 34 },
  // Of who lies on the back, over the feet: knees that are up are seen to be.
  'from-feet': { round: 26, above: 44 },
  // Of who folds or is on all fours, so that a bend to the side is seen.
  'over-front': { round: 40, above: 30 },
} as const satisfies Record<string, View>;
export type ViewName = keyof typeof VIEWS;

export type Point = readonly [x: number, y: number];

/** The room laid flat: `at` is where a point falls, y down; `depth` grows towards who looks. */
export interface Camera {
  readonly right: Vec;
  readonly up: Vec;
  readonly towards: Vec;
}

export function cameraOf({ round, above }: View): Camera {
  const [a, e] = [(round * Math.PI) / 180, (above * Math.PI) / 180];
  const right: Vec = [Math.cos(a), 0, Math.sin(a)];
  const towards: Vec = [-Math.sin(a) * Math.cos(e), Math.sin(e), Math.cos(a) * Math.cos(e)];
  const up: Vec = [Math.sin(a) * Math.sin(e), Math.cos(e), -Math.cos(a) * Math.sin(e)];
  return { right, up, towards };
}

export const flat = ({ right, up }: Camera, p: Vec): Point => [dot(p, right), -dot(p, up)];
export const depth = ({ towards }: Camera, p: Vec): number => dot(p, towards);

const WAYS: readonly Point[] = Array.from({ length: 22 }, (_, i) => {
  const a = (i / 22) * 2 * Math.PI;
  return [Math.cos(a), Math.sin(a)];
});

const n = (value: number) => String(Math.round(value * 10) / 10);
const p = ([x, y]: Point) => `${n(x)} ${n(y)}`;

export const polygon = (points: readonly Point[]): string => `M${points.map(p).join('L')}Z`;

export const openLine = (points: readonly Point[]): string => `M${points.map(p).join('L')}`;

export const circle = ([x, y]: Point, r: number): string =>
  `M${p([x - r, y])}a${n(r)} ${n(r)} 0 1 0 ${n(2 * r)} 0a${n(r)} ${n(r)} 0 1 0 ${n(-2 * r)} 0Z`;

/** What a thread drawn tight round two circles encloses. */
export function capsule(a: Point, ra: number, b: Point, rb: number): string {
  if (rb > ra) return capsule(b, rb, a, ra);
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const far = Math.hypot(dx, dy);
  if (far <= ra - rb + 0.05) return circle(a, ra);
  const way = Math.atan2(dy, dx);
  const open = Math.acos((ra - rb) / far);
  const on = ([x, y]: Point, r: number, angle: number): Point => [
    x + r * Math.cos(angle),
    y + r * Math.sin(angle),
  ];
  const big = `A${n(ra)} ${n(ra)} 0 1 1 ${p(on(a, ra, way - open))}`;
  const small = `A${n(rb)} ${n(rb)} 0 0 1 ${p(on(b, rb, way + open))}`;
  return `M${p(on(a, ra, way + open))}${big}L${p(on(b, rb, way - open))}${small}Z`;
}

export const capsuleOf = (camera: Camera, a: Ball, b: Ball): string =>
  capsule(flat(camera, a.at), a.r, flat(camera, b.at), b.r);

/** How far an oval reaches each way on the page. */
function reachOf(camera: Camera, { at, frame, half }: Oval) {
  const middle = flat(camera, at);
  const [r, u] = [into(frame, camera.right), into(frame, camera.up)];
  return ([wx, wy]: Point): { far: number; at: Point } => {
    const local: Vec = [
      (wx * r[0] - wy * u[0]) * half[0],
      (wx * r[1] - wy * u[1]) * half[1],
      (wx * r[2] - wy * u[2]) * half[2],
    ];
    const size = Math.hypot(...local) || 1;
    const push: Vec = [
      (local[0] / size) * half[0],
      (local[1] / size) * half[1],
      (local[2] / size) * half[2],
    ];
    const point: Point = [middle[0] + dot(push, r), middle[1] - dot(push, u)];
    return { far: point[0] * wx + point[1] * wy, at: point };
  };
}

/** What a thread drawn tight round ovals encloses, found way by way. */
export function hullOf(camera: Camera, ...ovals: readonly Oval[]): string {
  const reaches = ovals.map((one) => reachOf(camera, one));
  return polygon(
    WAYS.map((way) => {
      const all = reaches.map((reach) => reach(way));
      return all.reduce((best, one) => (one.far > best.far ? one : best)).at;
    }),
  );
}

/** The outline of corners, such as a box's. */
export function outline(points: readonly Point[]): readonly Point[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const turn = (o: Point, a: Point, b: Point) =>
    (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);
  const chain = (all: readonly Point[]) => {
    const kept: Point[] = [];
    for (const point of all) {
      for (;;) {
        const [o, a] = [kept.at(-2), kept.at(-1)];
        if (!o || !a || turn(o, a, point) > 0) break;
        kept.pop();
      }
      kept.push(point);
    }
    return kept.slice(0, -1);
  };
  return [...chain(sorted), ...chain([...sorted].reverse())];
}

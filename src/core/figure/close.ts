import type { Side } from '@/core/body';
import { BONE, ROUND } from './body';
import { headLayers, piece, type Layer, type Tone } from './draw';
import {
  cameraOf,
  circle,
  depth,
  flat,
  outline,
  polygon,
  type Camera,
  type Point,
  type View,
} from './flat';
import type { Ball, Body } from './solve';
import { add, along, cross, lerp, scale, square, sub, turnedAbout, unit, type Vec } from './vec';

/** What of a body is drawn again beside it, larger, and from where. */
export interface Close {
  readonly of: 'hand' | 'foot' | 'head';
  readonly view: View;
}

/** Half of what the picture beside the figure is wide. */
export const CLOSE_REACH = 21;
/** How much larger than the figure it is. */
const TIMES = { hand: 2.35, foot: 2, head: 2 } as const;
/** Before everything else in the picture. */
const BEFORE = 1000;

const RADIANS = Math.PI / 180;
/** What works is written as the right side. */
const SIDE: Side = 'right';

/** A part of a body made larger about a place, and moved to another place of the page. */
interface Lens {
  readonly camera: Camera;
  readonly times: number;
  readonly place: (at: Vec) => Vec;
}

/**
 * A hand, a foot or the head of a body as layers before all others, round a place on the page: what
 * figures are too small to show. In hundredths of the stature.
 */
export function closeLayers(
  body: Body,
  { of, view }: Close,
  at: Point,
  tone: Tone,
): readonly Layer[] {
  const camera = cameraOf(view);
  const { right, up } = camera;
  const centre = CENTRES[of](body);
  const times = TIMES[of];
  const home = add(scale(right, at[0]), scale(up, -at[1]));
  const lens = { camera, times, place: (one: Vec) => add(scale(sub(one, centre), times), home) };
  const ring = circle(at, CLOSE_REACH);
  const ground: Layer = {
    depth: BEFORE,
    tone: 'far',
    line: ring,
    fills: [{ d: ring, cloth: 'paper' }],
  };
  const parts = DRAWN[of](body, lens, tone);
  const inOrder = [...parts].sort((a, b) => a.depth - b.depth);
  return [ground, ...inOrder.map((layer, i) => ({ ...layer, depth: BEFORE + 1 + i }))];
}

/** What stays where it is in the picture while the rest of the part moves. */
const CENTRES: Readonly<Record<Close['of'], (body: Body) => Vec>> = {
  hand: ({ arms }) => {
    const { wrist, elbow } = arms[SIDE];
    return along(wrist, unit(sub(wrist, elbow)), 2.6);
  },
  foot: ({ legs }) => {
    const { ankle, heel, toe } = legs[SIDE];
    return lerp(ankle, lerp(heel, toe, 0.5), 0.5);
  },
  head: ({ back, hips, upper }) => along(along(back[3] ?? hips, upper[1], 8.4), upper[2], 1.6),
};

const DRAWN: Readonly<
  Record<Close['of'], (body: Body, lens: Lens, tone: Tone) => readonly Layer[]>
> = { hand: handLayers, foot: footLayers, head: headAlone };

const grown = ({ times, place }: Lens, ...balls: readonly Ball[]): readonly Ball[] =>
  balls.map(({ at, r }) => ({ at: place(at), r: r * times }));

/** A chain of balls as one part. */
function part(
  lens: Lens,
  tone: Tone,
  cloth: 'skin' | 'trousers' | 'top',
  ...balls: readonly Ball[]
): Layer {
  const fills = piece(lens.camera, cloth, ...grown(lens, ...balls));
  const middle = balls.reduce((sum, { at }) => sum + depth(lens.camera, at), 0) / balls.length;
  return { depth: middle, tone, line: fills.map(({ d }) => d).join(''), fills };
}

/** In the order from the first finger to the last: across from the middle of the hand, and how long. */
const FINGERS = [
  [1.5, 4.3],
  [0.5, 4.8],
  [-0.5, 4.5],
  [-1.45, 3.6],
] as const;
const FINGER = 0.62;

function handLayers({ arms, small }: Body, lens: Lens, tone: Tone): readonly Layer[] {
  const { elbow, wrist, tip, thumb } = arms[SIDE];
  const { knuckles = 6, fingers = 10, spread = 0, thumb: meets = 0, roll = 0 } = small;
  const along1 = unit(sub(tip, wrist));
  const aside = turnedAbout(unit(square(sub(thumb, wrist), along1)), along1, roll);
  const palm = scale(cross(along1, aside), -1);
  const turned = (way: Vec, degrees: number): Vec =>
    add(scale(way, Math.cos(degrees * RADIANS)), scale(palm, Math.sin(degrees * RADIANS)));
  const drawn = FINGERS.map(([across, long], i) => {
    const open = spread * ((1.5 - i) / 3) * RADIANS;
    const way = unit(add(scale(along1, Math.cos(open)), scale(aside, Math.sin(open))));
    const knuckle = add(
      along(wrist, along1, BONE.hand * (i === 3 ? 0.4 : 0.45)),
      scale(aside, across),
    );
    const first = along(knuckle, turned(way, knuckles), long * 0.5);
    const end = along(first, turned(way, knuckles + fingers), long * 0.32);
    const last = along(end, turned(way, knuckles + fingers * 1.6), long * 0.2);
    return { knuckle, joints: [knuckle, first, end, last], last };
  });
  const root = add(along(wrist, along1, 1.6), scale(aside, 1.5));
  const free = along(add(root, scale(aside, 1.9)), along1, 2);
  const freeTip = along(add(free, scale(aside, 0.9)), along1, 2.1);
  const near = Math.min(1, meets);
  const between = Math.max(0, Math.min(3, meets - 1));
  const [low, high] = [drawn[Math.floor(between)], drawn[Math.ceil(between)]];
  const aim = low && high ? lerp(low.last, high.last, between % 1) : freeTip;
  const bent = lerp(free, along(lerp(root, aim, 0.5), palm, 0.8), near);
  const thumbTip = lerp(freeTip, aim, near);
  const back = along(wrist, unit(sub(elbow, wrist)), 3.4);
  return [
    part(lens, tone, 'skin', { at: back, r: 2.1 }, { at: wrist, r: ROUND.wrist }),
    ...drawn.map(({ joints }) =>
      part(lens, tone, 'skin', ...joints.map((at, i) => ({ at, r: FINGER - i * 0.05 }))),
    ),
    palmLayer(lens, tone, wrist, root, drawn),
    part(
      lens,
      tone,
      'skin',
      { at: root, r: 0.95 },
      { at: bent, r: 0.8 },
      { at: thumbTip, r: 0.62 },
    ),
  ];
}

function palmLayer(
  lens: Lens,
  tone: Tone,
  wrist: Vec,
  root: Vec,
  fingers: readonly { readonly knuckle: Vec }[],
): Layer {
  const fills = [
    ...fingers.map(({ knuckle }) => ({ at: knuckle, r: 0.72 })),
    { at: root, r: 1 },
  ].flatMap((end) => piece(lens.camera, 'skin', ...grown(lens, { at: wrist, r: 1.7 }, end)));
  const at = fingers.reduce((sum, { knuckle }) => sum + depth(lens.camera, knuckle), 0);
  return { depth: at / fingers.length, tone, line: fills.map(({ d }) => d).join(''), fills };
}

/** From the big toe to the little one: across from the middle of the ball, how long, and how round. */
const TOES = [
  [1.75, 3.7, 0.95],
  [0.75, 3.4, 0.66],
  [-0.1, 3, 0.62],
  [-0.9, 2.6, 0.58],
  [-1.65, 2, 0.56],
] as const;

function footLayers({ legs, small }: Body, lens: Lens, tone: Tone): readonly Layer[] {
  const { knee, ankle, heel, ball, toe } = legs[SIDE];
  const { toes = 0, fan = 0, shoe } = small;
  const ahead = unit(sub(ball, heel));
  const up = unit(square(sub(ankle, heel), ahead));
  // The big toe is on the inner side.
  const inner = cross(up, ahead);
  const flat = unit(sub(toe, ball));
  const rise = (way: Vec) =>
    add(scale(way, Math.cos(toes * RADIANS)), scale(up, Math.sin(toes * RADIANS)));
  const all = TOES.map(([across, long, r], i) => {
    const open = fan * ((2 - i) / 2) * RADIANS;
    const way = rise(unit(add(scale(flat, Math.cos(open)), scale(inner, Math.sin(open)))));
    const root = add(along(ball, flat, -0.4 - Math.abs(i - 1) * 0.25), scale(inner, across));
    return part(lens, tone, 'skin', { at: root, r }, { at: along(root, way, long), r: r * 0.9 });
  });
  const shin = along(ankle, unit(sub(knee, ankle)), 3.2);
  const body = [
    ...[1.3, 0, -1.2].map((across) => ({ at: add(ball, scale(inner, across)), r: 1.6 })),
    { at: ankle, r: 2.2 },
  ].flatMap((end) => piece(lens.camera, 'skin', ...grown(lens, { at: heel, r: ROUND.heel }, end)));
  const instep = [1, -0.9].flatMap((across) =>
    piece(
      lens.camera,
      'skin',
      ...grown(lens, { at: ankle, r: 2 }, { at: add(ball, scale(inner, across)), r: 1.5 }),
    ),
  );
  const fills = [...body, ...instep];
  const middle = depth(lens.camera, lerp(heel, ball, 0.6));
  const shoes = shoe ? [shoeLayer(lens, heel, along(toe, ahead, 1.4), scale(inner, 1.6))] : [];
  return [
    ...all,
    { depth: middle, tone, line: fills.map(({ d }) => d).join(''), fills },
    ...shoes,
    part(
      lens,
      tone,
      'trousers',
      { at: shin, r: 2.9 },
      { at: along(ankle, unit(sub(knee, ankle)), 6), r: 3 },
    ),
  ];
}

/** Seen through: what the toes do in it is what is spoken of. */
function shoeLayer(lens: Lens, heel: Vec, end: Vec, aside: Vec): Layer {
  const [a, b, c] = grown(
    lens,
    { at: heel, r: ROUND.heel + 0.9 },
    { at: add(end, aside), r: 2.2 },
    { at: sub(end, aside), r: 2.2 },
  );
  const line =
    a && b && c ? polygon(outline([a, b, c].flatMap((ball) => rim(lens.camera, ball)))) : '';
  return { depth: BEFORE, tone: 'near', line, fills: [] };
}

/** Points round a ball, on the page. */
function rim(camera: Camera, { at, r }: Ball): readonly Point[] {
  const [x, y] = flat(camera, at);
  return Array.from({ length: 16 }, (_, i) => {
    const a = (i / 8) * Math.PI;
    return [x + r * Math.cos(a), y + r * Math.sin(a)] as const;
  });
}

function headAlone(body: Body, lens: Lens): readonly Layer[] {
  const back = body.back.map(lens.place);
  return headLayers({ ...body, back }, lens.camera, lens.times).map((layer, i) => ({
    ...layer,
    depth: i,
  }));
}

/** A thread from what is shown to where it is shown large. */
export function threadTo(from: Point, at: Point): Layer {
  const far = Math.hypot(at[0] - from[0], at[1] - from[1]) || 1;
  const end: Point = [
    at[0] - ((at[0] - from[0]) / far) * CLOSE_REACH,
    at[1] - ((at[1] - from[1]) / far) * CLOSE_REACH,
  ];
  return { depth: BEFORE - 1, tone: 'far', line: polygon([from, end]), fills: [] };
}

/** Where on the figure it is. */
export const closeOn = (body: Body, { of }: Close): Vec => CENTRES[of](body);

import { SIDES, type Side } from '@/core/body';
import { ROUND } from './body';
import {
  cameraOf,
  capsuleOf,
  circle,
  depth,
  flat,
  hullOf,
  openLine,
  polygon,
  type Camera,
  type Point,
  type View,
} from './flat';
import { shadesOf, type Part, type Shade, type Stretched } from './shade';
import { trunkOf, type Ball, type Body, type LegBones, type Oval } from './solve';
import { add, along, cross, dot, lerp, outOf, scale, square, sub, unit, type Vec } from './vec';

/** What a part is made of; colours are the interface's. */
export type Cloth =
  | 'top'
  | 'trousers'
  | 'skin'
  | 'face'
  | 'nose'
  | 'hair'
  | 'wood'
  | 'cloth'
  | 'mat'
  | 'metal'
  | 'paper';
/** How far away it is, or that it does the work. */
export type Tone = 'near' | 'far' | 'working';

export interface Fill {
  readonly d: string;
  readonly cloth: Cloth;
}

/** A part as it is drawn: its line first, all fills over that, and then what hides its seam. */
export interface Layer {
  readonly depth: number;
  readonly tone: Tone;
  /** Outlines of all its pieces; drawn twice as wide as they show. Left out where it has no line. */
  readonly line?: string;
  readonly fills: readonly Fill[];
  /** Thin lines over the fills, for pictures large enough: between fingers, and between toes. */
  readonly marks?: string;
  /** Soft shades over what is stretched, drawn inside this part alone. */
  readonly shades?: readonly Shade[];
  /** The trunk, inside which seams are drawn. */
  readonly isTrunk?: true;
  /** A soft round patch of another cloth, where a limb comes out of the trunk. */
  readonly seam?: { readonly at: Point; readonly r: number; readonly cloth: Cloth };
}

export interface Working {
  readonly arms?: readonly Side[];
  readonly legs?: readonly Side[];
}

/** A body as layers from the back to the front. */
export function layersOf(
  body: Body,
  view: View,
  working: Working = {},
  stretched: readonly Stretched[] = [],
): readonly Layer[] {
  const camera = cameraOf(view);
  const shades = shadesOf(body, camera, stretched);
  const shaded = (part: Part) => {
    const own = shades.get(part);
    return own && { shades: own };
  };
  const near = (at: Vec) => depth(camera, at);
  const [l5 = body.hips, t12 = body.hips, , c7 = body.hips] = body.back;
  const trunkDepth = (near(body.hips) + near(t12) + near(c7)) / 3;
  const headDepth = trunkDepth + 0.6;
  const fromTheSide = isFromTheSide(camera);
  const [neck, head] = headLayers(body, camera);
  // The collar closes round the neck before it, and lies under it behind.
  const isSeenFromBehind = depth(camera, body.upper[2]) < -0.3;
  const layers: Layer[] = [
    { ...trunkLayer(body, camera), ...shaded('trunk'), depth: trunkDepth },
    { ...neck, depth: trunkDepth + (isSeenFromBehind ? 0.2 : -0.2) },
    { ...head, ...shaded('head'), depth: headDepth },
  ];
  for (const side of SIDES) {
    const { shoulder, elbow, wrist } = body.arms[side];
    const own = (near(elbow) * 1.2 + near(wrist) + near(shoulder) * 0.6) / 2.8;
    const isRaised = dot(sub(elbow, c7), body.upper[1]) > 1;
    // A raised arm that hides the face says less than one behind the head.
    const armDepth =
      own < trunkDepth - 1.5 ? own : isRaised ? trunkDepth + 0.3 : Math.max(own, headDepth + 0.1);
    const works = working.arms?.includes(side);
    const hand = lerp(wrist, body.arms[side].tip, 0.4);
    const under = SIDES.flatMap((of) => handLiesOver(body.legs[of], hand, near));
    const isFar = fromTheSide && near(shoulder) < near(c7) - 5;
    layers.push({
      ...armLayer(body, side, camera),
      ...shaded(`arm-${side}`),
      depth: Math.max(armDepth, ...under.map((one) => one + 0.5)),
      tone: works ? 'working' : isFar ? 'far' : 'near',
    });
    layers.push(
      ...legLayers(
        body,
        side,
        camera,
        trunkDepth,
        working.legs?.includes(side) === true,
        l5,
        shades,
      ),
    );
  }
  return layers.sort((a, b) => a.depth - b.depth);
}

/** From the side one half of a body hides the other, and is drawn paler. */
const isFromTheSide = ({ right }: Camera) => Math.abs(right[2]) > 0.6;

/** How near thigh and shank are where they are two things. */
const depthsOf = (
  { hip, knee, ankle }: Pick<LegBones, 'hip' | 'knee' | 'ankle'>,
  near: (at: Vec) => number,
) => ({
  thigh: (near(hip) + near(knee) * 2) / 3,
  shank: (near(knee) + near(ankle)) / 2 + 0.4,
});

/** How near the parts of a leg are that a hand lies on, on the side of who looks. */
function handLiesOver(
  { hip, knee, ankle }: LegBones,
  hand: Vec,
  near: (at: Vec) => number,
): readonly number[] {
  const { thigh, shank } = depthsOf({ hip, knee, ankle }, near);
  const parts: readonly (readonly [Vec, Vec, number])[] = [
    [hip, knee, thigh],
    [knee, ankle, shank],
  ];
  return parts.flatMap(([a, b, own]) => {
    const way = sub(b, a);
    const part = Math.min(1, Math.max(0, dot(sub(hand, a), way) / dot(way, way)));
    const on = lerp(a, b, part);
    const off = sub(hand, on);
    return Math.hypot(...off) < 8 && near(hand) > near(on) ? [own] : [];
  });
}

export const piece = (camera: Camera, cloth: Cloth, ...balls: readonly Ball[]): readonly Fill[] =>
  balls.slice(1).map((ball, i) => ({ cloth, d: capsuleOf(camera, balls[i] ?? ball, ball) }));

const lineOf = (fills: readonly Fill[]) => fills.map(({ d }) => d).join('');

function armLayer(body: Body, side: Side, camera: Camera): Omit<Layer, 'depth' | 'tone'> {
  const { shoulder, elbow, wrist, tip, thumb } = body.arms[side];
  const fills = [
    ...piece(
      camera,
      'skin',
      { at: elbow, r: ROUND.elbow },
      { at: lerp(elbow, wrist, 0.35), r: ROUND.forearm },
      { at: wrist, r: ROUND.wrist },
      { at: lerp(wrist, tip, 0.45), r: ROUND.palm },
      { at: tip, r: ROUND.finger },
    ),
    ...piece(camera, 'skin', { at: lerp(wrist, tip, 0.2), r: 1.2 }, { at: thumb, r: 0.85 }),
    ...piece(
      camera,
      'top',
      { at: shoulder, r: ROUND.shoulder },
      { at: lerp(shoulder, elbow, 0.45), r: ROUND.upperArm },
      { at: elbow, r: ROUND.elbow + 0.1 },
    ),
  ];
  const seam = { at: flat(camera, lerp(shoulder, elbow, -0.06)), r: 6, cloth: 'top' } as const;
  const marks = marksOf(camera, wrist, tip, thumb, [0.7, -0.05, -0.8], [0.56, 1.02]);
  return { line: lineOf(fills), fills, seam, marks };
}

/** Lines beside each other along a hand or a foot: which way it points, and how it is turned. */
function marksOf(
  camera: Camera,
  from: Vec,
  to: Vec,
  side: Vec,
  across: readonly number[],
  [start, end]: readonly [number, number],
): string {
  const way = sub(to, from);
  const aside = unit(square(sub(side, from), unit(way)));
  return across
    .map((off) => {
      const [a, b] = [start, end].map((part) =>
        flat(camera, along(along(from, way, part), aside, off)),
      ) as [Point, Point];
      return openLine([a, b]);
    })
    .join('');
}

function legLayers(
  body: Body,
  side: Side,
  camera: Camera,
  trunkDepth: number,
  works: boolean,
  l5: Vec,
  shades: ReadonlyMap<Part, readonly Shade[]>,
): readonly Layer[] {
  const { hip, knee, ankle, heel, ball, toe } = body.legs[side];
  const near = (at: Vec) => depth(camera, at);
  const thigh = piece(
    camera,
    'trousers',
    { at: hip, r: ROUND.thighTop },
    { at: lerp(hip, knee, 0.4), r: ROUND.thighMid },
    { at: knee, r: ROUND.knee },
  );
  const shank = [
    ...piece(camera, 'skin', { at: heel, r: ROUND.heel }, { at: ankle, r: ROUND.ankle * 0.9 }),
    ...piece(
      camera,
      'skin',
      { at: lerp(heel, ankle, 0.4), r: ROUND.heel },
      { at: ball, r: ROUND.ball },
      { at: toe, r: ROUND.toe },
    ),
    ...piece(
      camera,
      'trousers',
      { at: knee, r: ROUND.knee },
      { at: lerp(knee, ankle, 0.3), r: ROUND.calf },
      { at: ankle, r: ROUND.ankle },
    ),
  ];
  const isFar = isFromTheSide(camera) && near(hip) < near(body.hips) - 2.5;
  const tone: Tone = works ? 'working' : isFar ? 'far' : 'near';
  const [a, b] = [flat(camera, hip), flat(camera, knee)];
  const seen = Math.hypot(a[0] - b[0], a[1] - b[1]);
  const seam = {
    at: flat(camera, lerp(hip, l5, 0.08)),
    r: 6.4 + 4.4 * Math.min(1, seen / 22),
    cloth: 'trousers',
  } as const;
  const on = (...parts: readonly ('thigh' | 'shank')[]) => {
    const all = parts.flatMap((part) => shades.get(`${part}-${side}`) ?? []);
    return all.length > 0 ? { shades: all } : {};
  };
  // The inner side of a foot is where its heel, its ball and the other leg are square to each other.
  const inner = add(
    ball,
    cross(unit(square(sub(ankle, heel), unit(sub(ball, heel)))), unit(sub(ball, heel))),
  );
  const marks = marksOf(camera, ball, toe, inner, [0.9, 0.1, -0.7], [0.3, 1.25]);
  // Seen end on, a thigh and its shank are two things, or the knee can't be seen.
  if (seen < 15) {
    const depths = depthsOf(body.legs[side], near);
    return [
      { depth: depths.thigh, tone, line: lineOf(thigh), fills: thigh, seam, ...on('thigh') },
      { depth: depths.shank, tone, line: lineOf(shank), fills: shank, marks, ...on('shank') },
    ];
  }
  const fills = [...shank, ...thigh];
  const own = (near(hip) + near(knee) + near(ankle)) / 3;
  const legDepth = isFar ? Math.min(own, trunkDepth - 0.5) : own;
  return [
    { depth: legDepth, tone, line: lineOf(fills), fills, seam, marks, ...on('thigh', 'shank') },
  ];
}

function trunkLayer(body: Body, camera: Camera): Omit<Layer, 'depth'> {
  const ovals = trunkOf(body);
  const [seat, hip, waist, ribs, chest, top] = ovals as [Oval, Oval, Oval, Oval, Oval, Oval];
  const { arms, back } = body;
  const c7 = back[3] ?? body.hips;
  const neckBase = { at: along(c7, body.upper[1], -1.4), r: ROUND.neck };
  const shirt: Fill[] = [
    ...SIDES.flatMap((side) =>
      piece(camera, 'top', neckBase, {
        at: lerp(arms[side].shoulder, c7, 0.12),
        r: ROUND.shoulder - 0.3,
      }),
    ),
    ...[
      [waist, ribs],
      [ribs, chest],
      [chest, top],
    ].map((pair) => ({ cloth: 'top' as const, d: hullOf(camera, ...pair) })),
    { cloth: 'top', d: hullOf(camera, hip, waist) },
  ];
  const fills: Fill[] = [
    ...shirt,
    { cloth: 'trousers', d: hullOf(camera, seat, { ...hip, half: [hip.half[0], 3, hip.half[2]] }) },
  ];
  return { tone: 'near', line: lineOf(fills), fills, isTrunk: true };
}

/**
 * Neck and head of a body that is drawn so many times as large; its joints are where they are on the
 * page. The jaw opens as far as the body says where it is large enough to be seen.
 */
export function headLayers(
  { skull, back, upper, small }: Pick<Body, 'skull' | 'back' | 'upper' | 'small'>,
  camera: Camera,
  times = 1,
): readonly [neck: Omit<Layer, 'depth'>, head: Omit<Layer, 'depth'>] {
  const [, , , c7, top, middle] = back as [Vec, Vec, Vec, Vec, Vec, Vec];
  const at = (local: Vec) => add(middle, outOf(skull, scale(local, times)));
  const oval = (local: Vec, half: Vec): Oval => ({
    at: at(local),
    frame: skull,
    half: scale(half, times),
  });
  const opened = times > 1 ? (small.jaw ?? 0) / 26 : 0;
  const egg = oval([0, 0, 0], [...ROUND.skull] as unknown as Vec);
  const jaw = oval([0, -3.4 - 1.7 * opened, 1.8 - 0.5 * opened], [3.5, 3.4, 3.5]);
  const neck = piece(
    camera,
    'skin',
    { at: along(c7, upper[1], -0.6 * times), r: ROUND.neck * times },
    { at: top, r: (ROUND.neck - 0.3) * times },
    { at: at([0, -2, -0.6]), r: ROUND.neck * times },
  );
  const turnedAway = depth(camera, sub(at([0, 0, 1]), middle)) / times;
  const face = oval([0, -2, 2.5], [4.1, 4.9, 3.3]);
  const nose = circle(flat(camera, at([0, -1, 6.2])), 0.85 * times);
  const shows = turnedAway > -0.55;
  // From between the eyes to its tip: it tells where a face turns and tips that is seen from the front.
  const ridge = polygon(
    (
      [
        [-0.45, 1.6, 5.4],
        [0.45, 1.6, 5.4],
        [0.75, -1.5, 6.6],
        [-0.75, -1.5, 6.6],
      ] as const
    ).map((local) => flat(camera, at(local))),
  );
  const mouth = oval([0, -3.7 - 1 * opened, 4.9], [1.5, 0.2 + 1.35 * opened, 0.5]);
  // From the side the nose stands out by itself, and a sliver of it would come and go.
  const facing = turnedAway > 0.35;
  const hair = hullOf(camera, egg);
  const chin = hullOf(camera, jaw, { ...egg, half: scale([4.2, 4.6, 4.8], times) });
  const hairs: Fill = { cloth: 'hair', d: hair };
  const chins: Fill = { cloth: shows ? 'face' : 'hair', d: chin };
  // Seen from the feet the chin lies before the hair, and is no beard.
  const fromBelow = shows && depth(camera, sub(jaw.at, middle)) > 2.2 * times;
  const outer: Fill[] = [
    ...(shows ? [{ cloth: 'face' as const, d: nose }] : []),
    ...(fromBelow ? [hairs, chins] : [chins, hairs]),
  ];
  const inner: Fill[] = [
    ...(shows
      ? [
          {
            cloth: 'face' as const,
            d: hullOf(camera, face, { ...jaw, half: scale([3.3, 3.2, 3.3], times) }),
          },
        ]
      : []),
    ...(facing ? [{ cloth: 'nose' as const, d: ridge }] : []),
    ...(times > 1 && shows ? [{ cloth: 'nose' as const, d: hullOf(camera, mouth) }] : []),
  ];
  return [
    { tone: 'near', line: lineOf(neck), fills: neck },
    { tone: 'near', line: lineOf(outer), fills: [...outer, ...inner] },
  ];
}

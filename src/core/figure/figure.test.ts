import { EDGES, SIDES, type Side } from '@/core/body';
import { SHIPPED } from '@/core/moves';
import { BONE, ROUND } from './body';
import { boxOf } from './box';
import { posesOf, type Drawn } from './figure';
import { pictureOf } from './picture';
import { motionOf } from './motion';
import { mirrored, type Pose } from './pose';
import { BASES } from './bases';
import { SOLID } from './furniture';
import { POSES, WAYS, drawnStep } from './poses';
import { limbsOf } from './shown';
import { solve, trunkOf, type Body } from './solve';
import { add, into, length, lerp, scale, sub, type Vec } from './vec';

interface Named {
  readonly name: string;
  readonly drawn: Drawn;
}
const LEVELS: readonly Named[] = Object.entries(POSES).flatMap(([move, levels]) =>
  Object.entries(levels).map(([level, drawn]) => ({ name: `${move} / ${level}`, drawn })),
);

const ALL: readonly Named[] = [
  ...LEVELS,
  ...Object.entries(WAYS).map(([name, drawn]) => ({ name: `way ${name}`, drawn })),
];

const known = new Map<Named, readonly Body[]>();

/** Key poses and four moments between each two of them; worked out once for all that is asked of them. */
function moments(named: Named): readonly Body[] {
  const made = known.get(named);
  if (made) return made;
  const { keys, at } = motionOf(named.drawn);
  const count = (keys - 1) * 5 + 1;
  const bodies = Array.from({ length: count }, (_, i) => at(i / 5));
  known.set(named, bodies);
  return bodies;
}

const far = (a: Vec, b: Vec) => length(sub(a, b));

function bones({ hips, back, arms, legs }: Body): readonly number[] {
  const [l5 = hips, t12 = hips, t6 = hips, c7 = hips] = back;
  return [
    far(hips, l5) - BONE.pelvis,
    far(l5, t12) - BONE.lumbar,
    far(t12, t6) - BONE.mid,
    far(t6, c7) - BONE.upper,
    ...SIDES.flatMap((side) => [
      far(arms[side].shoulder, arms[side].elbow) - BONE.upperArm,
      far(arms[side].elbow, arms[side].wrist) - BONE.forearm,
      far(legs[side].hip, legs[side].knee) - BONE.thigh,
      far(legs[side].knee, legs[side].ankle) - BONE.shank,
      far(legs[side].hip, hips) - BONE.hipHalf,
    ]),
  ];
}

/** What is wrong with a body, by a measure for each named place; nothing where all is within `most`. */
const wrong = (measure: (body: Body, named: Named) => number, most: number) =>
  ALL.flatMap((named) => {
    const worst = Math.max(...moments(named).map((body) => measure(body, named)));
    return worst > most ? [`${named.name} ${worst.toFixed(2)}`] : [];
  });

/** The same in the key poses alone, which are held and looked at. */
const offInKeys = (measure: (body: Body) => number, most: number) =>
  ALL.flatMap(({ name, drawn }) => {
    const worst = Math.max(...posesOf(drawn).map((pose) => measure(solve(pose))));
    return worst > most ? [`${name} ${worst.toFixed(2)}`] : [];
  });

const fold = (a: Vec, b: Vec, c: Vec): number => {
  const [u, v] = [sub(b, a), sub(c, b)];
  const cos = (u[0] * v[0] + u[1] * v[1] + u[2] * v[2]) / (length(u) * length(v));
  return (Math.acos(Math.min(1, Math.max(-1, cos))) * 180) / Math.PI;
};

describe('figures', () => {
  test('every level of every move has one, and none is for a level that is not there', () => {
    const levels = SHIPPED.moves.flatMap(({ id, levels: own }) =>
      own.map((level) => `${id} / ${level.id}`),
    );
    expect(LEVELS.map(({ name }) => name).sort()).toEqual([...levels].sort());
  });

  test('every way between two positions is drawn, there and back, to either side', () => {
    for (const { id } of EDGES) {
      const { drawn, side } = drawnStep({ edge: id, direction: 'there' });
      const back = drawnStep({ edge: id, direction: 'back' });
      expect(side).toBe(id.endsWith('-left') ? 'left' : 'right');
      expect(back.drawn.keys).toEqual(drawn.keys.toReversed());
      expect(drawnStep({ edge: id, direction: 'back' }).drawn).toBe(back.drawn);
    }
  });

  test('bones keep their lengths in every moment', () => {
    expect(wrong((body) => Math.max(...bones(body).map(Math.abs)), 0.02)).toEqual([]);
  });

  test('hands and feet come to where they are to be in every moment', () => {
    const short = ({ arms, legs }: Body) =>
      Math.max(...SIDES.flatMap((side) => [arms[side].short, legs[side].short]));
    expect(wrong(short, 2.8)).toEqual([]);
    expect(offInKeys(short, 2.8)).toEqual([]);
  });

  test('knees and elbows bend one way, and no further than they go', () => {
    const knees = ({ legs }: Body) =>
      Math.max(...SIDES.map((side) => fold(legs[side].hip, legs[side].knee, legs[side].ankle)));
    const elbows = ({ arms }: Body) =>
      Math.max(
        ...SIDES.map((side) => fold(arms[side].shoulder, arms[side].elbow, arms[side].wrist)),
      );
    expect(wrong(knees, 158)).toEqual([]);
    // Between two poses an elbow may pass its own fold a little.
    expect(wrong(elbows, 173)).toEqual([]);
  });

  // Working limits, in degrees: how far forward and back, to a side, and round each joint goes.
  const SPINE = {
    lumbar: { back: -20, forward: 40, side: 20, turn: 16 },
    mid: { back: -20, forward: 36, side: 18, turn: 24 },
    upper: { back: -18, forward: 30, side: 16, turn: 26 },
    neck: { back: -35, forward: 40, side: 25, turn: 35 },
    head: { back: -25, forward: 30, side: 15, turn: 35 },
  } as const;
  const LEG = { f: [-30, 140], b: [-30, 50], r: [-45, 80], k: [-2, 158], d: [-75, 38] } as const;
  const ARM = { f: [-60, 190], b: [-70, 190], e: [0, 150] } as const;

  test('no joint of a key pose goes further than it can', () => {
    const outside = (limb: object, limits: Readonly<Record<string, readonly [number, number]>>) =>
      Object.entries(limb).filter(([key, value]) => {
        const [least, most] = limits[key] ?? [];
        return least !== undefined && most !== undefined && (value < least || value > most);
      });
    const wrongOf = (pose: Pose) => [
      ...Object.entries(SPINE).filter(([joint, { back, forward, side, turn }]) => {
        const [f, s, t] = pose[joint as keyof typeof SPINE];
        return f < back || f > forward || Math.abs(s) > side || Math.abs(t) > turn;
      }),
      ...SIDES.flatMap((side) => [
        ...outside(pose.legs[side], LEG),
        ...outside(pose.arms[side], ARM),
      ]),
    ];
    const off = ALL.flatMap(({ name, drawn }) =>
      posesOf(drawn).flatMap((pose) => wrongOf(pose).map(([joint]) => `${name}: ${joint}`)),
    );
    expect(off).toEqual([]);
  });

  test('no hip, ankle, shoulder or wrist goes further than it can, in any moment', () => {
    const most = (measure: (limbs: ReturnType<typeof limbsOf>, side: Side) => number) =>
      wrong((body) => {
        const limbs = limbsOf(body);
        return Math.max(...SIDES.map((side) => measure(limbs, side)));
      }, 0);
    const within = (least: number, value: number, last: number) =>
      Math.max(least - value, value - last);
    expect(most(({ legs }, side) => within(-36, legs[side].forward, 142))).toEqual([]);
    expect(most(({ legs }, side) => within(-32, legs[side].away, 58))).toEqual([]);
    expect(most(({ legs }, side) => within(-80, legs[side].toesUp, 56))).toEqual([]);
    expect(most(({ arms }, side) => arms[side].behind - 76)).toEqual([]);
    expect(most(({ arms }, side) => arms[side].across - 12)).toEqual([]);
    // A hand is one bone here: fists of the finger glides bend it as well.
    expect(
      most(({ arms }, side) => arms[side].wrist - 110).filter(
        (name) => !name.startsWith('finger-glides'),
      ),
    ).toEqual([]);
  });

  test('who kneels has a knee on the floor', () => {
    const onKnees: readonly string[] = ['fours', 'kneel-seat', 'kneel-tall', 'kneel-half', 'fold'];
    // Ends in another position, or with the knees lifted.
    const leaves = [
      'hips-high-knees-soft / from-all-fours',
      'all-fours-to-standing-at-a-chair / to-standing',
    ];
    const up = LEVELS.filter(
      ({ name, drawn }) => onKnees.includes(drawn.base) && !leaves.includes(name),
    ).flatMap(({ name, drawn }) => {
      const worst = Math.max(
        ...posesOf(drawn).map((pose) => {
          const { left, right } = solve(pose).legs;
          return Math.min(left.knee[1], right.knee[1]) - ROUND.knee;
        }),
      );
      return worst > 2.6 ? [`${name} ${worst.toFixed(1)}`] : [];
    });
    expect(up).toEqual([]);
  });

  test('nothing is under the floor', () => {
    const under = (body: Body) => {
      const hands = SIDES.flatMap((side) => [
        body.arms[side].wrist[1] - 0.8,
        body.arms[side].tip[1],
      ]);
      const feet = SIDES.flatMap((side) => [
        body.legs[side].heel[1] - 2.3,
        body.legs[side].toe[1] - 1.4,
        body.legs[side].knee[1] - 3.8,
      ]);
      const heights = SIDES.map((side) => body.arms[side].elbow[1] - 2.6);
      return -Math.min(...hands, ...feet, ...heights);
    };
    expect(offInKeys(under, 2.4)).toEqual([]);
    expect(wrong(under, 2.4)).toEqual([]);
  });

  /** Bones of the limbs, of the trunk and the head, as lines. */
  const lines = ({ hips, back, arms, legs }: Body): readonly (readonly [Vec, Vec])[] => [
    [hips, back[3] ?? hips],
    [back[4] ?? hips, back[5] ?? hips],
    ...SIDES.flatMap((side): (readonly [Vec, Vec])[] => {
      const [a, l] = [arms[side], legs[side]];
      return [
        [a.shoulder, a.elbow],
        [a.elbow, a.wrist],
        [a.wrist, a.tip],
        [l.hip, l.knee],
        [l.knee, l.ankle],
        [l.heel, l.toe],
      ];
    }),
  ];
  const along = ([a, b]: readonly [Vec, Vec], parts = 4) =>
    Array.from({ length: parts + 1 }, (_, i) => lerp(a, b, i / parts));

  test('nothing goes through a seat, a back, a wall or a counter', () => {
    const inBlock = (p: Vec, [a, b]: readonly [Vec, Vec]) =>
      Math.min(
        ...p.map((x, i) => Math.min(x - Math.min(a[i]!, b[i]!), Math.max(a[i]!, b[i]!) - x)),
      );
    const inside = (body: Body, { drawn }: Named) => {
      const room = [...(drawn.room ?? BASES[drawn.base].room), ...(drawn.with ?? [])];
      const solids = room.flatMap((one) => SOLID[one] ?? []);
      const points = lines(body).flatMap((line) => along(line));
      return Math.max(0, ...solids.flatMap((block) => points.map((p) => inBlock(p, block))));
    };
    expect(wrong(inside, 1)).toEqual([]);
  });

  const apart = (a: readonly [Vec, Vec], b: readonly [Vec, Vec]) =>
    Math.min(...along(a, 8).flatMap((p) => along(b, 8).map((q) => far(p, q))));

  test('no limb goes through another, through the trunk or through the head', () => {
    const shins = (body: Body) => {
      const { left, right } = body.legs;
      const parts = ({ hip, knee, ankle }: typeof left): readonly (readonly [Vec, Vec])[] => [
        [lerp(hip, knee, 0.4), knee],
        [knee, ankle],
      ];
      return -Math.min(...parts(left).flatMap((a) => parts(right).map((b) => apart(a, b))));
    };
    // Flesh gives: lines of bones that come this near still lie on each other.
    expect(wrong(shins, -1.5)).toEqual([]);
    const forearms = ({ arms, legs }: Body) =>
      -Math.min(
        ...SIDES.flatMap((side) =>
          SIDES.flatMap((other) => {
            const own = [lerp(arms[side].elbow, arms[side].wrist, 0.1), arms[side].wrist] as const;
            const { hip, knee, ankle } = legs[other];
            return [apart(own, [lerp(hip, knee, 0.4), knee]), apart(own, [knee, ankle])];
          }),
        ),
      );
    // On a way between two positions a forearm may brush a leg.
    const isWay = ({ name }: Named) => name.startsWith('way ');
    expect(wrong((body, named) => forearms(body) - (isWay(named) ? 0.5 : 0), -1)).toEqual([]);
    const depth = (body: Body, p: Vec) =>
      1 -
      Math.min(
        ...trunkOf(body).map(({ at, frame, half }) => {
          const [x, y, z] = into(frame, sub(p, at));
          return Math.hypot(x / half[0], y / half[1], z / half[2]);
        }),
      );
    const inTrunk = (body: Body) =>
      Math.max(
        ...SIDES.flatMap((side) => {
          const { elbow, wrist } = body.arms[side];
          const { knee, ankle } = body.legs[side];
          return [lerp(elbow, wrist, 0.5), wrist, lerp(knee, ankle, 0.5), ankle].map((p) =>
            depth(body, p),
          );
        }),
      );
    expect(wrong(inTrunk, 0.5)).toEqual([]);
    const inHead = ({ arms, back }: Body) =>
      -Math.min(
        ...SIDES.flatMap((side) => {
          const { shoulder, elbow, wrist } = arms[side];
          const head = back[5] ?? shoulder;
          return [
            far(lerp(elbow, wrist, 0.5), head),
            far(wrist, head),
            far(lerp(shoulder, elbow, 0.6), head),
          ];
        }),
      );
    expect(wrong(inHead, -3.4)).toEqual([]);
  });

  /** How far a point in the plan lies outside what the others span. */
  function outside([x, z]: readonly [number, number], span: readonly Vec[]): number {
    const ways = Array.from({ length: 24 }, (_, i) => (i * Math.PI) / 12);
    return Math.max(
      ...ways.map((way) => {
        const [u, v] = [Math.cos(way), Math.sin(way)];
        return u * x + v * z - Math.max(...span.map((p) => u * p[0] + v * p[2]));
      }),
    );
  }

  /** Where the weight of a body falls: shares of its parts are common working values. */
  function weightOf({ hips, back, arms, legs }: Body): readonly [number, number] {
    const mid = (a: Vec, b: Vec) => lerp(a, b, 0.5);
    const parts: (readonly [number, Vec])[] = [
      [0.08, back[5] ?? hips],
      [0.5, mid(hips, back[3] ?? hips)],
      ...SIDES.flatMap((side): (readonly [number, Vec])[] => [
        [0.05, mid(arms[side].shoulder, arms[side].wrist)],
        [0.1, mid(legs[side].hip, legs[side].knee)],
        [0.06, mid(legs[side].knee, legs[side].ankle)],
      ]),
    ];
    const all = parts.reduce((sum, [share]) => sum + share, 0);
    const along = (i: 0 | 2) => parts.reduce((sum, [share, p]) => sum + share * p[i], 0) / all;
    return [along(0), along(2)];
  }

  test('who stands has the weight over the feet, or over the hand that holds on', () => {
    const falling = ALL.flatMap(({ name, drawn }) =>
      posesOf(drawn).flatMap((pose) => {
        const body = solve(pose);
        const { legs, arms, hips } = body;
        if (hips[1] < 44 || !('hips' in BASES[drawn.base].pose.rest)) return [];
        const height = drawn.with?.includes('step-low') ? 12 : 4;
        const feet = SIDES.flatMap((side) =>
          [legs[side].heel, legs[side].toe].filter((p) => p[1] < height),
        );
        const held = SIDES.flatMap((side) => ('at' in pose.arms[side] ? [arms[side].wrist] : []));
        if (feet.length === 0) return [];
        const beyond = outside(weightOf(body), [...feet, ...held]);
        return beyond > 4 ? [`${name} ${beyond.toFixed(1)}`] : [];
      }),
    );
    expect(falling).toEqual([]);
  });

  test('the mirror of a pose is its mirror', () => {
    const off = ALL.flatMap(({ name, drawn }) =>
      posesOf(drawn).flatMap((pose) => {
        const [a, b] = [solve(pose), solve(mirrored(pose))];
        const flip = ([x, y, z]: Vec): Vec => [-x, y, z];
        const apart = Math.max(
          far(flip(a.hips), b.hips),
          far(flip(a.arms.left.tip), b.arms.right.tip),
          far(flip(a.arms.right.elbow), b.arms.left.elbow),
          far(flip(a.legs.left.toe), b.legs.right.toe),
          far(flip(a.legs.right.knee), b.legs.left.knee),
          far(flip(a.back[5] ?? a.hips), b.back[5] ?? b.hips),
        );
        return apart > 0.01 ? [`${name} ${apart.toFixed(2)}`] : [];
      }),
    );
    expect(off).toEqual([]);
  });

  test('two levels of a move look different', () => {
    const look = ({ base, view, room, with: more, keys, works }: Drawn) =>
      JSON.stringify([base, view, room, more, keys, works]);
    const places = (drawn: Drawn) =>
      posesOf(drawn).map((pose) => {
        const { back, arms, legs, skull } = solve(pose);
        const nose = add(back[5] ?? [0, 0, 0], scale(skull[2], 6));
        return [
          nose,
          ...SIDES.flatMap((side) => [
            arms[side].tip,
            arms[side].elbow,
            legs[side].toe,
            legs[side].knee,
          ]),
        ];
      });
    const same = Object.entries(POSES).flatMap(([move, levels]) => {
      const all = Object.entries(levels);
      return all.flatMap(([name, drawn], i) =>
        all.slice(i + 1).flatMap(([other, second]) => {
          const rooms = (one: Drawn) =>
            JSON.stringify([
              one.base,
              one.view,
              one.room,
              one.with,
              posesOf(one).map(({ small }) => small),
            ]);
          if (rooms(drawn) !== rooms(second)) return [];
          const [a, b] = [places(drawn), places(second)];
          if (a.length !== b.length) return [];
          const apart = Math.max(
            ...a.flatMap((body, k) => body.map((at, j) => far(at, b[k]?.[j] ?? at))),
          );
          return look(drawn) === look(second) || apart < 1.2
            ? [`${move}: ${name} and ${other} ${apart.toFixed(2)}`]
            : [];
        }),
      );
    });
    expect(same).toEqual([]);
  });

  test('a picture has numbers alone in its outlines', () => {
    const odd = ALL.filter(({ drawn }) => {
      const layers = pictureOf(drawn, motionOf(drawn).at(0));
      const outlines = layers.flatMap(({ line = '', fills }) => [line, ...fills.map(({ d }) => d)]);
      return /NaN|Infinity|e-/.test(outlines.join());
    });
    expect(odd).toEqual([]);
  });

  test('a picture has room for all that moves in it', () => {
    const cut = ALL.filter(({ drawn }) => {
      const { keys, at } = motionOf(drawn);
      const [x, y, width, height] = boxOf(drawn);
      const outlines = Array.from({ length: 2 * keys - 1 }, (_, i) => pictureOf(drawn, at(i / 2)))
        .flat()
        .map(({ line = '' }) => line);
      const points = outlines.flatMap((line) => [...line.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)]);
      return points.some(([, u, v]) => {
        const [dx, dy] = [Number(u) - x, Number(v) - y];
        return dx < 0 || dy < 0 || dx > width || dy > height;
      });
    });
    expect(cut.map(({ name }) => name)).toEqual([]);
  });

  test('what is stretched is shaded on its own side, and not through the body', () => {
    const drawn = POSES['seated-hamstring-reach']?.['knee-straight'];
    if (!drawn) throw new Error('no figure');
    const body = motionOf(drawn).at(1);
    const shaded = (region: 'back-thigh' | 'chest', on: 'worked' | 'other') =>
      pictureOf(drawn, body, [{ region, on }]).filter(({ shades }) => shades !== undefined);
    expect(shaded('back-thigh', 'worked').map(({ tone }) => tone)).toEqual(['working']);
    expect(shaded('back-thigh', 'other').map(({ tone }) => tone)).toEqual(['far']);
    const twist = POSES['hand-behind-the-back']?.['hand-behind'];
    if (!twist) throw new Error('no figure');
    const seen = pictureOf(twist, motionOf(twist).at(1), [{ region: 'chest', on: 'body' }]);
    expect(seen.some(({ shades }) => shades)).toBe(false);
  });
});

import { SIDES, loadsOfWay, onSide, position, type Load, type Side } from '@/core/body';
import { SHIPPED, type Bearing, type Level, type Move } from '@/core/moves';
import { posesOf } from './figure';
import { POSES } from './poses';
import { SHOWN, shownBy, type ShownLoad } from './shown';

const NAMES = Object.keys(SHOWN) as readonly ShownLoad[];

interface Drawn {
  readonly move: Move;
  readonly level: Level;
  readonly name: string;
  readonly shown: ReturnType<typeof shownBy>;
}
const ALL: readonly Drawn[] = SHIPPED.moves.flatMap((move) =>
  move.levels.flatMap((level) => {
    const drawn = POSES[move.id]?.[level.id];
    const name = `${move.name} / ${level.name}`;
    return drawn ? [{ move, level, name, shown: shownBy(posesOf(drawn)) }] : [];
  }),
);

/** Working sides are drawn as the right one; of sides that change, either may be drawn. */
function sidesOf({ sides }: Move, on: Bearing): readonly Side[] {
  if (on === 'body' || sides !== 'each') return SIDES;
  return on === 'worked' ? ['right'] : ['left'];
}

/** What its places ask, and the ways between them. */
function ofPlaces({ from, through, to }: Level): ReadonlySet<Load> {
  const places = [from, ...through, to].map((place) => onSide(place, 'left'));
  return new Set(
    places.flatMap((place, i) => {
      const next = places[i + 1];
      const way = next && next !== place ? loadsOfWay(place, next, { group: 'desk' }) : [];
      return [...position(place).loads, ...way].flatMap((load) => [load, ...(SAYS[load] ?? [])]);
    }),
  );
}

const every = (move: string) => ALL.flatMap((one) => (one.move.name === move ? [one.name] : []));

/** Asked in another way than bends, or drawn in another way than it is asked. */
const ELSEWHERE: Readonly<Partial<Record<ShownLoad, readonly string[]>>> = {
  // A slide and not a bend; and turned and tilted at once, each of them short of its end.
  'neck-end-range': [
    'Chin tuck / free',
    'Open book / arm open',
    ...every('All-fours look to the heels'),
  ],
  // A step, a tap, or a heel that lies on something: nobody stays on that leg.
  'one-leg': [
    'Foot-on-block fold / hands on the seat',
    'Foot-on-block fold / hands to the foot',
    'Heel-lift jog / jogging',
    ...every('Step over a line'),
    ...every('Tap with arm stroke'),
    ...every('Tap and turn'),
  ],
  // A hand round an edge or an armrest is pushed from with the wrist straight.
  'wrist-weight': [
    'Reach back and lower slowly / hands on arms',
    ...every('Chair to half kneel and back'),
    ...every('Pressure lift'),
    'Across the bed and to the edge / to the edge',
    'Rise with a walker / to the walker',
  ],
  // The whole body turns, and the head with it.
  'head-turn': [
    'Rocking on the back / knees held',
    ...every('Rolling from side to side'),
    ...every('Figure of eight'),
    ...every('Turn round in small steps'),
    ...every('Car turn'),
  ],
  // Quicker than two pictures tell, or turned against a band.
  'calf-work': [
    'Heel-lift jog / jogging',
    'Ankle in and out / with a band',
    'Quick feet / whole feet',
  ],
  // Legs above the heart press on head and eyes as a low head does.
  'head-below-heart': ['Legs-up rest / legs up the wall'],
  // Arms that lie on the floor or hang.
  'arms-off': ['Lying along a roller / along the roll', 'Seated forward rest / rounded down'],
};
const isElsewhere = (load: ShownLoad, name: string) => ELSEWHERE[load]?.includes(name) ?? false;

/** A low seat bends the hips past a right angle: whoever may not have the one has the other out too. */
const SAYS: Readonly<Partial<Record<Load, readonly Load[]>>> = {
  'low-seat': ['hip-flex-past-90'],
};

describe('poses and loads hold each other to account', () => {
  test.each(NAMES)('%s is drawn where it is declared', (load) => {
    const silent = ALL.flatMap(({ move, level, name, shown }) => {
      if (isElsewhere(load, name)) return [];
      const at = level.loads.filter((one) => one.load === load);
      const off = at.filter(({ on }) =>
        sidesOf(move, on).every((side) => shown(load, side) < SHOWN[load].least),
      );
      const by = off.map(({ on }) =>
        Math.max(...sidesOf(move, on).map((side) => shown(load, side))),
      );
      return off.length > 0
        ? [`${name}: ${off[0]?.on ?? ''} ${by.map((n) => n.toFixed(0)).join()}`]
        : [];
    });
    expect(silent).toEqual([]);
  });

  test.each(NAMES)('%s is declared where it is surely drawn', (load) => {
    const unsaid = ALL.flatMap(({ move, level, name, shown }) => {
      if (ofPlaces(level).has(load) || isElsewhere(load, name)) return [];
      const said = level.loads
        .filter((one) => one.load === load)
        .flatMap(({ on }) => sidesOf(move, on));
      const off = SIDES.filter(
        (side) => !said.includes(side) && shown(load, side, true) >= SHOWN[load].sure,
      );
      return off.length > 0
        ? [`${name}: ${off.map((side) => `${side} ${shown(load, side, true).toFixed(0)}`).join()}`]
        : [];
    });
    expect(unsaid).toEqual([]);
  });
});

import { REGIONS } from '@/core/body';
import {
  LIMITS,
  LIMIT_TABLE,
  barsOf,
  clearOf,
  effectsOf,
  LANE_NAMES,
  resolveInLane,
} from '@/core/people';
import { SHIPPED } from './catalogue';
import { levelNamed, usualLevel } from './move';
import { moveNamed } from './naming';

describe('how the catalogue hangs together', () => {
  test('every lane has much to do', () => {
    for (const lane of LANE_NAMES) {
      const done = SHIPPED.moves.filter(
        (move) => resolveInLane(lane, { catalogue: SHIPPED, move }).reason === 'as-written',
      );
      expect([lane, done.length >= 10]).toEqual([lane, true]);
    }
  });

  test('every limit leaves at least seven moves for each region that has so many', () => {
    for (const region of REGIONS) {
      const moves = SHIPPED.moves.filter(({ regions }) => regions.includes(region));
      for (const limit of LIMITS) {
        if (limit === 'no standing' || limit === 'no floor') continue;
        const bars = barsOf(effectsOf([{ limit }]));
        const left = moves.filter(({ levels }) =>
          levels.some((level) => clearOf(bars, level, level.support)),
        );
        const wanted = Math.min(7, moves.length);
        expect([region, limit, left.length >= wanted]).toEqual([region, limit, true]);
      }
    }
    expect(Object.keys(LIMIT_TABLE).length).toBeGreaterThan(40);
  });
});

/** "Loads and first levels to get right", row by row. */
describe('loads and first levels', () => {
  const move = (name: string) => {
    const found = moveNamed(SHIPPED, name);
    if (!found) throw new Error(name);
    return found;
  };
  const loads = (name: string, level?: string) => {
    const one = (level && levelNamed(move(name), level)) || move(name).levels[0];
    return (one?.loads ?? []).map(({ load }) => load);
  };
  const anyLevel = (name: string) =>
    move(name).levels.flatMap((level) => level.loads.map(({ load }) => load));

  test('hands on the head and nodding up: no hands, up only to level gaze first', () => {
    expect(loads('Held neck tilt, hand resting')).not.toContain('hand-on-head');
    expect(loads('Chin to chest, hands resting')).not.toContain('hand-on-head');
    expect(loads('Nod down and up')).not.toContain('look-up');
    expect(usualLevel(move('Nod down and up')).name).toMatch(/up to level/);
  });

  test.each([
    'Rocking on the back',
    'Roll-down, legs held',
    'Both knees hug',
    'Small curl-up',
    'Both-legs strap reach, by thirds',
    'Seated forward rest',
    "Child's pose",
  ])('%s carries a rounding load, and a long-spine hinge is there in its place', (name) => {
    expect(
      anyLevel(name).some((load) => load.startsWith('spine-flex')) || name === "Child's pose",
    ).toBe(true);
    expect(anyLevel('Seated long-spine hinge').filter((one) => one.startsWith('spine'))).toEqual(
      [],
    );
  });

  test('folds put the head low: hands on a seat first', () => {
    expect(loads('Foot-on-block fold')).toContain('head-below-heart');
    expect(loads('Foot-on-block fold')).not.toContain('spine-flex-end');
    expect(move('Foot-on-block fold').levels[0]?.from).toBe('stand-seat');
    expect(anyLevel('Seated forward rest')).toContain('head-below-heart');
    expect(loads('Seated forward rest')).not.toContain('head-below-heart');
  });

  test.each([
    'Knee lift with press',
    'Knee lift with wrist tap',
    'Alternate leg raise, arms forward',
    'Knee to opposite elbow',
    'Single-leg hinge with turn',
  ])('%s keeps one hand on and the toes down at its first level', (name) => {
    const [first] = move(name).levels;
    expect(first?.support).toBe('one hand');
    expect(first?.name).toMatch(/toes down|heel down/);
    expect(first?.loads.map(({ load }) => load)).not.toContain('one-leg');
  });

  test('the line walk goes along a counter first', () => {
    expect(move('Heel-to-toe line walk').levels[0]?.from).toBe('stand-counter');
    expect(move('Heel-to-toe line walk').levels[0]?.support).toBe('one hand');
  });

  test.each(['Lying along a roller', 'Propped bridge'])('%s begins on a rolled towel', (name) => {
    expect(move(name).levels[0]?.name).toBe('rolled towel');
    expect(move(name).propped).toBe(true);
    expect(move(name).cues.wayOut).toMatch(/side|slowly/);
  });

  test.each(['Prone press-up', 'Prone chest lift'])('%s has the forearms down first', (name) => {
    expect(move(name).levels[0]?.name).toMatch(/forearms/);
    expect(loads(name)).toContain('spine-extend-end');
  });

  test.each([
    'Clasped overhead reach',
    'Hand behind the back',
    'Elbows behind the head, lift',
    'Wall chest stretch',
    'Wall angel',
  ])('%s has a level below shoulder height', (name) => {
    for (const load of [
      'shoulder-overhead',
      'shoulder-behind',
      'shoulder-open-end',
      'hand-on-head',
    ] as const) {
      expect(loads(name)).not.toContain(load);
    }
  });

  test('a car turn opens the hip only a little at first', () => {
    expect(loads('Car turn')).not.toContain('hip-rotate-out');
    expect(loads('Car turn')).not.toContain('hip-cross-midline');
  });

  test.each([
    ['Seated figure four', 'hip-flex-past-90'],
    ['Lying figure four', 'hip-flex-past-90'],
    ['Floor-seated figure four', 'hip-flex-past-90'],
    ['Standing figure four', 'one-leg'],
    ['Floor butterfly', 'deep-knee'],
    ['Ninety-ninety rock', 'hip-flex-past-90'],
    ['Floor-seated twist', 'hip-cross-midline'],
  ])('%s asks for no %s at first, and for some later', (name, load) => {
    expect(loads(name)).not.toContain(load);
    expect(anyLevel(name)).toContain(load);
  });

  test('half-kneel and couch stretches have a split stance', () => {
    expect(move('Split-stance hip stretch').family).toBe(move('Half-kneel hip flexor').family);
    expect(move('Front-thigh stretch at the chair').levels[0]?.name).toBe('split step');
  });

  test.each(['Heel-lift jog', 'Side-step jacks', 'Wall push-up'])(
    '%s has a step version first',
    (name) => {
      expect(loads(name)).not.toContain('impact');
      expect(usualLevel(move(name)).loads.map(({ load }) => load)).not.toContain('impact');
    },
  );
});

import { readRoutineText, writeRoutineText } from '../routine';
import { countingIds, routineIdSchema } from '../ids';
import { LIMITS, LIMIT_TABLE, barsOf, clearOf, effectsOf } from '../limit';
import { LANE_NAMES, resolveInLane } from '../lane';
import { REGIONS } from '../body';
import { MOVES, levelNamed, moveNamed, usualLevel, type Move } from '.';

const cuesOf = ({ cues }: Move) => [
  cues.setUp,
  cues.go,
  cues.short,
  ...cues.watch,
  cues.easier,
  cues.further,
  cues.wayOut,
  cues.breath,
];

describe('how the catalogue speaks', () => {
  test.each(MOVES.map((move) => [move.name, move] as const))('%s', (_, move) => {
    for (const cue of cuesOf(move)) {
      expect(cue).not.toMatch(
        /\bshould\b|\bmust\b|!|\b(good|great|perfect|beautiful|nice|well done)\b/i,
      );
      expect(cue).not.toMatch(/\b(slim|thin|fat|belly fat|tone|weight loss|lose weight|pretty)\b/i);
      // Plain words, no Latin where English does.
      expect(cue).not.toMatch(
        /\b(hamstring|quad|glute|gluteus|scapula|lumbar|thoracic|cervical|femur|psoas)/i,
      );
      expect(cue).toMatch(/^[A-Z{0-9]/);
    }
    for (const cue of [move.cues.setUp, move.cues.go, move.cues.short, move.cues.wayOut]) {
      expect(cue).toMatch(/\.$/);
      // The breath is said by the routine's school.
      if (move.kind !== 'breath') expect(cue).not.toMatch(/\b(inhale|exhale|breathe (in|out))\b/i);
    }
    if (move.kind !== 'breath') expect(move.cues.breath).not.toMatch(/\b(in|out)\b/i);
    // The limb or the way is always named, not only the side.
    expect(move.cues.go).not.toMatch(/^\{(side|other)\}[.,]/);
    // A name can be written on a line of its own.
    expect(move.name).not.toMatch(/[:#"[\]()’]/);
  });

  test('nothing is said twice of two moves that are not the same', () => {
    const seen = new Map<string, string>();
    for (const { name, cues } of MOVES) {
      const both = `${cues.setUp} ${cues.go}`;
      expect([name, seen.get(both)]).toEqual([name, undefined]);
      seen.set(both, name);
    }
  });
});

describe('how the catalogue hangs together', () => {
  test('every default line is read back as the move that it names', () => {
    for (const name of MOVES.flatMap((move) => [move.name, ...move.otherNames])) {
      const read = readRoutineText(`${name}\n`, {
        id: routineIdSchema.parse('r'),
        newId: countingIds('i'),
        untitled: 'x',
      });
      expect([name, read.problems]).toEqual([name, []]);
      const again = writeRoutineText(read.routine);
      expect(again).toContain(moveNamed(name)?.name);
    }
  });

  test('moves of a family share a region with one of their own', () => {
    for (const move of MOVES) {
      const family = MOVES.filter((one) => one.family === move.family && one !== move);
      if (family.length === 0) continue;
      const shares = family.some((one) => one.regions.some((r) => move.regions.includes(r)));
      expect([move.name, shares]).toEqual([move.name, true]);
    }
  });

  test('an easier level never asks for more', () => {
    for (const { name, levels } of MOVES) {
      levels.slice(1).forEach((harder, i) => {
        const easier = levels[i];
        // Hands that help carry weight; that is what makes it easier.
        const asks = (level: typeof easier) =>
          (level?.loads ?? []).filter(({ load }) => load !== 'shoulder-weight').length;
        const more = asks(easier) > asks(harder);
        expect([name, easier?.name, more]).toEqual([name, easier?.name, false]);
      });
    }
  });

  test('doses are inside their own ranges', () => {
    for (const { name, dose, doseFor, range } of MOVES) {
      for (const one of [dose, ...Object.values(doseFor ?? {})]) {
        const span = {
          hold: range.holdMs,
          reps: range.reps,
          breaths: range.breaths,
          timed: range.timedMs,
        };
        const amount = { hold: 'holdMs', reps: 'reps', breaths: 'breaths', timed: 'timedMs' }[
          one.kind
        ];
        const [least, most] = span[one.kind] ?? [Infinity, 0];
        const value = Number((one as unknown as Record<string, unknown>)[amount]);
        expect([name, value >= least && value <= most]).toEqual([name, true]);
        expect(one.sets).toBeGreaterThanOrEqual(range.sets[0]);
        expect(one.sets).toBeLessThanOrEqual(range.sets[1]);
      }
    }
  });

  test('what is stretched is at its end of range and says how strongly', () => {
    for (const move of MOVES.filter(({ kind }) => kind === 'stretch')) {
      expect([move.name, move.stretchStrength !== undefined]).toEqual([move.name, true]);
      const stretched = move.levels.flatMap((level) => level.stretched.map(({ region }) => region));
      for (const region of move.endRange)
        expect([move.name, stretched]).toEqual([move.name, expect.arrayContaining([region])]);
      expect(move.endRange.length).toBeGreaterThan(0);
    }
  });

  test('every lane has much to do', () => {
    for (const lane of LANE_NAMES) {
      const done = MOVES.filter((move) => resolveInLane(lane, { move }).reason === 'as-written');
      expect([lane, done.length >= 10]).toEqual([lane, true]);
    }
  });

  test('every limit leaves at least eight moves for each region that has so many', () => {
    for (const region of REGIONS) {
      const moves = MOVES.filter(({ regions }) => regions.includes(region));
      for (const limit of LIMITS) {
        if (limit === 'no standing' || limit === 'no floor') continue;
        const bars = barsOf(effectsOf([{ limit }]));
        const left = moves.filter(({ levels }) =>
          levels.some((level) => clearOf(bars, level, level.support)),
        );
        const wanted = Math.min(8, moves.length);
        expect([region, limit, left.length >= wanted]).toEqual([region, limit, true]);
      }
    }
    expect(Object.keys(LIMIT_TABLE).length).toBeGreaterThan(40);
  });
});

/** "Loads and first levels to get right", row by row. */
describe('loads and first levels', () => {
  const move = (name: string) => {
    const found = moveNamed(name);
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
    expect(loads('Seated long-spine hinge')).toEqual([]);
  });

  test('folds put the head low: hands on a seat first', () => {
    expect(anyLevel('Foot-on-block fold')).toContain('head-below-heart');
    expect(loads('Foot-on-block fold')).not.toContain('head-below-heart');
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
    expect(loads(name)).not.toContain('spine-extend-end');
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

  test.each([
    'Seated figure four',
    'Lying figure four',
    'Floor-seated figure four',
    'Standing figure four',
    'Floor butterfly',
    'Ninety-ninety rock',
    'Floor-seated twist',
    'Both knees to one side, hip lifted',
    'Car turn',
  ])('%s opens the hip only a little at first', (name) => {
    expect(loads(name)).not.toContain('hip-rotate-out');
    expect(loads(name)).not.toContain('hip-cross-midline');
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

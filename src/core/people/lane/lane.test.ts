import type { Load } from '@/core/body';
import { SHIPPED, moveNamed, usualLevel, type Move } from '@/core/moves';
import { barsOf, type Effect } from '../limit/effects';
import { LANES, LANE_NAMES, laneGoesTo, laneHome, placeInLane, type LaneName } from './lanes';
import { resolveInLane } from './resolve';

function named(name: string): Move {
  const move = moveNamed(SHIPPED, name);
  if (!move) throw new Error(name);
  return move;
}

const choice = (lane: LaneName, name: string, wish: object = {}, ...out: Load[]) => {
  const effects = out.map((load): Effect => ({
    load,
    severity: 'out',
    side: null,
    limit: 'not-asked',
  }));
  const bars = barsOf(effects);
  const { move, level, reason } = resolveInLane(
    lane,
    { catalogue: SHIPPED, move: named(name), ...wish },
    bars,
  );
  return [move?.name ?? null, level?.name ?? null, reason];
};

describe('lanes', () => {
  test('every lane has a home that it goes to', () => {
    for (const name of LANE_NAMES) {
      for (const asked of ['sit-front', 'sit-back', 'stand'] as const) {
        expect(LANES[name].allows).toContain(laneHome(name, asked));
      }
    }
  });

  test('a seat is a wheelchair there, and lying is on the bed or the couch', () => {
    expect(placeInLane('wheelchair', 'sit-front', null)).toBe('wheel-front');
    expect(placeInLane('bed', 'lying-back', null)).toBe('bed-back');
    expect(placeInLane('bed', 'side-lying', 'right')).toBe('bed-side');
    expect(placeInLane('couch', 'lying-front', null)).toBeUndefined();
    expect(placeInLane('chair', 'stand', null)).toBeUndefined();
  });

  test('sided places count only where both sides can be had', () => {
    expect(laneGoesTo('floor', 'side-lying')).toBe(true);
    expect(laneGoesTo('stand', 'kneel-half')).toBe(false);
  });

  test.each<[LaneName, string, (string | null)[]]>([
    ['stand', 'Seated twist', ['Seated twist', 'hand on the thigh', 'as-written']],
    ['chair', 'Marching', ['Seated march', 'knees up', 'family']],
    ['stand-held', 'Marching', ['Marching', 'holding the chair', 'easier-level']],
    ['chair', 'Sit to stand', ['Seated foot press', 'firm', 'family']],
    ['chair', 'Plank', [null, null, 'rest']],
    ['chair-rise', 'Sit to stand', ['Sit to stand', 'hands on thighs', 'as-written']],
    ['wheelchair', 'Seated cat', ['Seated cat', 'full', 'as-written']],
    ['bed', 'Bridge', ['Bridge', 'full', 'as-written']],
    ['chair', 'Bridge', ['Seated buttock squeeze', 'firm', 'family']],
    ['chair', 'Open book', ['Seated turn, arm opening', 'arm opening', 'family']],
    ['floor-only', 'Seated twist', ['Side-lying propped turn', 'flat cushion', 'family']],
  ])('%s does for %s: %j', (lane, name, expected) => {
    expect(choice(lane, name)).toEqual(expected);
  });

  test('never a harder level than the one written', () => {
    for (const lane of LANE_NAMES) {
      for (const move of SHIPPED.moves) {
        for (const written of move.levels) {
          const { move: done, level } = resolveInLane(lane, {
            catalogue: SHIPPED,
            move,
            level: written.id,
          });
          if (done !== move || !level) continue;
          expect(move.levels.indexOf(level)).toBeLessThanOrEqual(move.levels.indexOf(written));
        }
      }
    }
  });

  test('what is written stays, and what stands in for it asks for nothing that is ruled out', () => {
    expect(choice('chair', 'Seated twist', {}, 'twist-end')[2]).toBe('as-written');
    expect(choice('floor-only', 'Seated twist', {}, 'twist-end')).toEqual([
      'Side-lying propped turn',
      'big cushion',
      'family',
    ]);
    expect(choice('chair', 'Marching', {}, 'hip-flex-past-90')).toEqual([
      'Seated march',
      'heels only',
      'family',
    ]);
    expect(choice('stand-held', 'Marching', {}, 'hip-flex-past-90')).toEqual([
      'Heel-lift jog',
      'toes down and held',
      'family',
    ]);
  });

  test('the support on the line counts: hands hold in a lane that holds on', () => {
    const free = { support: 'none' } as const;
    expect(choice('stand-held', 'Tandem stance')).toEqual([
      'Tandem stance',
      'fingertips',
      'as-written',
    ]);
    expect(choice('stand-held', 'Tandem stance', free)[1]).toBe('two hands');
    expect(choice('stand', 'Tandem stance', free)).toEqual([
      'Tandem stance',
      'fingertips',
      'as-written',
    ]);
  });

  test('every seated move is done as written in every lane with a seat', () => {
    const seated = SHIPPED.moves.filter((move) => {
      const { from, to, through } = usualLevel(move);
      return [from, to].every((ref) => ref.startsWith('sit')) && through.length === 0;
    });
    for (const lane of ['chair', 'stand-held', 'stand', 'floor', 'walker', 'wheelchair'] as const) {
      for (const move of seated)
        expect(resolveInLane(lane, { catalogue: SHIPPED, move }).reason).toBe('as-written');
    }
  });
});

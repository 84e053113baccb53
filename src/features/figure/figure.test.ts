import { findRoute, type PositionId } from '@/core/body';
import { levelIdSchema, moveIdSchema } from '@/core/common';
import { coloursOf } from '@/core/figure';
import { POSES } from '@/core/figure/poses';
import { SHIPPED, cuesOf, moveNamed, usualLevel, type Move } from '@/core/moves';
import { ownLike } from '@/core/testing';
import { LIGHT, DARK } from '@/design/tokens';
import { picturesOf } from './pictured';
import { shownFor } from './poses';
import { breathAt, beatOf, keyAt, placeAt, placeNow, placeOnWay } from './time';

const named = (name: string): Move => {
  const move = moveNamed(SHIPPED, name);
  if (!move) throw new Error(name);
  return move;
};

describe('where a figure is', () => {
  const beat = { wayMs: 2000, backMs: 1000, stayMs: 500 };

  test('it goes to each key pose, stays there, and comes back', () => {
    expect(placeAt(0, 3, beat)).toBe(0);
    expect(placeAt(1000, 3, beat)).toBeCloseTo(0.5);
    expect(placeAt(2200, 3, beat)).toBe(1);
    expect(placeAt(4600, 3, beat)).toBe(2);
    expect(placeAt(5500, 3, beat)).toBeCloseTo(1);
    expect(placeAt(6300, 3, beat)).toBe(0);
    expect(placeAt(6500, 3, beat)).toBe(0);
  });

  test('it never jumps, and one pose stands still', () => {
    for (let ms = 0; ms < 13_000; ms += 16) {
      expect(Math.abs(placeAt(ms + 16, 3, beat) - placeAt(ms, 3, beat))).toBeLessThan(0.06);
    }
    expect(placeAt(777, 1, beat)).toBe(0);
  });

  test('it keeps the tempo of reps, and stays in a hold', () => {
    const reps = beatOf(
      {
        kind: 'reps',
        reps: 6,
        sets: 1,
        restMs: 0,
        tempo: [3000, 1000, 2000, 0],
      },
      'mobility',
    );
    expect(reps).toEqual({ wayMs: 3000, stayMs: 1000, backMs: 2000 });
    expect(
      beatOf({ kind: 'hold', holdMs: 20_000, sets: 1, restMs: 0 }, 'stretch').stayMs,
    ).toBeGreaterThan(3000);
  });

  test('a stretch that is counted in breaths is stayed in, and a breath moves', () => {
    const breaths = { kind: 'breaths', breaths: 5, sets: 1, restMs: 0 } as const;
    expect(beatOf(breaths, 'stretch').stayMs).toBeGreaterThan(3000);
    expect(beatOf(breaths, 'breath').stayMs).toBeLessThan(1000);
  });

  test('with a class it goes once through all key poses in a rep, and one way where sides turn', () => {
    const rep = { sinceMs: 0, wayMs: 2000, stayMs: 1000, backMs: 2000 };
    const places = [0, 1000, 2000, 2900, 4000, 5000].map((ms) => placeNow(ms, 3, rep, false));
    expect(places).toEqual([0, 1, 2, 2, 1, 0]);
    const turning = { ...rep, turns: true };
    expect([0, 2500, 5000].map((ms) => placeNow(ms, 2, turning, true))).toEqual([0, 0.5, 1]);
    expect(placeNow(5000, 2, turning, false)).toBe(0);
    expect(placeNow(400, 1, rep, false)).toBe(0);
  });

  test('a hold is gone into, kept still to its end, and breathed in', () => {
    const hold = { sinceMs: 0, wayMs: 2400, stayMs: 26_400, backMs: 1200 };
    for (let ms = 2400; ms <= 28_800; ms += 400) expect(placeNow(ms, 2, hold, false)).toBe(1);
    expect(placeNow(30_000, 2, hold, false)).toBe(0);
    const breaths = Array.from({ length: 200 }, (_, i) => breathAt(i * 100));
    expect(Math.min(...breaths)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...breaths)).toBeLessThanOrEqual(1);
    expect(Math.max(...breaths.map((b, i) => Math.abs(b - (breaths[i - 1] ?? b))))).toBeLessThan(
      0.1,
    );
  });

  test('a way is gone step by step, in the time that each takes', () => {
    const step = (from: PositionId, to: PositionId) => findRoute(from, to, { group: 'older' })!;
    const { steps } = step('sit-front', 'lying-back');
    expect(placeOnWay(steps, 0)).toEqual({ step: steps[0], part: 0 });
    expect(placeOnWay(steps, 1)).toEqual({ step: steps.at(-1), part: 1 });
    expect(placeOnWay([], 0.5).step).toBeUndefined();
    const seen = Array.from({ length: 101 }, (_, i) => placeOnWay(steps, i / 100).step);
    expect([...new Set(seen)]).toEqual(steps);
  });

  test('with less motion the key poses come in turn', () => {
    expect([0, 2300, 4500, 6700].map((ms) => keyAt(ms, 3))).toEqual([0, 1, 2, 0]);
  });
});

describe('whose figure is shown', () => {
  test('every level of a shipped move has its own', () => {
    for (const move of SHIPPED.moves) {
      for (const level of move.levels) {
        expect(shownFor(POSES, move, level)).toEqual({ drawn: POSES[move.id]?.[level.id] });
      }
    }
  });

  test('a move that somebody wrote borrows one of its family, and says so', () => {
    const twist = named('Seated twist');
    const own = ownLike('Seated twist', { name: 'Rail turn', family: twist.family });
    const [level] = own.levels;
    const shown = level && shownFor(POSES, own, level);
    expect(shown?.borrowed?.family).toBe(twist.family);
    expect(shown?.drawn).toBeDefined();
  });

  test('a copy has the figures of what it was copied from, level by level', () => {
    const others = SHIPPED.moves.flatMap((move) => {
      const own = { ...move, id: moveIdSchema.parse('as-i-do-it') };
      return own.levels.filter((level) => {
        const shown = shownFor(POSES, own, level);
        return shown?.borrowed !== move || shown.drawn !== POSES[move.id]?.[level.id];
      });
    });
    // Moves of one family whose levels are the same in all but their words.
    expect(others.length).toBeLessThanOrEqual(10);
  });

  test('a new level borrows the figure of one in the same place', () => {
    const own = ownLike('Sit to stand', { name: 'Up we get' });
    const [first] = own.levels;
    if (!first) throw new Error('no level');
    const more = { ...first, id: levelIdSchema.parse('with-a-song') };
    const shown = shownFor(POSES, { ...own, levels: [...own.levels, more] }, more);
    expect(shown?.borrowed?.name).toBe('Sit to stand');
    expect(shown?.drawn).toBeDefined();
  });

  test('a family that nobody else is in has none', () => {
    const own = ownLike('Seated twist', { name: 'Rail turn', family: 'rail' });
    const [level] = own.levels;
    expect(level && shownFor(POSES, own, level)).toBeUndefined();
  });
});

test('colours are mixes that each theme has its own of, and the working side is the deepest', () => {
  const [light, dark] = [coloursOf(LIGHT), coloursOf(DARK)];
  expect(light.fill('top', 'near')).toMatch(/^#[0-9a-f]{6}$/);
  expect(light.fill('top', 'near')).not.toBe(dark.fill('top', 'near'));
  const red = (hex: string) => parseInt(hex.slice(1, 3), 16);
  const [far, near, working] = (['far', 'near', 'working'] as const).map((tone) =>
    red(light.fill('trousers', tone)),
  );
  expect(far).toBeGreaterThan(near ?? 0);
  expect(near).toBeGreaterThan(working ?? 0);
});

test.each([
  ['light', LIGHT],
  ['dark', DARK],
] as const)('clothes keep their distance from %s paper, and hair is darker than a face', (_, t) => {
  const colours = coloursOf(t);
  const apart = (a: string, b: string) => {
    const [one, other] = [luminance(a), luminance(b)].toSorted((x, y) => y - x) as [number, number];
    return (one + 0.05) / (other + 0.05);
  };
  for (const cloth of ['top', 'trousers', 'skin'] as const) {
    expect(apart(colours.fill(cloth, 'near'), t.sheet)).toBeGreaterThan(1.4);
    expect(apart(colours.fill(cloth, 'near'), colours.fill(cloth, 'working'))).toBeGreaterThan(1.4);
  }
  expect(luminance(colours.fill('hair', 'near'))).toBeLessThan(
    luminance(colours.fill('face', 'near')),
  );
});

/** Relative luminance, as WCAG counts contrast. */
function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const c = parseInt(hex.slice(at, at + 2), 16) / 255;
    return c <= 0.03928 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

describe('a figure on paper', () => {
  const pictured = picturesOf({ POSES }, 'p');
  const svg = (name: string, width = 160) => {
    const move = named(name);
    const level = usualLevel(move);
    return pictured({ move, level, cues: cuesOf(move, level) }, undefined, width, 100) ?? '';
  };
  const frames = (text: string) => text.split('<svg ').length - 1;

  test('what moves too little for an arrow is shown as it begins and as it ends', () => {
    expect(frames(svg('Pelvic floor squeeze and let go'))).toBe(3);
    expect(frames(svg('Slow jaw opening'))).toBe(3);
    expect(frames(svg('Slow jaw opening', 80))).toBe(1);
  });

  test('what has an arrow, and what is held, is one picture', () => {
    expect(frames(svg('Sit to stand'))).toBe(1);
    expect(frames(svg('Wall calf stretch'))).toBe(1);
  });

  test('no two pictures of a page have an id in common', () => {
    const page = svg('Slow jaw opening') + svg('Ankle pumps');
    const ids = [...page.matchAll(/ id="([^"]+)"/gu)].map(([, id]) => id);
    expect(new Set(ids).size).toBe(ids.length);
  });
});

import { SHIPPED, moveNamed, usualLevel, type Move } from '@/core/moves';
import { barsOf, clearOf, effectsOf } from '@/core/people';
import {
  asksOf,
  findMoves,
  lanesFor,
  limitsAgainst,
  limitsWithCare,
  whereOf,
  type Wanted,
} from './find-moves';

const names = (wanted: Parameters<typeof findMoves>[1]) =>
  findMoves(SHIPPED, wanted).map(({ name }) => name);

describe('finding moves', () => {
  test('nothing wanted is all of them', () => {
    expect(findMoves(SHIPPED, {})).toEqual(SHIPPED.moves);
  });

  test('words find names, other names and beginnings, the nearest first', () => {
    expect(names({ words: 'open book' })[0]).toBe('Open book');
    expect(names({ words: 'ear to shoulder' })[0]).toBe('Neck side tilt');
    expect(names({ words: 'fig four' })).toContain('Seated figure four');
  });

  test.each([
    ['seted twst', 'Seated twist'],
    ['hamstrng', 'Seated hamstring reach'],
    ['brige', 'Bridge'],
    ['tandm stance', 'Tandem stance'],
  ])('a slip is forgiven: %s', (words, name) => {
    expect(names({ words })).toContain(name);
  });

  test('what nothing has finds nothing', () => {
    expect(findMoves(SHIPPED, { words: 'trampoline' })).toEqual([]);
  });

  test('each narrowing keeps only what has it', () => {
    for (const move of findMoves(SHIPPED, { region: 'calf' }))
      expect(move.regions).toContain('calf');
    for (const move of findMoves(SHIPPED, { kind: 'balance' })) expect(move.kind).toBe('balance');
    for (const move of findMoves(SHIPPED, { direction: 'extend' }))
      expect(move.spine).toContain('extend');
    for (const move of findMoves(SHIPPED, { where: 'floor' })) {
      expect(move.levels.map(whereOf)).toContain('floor');
    }
    for (const move of findMoves(SHIPPED, { prop: 'strap' })) {
      expect(move.levels.flatMap(({ props }) => props)).toContain('strap');
    }
    for (const move of findMoves(SHIPPED, { lane: 'chair' })) {
      expect(usualLevel(move).from).toMatch(/^sit/);
    }
    const bars = barsOf(effectsOf([{ limit: 'low bone density' }]));
    for (const move of findMoves(SHIPPED, { limits: ['low bone density'] })) {
      expect(move.levels.some((level) => clearOf(bars, level, level.support))).toBe(true);
    }
    for (const move of findMoves(SHIPPED, { limits: ['no floor'], where: 'floor' })) {
      expect(move.levels.map(whereOf)).not.toEqual(move.levels.map(() => 'floor'));
    }
    expect(findMoves(SHIPPED, { limits: ['no standing'], where: 'standing' }).length).toBeLessThan(
      findMoves(SHIPPED, { where: 'standing' }).length,
    );
  });

  test('several limits at once leave out what any of them rules out, and what needs care as asked', () => {
    const count = (wanted: Wanted) => findMoves(SHIPPED, wanted).length;
    const knee = count({ limits: ['knee painful'] });
    const both = count({ limits: ['knee painful', 'no floor'] });
    expect(both).toBeLessThan(knee);
    const careOut = findMoves(SHIPPED, { limits: ['knee painful'], careOut: true });
    expect(careOut.length).toBeLessThan(knee);
    const kneels = (move: Move) =>
      move.levels.every((level) => asksOf(level).some((load) => load === 'kneel'));
    expect(careOut.filter(kneels)).toEqual([]);
    expect(count({ careOut: true })).toBe(SHIPPED.moves.length);
  });

  test('what stays and needs care is marked', () => {
    const cat = moveNamed(SHIPPED, 'All-fours cat');
    const twist = moveNamed(SHIPPED, 'Seated march');
    if (!cat || !twist) throw new Error('not there');
    expect(limitsWithCare(['knee painful', 'hearing'], cat)).toEqual(['knee painful']);
    expect(limitsWithCare(['knee painful'], twist)).toEqual([]);
  });

  test('narrowings go together', () => {
    const both = findMoves(SHIPPED, { region: 'hip-outer', where: 'seated', words: 'seated' });
    expect(both.length).toBeGreaterThan(2);
    for (const move of both) expect(move.regions).toContain('hip-outer');
  });
});

describe('a sheet of a move', () => {
  test('says what every lane does, and which limits speak against it', () => {
    const twist = moveNamed(SHIPPED, 'Seated twist');
    if (!twist) throw new Error();
    expect(lanesFor(SHIPPED, twist).find(({ lane }) => lane === 'chair')?.reason).toBe(
      'as-written',
    );
    const { all, usual } = limitsAgainst(twist);
    expect(usual).toContain('spine fracture');
    expect(all).not.toContain('spine fracture');
  });
});

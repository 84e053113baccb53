import { SHIPPED } from '@/core/moves';
import { whereOf } from './find-moves';
import { readSearch, searchSaid } from './said-wanted';

const search = (words: string) => searchSaid(SHIPPED, { words });

describe('a search in everyday words', () => {
  test.each([
    [
      'stiff hips wheelchair',
      { lane: 'wheelchair', regions: ['hip-front', 'hip-outer', 'buttocks'] },
    ],
    ['balance for somebody who holds on', { kind: 'balance', lane: 'stand-held' }],
    ['no floor sore shoulder', { limits: ['no floor', 'shoulder painful'] }],
    ['neck stretch sitting down', { kind: 'stretch', where: 'seated', words: 'down' }],
    ['something with a towel', { prop: 'strap' }],
    ['knees', { regions: ['front-thigh'], limits: [] }],
    ['bad knees', { regions: [], limits: ['knee painful'] }],
  ])('%s', (words, said) => {
    expect(readSearch(words)).toMatchObject(said);
  });

  test.each([
    'stiff hips wheelchair',
    'balance for somebody who holds on',
    'no floor sore shoulder',
    'towel',
    'couch',
    'hips',
  ])('“%s” finds something, and all of it fits', (words) => {
    const { moves } = search(words);
    expect(moves.length).toBeGreaterThan(2);
    expect(moves.length).toBeLessThan(SHIPPED.moves.length);
  });

  test('hips are no thumbs, and a ball is no wall', () => {
    for (const move of search('hips').moves) {
      expect(move.regions.some((region) => /hip|buttocks|thigh|back/.test(region))).toBe(true);
    }
    expect(search('ball').moves.map(({ name }) => name)).not.toContain('Wall push-up');
  });

  test('words that stand in a name are names', () => {
    expect(search('shoulder rolls').said).toBeUndefined();
    expect(search('shoulder rolls').moves[0]?.name).toBe('Shoulder rolls');
    expect(search('knee hug').moves[0]?.name).toBe('Knee hug');
    expect(search('leg swings').moves[0]?.name).toBe('Straight-leg lift, forward and back');
  });

  test('a place keeps to moves that are done there', () => {
    const { moves, said } = search('shoulder mobility floor');
    expect(said?.where).toBe('floor');
    for (const move of moves) expect(move.levels.map(whereOf)).toContain('floor');
  });

  test('a word that every object knows is a word like any other', () => {
    expect(readSearch('constructor').prop).toBeUndefined();
    expect(search('constructor').moves).toEqual([]);
  });

  test('what means nothing finds nothing', () => {
    expect(search('trampoline').moves).toEqual([]);
    expect(search('').moves).toEqual(SHIPPED.moves);
  });
});

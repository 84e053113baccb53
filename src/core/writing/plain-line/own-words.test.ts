import { moveIdSchema } from '@/core/common';
import { SHIPPED } from '@/core/moves';
import { ownWordsSchema, wordsChosen, wordsToKeep, type OwnWordsKnown } from './own-words';
import { searchSaid } from '../find-moves/said-wanted';
import { readTypedLine } from './typed-line';

const move = (id: string) => moveIdSchema.parse(id);
const LIFTS = move('leg-lifts-one-at-a-time');
const MARCH = move('seated-march');
const read = (typed: string, ownWords: OwnWordsKnown) =>
  readTypedLine(typed, { group: 'older', ownWords });
const known = (typed: string, ...moves: ReturnType<typeof move>[]): OwnWordsKnown => {
  const id = wordsToKeep(typed) ?? '';
  const [first, ...others] = moves.map((one) => wordsChosen(undefined, id, one, '2026-03-05'));
  const words = others.reduce(
    (all, { moves: [next] }) => (next ? wordsChosen(all, id, next, '2026-03-06') : all),
    first,
  );
  return words ? { [id]: words } : {};
};

describe('words of somebody’s own', () => {
  test('are a line without its amounts and sides, however it is typed', () => {
    expect(wordsToKeep('Fire  hydrants 2 x 8 each side')).toBe('fire hydrants');
    expect(wordsToKeep('3. FIRE HYDRANTS, 10')).toBe('fire hydrants');
    for (const none of ['', '10', '2 x 8', 'x'.repeat(200)])
      expect(wordsToKeep(none)).toBeUndefined();
  });

  test('are the move that was chosen, with whatever dose is typed now', () => {
    const words = known('fire hydrants 8 each side', LIFTS);
    expect(read('fire hydrants 8 each side', {}).line).toBeUndefined();
    expect(read('fire hydrants x 12', words)).toMatchObject({
      text: 'Leg lifts, one at a time: 12 reps',
      passed: [],
    });
    expect(Object.values(words).every((one) => ownWordsSchema.safeParse(one).success)).toBe(true);
  });

  test('go before everyday names, and never before the name of a move', () => {
    expect(read('knee lifts 10', known('knee lifts', MARCH)).text).toMatch(/^Seated march/);
    expect(read('bridge 10', known('bridge', MARCH)).text).toBe('Bridge: 10 reps');
  });

  test('that meant two moves ask, the last one first', () => {
    const { line, others } = read('old faithful 10', known('old faithful', MARCH, LIFTS));
    expect(line).toBeUndefined();
    expect(others.map(({ name }) => name)).toEqual(['Leg lifts, one at a time', 'Seated march']);
  });

  test('of a move that is gone mean nothing, and amounts are still not lost', () => {
    expect(read('old faithful 10', known('old faithful', move('gone'))).text).toBe('');
    expect(read('old faithful 10 8 6', known('old faithful', LIFTS)).line).toBeUndefined();
  });

  test('are found by the search as well, first, and within what else is asked for', () => {
    const words = known('old faithful', MARCH);
    const found = (wanted: Parameters<typeof searchSaid>[1]) =>
      searchSaid(SHIPPED, wanted, words).moves.map(({ id }) => id);
    expect(found({ words: 'old faith' })[0]).toBe(MARCH);
    expect(found({ words: 'old faithful', where: 'floor' })).not.toContain(MARCH);
    expect(found({ words: 'ol' })).not.toContain(MARCH);
    expect(searchSaid(SHIPPED, { words: 'old faithful' }).moves).toEqual([]);
  });
});

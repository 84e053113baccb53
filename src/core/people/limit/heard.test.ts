import { readLimits } from './words';

const read = (text: string) => {
  const { limits, unread } = readLimits(text);
  return {
    limits: limits.map(({ limit, side }) => [limit, side].filter(Boolean).join(' ')),
    unread,
  };
};

describe('a known word inside an unknown phrase counts', () => {
  test.each([
    ['pregnant 30 weeks', ['pregnancy']],
    ['Achilles repair last year', ['ankle operated']],
    ['a stroke on the left two years ago', ['stroke left']],
    ['takes warfarin', ['blood thinners']],
    ['glaucoma for years', ['eye pressure']],
  ])('%s says when, and nothing else is left', (said, limits) => {
    expect(read(said).limits).toEqual(limits);
    expect(read(said).unread).toEqual([]);
  });

  test.each([
    ['vertigo when she sleeps badly', 'dizziness'],
    ['wears a brace for an arthritic knee', 'knee painful'],
    ['osteoporosis, says the new doctor', 'low bone density'],
  ])('%s is taken, and what is left is still to be asked', (said, limit) => {
    const { limits, unread } = read(said);
    expect(limits).toContain(limit);
    expect(unread.length).toBeGreaterThan(0);
  });

  test('what was taken stands beside the words that were not understood', () => {
    const [one] = readLimits('vertigo when she sleeps badly').unread;
    expect(one).toMatchObject({
      words: 'vertigo when she sleeps badly',
      taken: [{ limit: 'dizziness' }],
    });
  });

  test.each(['not pregnant any more', 'never had a stroke', 'no heart trouble that she knows of'])(
    '%s takes nothing: something turns it round',
    (said) => {
      expect(read(said).limits).toEqual([]);
      expect(read(said).unread).toHaveLength(1);
    },
  );

  test('a part of the body by itself names nothing inside a phrase', () => {
    expect(read('needs a hand with the zip').limits).toEqual([]);
  });

  test('a side is kept', () => {
    expect(read('sprained ankle left, twice').limits).toEqual(['ankle painful left']);
  });
});

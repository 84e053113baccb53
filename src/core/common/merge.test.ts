import fc from 'fast-check';
import { mergeThree } from './merge';

const leaf = fc.oneof(fc.integer(), fc.string({ maxLength: 5 }), fc.boolean());
const { thing } = fc.letrec((tie) => ({
  thing: fc.dictionary(
    fc.constantFrom('name', 'notes', 'limits', 'people', 'own'),
    fc.oneof({ depthSize: 'small' }, leaf, fc.array(leaf, { maxLength: 3 }), tie('thing')),
    { noNullPrototype: true },
  ),
}));

describe('two versions of one thing', () => {
  test('laid together, nothing that only one of them changed is lost', () => {
    fc.assert(
      fc.property(thing, thing, (base, mine) => {
        expect(mergeThree(base, mine, base)).toEqual({ value: mine, clashes: [] });
        expect(mergeThree(base, base, mine)).toEqual({ value: mine, clashes: [] });
        expect(mergeThree(base, mine, mine)).toEqual({ value: mine, clashes: [] });
      }),
    );
  });

  test('hold everything of both, or name where theirs stands', () => {
    fc.assert(
      fc.property(thing, thing, thing, (base, mine, theirs) => {
        const { value, clashes } = mergeThree(base, mine, theirs);
        const all = value as Record<string, unknown>;
        for (const key of new Set([
          ...Object.keys(mine as object),
          ...Object.keys(theirs as object),
        ])) {
          const [was, own, other] = [base, mine, theirs].map(
            (one) => JSON.stringify((one as Record<string, unknown>)[key]) as string | undefined,
          );
          const now = JSON.stringify(all[key]) as string | undefined;
          if (own === was) expect(now).toEqual(other);
          else if (other === was) expect(now).toEqual(own);
          else if (own !== other && now === other && now !== own) {
            const held = typeof all[key] === 'object';
            expect(held || clashes.includes(key)).toBe(true);
          }
        }
      }),
    );
  });

  test('entries of one class are laid together by who they are of', () => {
    const base = { people: [{ person: 'ada', came: true }] };
    const mine = { people: [{ person: 'ada', came: true, effort: 4 }] };
    const theirs = {
      people: [
        { person: 'ada', came: true, note: 'Slow today' },
        { person: 'bram', came: false },
      ],
    };
    expect(mergeThree(base, mine, theirs)).toEqual({
      value: {
        people: [
          { person: 'ada', came: true, effort: 4, note: 'Slow today' },
          { person: 'bram', came: false },
        ],
      },
      clashes: [],
    });
  });

  test('two notes in one place clash there, and so do two orders', () => {
    expect(mergeThree({ notes: 'a', x: 1 }, { notes: 'b', x: 2 }, { notes: 'c', x: 1 })).toEqual({
      value: { notes: 'c', x: 2 },
      clashes: ['notes'],
    });
    expect(mergeThree([1], [2], [3]).clashes).toEqual(['']);
  });

  test('what one deleted and the other changed is named', () => {
    const base = { people: [{ person: 'ada', came: true }] };
    const { clashes } = mergeThree(
      base,
      { people: [] },
      { people: [{ person: 'ada', came: false }] },
    );
    expect(clashes).toEqual(['people..ada']);
  });
});

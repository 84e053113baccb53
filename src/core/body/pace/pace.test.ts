import { GROUP_NAMES } from '@/core/common';
import fc from 'fast-check';
import { PACES, paceChangesSchema, paceOf } from './paces';
import { countWords, talkMs } from './talk';

describe('paces', () => {
  test.each([
    ['desk', 150, 5, 0, 4, 0, 100, 4, 5, 6, 10, 0],
    ['older', 120, 8, 4, 8, 5, 180, 3, 4, 10, 20, 10],
    ['chair', 150, 8, 4, 8, 5, 150, 3, 4, 10, 20, 10],
    ['standing', 150, 5, 0, 4, 0, 100, 4, 5, 6, 10, 0],
  ] as const)(
    '%s has its numbers',
    (
      name,
      wpm,
      setUp,
      settling,
      change,
      between,
      factor,
      breathIn,
      breathOut,
      prop,
      rising,
      standing,
    ) => {
      const s = (seconds: number) => seconds * 1000;
      expect(PACES[name]).toMatchObject({
        talkWpm: wpm,
        setUpMs: s(setUp),
        settlingMs: s(settling),
        countInMs: 3000,
        switchMs: s(change),
        betweenMs: s(between),
        transferHundredths: factor,
        breathInMs: s(breathIn),
        breathOutMs: s(breathOut),
        propMs: s(prop),
        risingMs: s(rising),
        standingMs: s(standing),
      });
    },
  );

  test('a routine changes any number and leaves the rest', () => {
    const changed = paceOf('older', { betweenMs: 0 });
    expect(changed.betweenMs).toBe(0);
    expect({ ...changed, betweenMs: 5000 }).toEqual(PACES.older);
    expect(GROUP_NAMES.map((name) => paceOf(name, {}))).toEqual(
      GROUP_NAMES.map((name) => PACES[name]),
    );
  });

  test.each([
    [{ breathInMs: 4000 }, 'breath in alone'],
    [{ standingMs: 4000 }, 'the pause on standing alone'],
    [{ betweenMs: 500 }, 'half a second'],
    [{ talkWpm: 5 }, 'speech that nobody could follow'],
    [{ dance: 1 }, 'a number that is none of the pace'],
  ])('%j is refused: %s', (changes, _) => {
    expect(paceChangesSchema.safeParse(changes).success).toBe(false);
  });

  test.each([
    ['', 0],
    ['one', 1],
    ['  two  words ', 2],
    ['stop – go', 2],
    ['“quoted”, twice!', 2],
    ['toes-up 10 s', 3],
    ['— … !', 0],
  ])('%j has %i words', (text, count) => {
    expect(countWords(text)).toBe(count);
  });

  test('talk rounds up to whole seconds', () => {
    const words = (n: number) => Array.from({ length: n }, () => 'word').join(' ');
    expect(talkMs(words(20), 150)).toBe(8000);
    expect(talkMs(words(21), 150)).toBe(9000);
    expect(talkMs(words(1), 120)).toBe(1000);
    expect(talkMs('', 120)).toBe(0);
  });

  test('words are counted as splitting at spaces counts them', () => {
    const bit = fc.constantFrom(
      'a',
      'Ü',
      '7',
      '–',
      '.',
      ' ',
      '\n',
      '\u00a0',
      '\u3000',
      '𝒳',
      '東',
      '’',
    );
    fc.assert(
      fc.property(fc.array(bit, { maxLength: 20 }), (bits) => {
        const text = bits.join('');
        const split = text.split(/\s+/u).filter((run) => /[\p{L}\p{N}]/u.test(run));
        expect(countWords(text)).toBe(split.length);
      }),
    );
  });
});

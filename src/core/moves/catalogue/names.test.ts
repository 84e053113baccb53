import fc from 'fast-check';
import { foldName } from './names';

/** Word by word, as the letters come: nothing is taken for done. */
const slowly = (name: string) =>
  [...name.toLowerCase().normalize('NFC')]
    .map((letter) => (/[‐-―]/u.test(letter) ? '-' : /\s/u.test(letter) ? ' ' : letter))
    .join('')
    .split(' ')
    .filter((word) => word !== '')
    .join(' ');

describe('how names are compared', () => {
  const letters = fc.constantFrom(...'abzAZ09 -–’é\t\'"(@[`{~');
  const texts = fc.oneof(
    fc.string({ unit: letters, maxLength: 12 }),
    fc.string({ unit: 'grapheme', maxLength: 12 }),
  );

  test('letter case, dashes and blanks do not matter', () => {
    fc.assert(
      fc.property(texts, (text) => {
        expect(foldName(text)).toBe(slowly(text));
        expect(foldName(` ${text.replaceAll(' ', '  ')} `)).toBe(foldName(text));
      }),
      { numRuns: 1000 },
    );
  });

  test('what is folded stays as it is', () => {
    fc.assert(
      fc.property(texts, (text) => expect(foldName(foldName(text))).toBe(foldName(text))),
      { numRuns: 1000 },
    );
    // A letter that only has one sign when it is small.
    expect(foldName(foldName('J\u030C'))).toBe(foldName('J\u030C'));
  });
});

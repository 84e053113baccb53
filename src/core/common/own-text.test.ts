import fc from 'fast-check';
import { cleanLine, cleanText, oneLineSchema, textSchema, withoutUnseen } from './own-text';

/** What is copied from anywhere: letters of all planes, halves of pairs, and letters of control. */
const copied = fc.oneof(
  fc.string({ unit: 'binary', maxLength: 60 }),
  fc
    .array(fc.integer({ min: 0, max: 0xffff }), { maxLength: 60 })
    .map((codes) => String.fromCharCode(...codes)),
  fc
    .array(
      fc.constantFrom(
        ' ',
        '\t',
        '\n',
        '\r',
        '\u2028',
        '\u0085',
        '\u0000',
        '\u0092',
        'é',
        'e\u0301',
      ),
      {
        maxLength: 20,
      },
    )
    .map((letters) => letters.join('')),
);
const most = fc.integer({ min: 1, max: 40 });

describe('a text of a person’s own', () => {
  test('is clean once it was cleaned, however it came', () => {
    fc.assert(
      fc.property(copied, most, (text, letters) => {
        const line = cleanLine(text, letters);
        expect(cleanLine(line, letters)).toBe(line);
        expect(line).toBe(line.trim());
        expect(line).not.toMatch(/[\p{Cc}\p{Cs}\u2028\u2029]/u);
        const note = cleanText(text, letters);
        expect(cleanText(note, letters)).toBe(note);
        expect(note).not.toMatch(/[^\P{Cc}\n\t]|\p{Cs}/u);
      }),
    );
  });

  test('reads back as the same once it was written', () => {
    fc.assert(
      fc.property(copied, most, (text, letters) => {
        const again = (value: string) => JSON.parse(JSON.stringify(value)) as unknown;
        const line = cleanLine(text, letters);
        expect(oneLineSchema(letters).parse(again(line))).toBe(line);
        const note = cleanText(text, letters);
        expect(textSchema(letters).parse(again(note))).toBe(note);
      }),
    );
  });

  test('loses nothing that can be seen', () => {
    const seen = 'Zoë’s “Küste” – 海 · שלום عَرَبِيّ 👩‍🦼 −5 °C';
    expect(cleanLine(seen)).toBe(seen);
    expect(withoutUnseen(`${seen}\u202E`)).toBe(seen);
  });

  test('is cut between letters', () => {
    expect(cleanLine('Low tide', 4)).toBe('Low');
    expect(cleanLine('ab👩', 3)).toBe('ab');
  });
});

import fc from 'fast-check';
import { numberToRing } from './phone';

test.each([
  ['999', '999'],
  ['112', '112'],
  ['15', '15'],
  ['999 or 112', '999'],
  ['call 999/112', '999'],
  ['999 112', '999'],
  ['112-999', '112'],
  ['01632 960001 / 01632 960002', '01632960001'],
  ['9 9 9', '999'],
  ['Call 999, then the desk on 4410', '999'],
  ['+44 (0)20 7946 0018', '+4402079460018'],
  ['01632 960 001', '01632960001'],
  ['01632/960-001', '01632960001'],
  ['01632 960001 ext 12', '01632960001'],
  ['reception: 01632.960.001', '01632960001'],
  ['９９９', '999'],
])('%s rings %s', (written, dialled) => expect(numberToRing(written)).toBe(dialled));

test.each([
  '',
  '   ',
  'reception',
  '9',
  '07700 900 12x',
  'x12',
  '12345678901234567',
  'Élodie 李雷',
  '-',
])('“%s” is no number', (written) => expect(numberToRing(written)).toBeUndefined());

test('what is dialled is digits alone, with a plus in front at most, of any text', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', maxLength: 60 }), (written) => {
      const dialled = numberToRing(written);
      if (dialled !== undefined) expect(dialled).toMatch(/^\+?\d{2,15}$/);
    }),
  );
});

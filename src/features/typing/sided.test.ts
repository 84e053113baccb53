import fc from 'fast-check';
import { SIDE_MARKS, putIn, sidedKept, sidedShown } from './sided';

test('marks are seen as words and kept as marks', () => {
  expect(sidedShown('Turn to the {side}, {other} foot back.')).toBe(
    'Turn to the ‹side›, ‹other side› foot back.',
  );
  expect(sidedKept('Turn to the ‹side›.')).toBe('Turn to the {side}.');
  expect(sidedKept('Turn to the {side}.')).toBe('Turn to the {side}.');
});

test('whatever is written, it is kept as it was shown', () => {
  const words = fc.array(fc.constantFrom('turn', '{side}', '{other}', 'a', '.', '{', '‹', 'é'), {
    maxLength: 12,
  });
  fc.assert(
    fc.property(words, (all) => {
      const text = all.join(' ');
      expect(sidedKept(sidedShown(text))).toBe(text);
    }),
  );
});

test('a mark is put in between words, and not into one', () => {
  const [side = ''] = SIDE_MARKS;
  expect(putIn('Turn to the', side, 11)).toBe('Turn to the ‹side›');
  expect(putIn('Turn to the .', side, 12)).toBe('Turn to the ‹side›.');
  expect(putIn('foot back', side, 0)).toBe('‹side› foot back');
  expect(putIn('', side, 0)).toBe('‹side›');
});

import { blotted } from './blot';

test.each([
  ['Ada dizzy after turning the head', 'Ada Fenn', '– dizzy after turning the head'],
  ['ADA  FENN, then Ada’s knee; adamant', 'Ada Fenn', '–, then –’s knee; adamant'],
  ['Ö. Åsa sat', 'Ö. Åsa', '– sat'],
  ['A. B. was late, a good day', 'A. B.', '– was late, a good day'],
  ['Nobody is named', 'Ada Fenn', 'Nobody is named'],
  ['a (b) c', '(b)', 'a – c'],
])('%s, without %s', (text, name, without) => {
  expect(blotted(text, name)).toBe(without);
  expect(blotted(without, name)).toBe(without);
});

import { keyedSlice } from './keyed-slice';

const { put, taken, reducer } = keyedSlice<{ readonly id: string; readonly n: number }>(
  'things',
  ({ id }) => id,
);

test('things are put by their ids, and taken out one by one', () => {
  const two = reducer(
    undefined,
    put([
      { id: 'a', n: 1 },
      { id: 'b', n: 2 },
    ]),
  );
  expect(Object.keys(two)).toEqual(['a', 'b']);
  const changed = reducer(two, put([{ id: 'a', n: 3 }]));
  expect(changed).toEqual({ a: { id: 'a', n: 3 }, b: { id: 'b', n: 2 } });
  expect(reducer(changed, taken('b'))).toEqual({ a: { id: 'a', n: 3 } });
});

test('what is not there, and what is not meant for it, changes nothing at all', () => {
  const one = reducer(undefined, put([{ id: 'a', n: 1 }]));
  expect(reducer(one, taken('b'))).toBe(one);
  expect(reducer(one, { type: 'elsewhere' })).toBe(one);
});

import { SHIPPED } from './catalogue';
import frozen from './samples/level-ids.json';

const shipped = new Map<string, ReadonlySet<string>>(
  SHIPPED.moves.map(({ id, levels }) => [id, new Set(levels.map((level) => level.id))]),
);

test.each(Object.entries(frozen))(
  'what was kept of %s still means the same levels',
  (id, levels) => {
    expect(levels.filter((level) => !shipped.get(id)?.has(level))).toEqual([]);
  },
);

test('a level is frozen when it ships', () => {
  const known: Readonly<Record<string, readonly string[]>> = frozen;
  const missing = [...shipped].flatMap(([id, levels]) =>
    [...levels].filter((level) => !known[id]?.includes(level)).map((level) => `${id}: ${level}`),
  );
  expect(missing).toEqual([]);
});

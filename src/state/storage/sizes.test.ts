import { keptSizes } from './sizes';

describe('how much is kept', () => {
  test('by the first word of each key, in bytes and not in letters, the most first', async () => {
    const texts: Record<string, string> = {
      'routine/a': 'abc',
      'routine/b': 'é',
      'run/x': 'x'.repeat(10),
      device: '',
    };
    const sizes = await keptSizes({
      keys: async () => Object.keys(texts),
      read: async (keys) => Object.fromEntries(keys.map((key) => [key, texts[key] ?? null])),
    });
    expect(sizes).toEqual([
      { kind: 'run', count: 1, bytes: 10 },
      { kind: 'routine', count: 2, bytes: 5 },
      { kind: 'device', count: 1, bytes: 0 },
    ]);
  });

  test('nothing is kept: nothing is told', async () => {
    expect(await keptSizes({ keys: async () => [], read: async () => ({}) })).toEqual([]);
  });
});

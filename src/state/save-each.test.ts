import { saveEach } from './save-each';
import { fakePlatform } from './testing';

interface Thing {
  readonly words: string;
}

const way = { key: (id: string) => `thing/${id}`, text: ({ words }: Thing) => words };
const [a, b, c] = [{ words: 'a' }, { words: 'b' }, { words: 'c' }];

describe('saving records one key each', () => {
  test('what is new or changed is written, what is gone is removed, the rest is left alone', async () => {
    const platform = fakePlatform(new Map([['thing/one', 'as it was']]));
    const told: string[] = [];
    platform.tabs.tell = (key) => void told.push(key);
    const good = await saveEach(
      platform,
      { one: a, two: b },
      { one: a, three: c },
      {
        ...way,
        tell: true,
      },
    );
    expect(good).toBe(true);
    expect([...platform.data]).toEqual([
      ['thing/one', 'as it was'],
      ['thing/three', 'c'],
    ]);
    expect(told).toEqual(['thing/three', 'thing/two']);
  });

  test('other tabs are told of nothing unless they are to be', async () => {
    const platform = fakePlatform();
    platform.tabs.tell = () => {
      throw new Error('told');
    };
    expect(await saveEach(platform, {}, { one: a }, way)).toBe(true);
  });

  test('what could not be written is named, and the others are written all the same', async () => {
    const platform = fakePlatform();
    const write = platform.store.write;
    platform.store.write = (key, value) =>
      key === 'thing/two' ? Promise.reject(new Error('full')) : write(key, value);
    const failed: Thing[] = [];
    const good = await saveEach(
      platform,
      {},
      { one: a, two: b, three: c },
      {
        ...way,
        failed: (one) => void failed.push(one),
      },
    );
    expect(good).toBe(false);
    expect(failed).toEqual([b]);
    expect([...platform.data.keys()]).toEqual(['thing/one', 'thing/three']);
  });
});

import fc from 'fast-check';
import { readPeopleLines } from './people-lines';

const one = (text: string) => readPeopleLines(text)[0];

describe('people as they are written down', () => {
  test('names with commas between, and nobody was asked', () => {
    expect(readPeopleLines('Ann B, K. R.;  Øyvind  Ås').map(({ name }) => name)).toEqual([
      'Ann B',
      'K. R.',
      'Øyvind Ås',
    ]);
    expect(one('Ann B')).toMatchObject({ limits: undefined, lane: undefined, fault: undefined });
  });

  test('limits in plain words behind a colon, with their side, and the way', () => {
    expect(one('Ann B: bad knees, new hip left; way: chair')).toMatchObject({
      name: 'Ann B',
      limits: [
        { limit: 'knee painful' },
        { limit: expect.stringMatching(/^hip replaced/), side: 'left' },
      ],
      lane: 'chair',
      fault: undefined,
    });
    expect(one('Bo: none')?.limits).toEqual([]);
    expect(one('Cy: way: stand')).toMatchObject({ lane: 'stand', limits: undefined });
  });

  test.each([
    [': bad knees', { code: 'no-name' }],
    ['x'.repeat(81), { code: 'long-name' }],
    ['Ann: zorb ankle blight', { code: 'unread-limit', words: 'zorb ankle blight' }],
    ['Ann: way: hammock', { code: 'unread-way', words: 'hammock' }],
  ])('what is wrong is named: %s', (text, fault) => {
    expect(one(text)?.fault).toEqual(fault);
  });

  test('two of one name are told, the first is taken', () => {
    expect(readPeopleLines('Ann\nBo\nann').map(({ fault }) => fault?.code)).toEqual([
      undefined,
      undefined,
      'twice',
    ]);
  });

  test('no text is too odd, and every line that is something is there once', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 200 }), (text) => {
        const lines = readPeopleLines(text);
        for (const { name, fault } of lines) {
          if (!fault) expect(name.length).toBeGreaterThan(0);
          expect(name).toBe(name.trim());
        }
      }),
    );
  });
});

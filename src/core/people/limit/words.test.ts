import fc from 'fast-check';
import { LIMITS, ofOneSide } from './names';
import { OTHER_NAMES } from './sayings';
import { limitWords, readLimits } from './words';

const read = (text: string) => {
  const { limits, unread } = readLimits(text);
  return [...limits.map(limitWords), ...unread.map(({ words }) => `? ${words}`)].join(', ');
};

describe('limits as people say them', () => {
  test('every limit is read back from its words, on either side where it has one', () => {
    for (const limit of LIMITS) {
      for (const side of [undefined, 'left', 'right'] as const) {
        const own = side && ofOneSide(limit) ? { limit, side } : { limit };
        expect(readLimits(limitWords({ limit, side }))).toEqual({ limits: [own], unread: [] });
      }
    }
  });

  test('no two limits are called the same', () => {
    const all = LIMITS.flatMap((limit) => OTHER_NAMES[limit] ?? []);
    expect(all.filter((name, at) => all.indexOf(name) !== at)).toEqual([]);
    for (const limit of LIMITS) {
      for (const name of OTHER_NAMES[limit] ?? [])
        expect([name, read(name)]).toEqual([name, limit]);
    }
  });

  test.each([
    ['bad knees', 'knee painful'],
    ['knees', 'knee painful'],
    ['Knee Painful.', 'knee painful'],
    ['knee painful both', 'knee painful'],
    ['2 with bad knees', 'knee painful'],
    ['Two ladies with bad knees, one new hip', 'knee painful, hip replaced'],
    ['two people with bad knees', 'knee painful'],
    ['left knee sore', 'knee painful left'],
    ['R knee', 'knee painful right'],
    ['left and right knee', 'knee painful'],
    ['arthritis in the hands', 'wrist or hand pain'],
    ['arthritic knees and a sore shoulder left', 'knee painful, shoulder painful left'],
    ['hip replacement', 'hip replaced'],
    ['new hip', 'hip replaced'],
    ['new hip right, bad knee right', 'hip replaced right, knee painful right'],
    ['hip replaced; dizzy', 'hip replaced, dizziness'],
    ['dizzy on standing', 'faint on rising'],
    ['dizzy', 'dizziness'],
    ['vertigo', 'dizziness'],
    ['back pain', 'back painful'],
    ['sore back', 'back painful'],
    ['bad lower back', 'back painful'],
    ['pregnant', 'pregnancy'],
    ['Parkinson’s', 'parkinson'],
    ['Parkinsons', 'parkinson'],
    ['osteoporosis', 'low bone density'],
    ['frozen shoulder', 'shoulder painful'],
    ['knee flare-up left', 'knee flare-up left'],
    ['swollen knee', 'knee flare-up'],
    ['after a heart operation', 'breastbone opened'],
    ['high BP', 'blood pressure'],
    ['slipped disc', 'disc trouble'],
    ['no floor left', 'no floor'],
    ['neck pain left', 'neck pain'],
    ['knee painful, knee painful left', 'knee painful'],
    ['none', ''],
    ['No limits.', ''],
  ])('%s', (typed, expected) => {
    expect(read(typed)).toBe(expected);
  });

  test.each(['no knee pain', 'not dizzy', 'tired', 'constructor', 'knee cleared', 'kness'])(
    '%s is not read, and offers three',
    (typed) => {
      const { limits, unread } = readLimits(typed);
      expect(limits).toEqual([]);
      expect(unread).toMatchObject([{ words: typed, at: 0 }]);
      expect(new Set(unread[0]?.nearest).size).toBe(3);
    },
  );

  test('what is not known offers what comes nearest, and what may mean several offers those', () => {
    const first = (typed: string) => readLimits(typed).unread[0]?.nearest[0];
    expect(first('osteoporossis')).toBe('low bone density');
    expect(first('kness')).toBe('knee painful');
    expect(first('preganant')).toBe('pregnancy');
    expect(first('bad hipp')).toBe('hip painful');
    expect(readLimits('arthritis').unread[0]?.nearest).toEqual([
      'knee painful',
      'hip painful',
      'wrist or hand pain',
    ]);
  });

  test('what is not read has its place in the text', () => {
    const typed = 'bad knees,  tired ; dizzy and grumbling';
    expect(
      readLimits(typed).unread.map(({ words, at }) => typed.slice(at, at + words.length)),
    ).toEqual(['tired', 'grumbling']);
  });

  test('a word that every object knows is no side', () => {
    expect(readLimits('constructor knee').limits).toEqual([]);
    expect(readLimits('constructor knee').unread).toMatchObject([{ words: 'constructor knee' }]);
    expect(readLimits('constructor left knee').limits).toEqual([]);
  });

  test('any words are read without throwing, and nothing said gets lost', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 80 }), (typed) => {
        const { limits, unread } = readLimits(typed);
        for (const { nearest } of unread) expect(nearest).toHaveLength(3);
        if (/[\p{L}\p{N}]/u.test(typed)) expect(limits.length + unread.length).toBeGreaterThan(0);
      }),
    );
  });
});

import {
  PART_FAULTS,
  SHIPPED,
  CUE_STYLE_FAULTS,
  catalogueWith,
  moveSchema,
  type Move,
} from '@/core/moves';
import { ownLike, shipped, levelId } from '@/core/testing';
import { readMovesFile, writeMovesFile } from './moves-file';
import { ADVICE, PLACE_FAULTS, bringMoves, moveFaults, type MoveFaultCode } from './own';

const codes = (move: Move, catalogue = SHIPPED) =>
  moveFaults(move, catalogue).map(({ code }) => code);
const rail = ownLike('Seated twist', { name: 'Rail turn' });

describe('the shipped moves', () => {
  test.each(SHIPPED.moves.map((move) => [move.name, move] as const))(
    '%s has no fault',
    (_, move) => {
      expect(moveFaults(move, SHIPPED)).toEqual([]);
      expect(moveSchema.parse(move)).toEqual(move);
    },
  );
});

/** For each fault, what makes a sound move have it. */
const BROKEN: Readonly<Record<MoveFaultCode, (move: Move) => Move>> = {
  'name-unwritable': (move) => ({ ...move, name: 'Turn: left' }),
  'no-region': (move) => ({ ...move, regions: [] }),
  'side-meaning-missing': ({ sideMeans: _, ...move }) => move,
  'side-meaning-unused': (move) => ({ ...move, sides: 'both' }),
  'sided-words': (move) => ({ ...move, sides: 'both' }),
  'unknown-brace': (move) => withCue(move, 'go', 'Turn {way}.'),
  'cue-words': (move) => withCue(move, 'short', 'Turn a little more this way.'),
  'range-missing': (move) => ({ ...move, range: { reps: [3, 5], sets: [1, 3] } }),
  'range-turned': (move) => ({ ...move, range: { ...move.range, reps: [5, 3] } }),
  'dose-outside': (move) => ({
    ...move,
    dose: { kind: 'hold', holdMs: 500_000, sets: 1, restMs: 0 },
  }),
  'sets-outside': (move) => ({ ...move, dose: { ...move.dose, sets: 12 } }),
  'breath-half': (move) => ({
    ...move,
    dose: { kind: 'breaths', breaths: 5, inMs: 4000, sets: 1, restMs: 0 },
    range: { ...move.range, breaths: [3, 8] },
  }),
  'usual-level': (move) => ({
    ...move,
    levels: move.levels.map(({ usual: _, ...level }) => level),
  }),
  'level-twice': (move) => ({
    ...move,
    levels: move.levels.map((level) => ({ ...level, name: 'small' })),
  }),
  'level-id-twice': (move) => ({
    ...move,
    levels: move.levels.map((level) => ({ ...level, id: levelId('small') })),
  }),
  'level-unwritable': (move) => ({
    ...move,
    levels: move.levels.map((level, i) => (i === 0 ? { ...level, name: 'turn in chair' } : level)),
  }),
  'level-stance': (move) => ({
    ...move,
    levels: move.levels.map((level) => ({ ...level, stance: 'tandem' as const })),
  }),
  'load-missing': (move) => ({
    ...move,
    levels: move.levels.map((level) => ({ ...level, props: ['weight' as const] })),
  }),
  'easier-asks-more': (move) => ({ ...move, levels: move.levels.toReversed() }),
  'stretch-strength': (move) => ({ ...move, kind: 'stretch', stretchStrength: undefined }),
  'stretch-nowhere': (move) => ({ ...move, kind: 'stretch', endRange: ['jaw'] }),
  'name-taken': (move) => ({ ...move, name: 'seated  Cat' }),
  'name-misread': (move) => ({ ...move, name: 'Rest 30s' }),
  'family-apart': (move) => ({ ...move, regions: ['jaw'] }),
  'one-level': (move) => ({ ...move, levels: move.levels.filter(({ usual }) => usual) }),
  'said-twice': (move) => ({ ...move, cues: shipped('Seated twist').cues }),
  'style-order': (move) => withCue(move, 'go', 'You should turn {side}.'),
  'style-looks': (move) => withCue(move, 'further', 'Turn for a slim waist.'),
  'style-latin': (move) => withCue(move, 'setUp', 'Lengthen the lumbar spine.'),
  'style-breath': (move) => withCue(move, 'go', 'Inhale and turn {side}.'),
  'style-capital': (move) => withCue(move, 'easier', 'turn less'),
  'style-stop': (move) => withCue(move, 'go', 'Turn {side}'),
  'style-limb': (move) => withCue(move, 'go', '{side}, and stay.'),
};

function withCue(move: Move, cue: 'setUp' | 'go' | 'short' | 'easier' | 'further', text: string) {
  return { ...move, cues: { ...move.cues, [cue]: text } };
}

describe('a move of one’s own', () => {
  test('is sound when it is like a shipped one in other words', () => {
    expect(codes(rail)).toEqual([]);
  });

  test.each(Object.keys(BROKEN) as MoveFaultCode[])('%s is found', (code) => {
    const found = moveFaults(BROKEN[code](rail), SHIPPED);
    expect(found.map((fault) => fault.code)).toContain(code);
    const advice: readonly string[] = [...ADVICE, ...CUE_STYLE_FAULTS];
    for (const fault of found) {
      expect(fault.weight).toBe(advice.includes(fault.code) ? 'advice' : 'must');
    }
  });

  test('there is a case for every fault', () => {
    expect(Object.keys(BROKEN).sort()).toEqual(
      [...PART_FAULTS, ...PLACE_FAULTS, ...ADVICE, ...CUE_STYLE_FAULTS].sort(),
    );
  });

  test('the schema lets no move through whose parts do not go together', () => {
    for (const code of PART_FAULTS) {
      const read = moveSchema.safeParse(BROKEN[code](rail));
      expect([code, read.success]).toEqual([code, false]);
    }
  });

  test('a changed shipped move keeps its own names', () => {
    const changed = { ...shipped('Seated twist'), family: 'trunk-turn' };
    expect(codes(changed, catalogueWith([changed]))).toEqual([]);
  });
});

describe('a file of moves', () => {
  const changed = withCue(shipped('Seated cat'), 'easier', 'Move half as far');

  test('comes back as it went out', () => {
    const read = readMovesFile(writeMovesFile([rail, changed]));
    expect(read).toEqual({ ok: true, value: [rail, changed] });
  });

  test.each([
    ['not JSON', 'Rail turn', { code: 'not-json', line: 1, column: 1 }],
    ['another kind', '{"format":"hushed-willow-routine","version":1}', { code: 'wrong-format' }],
    [
      'a newer one',
      '{"format":"hushed-willow-moves","version":9}',
      { code: 'newer-version', version: 9 },
    ],
    [
      'a move whose parts do not go together',
      writeMovesFile([rail, BROKEN['cue-words'](rail)]),
      { code: 'invalid', path: 'moves.1.cues.short', detail: 'cue-words', most: 5 },
    ],
    [
      'a load that nobody knows',
      writeMovesFile([rail]).replace('"twist-end"', '"dancing"'),
      {
        code: 'invalid',
        path: expect.stringMatching(/^moves\.0\.levels\.\d\.loads\.0\.load$/) as string,
      },
    ],
    [
      'a key of no meaning',
      '{"format":"hushed-willow-moves","version":1,"moves":[],"__proto__":{}}',
      { code: 'invalid' },
    ],
  ])('%s is refused at its place', (_, text, problem) => {
    const read = readMovesFile(text);
    expect(read.ok ? [] : read.problems[0]).toMatchObject(problem);
  });

  test('says what it adds, what it replaces and what is there already', () => {
    const older = withCue(rail, 'go', 'Turn {side} a little.');
    const bringing = bringMoves(
      [older, changed],
      [rail, changed, ownLike('Bridge', { name: 'Deck lift' })],
    );
    expect(bringing.added.map(({ name }) => name)).toEqual(['Deck lift']);
    expect(bringing.replaced).toEqual([older]);
    expect(bringing.same).toEqual([changed]);
    expect(bringing.own.map(({ name }) => name)).toEqual(['Rail turn', 'Seated cat', 'Deck lift']);
    expect(bringing.faults).toEqual([]);
  });

  test('a name that another own move has is in the way', () => {
    const other = { ...rail, id: ownLike('Bridge', { name: 'Other' }).id };
    const { faults } = bringMoves([rail], [other]);
    expect(faults.map(({ fault }) => fault.code)).toEqual(['name-taken']);
  });
});

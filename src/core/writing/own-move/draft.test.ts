import { moveIdSchema } from '@/core/common';
import { SHIPPED, type Move } from '@/core/moves';
import { ownLike } from '@/core/testing';
import { draftOf, emptyDraft, moveDraftSchema, type MoveDraft } from './draft';
import { mustMend, readDraft } from './read-draft';

const rail = ownLike('Seated twist', { name: 'Rail turn' });

/** Where a draft has to be mended, as `path kind`. */
const places = (draft: MoveDraft) =>
  readDraft(draft, SHIPPED)
    .problems.filter(mustMend)
    .map((problem) => {
      const what = problem.kind === 'fault' ? problem.fault.code : problem.kind;
      return `${problem.path.join('.')} ${what}`;
    });

describe('writing a move', () => {
  test.each(SHIPPED.moves.map((move) => [move.name, move] as const))(
    '%s is read back as it was laid out',
    (_, move) => {
      const draft = draftOf(move);
      expect(moveDraftSchema.parse(draft)).toEqual(draft);
      expect(readDraft(draft, SHIPPED)).toEqual({ move, problems: [] });
    },
  );

  test('a new one says all that is still missing, at its place', () => {
    expect(places(emptyDraft(moveIdSchema.parse('own-1'), 'Breathe easily.'))).toEqual([
      'dose missing',
      'name missing',
      'cues.setUp missing',
      'cues.go missing',
      'cues.short missing',
      'cues.easier missing',
      'cues.further missing',
      'cues.wayOut missing',
      'levels.0.name missing',
      'regions no-region',
    ]);
  });

  test.each<readonly [string, Partial<MoveDraft>, readonly string[]]>([
    ['a dose that is none', { dose: 'a while' }, ['dose unread']],
    ['a dose with more than a dose', { dose: 'hold 20s, pin' }, ['dose unread']],
    ['a tempo without reps', { dose: 'hold 20s, tempo 2-1-2' }, ['dose unread']],
    ['a bare number', { dose: 'hold 20' }, ['dose unread']],
    [
      'a pace of its own',
      { doseFor: { ...draftOf(rail).doseFor, older: 'x' } },
      ['doseFor.older unread'],
    ],
    [
      'a range half said',
      { range: { ...draftOf(rail).range, reps: { least: '3', most: '' } } },
      ['range.reps.most missing'],
    ],
    [
      'a range of words',
      { range: { ...draftOf(rail).range, holdMs: { least: 'short', most: '0s' } } },
      ['range.holdMs.least unread', 'range.holdMs.most unread'],
    ],
    [
      'no sets',
      { range: { ...draftOf(rail).range, sets: { least: '', most: '' } } },
      ['range.sets.least missing'],
    ],
    ['too long a name', { name: 'x'.repeat(70) }, ['name invalid']],
    [
      'parts that do not go together',
      { sides: 'each', sideMeans: undefined },
      ['sideMeans side-meaning-missing'],
    ],
    ['a name that is taken', { name: 'Seated cat' }, ['name name-taken']],
  ])('%s', (_, typed, expected) => {
    expect(places({ ...draftOf(rail), ...typed })).toEqual(expected);
  });

  test('what is typed over several lines is put on one, and lists are one a line', () => {
    const draft = draftOf(rail);
    const { move } = readDraft(
      {
        ...draft,
        name: '  Rail \n\u0007 turn ',
        otherNames: 'Turn at the rail\n\n Harbour turn ',
        cues: { ...draft.cues, watch: 'Hips face forward\nShoulders stay low\n' },
      },
      SHIPPED,
    );
    expect(move?.name).toBe('Rail turn');
    expect(move?.otherNames).toEqual(['Turn at the rail', 'Harbour turn']);
    expect(move?.cues.watch).toEqual(['Hips face forward', 'Shoulders stay low']);
  });

  test('advice does not keep it from being a move', () => {
    const draft = draftOf(rail);
    const reading = readDraft(
      { ...draft, levels: draft.levels.filter(({ usual }) => usual) },
      SHIPPED,
    );
    expect(reading.move?.levels).toHaveLength(1);
    expect(reading.problems).toMatchObject([{ kind: 'fault', fault: { code: 'one-level' } }]);
  });

  test('both sides at once bear on the whole body, and need no time to change', () => {
    const draft = draftOf(rail);
    const levels = draft.levels.map((level) => ({
      ...level,
      loads: [{ load: 'grip' as const, on: 'other' as const }],
      longSwitch: 'roll-over' as const,
      words: { ...level.words, setUp: '', go: '', short: '' },
    }));
    const said = { go: 'Turn.', short: 'Turn.', easier: 'Less.', further: 'More.', press: '' };
    const plain = { ...draft.cues, ...said };
    const both = { ...draft, sides: 'both' as const, levels, cues: plain };
    const { move } = readDraft(both, SHIPPED);
    expect(move?.levels.map(({ loads }) => loads[0]?.on)).toEqual(['body', 'body']);
    expect(move?.levels.map(({ longSwitch }) => longSwitch)).toEqual([undefined, undefined]);
  });

  test('both sides at once lose what a side meant', () => {
    const cat: Move = ownLike('Seated cat', { name: 'Deck cat' });
    const draft = { ...draftOf(cat), sideMeans: 'moving-arm' as const };
    expect(readDraft(draft, SHIPPED).move?.sideMeans).toBeUndefined();
  });
});

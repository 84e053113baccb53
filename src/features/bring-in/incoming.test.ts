import { writeRoutineFile } from '@/core/routine';
import { ownLike, shipped } from '@/core/testing';
import { MOST_FAULTS, readIncoming as readText, writeMovesFile } from '@/core/writing';
import { incomingFault, incomingSummary, isNoText } from './incoming';

/** What is read, and all that is said of it. */
function readIncoming(text: string, own: Parameters<typeof readText>[1]) {
  const read = readText(text, own, 'New routine');
  return {
    routine: read.state === 'routine' ? read.routine : undefined,
    moves: read.state === 'moves' ? read.moves : undefined,
    mayBePlan: read.state === 'bad' && read.mayBePlan,
    summary: incomingSummary(read),
    problems: read.state === 'bad' ? read.faults.map(incomingFault) : [],
  };
}

describe('a file of moves that is brought in', () => {
  const rail = ownLike('Seated twist', { name: 'Rail turn' });
  const lift = ownLike('Bridge', { name: 'Deck lift' });
  const twist = { ...shipped('Seated twist'), otherNames: ['Harbour twist'] };

  test('says what is new, what it changes and what is here already', () => {
    const text = writeMovesFile([rail, lift, twist]);
    const { moves, routine, summary, problems } = readIncoming(text, [lift]);
    expect(routine).toBeUndefined();
    expect(moves?.own.map(({ name }) => name)).toEqual(['Deck lift', 'Rail turn', 'Seated twist']);
    expect(summary).toBe(
      'New: Rail turn. Changed from the original, in all routines: Seated twist. Here already: Deck lift.',
    );
    expect(problems).toEqual([]);
  });

  test('says which own move it would stand in place of', () => {
    const older = { ...rail, otherNames: ['Older'] };
    expect(readIncoming(writeMovesFile([rail]), [older]).summary).toBe(
      'In place of your own: Rail turn.',
    );
  });

  test('is refused whole where one move can’t stand beside the others', () => {
    const text = writeMovesFile([lift, { ...rail, name: 'Seated cat' }]);
    const { moves, problems } = readIncoming(text, []);
    expect(moves).toBeUndefined();
    expect(problems).toEqual(['Seated cat: “Seated cat” has this name already']);
  });

  test('own moves are known in pasted text, and a routine file names those that it carries', () => {
    expect(readIncoming('Rail turn', []).routine).toBeUndefined();
    const { routine } = readIncoming('title: At the rail\nRail turn', [rail]);
    if (!routine) throw new Error();
    expect(readIncoming(writeRoutineFile(routine), []).summary).toContain(
      'It carries its own moves: Rail turn.',
    );
  });
});

describe('what is brought in', () => {
  test('text without problems is a routine', () => {
    const { routine, summary } = readIncoming('title: Low tide\nBridge', []);
    expect(routine?.title).toBe('Low tide');
    expect(summary).toBe('Low tide: 1 item, no problems.');
  });

  test.each([
    ['Bridge\nSeated twits', 'Line 2, column 1'],
    ['{ "format": oops }', 'line 1, column 13'],
    ['{}', 'does not come from Hushed Willow'],
    ['title: Nothing', 'no move'],
  ])('%s is refused and says where', (text, place) => {
    const { routine, problems } = readIncoming(text, []);
    expect(routine).toBeUndefined();
    expect(problems.join(' ')).toContain(place);
  });

  test('a photo is no text, and signs of all languages are', () => {
    expect(isNoText('\u0089PNG\r\n\u001a\n\u0000\u0000')).toBe(true);
    expect(isNoText('JFIF\uFFFD\uFFFD')).toBe(true);
    expect(isNoText('Dehnung für die Hüfte – 30 s\n\t• März ☐ 体操')).toBe(false);
  });

  test('nothing says nothing', () => {
    expect(readIncoming('  ', [])).toEqual({
      mayBePlan: false,
      routine: undefined,
      moves: undefined,
      summary: '',
      problems: [],
    });
  });
});

describe('more than a class can be', () => {
  test('is told with the first faults alone', () => {
    const { problems, summary } = readIncoming('Seated twits\n'.repeat(300), []);
    expect(problems).toHaveLength(MOST_FAULTS);
    expect(summary).toMatch(/^\d{3} places need a change: These are the first 100\.$/u);
  });

  test('is not read at all from some size on, and says so', () => {
    const began = performance.now();
    const { problems, routine } = readIncoming('Seated twits\n'.repeat(80_000), []);
    expect(performance.now() - began).toBeLessThan(500);
    expect(routine).toBeUndefined();
    expect(problems).toEqual([
      'This text has 80,001 lines. A class is read of 2,000 at most: bring it in in parts.',
    ]);
  });
});

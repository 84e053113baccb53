import { writeRoutineFile } from '@/core/routine';
import { ownLike, shipped } from '@/core/testing';
import { writeMovesFile } from '@/core/writing';
import { isNoText, readIncoming } from './incoming';

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

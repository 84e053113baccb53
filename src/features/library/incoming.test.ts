import { readIncoming } from './incoming';

describe('what is brought in', () => {
  test('text without problems is a routine', () => {
    const { routine, summary } = readIncoming('title: Low tide\nBridge', []);
    expect(routine?.title).toBe('Low tide');
    expect(summary).toBe('Low tide: 1 item, no problems.');
  });

  test.each([
    ['Bridge\nSeated twits', 'Line 2, column 1'],
    ['{ "format": oops }', 'line 1, column 13'],
    ['{}', 'not a file of Hushed Willow'],
    ['title: Nothing', 'no move'],
  ])('%s is refused and says where', (text, place) => {
    const { routine, problems } = readIncoming(text, []);
    expect(routine).toBeUndefined();
    expect(problems.join(' ')).toContain(place);
  });

  test('nothing says nothing', () => {
    expect(readIncoming('  ', [])).toEqual({
      routine: undefined,
      moves: undefined,
      summary: '',
      problems: [],
    });
  });
});

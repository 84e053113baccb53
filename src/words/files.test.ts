import { fileProblemSentence, placeInFile } from './en/files';

describe('what is wrong with a file', () => {
  test.each([
    ['', 'The file'],
    ['routine.title', 'The routine, at title'],
    ['routine.sections.warm-up.2', 'Line 3 of the warm-up'],
    ['routine.sections.main.0.dose.reps', 'Line 1 of main, at dose, reps'],
    ['routine.sections.settle.1.lines.0', 'Line 1 of the block at line 2 of settle'],
    ['moves.4.levels.0', 'Move 5, at levels, 0'],
  ])('the place %s is told as %s', (path, words) => {
    expect(placeInFile(path)).toBe(words);
  });

  test('each says what to do, or where', () => {
    expect(fileProblemSentence({ code: 'not-json', line: 55, column: 3 })).toMatch(
      /damaged .*line 55.*Save it again/,
    );
    expect(fileProblemSentence({ code: 'wrong-format' })).toMatch(/take its text/);
    expect(
      fileProblemSentence({
        code: 'invalid',
        path: 'routine.sections.main.0',
        detail: 'Invalid input',
      }),
    ).toBe('Line 1 of main: what stands there is nothing that is known here');
  });
});

import { EDGES } from '@/core/position';
import { ITEM_FAULTS, READING_PROBLEMS } from '@/core/routine';
import { PROBLEM_CODES, placedProblem, problemSentence, scorePhrases } from '.';

describe('words', () => {
  test('every problem code has a sentence, and no sentence is left over', () => {
    expect([...PROBLEM_CODES].sort()).toEqual([...READING_PROBLEMS, ...ITEM_FAULTS].sort());
    for (const code of PROBLEM_CODES) {
      expect(problemSentence({ code, read: 'x', could: [] }).length).toBeGreaterThan(10);
    }
  });

  test('every step between base positions is spoken, both ways', () => {
    for (const { id } of EDGES) {
      for (const direction of ['there', 'back'] as const) {
        expect(scorePhrases.step(id, direction)).toMatch(/^[a-z]/);
      }
    }
  });

  test('a problem stands with its place and what could stand there', () => {
    const problem = {
      code: 'unknown-move',
      line: 3,
      column: 5,
      read: 'Twits',
      could: ['Seated twist'],
    } as const;
    expect(placedProblem(problem)).toBe(
      '3:5: No move is called “Twits”; it could be: Seated twist',
    );
  });
});

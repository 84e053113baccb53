import { LIMITS } from '@/core/people';
import { QUESTIONS } from './questions';

test('the questions reach every limit, each once, in nine at most, falls first', () => {
  const reached = QUESTIONS.flatMap(({ limits }) => limits);
  expect([...reached].sort()).toEqual([...LIMITS].sort());
  expect(QUESTIONS.length).toBeLessThanOrEqual(9);
  expect(QUESTIONS[0]?.ask).toMatch(/fallen/u);
});

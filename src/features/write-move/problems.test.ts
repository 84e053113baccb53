import type { DraftProblem } from '@/core/writing';
import { countIn, problemsAt } from './problems';

const missing: DraftProblem = { path: ['cues', 'go'], kind: 'missing' };
const long: DraftProblem = {
  path: ['cues', 'short'],
  kind: 'fault',
  fault: { code: 'cue-words', path: ['cues', 'short'], most: 5, weight: 'must' },
};
const order: DraftProblem = {
  path: ['cues', 'watch', 1],
  kind: 'fault',
  fault: { code: 'style-order', path: ['cues', 'watch', 1], about: 'must', weight: 'advice' },
};
const dose: DraftProblem = {
  path: ['dose'],
  kind: 'unread',
  code: 'bare-number',
  read: '20',
  could: ['20s'],
};
const problems = [missing, long, order, dose];

test('what is only empty is told once somebody tried to keep it', () => {
  expect(problemsAt({ problems, tries: 0 }, 'cues.go', true)).toEqual([]);
  expect(problemsAt({ problems, tries: 1 }, 'cues.go', true)).toEqual([
    { text: 'This is still to be filled in.', must: true },
  ]);
});

test('a place tells its own problems, and those further inside where it holds them', () => {
  const found = { problems, tries: 0 };
  expect(problemsAt(found, 'cues.watch', true)).toEqual([
    { text: 'Could be better: Say what to do, without “must”.', must: false },
  ]);
  expect(problemsAt(found, 'cues.watch', false)).toEqual([]);
  expect(problemsAt(found, 'cues.short', true)).toEqual([
    { text: 'Too long to be said in time: at most 5 words.', must: true },
  ]);
  expect(problemsAt(found, 'dose', true)[0]?.text).toBe('“20” needs a unit; it could be: 20s.');
  // A place whose name only begins alike is another place.
  expect(problemsAt({ problems: [dose], tries: 0 }, 'dos', true)).toEqual([]);
});

test('a sentence is told once, however often it is true', () => {
  const again = { ...order, path: ['cues', 'watch', 2] };
  expect(problemsAt({ problems: [order, again], tries: 0 }, 'cues.watch', true)).toHaveLength(1);
});

test('a section counts what has to be mended in it, not advice', () => {
  const found = { problems, tries: 0 };
  expect(countIn(found, ['cues'])).toBe(2);
  expect(countIn(found, ['dose', 'doseFor', 'range'])).toBe(1);
  expect(countIn(found, ['levels'])).toBe(0);
});

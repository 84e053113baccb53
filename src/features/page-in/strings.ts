export const PAGE = {
  title: 'Your plan, line by line',
  hint: 'What each line becomes stands beside it. Mend what is marked, then take it in.',
  open: (count: number) =>
    count === 1 ? '1 line is not clear yet.' : `${count} lines are not clear yet.`,
  allClear: 'Every line is clear.',
  none: 'There is no line here that could be a move.',
  which: 'Which is it?',
  note: 'Keep as a note',
  notes: 'Keep those as notes',
  out: 'Leave out',
  back: 'Read it again',
  isNote: 'a note',
  isOut: 'left out',
  rewrite: 'Write it another way',
  passed: (words: readonly string[]) => `without “${words.join(' ')}”`,
  take: (count: number) => (count === 1 ? 'Take in 1 line' : `Take in ${count} lines`),
  leave: 'Leave it',
};

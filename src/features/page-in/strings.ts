import type { Column, Shape } from '@/core/writing';
import { listWords } from '@/words/findings';

const COLUMNS: Readonly<Record<Column, string>> = {
  move: 'move',
  sets: 'sets',
  reps: 'reps',
  hold: 'hold',
  time: 'time',
  rest: 'rest',
  side: 'side',
  notes: 'notes',
  none: '',
};

export const PAGE = {
  title: 'Your plan, line by line',
  hint: 'Each line, with what it becomes. Mend what is marked, then take it in.',
  open: (count: number) =>
    count === 1 ? '1 line is not clear yet.' : `${count} lines are not clear yet.`,
  allClear: 'Every line is clear.',
  none: 'There is no line here that could be a move.',
  which: 'Which is it?',
  noMove: 'No move matches. Write it another way, or keep it as a note.',
  note: 'Keep as a note',
  notes: 'Keep those as notes',
  out: 'Skip it',
  back: 'Read it again',
  isNote: 'a note',
  isOut: 'left out',
  rewrite: 'Write it another way',
  mend: 'Change',
  done: 'Done',
  sets: 'Sets',
  rest: 'Rest between sets',
  shape: 'Your plan is read as',
  shapes: [
    { value: 'list', text: 'A list' },
    { value: 'clock', text: 'Times' },
    { value: 'table', text: 'A table' },
  ] satisfies readonly { readonly value: Shape; readonly text: string }[],
  columns: (columns: readonly Column[], guessed: boolean) =>
    `${guessed ? 'Its columns, by what is in them' : 'Its columns'}: ${listWords(columns.map((one) => COLUMNS[one]))}.`,
  unread: (count: number) =>
    `A routine holds 400 lines. The last ${count} were not read: paste them by themselves.`,
  time: (total: string, said: string | undefined, isFar: boolean) =>
    said === undefined
      ? `${total} in all.`
      : isFar
        ? `${total} in all, and your plan says ${said}. Look through the lines.`
        : `${total} in all; your plan says ${said}.`,
  structure: 'This is about other lines. Change those, and keep it as a note or skip it.',
  near: (differs: string) => `Not here. The nearest ${differs}.`,
  alike: (count: number) =>
    count === 1 ? 'The same for 1 more like it' : `The same for ${count} more like it`,
  passed: (words: readonly string[]) => `without “${words.join(' ')}”`,
  take: (count: number) => (count === 1 ? 'Take in 1 line' : `Take in ${count} lines`),
  leave: 'Throw it away',
  full: 'There is no room for all of it in one routine. Leave some lines out.',
};

import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { routineIdSchema } from '@/core/common';
import { catalogueFor, emptyRoutine, writeLine, type Entry } from '@/core/routine';
import { readPlainPage } from '@/core/writing';
import { lineRows } from '../../../tools/cli/lines';
import { readAdding } from './adding';

const CASES = join(__dirname, '../../core/writing/plain-line/lines');
const LINES = readdirSync(CASES).flatMap((file) =>
  readFileSync(join(CASES, file), 'utf8')
    .split('\n')
    .map((line) => line.split('=>')[0]?.trim() ?? '')
    .filter((line) => line !== '' && !line.startsWith('#')),
);
const IN_FRONT = ['', '- ', '3. ', '• ', 'warm-up: ', 'Settle: '];

const setting = { group: 'older' } as const;
const empty = emptyRoutine(routineIdSchema.parse('r'), 'x', 'older');
const textOf = (entry: Entry | undefined) => {
  const catalogue = catalogueFor({});
  if (!entry || entry.kind === 'block') return '';
  return writeLine(entry, catalogue);
};

test('there are lines to compare', () => expect(LINES.length).toBeGreaterThan(1500));

test.each(IN_FRONT)('after “%s” a line means the same typed, pasted and piped in', (front) => {
  const unlike = LINES.filter((line) => {
    const typed = `${front}${line}`;
    const added = textOf(readAdding(typed, empty, { section: 'main' }).entry);
    const [row] = readPlainPage(typed, setting).lines;
    const pasted = row?.reading.line ? row.reading.text : '';
    const [piped] = lineRows(typed, setting);
    return added !== pasted || added !== (piped?.text ?? '');
  });
  expect(unlike).toEqual([]);
});

test('and goes into the section that it names', () => {
  const [row] = readPlainPage('warm-up: march 1 min', setting).lines;
  expect(row?.section).toBe('warm-up');
  expect(readAdding('warm-up: march 1 min', empty, { section: 'main' }).place.section).toBe(
    'warm-up',
  );
});

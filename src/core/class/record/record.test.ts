import { GROUP_ALONE } from '@/core/people';
import { runIdSchema } from '@/core/common';
import { plainPhrases, routineOf } from '@/core/testing';
import { compile } from '@/core/timing';
import { RUN_COLUMNS, runsCsv, type RunColumn } from '../export/runs-csv';
import { runSchema, type Run } from './schema';
import { sideTimes, tallied } from './side-times';

const HEADINGS = Object.fromEntries(RUN_COLUMNS.map((name) => [name, name])) as Record<
  RunColumn,
  string
>;

const routine = routineOf('Seated twist: hold 20s');

function runOf(title: string): Run {
  const score = compile(routine, GROUP_ALONE, plainPhrases);
  return {
    id: runIdSchema.parse('run'),
    title,
    startedAt: '2026-03-05T10:00:00.000Z',
    endedAt: '2026-03-05T10:02:00.000Z',
    plannedMs: score.totalMs,
    realMs: score.totalMs,
    how: 'completed',
    sides: [...sideTimes(routine, score, tallied({}, score, 0, score.totalMs))],
  };
}

describe('the record', () => {
  test('a whole class gives every side what was planned', () => {
    const run = runOf('Plain');
    expect(runSchema.safeParse(run).success).toBe(true);
    expect(run.sides.map(({ side, plannedMs, realMs }) => [side, plannedMs, realMs])).toEqual([
      ['left', 20_000, 20_000],
      ['right', 20_000, 20_000],
    ]);
  });

  test('a row tells what each way of taking part did, where some did another move', () => {
    const done = (text: string) => {
      const routine = routineOf(text);
      return sideTimes(routine, compile(routine, GROUP_ALONE, plainPhrases), {});
    };
    const [marching] = done('lanes: chair, stand\nMarching');
    expect(marching?.lanes?.map(({ lane, moveName }) => [lane, moveName])).toEqual([
      ['chair', 'Seated march'],
      ['stand', 'Marching'],
    ]);
    const [plank] = done('group: older\nlanes: chair, floor\nPlank: hold 10s, level full');
    expect(plank?.lanes?.[0]).toEqual({ lane: 'chair', moveName: null, level: '' });
    expect(done('lanes: chair, stand\nSeated cat')[0]).not.toHaveProperty('lanes');
  });

  test('half a set is half a set', () => {
    const score = compile(routine, GROUP_ALONE, plainPhrases);
    const work = score.segments.find(({ kind }) => kind === 'work');
    const tally = tallied({}, score, 0, (work?.startMs ?? 0) + 7500);
    expect(sideTimes(routine, score, tally)[0]?.realMs).toBe(7500);
  });

  test.each(['=1+1', '+1', '-1', '@SUM(A1)', '\t=1', '=HYPERLINK("x")', '=1\n+1'])(
    'a title like %s runs no formula in a table',
    (title) => {
      const [, row = ''] = runsCsv([runOf(title)], HEADINGS).split('\r\n');
      const cell = row.split(',').slice(1).join(',');
      expect(cell).toMatch(/^"?'/);
    },
  );

  test('a title with commas, quotes and lines stays one cell', () => {
    const csv = runsCsv([runOf('A, "B"')], HEADINGS);
    expect(csv).toContain('"A, ""B"""');
  });
});

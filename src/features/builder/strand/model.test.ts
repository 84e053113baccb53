import { GROUP_ALONE } from '@/core/people';
import { countingIds, routineIdSchema } from '@/core/common';
import { readRoutineText } from '@/core/routine';
import { compile } from '@/core/timing';
import { scorePhrases } from '@/words/score';
import { strandOf, type StrandRow } from '.';

function strand(text: string) {
  const id = routineIdSchema.parse('r');
  const { routine } = readRoutineText(text, { id, newId: countingIds('i'), untitled: 'x' });
  return strandOf(routine, compile(routine, GROUP_ALONE, scorePhrases));
}

const items = (rows: readonly StrandRow[]) => rows.filter((row) => row.kind === 'item');

describe('the strand', () => {
  test('length is time, one scale for the whole routine', () => {
    const { rows, longestMs } = strand('Seated twist: hold 20s\nSeated cat: 10 reps, tempo 3-0-3');
    const [twist, cat] = items(rows);
    expect(twist?.leaves.map(({ side, ms }) => [side, ms])).toEqual([
      ['left', 20_000],
      ['right', 20_000],
    ]);
    expect(cat?.leaves.map(({ side, ms }) => [side, ms])).toEqual([['both', 60_000]]);
    expect(longestMs).toBe(30_000);
  });

  test('sets hang one under the other, presses are notches', () => {
    const [row] = items(strand('Seated twist: hold 1:00 x2, press 5s x2').rows);
    expect(row?.lines).toBe(2);
    expect(row?.leaves).toHaveLength(4);
    expect(row?.leaves[0]?.presses).toEqual([
      { fromMs: 16_666, toMs: 21_666 },
      { fromMs: 38_332, toMs: 43_332 },
    ]);
  });

  test('a side that is left out is an outline, unless it is meant', () => {
    const missing = (text: string) =>
      items(strand(text).rows).flatMap(({ leaves }) => leaves.filter((leaf) => leaf.missing));
    expect(missing('Seated twist: left only').map(({ side }) => side)).toEqual(['right']);
    expect(missing('Seated twist: left only, meant "sore"')).toEqual([]);
    expect(missing('Seated march: left only')).toEqual([]);
  });

  test('alternating work is leaflets by turns', () => {
    const [row] = items(strand('Seated march: 3 reps, tempo 2-0-2').rows);
    expect(row?.leaves.map(({ side }) => side)).toEqual([
      'left',
      'right',
      'left',
      'right',
      'left',
      'right',
    ]);
    expect(row?.leaves[0]?.ms).toBe(4000);
  });

  test('every trip is a bend with its time, and the way home too', () => {
    const ways = strand('group: older\nlanes: floor\nSeated cat\nBridge').rows.filter(
      (row) => row.kind === 'way',
    );
    expect(
      ways.map(({ fromHeight, toHeight, moveMs, pauseMs }) => [
        fromHeight,
        toHeight,
        moveMs,
        pauseMs,
      ]),
    ).toEqual([
      [3, 0, 33_000, 0],
      [0, 3, 38_000, 20_000],
    ]);
  });

  test("a way is the leading lane's, or says whose it is; a row says who does another move", () => {
    const { rows } = strand('group: older\nlanes: chair, stand\nSeated cat\nTandem stance');
    const way = rows.find((row) => row.kind === 'way');
    expect([way?.of, way?.to]).toEqual(['stand', 'stand-chair']);
    const [, stance] = items(rows);
    expect(stance?.instead).toMatchObject([{ lane: 'chair' }]);
    expect(stance?.instead[0]?.move).not.toBe('Tandem stance');
    const alone = strand('group: older\nlanes: stand\nSeated cat\nTandem stance').rows;
    const own = alone.find((row) => row.kind === 'way');
    expect([own?.of, own?.to]).toEqual([undefined, 'stand-chair']);
    expect(items(alone)[1]?.instead).toEqual([]);
  });

  test('a block is a head with a bracket beside its lines, each shown once', () => {
    const { rows } = strand(
      '(3 rounds, each side)\n  Seated twist: hold 20s\n  rest 5s\nSeated cat',
    );
    expect(rows.map(({ kind, inBlock }) => `${kind} ${inBlock}`)).toEqual([
      'section false',
      'section false',
      'block true',
      'item true',
      'entry true',
      'item false',
      'section false',
    ]);
    const [twist] = items(rows);
    expect(twist?.leaves.map(({ side, ms }) => [side, ms])).toEqual([
      ['left', 20_000],
      ['right', 20_000],
    ]);
  });

  test('a flow is tied from its first row to its last', () => {
    const lines = ['Seated cat: 4 reps', 'Seated side bend: hold 10s', 'Seated twist: hold 10s'];
    const { rows } = strand(`Head turn: 5 reps\n(in one go)\n  ${lines.join('\n  ')}`);
    expect(items(rows).map(({ tie }) => tie)).toEqual([undefined, 'start', 'middle', 'end']);
  });

  test('a span has a tip to each leaf and a pale leaf for each set more', () => {
    const [row] = items(strand('Seated cat: 6-12 reps x1-2, tempo 2-0-2').rows);
    expect(row?.leaves.map(({ ms, mostMs, pale, line }) => [ms, mostMs, pale, line])).toEqual([
      [24_000, 48_000, undefined, 0],
      [24_000, 48_000, true, 1],
    ]);
    expect(strand('Seated cat: 6-12 reps, tempo 2-0-2').longestMs).toBe(24_000);
  });

  test('turns in all are shared, and a span of turns has pale ones', () => {
    const leaves = (text: string) => items(strand(text).rows)[0]?.leaves ?? [];
    expect(leaves('Seated march: 6 reps in all')).toHaveLength(6);
    expect(leaves('Seated march: 4-6 reps').filter(({ pale }) => pale)).toHaveLength(4);
  });

  test('options stand as slips: of a way of taking part, and for anybody', () => {
    const text =
      'lanes: stand, chair\nSit to stand: 5 reps\n  or chair: Leg extend and bend, 8 reps\n  or: Seated march';
    const [row] = items(strand(text).rows);
    expect(row?.instead).toEqual([
      { lane: 'chair', move: 'Leg extend and bend, 8 reps', level: '' },
    ]);
    expect(row?.offered).toEqual(['Seated march']);
  });
});

import fc from 'fast-check';
import { routineArbitrary, routineOf } from '@/core/testing';
import { readRoutineFile, writeRoutineFile } from './file';

const file = (change: (data: Record<string, unknown>) => void) => {
  const data = JSON.parse(writeRoutineFile(routineOf('Bridge')));
  change(data);
  return readRoutineFile(JSON.stringify(data));
};

describe('routine files', () => {
  test('what is written is read back equal', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        expect(readRoutineFile(writeRoutineFile(routine))).toEqual({ ok: true, value: routine });
      }),
    );
  });

  test('broken JSON names line and column', () => {
    const result = readRoutineFile('{\n  "format": oops }');
    expect(result).toEqual({ ok: false, problems: [{ code: 'not-json', line: 2, column: 13 }] });
  });

  test('a newer version is refused', () => {
    expect(file((data) => (data.version = 99))).toEqual({
      ok: false,
      problems: [{ code: 'newer-version', version: 99 }],
    });
  });

  test('another format is refused', () => {
    expect(file((data) => (data.format = 'other'))).toMatchObject({
      ok: false,
      problems: [{ code: 'wrong-format' }],
    });
    expect(readRoutineFile('null')).toMatchObject({ ok: false });
  });

  test.each([
    ['an unknown move', { moveId: 'no-such-move' }],
    [
      'a press that leaves no time',
      { dose: { kind: 'hold', holdMs: 5000, sets: 1 }, press: { pressMs: 5000, times: 3 } },
    ],
    ['a key that nobody knows', { extra: 1 }],
    ['half a second', { dose: { kind: 'hold', holdMs: 500, sets: 1 } }],
  ])('%s is refused with its path', (_, change) => {
    const result = file((data) => {
      const routine = data.routine as { sections: { main: object[] } };
      Object.assign(routine.sections.main[0] ?? {}, change);
    });
    expect(result.ok).toBe(false);
    if (!result.ok) expect(JSON.stringify(result.problems)).toContain('routine.sections.main.0');
  });

  test('a prototype in the file reaches nothing', () => {
    const text = writeRoutineFile(routineOf('Bridge')).replace(
      '"group"',
      '"__proto__": { "polluted": true }, "group"',
    );
    readRoutineFile(text);
    expect(({} as Record<string, unknown>).polluted).toBeUndefined();
  });
});

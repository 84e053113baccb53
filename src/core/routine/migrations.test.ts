import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROUTINE_MIGRATIONS, ROUTINE_VERSION, itemsInOrder, readRoutineFile } from '.';

const FOLDER = join(__dirname, 'samples');

describe('earlier versions', () => {
  test('steps lead from the first version to today without a gap', () => {
    expect(ROUTINE_MIGRATIONS.map(({ from }) => from)).toEqual(
      Array.from({ length: ROUTINE_VERSION - 1 }, (_, i) => i + 1),
    );
  });

  test('there is a frozen sample of each', () => {
    expect(readdirSync(FOLDER)).toEqual(
      ROUTINE_MIGRATIONS.map(({ from }) => `routine-v${from}.json`),
    );
  });

  test.each(readdirSync(FOLDER))('%s is read whole', (name) => {
    const result = readRoutineFile(readFileSync(join(FOLDER, name), 'utf8'));
    if (!result.ok) throw new Error(JSON.stringify(result.problems));
    expect(result.value.title).toBe('From the first version');
    expect(itemsInOrder(result.value)).toHaveLength(2);
    expect(result.value.sections.main[1]).toEqual({ kind: 'rest', id: 'i3', restMs: 30_000 });
  });

  test('levels that text could not write have names of today', () => {
    const text = readFileSync(join(FOLDER, 'routine-v3.json'), 'utf8');
    const data = JSON.parse(text) as { routine: { sections: { main: object[] } } };
    data.routine.sections.main.push({
      kind: 'item',
      id: 'i9',
      moveId: 'wrist-stretch',
      level: 'elbow bent, fingers loose',
      laneLevels: { stand: 'elbow bent, fingers loose' },
    });
    data.routine.sections.main.unshift({
      kind: 'item',
      id: 'i8',
      moveId: 'figure-of-eight',
      level: 'along a counter',
    });
    const result = readRoutineFile(JSON.stringify(data));
    expect(result.ok && result.value.sections.main[0]).toMatchObject({
      level: 'hand on each chair',
    });
    expect(result.ok && itemsInOrder(result.value).at(-1)).toMatchObject({
      level: 'elbow bent and fingers loose',
      laneLevels: { stand: 'elbow bent and fingers loose' },
    });
  });

  test('an earlier file that was wrong then is wrong now', () => {
    const text = readFileSync(join(FOLDER, 'routine-v1.json'), 'utf8').replace(
      '"older"',
      '"dance"',
    );
    expect(readRoutineFile(text).ok).toBe(false);
  });
});

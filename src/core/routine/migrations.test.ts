import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { readRoutineFile } from './file';
import { ROUTINE_MIGRATIONS } from './migrations';
import { ROUTINE_VERSION, itemsInOrder } from './schema';

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
    const rest = result.value.sections.main.find(({ kind }) => kind === 'rest');
    expect(rest).toMatchObject({ restMs: 30_000 });
    expect(result.value.group).toBe('older');
    expect(result.value.pace.breathInMs).toBe(4000);
  });

  test('levels by name, in lines and in own moves, are levels by id', () => {
    const result = readRoutineFile(readFileSync(join(FOLDER, 'routine-v4.json'), 'utf8'));
    const routine = result.ok ? result.value : undefined;
    if (!routine) throw new Error('not read');
    const [, rail] = itemsInOrder(routine);
    expect(rail).toMatchObject({ moveId: 'rail-turn', level: 'hand-on-the-thigh' });
    expect(routine.moves?.[0]).toMatchObject({
      levels: [{ id: 'arms-crossed' }, { id: 'hand-on-the-thigh' }],
      warms: ['upper-back', 'ribs-sides'],
    });
    expect(itemsInOrder(routine)[2]).toMatchObject({
      level: 'hands-on-thighs',
      laneLevels: { chair: 'hands-on-arms' },
    });
  });

  test('levels whose names make one id keep apart, and lines find theirs', () => {
    const file = JSON.parse(readFileSync(join(FOLDER, 'routine-v4.json'), 'utf8'));
    file.routine.moves[0].levels[0].name = 'hand on the thigh!';
    file.routine.sections['warm-up'][1].level = 'hand on the thigh';
    const result = readRoutineFile(JSON.stringify(file));
    const routine = result.ok ? result.value : undefined;
    expect(routine?.moves?.[0]?.levels.map(({ id }) => id)).toEqual([
      'hand-on-the-thigh',
      'hand-on-the-thigh-2',
    ]);
    expect(routine && itemsInOrder(routine)[1]?.level).toBe('hand-on-the-thigh-2');
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
      level: 'hand-on-each-chair',
    });
    expect(result.ok && itemsInOrder(result.value).at(-1)).toMatchObject({
      level: 'elbow-bent-and-fingers-loose',
      laneLevels: { stand: 'elbow-bent-and-fingers-loose' },
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

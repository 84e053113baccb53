import { countingIds, routineIdSchema } from '@/core/ids';
import { ROUTINE_VERSION, readRoutineText } from '@/core/routine';
import { KEYS, keptDevice, keptRoutine, readKept } from './kept';

const { routine } = readRoutineText('title: Low tide\nBridge', {
  id: routineIdSchema.parse('low-tide'),
  newId: countingIds('i'),
  untitled: 'x',
});
const KEY = KEYS.routine(routine.id);

describe('what is kept under a key', () => {
  test('comes back as it was', () => {
    const reading = readKept(KEY, keptRoutine(routine, 3));
    expect(reading).toEqual({ state: 'good', kept: { kind: 'routine', revision: 3, routine } });
    const device = { chimes: false, voice: true, mirror: true, welcomed: true };
    expect(readKept(KEYS.device, keptDevice(device))).toMatchObject({
      state: 'good',
      kept: { device },
    });
  });

  test.each([
    ['cut off', keptRoutine(routine, 1).slice(0, 100), 'damaged', 'Low tide'],
    ['another shape', '{"version":3,"revision":1,"routine":{"title":"Odd"}}', 'damaged', 'Odd'],
    ['not an object', '"text"', 'damaged', KEY],
    ['nothing', '', 'damaged', KEY],
    [
      'newer',
      keptRoutine(routine, 1).replace(`"version":${ROUTINE_VERSION}`, '"version":77'),
      'newer',
      'Low tide',
    ],
  ])('%s is %s and named', (_, text, state, name) => {
    expect(readKept(KEY, text)).toEqual({ state, name });
  });

  test('keys of others are left alone', () => {
    expect(readKept('something/else', '{}')).toEqual({ state: 'not-ours' });
  });

  test('a first version is brought up', () => {
    const text = keptRoutine(routine, 1).replace(`"version":${ROUTINE_VERSION}`, '"version":1');
    expect(readKept(KEY, text)).toMatchObject({ state: 'good', kept: { routine } });
  });
});

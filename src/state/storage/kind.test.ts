import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { countingIds, routineIdSchema } from '@/core/common';
import { ROUTINE_VERSION, readRoutineText, type Routine } from '@/core/routine';
import { DEVICE, MARK, ROW } from '../hall/kinds';
import { ROUTINE, RUN, RECORD_KINDS, WORKSHOP_KINDS } from '../kinds';
import { isOfKind, keyOf, readStored, writeStored } from './kind';

const { routine } = readRoutineText('title: Low tide\nBridge', {
  id: routineIdSchema.parse('low-tide'),
  newId: countingIds('i'),
  untitled: 'x',
});
const KEY = keyOf(ROUTINE, routine.id);
const ALL = [DEVICE, ROW, MARK, ...WORKSHOP_KINDS, ...RECORD_KINDS, RUN];

describe('what is kept under a key', () => {
  test('comes back as it was', () => {
    const text = writeStored(ROUTINE, routine, 3);
    expect(readStored(ROUTINE, KEY, text)).toEqual({ state: 'good', revision: 3, value: routine });
    const device = { chimes: false, talk: 'spare' as const, mirror: true, welcomed: true };
    expect(readStored(DEVICE, 'device', writeStored(DEVICE, device, 1))).toMatchObject({
      value: device,
    });
  });

  test.each([
    ['cut off', writeStored(ROUTINE, routine, 1).slice(0, 100), 'damaged', 'Low tide'],
    ['another shape', '{"version":3,"revision":1,"routine":{"title":"Odd"}}', 'damaged', 'Odd'],
    ['not an object', '"text"', 'damaged', KEY],
    ['a list', '[]', 'damaged', KEY],
    ['nothing', '', 'damaged', KEY],
    [
      'newer',
      writeStored(ROUTINE, routine, 1).replace(`"version":${ROUTINE_VERSION}`, '"version":77'),
      'newer',
      'Low tide',
    ],
  ])('%s is %s and named', (_, text, state, name) => {
    expect(readStored(ROUTINE, KEY, text)).toEqual({ state, name });
  });

  test('each key is of one kind', () => {
    const keys = [
      'routine/a',
      'run/a',
      'move/a',
      'move-draft/a',
      'row/a',
      'lead',
      'lead/a',
      'device',
    ];
    for (const key of keys) expect(ALL.filter((kind) => isOfKind(kind, key))).toHaveLength(1);
    expect(ALL.filter((kind) => isOfKind(kind, 'set-aside/routine/a'))).toEqual([]);
  });
});

const FOLDER = join(__dirname, 'samples');

/** The kind of a frozen sample, by its name. */
const kindNamed = (file: string) => {
  const name = /^kept-([a-z-]+)-v\d+\.json$/.exec(file)?.[1];
  const kind = ALL.find((one) => one.name === (name === 'draft' ? 'move-draft' : name));
  if (!kind) throw new Error(file);
  return kind;
};

describe('what earlier versions kept', () => {
  test.each(readdirSync(FOLDER))('%s is read whole', (file) => {
    const text = readFileSync(join(FOLDER, file), 'utf8');
    const reading = readStored(kindNamed(file), file, text);
    expect(reading).toMatchObject({ state: 'good' });
    expect(JSON.parse(text).version).toBe(Number(/v(\d+)/.exec(file)?.[1]));
  });

  test('there is a sample of each earlier version of each kind that has had several', () => {
    const files = readdirSync(FOLDER);
    for (const kind of ALL.filter(({ version }) => version > 1)) {
      const word = kind.name === 'move-draft' ? 'draft' : kind.name;
      const has = files.filter((file) => file.startsWith(`kept-${word}-v`));
      expect(has).toEqual(
        Array.from({ length: kind.version - 1 }, (_, i) => `kept-${word}-v${i + 1}.json`),
      );
    }
  });

  const read = (file: string) => {
    const reading = readStored(kindNamed(file), file, readFileSync(join(FOLDER, file), 'utf8'));
    if (reading.state !== 'good') throw new Error(file);
    return reading.value as { routine?: Routine; lead?: { routine: Routine; part: object } };
  };

  test('levels are found by their ids, in runs, classes, routines, moves and drafts alike', () => {
    for (const file of ['kept-routine-v4.json', 'kept-run-v4.json', 'kept-lead-v4.json']) {
      const value = read(file);
      const one = value.lead?.routine ?? value.routine ?? (value as Routine);
      expect(one.sections['warm-up'][1]).toMatchObject({ level: 'hand-on-the-thigh' });
      expect(one.moves?.[0]).toMatchObject({
        levels: [{ id: 'arms-crossed' }, { id: 'hand-on-the-thigh' }],
      });
      expect(one.group).toBe('older');
    }
    expect(read('kept-move-v1.json')).toMatchObject({ levels: [{ id: 'arms-crossed' }, {}] });
    expect(read('kept-draft-v1.json')).toMatchObject({
      levels: [{ id: 'arms-crossed' }, {}],
      warms: ['upper-back', 'ribs-sides'],
    });
    expect(read('kept-draft-v2.json')).toMatchObject({
      levels: [{ words: { setUp: '', go: '' } }, { words: { wayOut: '' } }],
    });
    expect(read('kept-draft-v3.json')).toMatchObject({
      cues: { press: '' },
      levels: [{ words: { go: 'Turn half way to the {side}.', watch: '', press: '' } }, {}],
    });
    expect(read('kept-lead-v4.json').lead?.part).toEqual({ people: [], sessions: [], at: '' });
  });

  test('the routine in a run counts its versions for itself', () => {
    const text = writeStored(RUN, read('kept-run-v4.json'), 1);
    expect(JSON.parse(text)).toMatchObject({ routineVersion: ROUTINE_VERSION });
    expect(readStored(RUN, 'run/run', text)).toMatchObject({ state: 'good' });
    const newer = text.replace(/"routineVersion":\d+/, '"routineVersion":99');
    expect(readStored(RUN, 'run/run', newer)).toMatchObject({ state: 'newer' });
  });
});

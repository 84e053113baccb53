import { groupIdSchema, personIdSchema, routineIdSchema } from '@/core/common';
import { changeHeader } from '@/core/routine';
import {
  act,
  addPerson,
  bringBackup,
  createRoutine,
  deleteRoutine,
  endLead,
  openLead,
  openedFor,
  personChanged,
  readAllRuns,
  readBackup,
  routineChanged,
  saveBackup,
  selectRows,
  type AppStore,
} from '.';
import { TIMING } from './storage/timing';
import { fakePlatform, openedTab as opened } from './testing';

const files: { name: string; text: string }[] = [];
jest.mock('@/platform/files', () => ({
  ...jest.requireActual('@/platform/files'),
  saveFile: (name: string, text: string) => files.push({ name, text }),
}));

const ID = routineIdSchema.parse('demo-signal-box-reset');
const CIRCLE = routineIdSchema.parse('demo-thursday-chair-circle');
const ADA = personIdSchema.parse('demo-ada');
const saving = (ms = 0) => new Promise((resolve) => setTimeout(resolve, TIMING.afterMs + 80 + ms));
const titles = (store: AppStore) =>
  Object.values(store.getState().routines).map(({ routine }) => routine.title);
const mutable = (thing: object) => thing as Record<string, unknown>;

async function tab(data = new Map<string, string>(), prefix = 'a') {
  const platform = fakePlatform(data, prefix);
  const store = await opened(platform);
  await saving();
  return { platform, store };
}

function rename(store: AppStore, title: string, id = ID): void {
  const routine = store.getState().routines[id]?.routine;
  if (!routine) throw new Error('no routine');
  store.dispatch(routineChanged({ id, change: changeHeader(routine, { title }) }));
}

async function backupOf({
  store,
}: {
  store: AppStore & { hall: Parameters<typeof saveBackup>[0] };
}) {
  files.length = 0;
  await saveBackup(store.hall, '');
  const read = readBackup(files[0]?.text ?? '');
  if (read.state !== 'good') throw new Error(read.state);
  return read;
}

describe('broken on purpose once more', () => {
  test('1: a lock that is never given is told of, and the page goes on', async () => {
    mutable(TIMING).longestWriteMs = 300;
    const { platform, store } = await tab();
    mutable(platform.locks).exclusive = () => new Promise(() => undefined);
    rename(store, 'Locked out');
    await saving(600);
    expect(store.getState().notices.saving).toBe('failed');
    expect(store.hall.keeper.unwrittenTexts()['routine/demo-signal-box-reset']).toContain('Locked');
    mutable(TIMING).longestWriteMs = 10_000;
  });

  test('2: two first visits in the same moment are one demo', async () => {
    const data = new Map<string, string>();
    const [a, b] = await Promise.all([
      opened(fakePlatform(data, 'a')),
      opened(fakePlatform(data, 'b')),
    ]);
    rename(a, 'From the first');
    await saving();
    await saving();
    expect(titles(b)).toContain('From the first');
    const again = await tab(data, 'c');
    expect(titles(again.store)).toHaveLength(11);
    expect(titles(again.store)).toContain('From the first');
  });

  test('3: a value under another’s key takes nobody’s place', async () => {
    const { platform } = await tab();
    const circle = platform.data.get(`routine/${CIRCLE}`) ?? '';
    platform.data.set('routine/zzz', circle.replace('Thursday chair circle', 'A stranger'));
    const again = await tab(platform.data, 'b');
    expect(titles(again.store)).toContain('Thursday chair circle');
    const all = [...platform.data.values()].join('\n');
    expect(all).toContain('A stranger');
  });

  test('4: a backup that comes in while another tab is at work loses neither', async () => {
    const data = new Map<string, string>();
    const a = await tab(data, 'a');
    const b = await tab(data, 'b');
    const read = await backupOf(a);
    rename(b.store, 'Written in the other tab');
    await bringBackup(a.store.hall, read, 'merge');
    await saving();
    await saving();
    const again = await tab(data, 'c');
    expect(titles(again.store).join()).toContain('Written in the other tab');
    expect(titles(again.store)).toContain('Signal box reset');
  });

  test('5: a backup with keys that every object knows, and with none of its own', async () => {
    const { store } = await tab();
    const read = await backupOf({ store });
    const { kept: _, ...rest } = read;
    expect(rest.left).toEqual([]);
    const text = files[0]?.text ?? '';
    for (const key of ['__proto__', 'constructor', 'toString', 'routine', 'routine/', '']) {
      const odd = readBackup(
        text.replace('"kept":{', `"kept":{${JSON.stringify(key)}:{"version":1},`),
      );
      expect(odd.state).toBe('good');
    }
    expect(
      readBackup(
        JSON.stringify({ format: 'hushed-willow-backup', version: 1, madeAt: '', kept: {} }),
      ).state,
    ).toBe('good');
  });

  test('6: a routine that is deleted in one tab while it is led in another is recorded', async () => {
    const data = new Map<string, string>();
    const a = await tab(data, 'a');
    const b = await tab(data, 'b');
    a.store.dispatch(openedFor(CIRCLE, groupIdSchema.parse('demo-saltmarsh')));
    a.store.dispatch(openLead(CIRCLE));
    a.store.dispatch(act('go'));
    await a.platform.advance(60_000);
    b.store.dispatch(deleteRoutine(CIRCLE));
    await saving();
    await saving();
    await a.platform.advance(30_000);
    a.store.dispatch(endLead('finished-early'));
    await saving();
    const again = await tab(data, 'c');
    expect(selectRows(again.store.getState())).toHaveLength(25);
    expect(again.store.getState().lead.current).toBeNull();
  });

  test.each([
    ['1970', new Date('1970-01-01T00:00:10Z')],
    ['2199', new Date('2199-12-31T23:00:00Z')],
    ['no time at all', new Date(Number.NaN)],
  ])('7: a clock that says %s loses nothing', async (_, moment) => {
    const data = new Map<string, string>();
    const { store } = await tab(data, 'a');
    rename(store, 'Before');
    await saving();
    const wrong = fakePlatform(data, 'b');
    mutable(wrong.clock).wallTime = () => moment;
    const later = await opened(wrong);
    rename(later, 'With a wrong clock');
    later.dispatch(deleteRoutine(CIRCLE));
    const id = later.dispatch(createRoutine('Made then'));
    await saving();
    const again = await tab(data, 'c');
    expect(titles(again.store)).toEqual(
      expect.arrayContaining(['With a wrong clock', 'Made then']),
    );
    expect(again.store.getState().routines[id]).toBeDefined();
    expect(again.store.getState().bin[CIRCLE]).toBeDefined();
    expect(again.store.getState().notices.notices).toEqual([]);
  });

  test('8: a store that answers a writing late, and after the page was left, keeps the last', async () => {
    const data = new Map<string, string>();
    const a = await tab(data, 'a');
    const { write } = a.platform.store;
    mutable(a.platform.store).write = async (texts: Record<string, string>) => {
      await new Promise((resolve) => setTimeout(resolve, 400));
      return write(texts);
    };
    rename(a.store, 'One');
    await saving();
    rename(a.store, 'Two');
    void a.store.hall.keeper.leave();
    const b = await tab(data, 'b');
    await saving(1500);
    const again = await tab(data, 'c');
    const all = [
      ...titles(again.store),
      ...Object.values(again.store.getState().beside).map(({ text }) => text),
    ];
    expect(all.join('\n')).toContain('Two');
    expect(titles(b.store).join()).toMatch(/One|Two/u);
  });

  test('9: a passphrase where the browser has no cipher is refused in words', async () => {
    const { store } = await tab();
    const { crypto } = globalThis;
    Object.defineProperty(globalThis, 'crypto', { value: {}, configurable: true });
    await expect(saveBackup(store.hall, 'a long passphrase')).resolves.toMatchObject({
      fault: 'no-cipher',
    });
    Object.defineProperty(globalThis, 'crypto', { value: crypto, configurable: true });
  });

  test('10: storage that can be read once and never written tells of every page’s work', async () => {
    const { platform, store } = await tab();
    platform.full = true;
    mutable(platform.store).remove = () => Promise.reject(new Error('shut'));
    store.dispatch(personChanged(ADA, { notes: 'Not to be lost' }));
    const id = store.dispatch(addPerson('Somebody new', undefined));
    rename(store, 'Renamed');
    store.dispatch(deleteRoutine(CIRCLE));
    await saving();
    const { unsaved } = store.getState().notices;
    expect(unsaved.map(({ name }) => name)).toEqual(
      expect.arrayContaining(['Ada Fenn', 'Somebody new', 'Renamed']),
    );
    const text = JSON.stringify(store.hall.keeper.unwrittenTexts());
    for (const words of ['Not to be lost', id, 'Renamed']) expect(text).toContain(words);
    // Handed over and brought in elsewhere, all of it is there.
    const elsewhere = await tab(new Map(), 'e');
    const read = await backupOf({ store });
    await bringBackup(elsewhere.store.hall, read, 'merge');
    const there = await tab(elsewhere.platform.data, 'f');
    await readAllRuns(there.store.hall);
    expect(there.store.getState().people[ADA]?.notes).toBe('Not to be lost');
    expect(there.store.getState().people[id]?.name).toBe('Somebody new');
  });
});

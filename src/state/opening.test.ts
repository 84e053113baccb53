import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { routineIdSchema } from '@/core/common';
import { changeHeader } from '@/core/routine';
import {
  changeRedone,
  changeUndone,
  createRoutine,
  daysLeft,
  deleteRoutine,
  keepVersion,
  letRoutineGo,
  selectRows,
  linesKept,
  marked,
  restoreRoutine,
  routineChanged,
  startEmpty,
  takeBack,
  type AppStore,
} from '.';
import { DEMO_ROUTINES } from './demo/routines';
import { TIMING } from './storage/timing';
import { fakePlatform, openedTab as opened } from './testing';

const DEMO_COUNT = Object.keys(DEMO_ROUTINES).length;

const ID = routineIdSchema.parse('demo-signal-box-reset');
const KEY = `routine/${ID}`;

const saving = () => new Promise((resolve) => setTimeout(resolve, TIMING.afterMs + 60));

function rename(store: AppStore, title: string): void {
  const routine = store.getState().routines[ID]?.routine;
  if (!routine) throw new Error('no routine');
  store.dispatch(routineChanged({ id: ID, change: changeHeader(routine, { title }) }));
}

const notices = (store: AppStore) => store.getState().notices.notices.map(({ kind }) => kind);
const titles = (store: AppStore) =>
  Object.values(store.getState().routines).map(({ routine }) => routine.title);

describe('opening and keeping', () => {
  test('a first visit gets the demo data, and it is kept', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    expect(notices(store)).toEqual(['demo-loaded']);
    await saving();
    const again = await opened(fakePlatform(platform.data));
    expect(titles(again).sort()).toEqual(titles(store).sort());
    expect(notices(again)).toEqual([]);
  });

  test('a first visit that was cut off while it saved is made whole', async () => {
    const platform = fakePlatform();
    await opened(platform);
    await saving();
    for (const key of ['device', KEY, 'run/demo-run-bakery-2']) platform.data.delete(key);
    // It had not come to the mark either.
    const cutOff = new Map(platform.data);
    const again = await opened(fakePlatform(cutOff));
    expect(titles(again)).toHaveLength(DEMO_COUNT);
    expect(selectRows(again.getState())).toHaveLength(24);
  });

  test('started empty, it stays empty, and can be taken back', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    await startEmpty(store.hall);
    await saving();
    const left = [...platform.data.keys()].filter((key) => !key.startsWith('binned-lot/'));
    expect(left).toEqual(['device']);
    expect(titles(await opened(fakePlatform(platform.data)))).toEqual([]);
    const [notice] = store.getState().notices.notices;
    if (!notice) throw new Error('no notice');
    store.dispatch(takeBack(notice));
    expect(titles(store)).toHaveLength(DEMO_COUNT);
    await saving();
    const again = await opened(fakePlatform(platform.data));
    expect(titles(again)).toHaveLength(DEMO_COUNT);
    expect(selectRows(again.getState())).toHaveLength(24);
    expect(again.getState().lots).toEqual({});
  });

  test('an edit is kept within 250 ms, and its keys alone are written', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    await saving();
    const before = new Map(platform.data);
    rename(store, 'At dusk');
    await new Promise((resolve) => setTimeout(resolve, 250));
    const changed = [...platform.data].filter(([key, value]) => before.get(key) !== value);
    expect(changed.map(([key]) => key)).toEqual([KEY, `row/${ID}`, `history/${ID}`]);
    expect(changed[0]?.[1]).toContain('At dusk');
  });

  test('undo and redo go all the way', async () => {
    const store = await opened(fakePlatform());
    rename(store, 'One');
    rename(store, 'Two');
    const title = () => store.getState().routines[ID]?.routine.title;
    store.dispatch(changeUndone(ID));
    store.dispatch(changeUndone(ID));
    store.dispatch(changeUndone(ID));
    expect(title()).toBe('Signal box reset');
    store.dispatch(changeRedone(ID));
    store.dispatch(changeRedone(ID));
    expect(title()).toBe('Two');
  });

  test('a deletion can be taken back', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    await saving();
    store.dispatch(deleteRoutine(ID));
    await saving();
    expect(platform.data.has(KEY)).toBe(false);
    const notice = store.getState().notices.notices.find(({ kind }) => kind === 'routine-deleted');
    if (!notice) throw new Error('no notice');
    store.dispatch(takeBack(notice));
    await saving();
    expect(platform.data.has(KEY)).toBe(true);
    expect(store.getState().bin).toEqual({});
  });

  test('what was deleted lies in the bin for thirty days, over a reload too', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    store.dispatch(deleteRoutine(ID));
    await saving();
    const later = await opened(fakePlatform(platform.data));
    const binned = later.getState().bin[ID];
    if (!binned) throw new Error('not in the bin');
    const at = Date.parse(binned.binnedAt);
    expect(daysLeft(binned, new Date(at))).toBe(30);
    expect(daysLeft(binned, new Date(at + 30 * 86_400_000))).toBe(0);
    expect(daysLeft(binned, new Date(at + 31 * 86_400_000))).toBeLessThan(0);
    later.dispatch(restoreRoutine(ID));
    expect(later.getState().bin).toEqual({});
    expect(later.getState().routines[ID]?.routine.title).toBe('Signal box reset');
  });

  test('what is let go for good takes along all that was kept beside it', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    store.dispatch(keepVersion(ID, 'As in March'));
    store.dispatch(linesKept([{ id: ID, typed: 'half a li' }]));
    store.dispatch(marked({ id: ID, tags: ['Thursday'] }));
    store.dispatch(deleteRoutine(ID));
    expect(store.getState().marks[ID]?.tags).toEqual(['Thursday']);
    store.dispatch(letRoutineGo(ID));
    await saving();
    expect([...platform.data].filter(([, text]) => text.includes(ID))).toEqual(
      // The record of a class that was led stays.
      [...platform.data].filter(
        ([key]) =>
          /^(?:run|led|plan|month|group|meeting)\//u.test(key) &&
          platform.data.get(key)?.includes(ID),
      ),
    );
  });

  test('the demo says when its routines were last led', async () => {
    const store = await opened(fakePlatform());
    const { marks } = store.getState();
    const led = Object.values(marks).filter(({ ledAt }) => ledAt !== undefined);
    expect(led.length).toBe(4);
    expect(marks[ID]?.ledAt).toMatch(/T12:15:00/);
  });

  test('what is marked so already is not written again', async () => {
    const store = await opened(fakePlatform());
    store.dispatch(marked({ id: ID, found: [0, 1, 0] }));
    const { marks } = store.getState();
    store.dispatch(marked({ id: ID, found: [0, 1, 0] }));
    expect(store.getState().marks).toBe(marks);
  });

  test('edits can be undone and done again after a reload, headers that were not there too', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    const routine = () => store.getState().routines[ID]?.routine;
    const before = routine();
    if (!before) throw new Error('no routine');
    const change = changeHeader(before, { room: [{ thing: 'wall' }] });
    store.dispatch(routineChanged({ id: ID, change }));
    rename(store, 'At dusk');
    store.dispatch(changeUndone(ID));
    await saving();
    const later = await opened(fakePlatform(platform.data));
    const kept = () => later.getState().routines[ID]?.routine;
    later.dispatch(changeRedone(ID));
    expect(kept()?.title).toBe('At dusk');
    later.dispatch(changeUndone(ID));
    later.dispatch(changeUndone(ID));
    expect(kept()).toEqual(before);
    expect(kept()).not.toHaveProperty('room');
  });

  test('a history that belongs to another state of its routine is left aside', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    rename(store, 'At dusk');
    await saving();
    const text = platform.data.get(KEY) ?? '';
    platform.data.set(KEY, text.replace('At dusk', 'By hand'));
    const later = await opened(fakePlatform(platform.data));
    expect(later.getState().routines[ID]).toMatchObject({ past: [], future: [] });
  });

  test('a version is kept under its name, and is there after a reload', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    store.dispatch(keepVersion(ID, 'As in March'));
    rename(store, 'At dusk');
    await saving();
    const later = await opened(fakePlatform(platform.data));
    const [version] = Object.values(later.getState().versions);
    expect(version).toMatchObject({ routineId: ID, name: 'As in March' });
    expect(version?.routine.title).toBe('Signal box reset');
  });

  test.each([
    ['cut off', (text: string) => text.slice(0, 90)],
    ['against its schema', (text: string) => text.replace('"group":"desk"', '"group":"dance"')],
    ['empty', () => ''],
  ])('a record that is %s is set aside, the rest loads', async (_, damage) => {
    const platform = fakePlatform();
    await opened(platform);
    await saving();
    const text = damage(platform.data.get(KEY) ?? '');
    platform.data.set(KEY, text);
    const store = await opened(fakePlatform(platform.data));
    expect(titles(store)).toHaveLength(DEMO_COUNT - 1);
    expect(notices(store)).toContain('set-aside');
    expect(platform.data.has(KEY)).toBe(false);
    expect(platform.data.get(`set-aside/${KEY}`)).toBe(text);
  });

  test('newer data is kept and named, not touched', async () => {
    const platform = fakePlatform();
    await opened(platform);
    await saving();
    const newer = (platform.data.get(KEY) ?? '').replace(/"version":\d+/, '"version":99');
    platform.data.set(KEY, newer);
    const store = await opened(fakePlatform(platform.data));
    expect(store.getState().notices.newer).toBe('Signal box reset');
    store.dispatch(createRoutine('An older version'));
    await saving();
    expect(store.getState().notices.saving).toBe('stopped');
    expect(platform.data.get(KEY)).toBe(newer);
  });

  test('what each earlier version kept is brought up and loads', async () => {
    const folder = join(__dirname, 'storage/samples');
    for (const version of [1, 2, 3, 4, 5, 6]) {
      const sample = (kind: string) =>
        readFileSync(
          join(folder, `kept-${kind}-v${kind === 'routine' ? Math.min(5, version) : version}.json`),
          'utf8',
        );
      const data = new Map([
        [
          'device',
          '{"version":1,"device":{"chimes":true,"voice":true,"mirror":false,"welcomed":true}}',
        ],
        ['routine/sample', sample('routine').replace(/"id": "sample[^"]*"/, '"id": "sample"')],
        ['run/run', sample('run')],
        ['lead', sample('lead')],
      ]);
      const store = await opened(fakePlatform(data));
      expect(notices(store)).toEqual([]);
      expect(titles(store)).toHaveLength(1);
      expect(Object.keys(store.getState().runs)).toEqual(['run']);
      // The routine stands beside the run by now, under an id of its own.
      const run = store.getState().runs['run'];
      expect(run).not.toHaveProperty('routine');
      expect(store.getState().lead.current).toMatchObject({ interrupted: true });
      expect(Object.values(store.getState().shelf.rows)[0]?.totalMs).toBeGreaterThan(0);
      await saving();
      // The class stands under a key of its own by now, and nothing else was written anew.
      expect([...data.keys()].sort()).toEqual(
        [
          'device',
          'lead/led',
          `led/${run?.led}`,
          `month/${run?.startedAt.slice(0, 7)}`,
          `plan/${run?.led}`,
          'routine/sample',
          'row/sample',
          'run/run',
        ].sort(),
      );
    }
  });

  test('a full disk is told, and the work stays in the page', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    await saving();
    platform.full = true;
    rename(store, 'Too much');
    await saving();
    expect(store.getState().notices.unsaved).toMatchObject([{ key: KEY, name: 'Too much' }]);
    expect(store.getState().notices.saving).toBe('failed');
    expect(store.getState().routines[ID]?.routine.title).toBe('Too much');
    platform.full = false;
    rename(store, 'Room again');
    await saving();
    expect(store.getState().notices.saving).toBe('saved');
    expect(platform.data.get(KEY)).toContain('Room again');
  });

  test('two tabs at once: both versions are kept', async () => {
    const data = new Map<string, string>();
    const first = await opened(fakePlatform(data, 'a'));
    await saving();
    const other = fakePlatform(data, 'b');
    data.set(
      KEY,
      (data.get(KEY) ?? '')
        .replace('"revision":1', '"revision":7')
        .replace('Signal box reset', 'Theirs'),
    );
    rename(first, 'Mine');
    await saving();
    await saving();
    expect(notices(first)).toContain('other-tab');
    expect(titles(first)).toEqual(expect.arrayContaining(['Theirs', 'Mine (other tab)']));
    const again = await opened(other);
    expect(titles(again)).toEqual(expect.arrayContaining(['Theirs', 'Mine (other tab)']));
  });

  test('what another tab wrote shows here', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    await saving();
    platform.data.set(
      KEY,
      (platform.data.get(KEY) ?? '').replace('Signal box reset', 'From there'),
    );
    platform.tellFromOtherTab(KEY);
    await saving();
    expect(titles(store)).toContain('From there');
  });
});

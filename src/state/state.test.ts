import { routineIdSchema } from '@/core/ids';
import { onsetsOf } from '@/core/lead';
import { changeHead, itemsInOrder } from '@/core/routine';
import {
  act,
  changeRedone,
  changeUndone,
  createAppStore,
  deleteRoutine,
  endLead,
  leaveLead,
  openApp,
  openLead,
  routineChanged,
  scoreOf,
  startEmpty,
  takeBack,
  type AppStore,
} from '.';
import { SAVE_AFTER_MS } from './saving';
import { fakePlatform, type FakePlatform } from './testing';
import { DEMO_ROUTINES } from './demo/routines';

const DEMO_COUNT = Object.keys(DEMO_ROUTINES).length;

const ID = routineIdSchema.parse('demo-signal-box-reset');
const KEY = `routine/${ID}`;

async function opened(platform: FakePlatform): Promise<AppStore> {
  const store = createAppStore(platform);
  await openApp(store, platform);
  return store;
}

const saving = () => new Promise((resolve) => setTimeout(resolve, SAVE_AFTER_MS + 60));

function rename(store: AppStore, title: string): void {
  const routine = store.getState().routines[ID]?.routine;
  if (!routine) throw new Error('no routine');
  store.dispatch(routineChanged({ id: ID, change: changeHead(routine, { title }) }));
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
    for (const key of ['device', KEY, 'run/demo-run-2']) platform.data.delete(key);
    const again = await opened(fakePlatform(platform.data));
    expect(titles(again)).toHaveLength(DEMO_COUNT);
    expect(Object.keys(again.getState().runs)).toHaveLength(4);
  });

  test('started empty, it stays empty, and can be taken back', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    store.dispatch(startEmpty());
    await saving();
    expect([...platform.data.keys()]).toEqual(['device']);
    expect(titles(await opened(fakePlatform(platform.data)))).toEqual([]);
    const [notice] = store.getState().notices.notices;
    if (!notice) throw new Error('no notice');
    store.dispatch(takeBack(notice));
    expect(titles(store)).toHaveLength(DEMO_COUNT);
  });

  test('an edit is kept within 250 ms, and its key alone is written', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    await saving();
    const before = new Map(platform.data);
    rename(store, 'At dusk');
    await new Promise((resolve) => setTimeout(resolve, 250));
    const changed = [...platform.data].filter(([key, value]) => before.get(key) !== value);
    expect(changed.map(([key]) => key)).toEqual([KEY]);
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
  });

  test.each([
    ['cut off', (text: string) => text.slice(0, 90)],
    ['against its schema', (text: string) => text.replace('"pace":"desk"', '"pace":"dance"')],
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
    expect(notices(store)).toEqual(['newer']);
    await saving();
    expect(platform.data.get(KEY)).toBe(newer);
  });

  test('what the first version kept is brought up and loads', async () => {
    const platform = fakePlatform();
    await opened(platform);
    await saving();
    for (const [key, text] of platform.data) {
      platform.data.set(key, text.replace(/^\{"version":2/, '{"version":1'));
    }
    const store = await opened(fakePlatform(platform.data));
    expect(notices(store)).toEqual([]);
    expect(titles(store)).toHaveLength(DEMO_COUNT);
    expect(Object.keys(store.getState().runs)).toHaveLength(4);
  });

  test('a full disk is told, and the work stays in the page', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    await saving();
    platform.full = true;
    rename(store, 'Too much');
    await saving();
    expect(notices(store)).toContain('not-saved');
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

describe('leading', () => {
  async function leading() {
    const platform = fakePlatform();
    const store = await opened(platform);
    store.dispatch(openLead(ID));
    store.dispatch(act('go'));
    return { platform, store };
  }

  test('every onset comes within 1 ms of the score, to the end, and the run is recorded', async () => {
    const { platform, store } = await leading();
    const routine = store.getState().routines[ID]?.routine;
    if (!routine) throw new Error('no routine');
    const score = scoreOf(routine);
    await platform.advance(score.totalMs + 100);
    const planned = onsetsOf(score);
    const tones = planned.filter(({ kind }) => kind === 'tone').map(({ atMs }) => atMs);
    const cues = planned.filter(({ kind }) => kind === 'say').map(({ atMs }) => atMs);
    expect(platform.sounded).toHaveLength(tones.length);
    expect(platform.said).toHaveLength(cues.length);
    platform.sounded.forEach(({ atMs }, i) =>
      expect(Math.abs(atMs - (tones[i] ?? 0))).toBeLessThanOrEqual(1),
    );
    platform.said.forEach(({ atMs }, i) =>
      expect(Math.abs(atMs - (cues[i] ?? 0))).toBeLessThanOrEqual(1),
    );
    const { current, endedRun } = store.getState().lead;
    const run = endedRun && store.getState().runs[endedRun];
    expect(current).toBeNull();
    expect(run).toMatchObject({
      how: 'completed',
      plannedMs: score.totalMs,
      realMs: score.totalMs,
    });
    for (const { plannedMs, realMs } of run ? run.sides : []) expect(realMs).toBe(plannedMs);
  });

  test('a clock that sleeps does not make it late: the place is right and old cues stay unsaid', async () => {
    const { platform, store } = await leading();
    await platform.advance(500);
    const saidBefore = platform.said.length;
    const sleeping = platform.clock.waitUntil;
    Object.assign(platform.clock, {
      waitUntil: (ms: number, signal: AbortSignal) => sleeping(ms + 120_000, signal),
    });
    store.dispatch(act('back'));
    await platform.advance(121_000);
    expect(platform.said.length - saidBefore).toBeLessThan(4);
    const lead = store.getState().lead.current?.lead;
    expect(lead?.fromMs).toBeGreaterThan(110_000);
  });

  test('silent where chimes and voice are off', async () => {
    const { platform, store } = await leading();
    const { deviceSet } = await import('./device');
    store.dispatch(deviceSet({ chimes: false, voice: false }));
    platform.sounded.length = 0;
    platform.said.length = 0;
    await platform.advance(30_000);
    expect([platform.sounded.length, platform.said.length]).toEqual([0, 0]);
  });

  test('a crash loses at most a second: the place is found again and asked about', async () => {
    const { platform, store } = await leading();
    await platform.advance(42_300);
    await saving();
    expect(store.getState().lead.current).not.toBeNull();
    const again = await opened(fakePlatform(platform.data));
    const found = again.getState().lead.current;
    expect(found?.interrupted).toBe(true);
    expect(found?.lead.clockMs).toBeNull();
    expect(found?.lead.fromMs).toBeGreaterThanOrEqual(41_000);
    again.dispatch(endLead('broken-off'));
    const runs = Object.values(again.getState().runs);
    expect(runs.find(({ how }) => how === 'broken-off')?.realMs).toBeGreaterThanOrEqual(41_000);
  });

  test('opened and left without a start, it leaves nothing behind', async () => {
    const store = await opened(fakePlatform());
    const before = Object.keys(store.getState().runs).length;
    store.dispatch(openLead(ID));
    store.dispatch(leaveLead());
    expect(store.getState().lead.current).toBeNull();
    expect(Object.keys(store.getState().runs)).toHaveLength(before);
  });

  test('the routine is recorded as it was led, whatever becomes of it', async () => {
    const { platform, store } = await leading();
    await platform.advance(5000);
    rename(store, 'Another');
    store.dispatch(act('hold'));
    store.dispatch(endLead('finished-early'));
    const { endedRun } = store.getState().lead;
    const run = endedRun && store.getState().runs[endedRun];
    expect(run && run.routine.title).toBe('Signal box reset');
    expect(run && itemsInOrder(run.routine)).toHaveLength(8);
  });
});

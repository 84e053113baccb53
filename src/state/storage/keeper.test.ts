import { routineIdSchema } from '@/core/common';
import { changeHeader } from '@/core/routine';
import { ownLike } from '@/core/testing';
import {
  changeUndone,
  deleteRoutine,
  keepMove,
  readAllRuns,
  routineChanged,
  runsBrought,
  takeBack,
  type AppStore,
  type Notice,
} from '..';
import { deviceSet } from '../hall/device';
import { fakePlatform, openedTab, type FakePlatform } from '../testing';
import { TIMING } from './timing';

const ONE = routineIdSchema.parse('demo-signal-box-reset');
const TWO = routineIdSchema.parse('demo-thursday-chair-circle');
const key = (id: string) => `routine/${id}`;
const rail = ownLike('Seated twist', { name: 'Rail turn', family: 'rail' });

const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const saving = () => wait(TIMING.afterMs + 80);

function rename(store: AppStore, title: string, id = ONE): void {
  const routine = store.getState().routines[id]?.routine;
  if (!routine) throw new Error('no routine');
  store.dispatch(routineChanged({ id, change: changeHeader(routine, { title }) }));
}
const titleOf = (store: AppStore, id = ONE) => store.getState().routines[id]?.routine.title;
const stored = (platform: FakePlatform, id = ONE) => platform.data.get(key(id)) ?? '';
const saved = (store: AppStore) => store.getState().notices.saving;
const unsaved = (store: AppStore) => store.getState().notices.unsaved;
const kinds = (store: AppStore) => store.getState().notices.notices.map(({ kind }) => kind);
const noticeOf = <K extends Notice['kind']>(store: AppStore, kind: K) =>
  store
    .getState()
    .notices.notices.filter((one): one is Extract<Notice, { kind: K }> => one.kind === kind);

async function tab(data = new Map<string, string>(), prefix = 'a') {
  const platform = fakePlatform(data, prefix);
  const store = await openedTab(platform);
  await saving();
  return { platform, store };
}

describe('what could not be written', () => {
  test('is written as soon as it can be, whatever else is written meanwhile', async () => {
    const { platform, store } = await tab();
    platform.full = true;
    rename(store, 'At dusk');
    await saving();
    expect(saved(store)).toBe('failed');
    platform.full = false;
    // Something small goes through: that does not make the rename a saved one.
    store.dispatch(deviceSet({ mirror: true }));
    expect(saved(store)).toBe('failed');
    await saving();
    expect(stored(platform)).toContain('At dusk');
    expect(saved(store)).toBe('saved');
  });

  test('is not called saved while another thing still can’t be written', async () => {
    const { platform, store } = await tab();
    platform.refuses = (one) => one === key(ONE);
    rename(store, 'At dusk');
    await saving();
    store.dispatch(deviceSet({ mirror: true }));
    rename(store, 'At dawn', TWO);
    await saving();
    expect(stored(platform, TWO)).toContain('At dawn');
    expect(saved(store)).toBe('failed');
    expect(unsaved(store)).toMatchObject([{ key: key(ONE), name: 'At dusk' }]);
  });

  test('is tried again with a growing wait, without anybody’s doing, and its notice goes', async () => {
    const { platform, store } = await tab();
    platform.full = true;
    rename(store, 'At dusk');
    await saving();
    expect(unsaved(store)).toHaveLength(1);
    platform.full = false;
    await wait((TIMING.retryMs[0] ?? 0) + 100);
    expect(stored(platform)).toContain('At dusk');
    expect(saved(store)).toBe('saved');
    expect(unsaved(store)).toEqual([]);
    expect([...TIMING.retryMs]).toEqual([...TIMING.retryMs].sort((a, b) => a - b));
  });

  test('is tried again when the page is left', async () => {
    const { platform, store } = await tab();
    platform.full = true;
    rename(store, 'At dusk');
    await saving();
    platform.full = false;
    await store.hall.keeper.saveNow();
    expect(stored(platform)).toContain('At dusk');
  });

  test('of every kind is told by its own name, and each is written in the end', async () => {
    const { platform, store } = await tab();
    await readAllRuns(store.hall);
    const [run] = Object.values(store.getState().runs);
    if (!run) throw new Error('no run');
    platform.full = true;
    store.dispatch(keepMove(rail));
    store.dispatch(runsBrought([{ ...run, realMs: 1 }]));
    rename(store, 'At dusk');
    rename(store, 'At dawn', TWO);
    await saving();
    expect(
      unsaved(store)
        .map(({ of, name }) => `${of} ${name}`)
        .sort(),
    ).toEqual([
      'move Rail turn',
      'routine At dawn',
      'routine At dusk',
      `run ${run.title}, ${run.startedAt.slice(0, 10)}`,
    ]);
    platform.full = false;
    await store.hall.keeper.saveNow();
    expect(saved(store)).toBe('saved');
    const found = fakePlatform(new Map(platform.data));
    const again = await openedTab(found);
    expect([titleOf(again), titleOf(again, TWO)]).toEqual(['At dusk', 'At dawn']);
    await readAllRuns(again.hall);
    expect(again.getState().runs[run.id]?.realMs).toBe(1);
  });

  test('a deletion that failed is done later', async () => {
    const { platform, store } = await tab();
    const { remove } = platform.store;
    platform.store.remove = () => Promise.reject(new Error('closed'));
    store.dispatch(deleteRoutine(ONE));
    await saving();
    expect(saved(store)).toBe('failed');
    platform.store.remove = remove;
    await store.hall.keeper.saveNow();
    expect(platform.data.has(key(ONE))).toBe(false);
  });

  test('a plug that is pulled between two writings leaves whole things behind', async () => {
    const { platform, store } = await tab();
    const { write } = platform.store;
    let left = 1;
    platform.store.write = (texts) => (left-- > 0 ? write(texts) : new Promise(() => undefined));
    rename(store, 'At dusk');
    rename(store, 'At dawn', TWO);
    await saving();
    const again = await openedTab(fakePlatform(new Map(platform.data)));
    expect([titleOf(again), titleOf(again, TWO)]).toEqual(['At dusk', 'Thursday chair circle']);
    expect(kinds(again)).toEqual([]);
    // Its row follows when there is time.
    await saving();
    expect(again.getState().shelf.rows[ONE]?.title).toBe('At dusk');
  });
});

describe('what is damaged', () => {
  test('stands in nobody’s way, even where it can’t be moved', async () => {
    const { platform } = await tab();
    const count = Object.keys(
      (await openedTab(fakePlatform(new Map(platform.data)))).getState().routines,
    ).length;
    platform.data.set(key(ONE), stored(platform).slice(0, 140));
    const found = fakePlatform(new Map(platform.data));
    found.full = true;
    const again = await openedTab(found);
    expect(Object.keys(again.getState().routines)).toHaveLength(count - 1);
    expect(titleOf(again, TWO)).toBe('Thursday chair circle');
    expect(noticeOf(again, 'set-aside')).toMatchObject([
      { key: key(ONE), name: 'Signal box reset' },
    ]);
    expect(kinds(again)).not.toContain('demo-loaded');
    // Nothing is lost of it either: it stays where it was, to be moved when there is room.
    expect(found.data.get(key(ONE))).toBe(platform.data.get(key(ONE)));
  });

  test('a row of the list is made anew', async () => {
    const { platform } = await tab();
    platform.data.set(`row/${ONE}`, '{"version":1,"row":{"id":"');
    const again = await openedTab(fakePlatform(new Map(platform.data)));
    expect(again.getState().shelf.rows[ONE]?.title).toBe('Signal box reset');
  });
});

describe('two tabs', () => {
  test('an edit that comes in while this tab saves is not written over', async () => {
    const data = new Map<string, string>();
    const a = await tab(data, 'a');
    const b = await tab(data, 'b');
    const { write } = a.platform.store;
    a.platform.store.write = async (texts) => {
      await wait(Object.keys(texts).some((one) => one.startsWith('move/')) ? 60 : 0);
      return write(texts);
    };
    a.store.dispatch(keepMove(rail));
    await wait(TIMING.afterMs + 10);
    rename(b.store, 'From the other tab', TWO);
    await saving();
    await saving();
    expect(titleOf(a.store, TWO)).toBe('From the other tab');
    expect(titleOf(b.store, TWO)).toBe('From the other tab');
    expect(JSON.parse(stored(a.platform, TWO))).toMatchObject({ revision: 2 });
    expect(kinds(a.store)).not.toContain('other-tab');
    // The other tab can still take its own edit back.
    b.store.dispatch(changeUndone(TWO));
    expect(titleOf(b.store, TWO)).toBe('Thursday chair circle');
  });

  test('two edits in the same moment are both kept, and told', async () => {
    const data = new Map<string, string>();
    const a = await tab(data, 'a');
    const b = await tab(data, 'b');
    // Reading takes a while, so that each reads before the other has written.
    for (const { platform } of [a, b]) {
      const { read } = platform.store;
      platform.store.read = async (keys) => {
        const texts = await read(keys);
        await wait(20);
        return texts;
      };
    }
    rename(a.store, 'Mine');
    rename(b.store, 'Theirs');
    await saving();
    await saving();
    await saving();
    const again = await openedTab(fakePlatform(new Map(data)));
    const titles = Object.values(again.getState().routines).map(({ routine }) => routine.title);
    const both = [
      ['Mine', 'Theirs (other tab)'],
      ['Theirs', 'Mine (other tab)'],
    ];
    expect(both.some((pair) => pair.every((title) => titles.includes(title)))).toBe(true);
    expect(
      [...kinds(a.store), ...kinds(b.store)].filter((kind) => kind === 'other-tab'),
    ).toHaveLength(1);
  });

  test('what another tab changed is one more step, and undo goes behind it', async () => {
    const data = new Map<string, string>();
    const a = await tab(data, 'a');
    const b = await tab(data, 'b');
    rename(a.store, 'One');
    await saving();
    await saving();
    rename(b.store, 'Two');
    await saving();
    await saving();
    expect(titleOf(a.store)).toBe('Two');
    a.store.dispatch(changeUndone(ONE));
    expect(titleOf(a.store)).toBe('One');
    a.store.dispatch(changeUndone(ONE));
    expect(titleOf(a.store)).toBe('Signal box reset');
  });

  test('a record is seen in the other tab, and never deleted by it', async () => {
    const data = new Map<string, string>();
    const a = await tab(data, 'a');
    const b = await tab(data, 'b');
    await readAllRuns(a.store.hall);
    const [run] = Object.values(a.store.getState().runs);
    if (!run) throw new Error('no run');
    a.store.dispatch(runsBrought([{ ...run, realMs: 7 }]));
    await saving();
    await saving();
    expect(b.store.getState().runs[run.id]?.realMs).toBe(7);
    rename(b.store, 'And on');
    await saving();
    expect([...data.keys()].filter((one) => one.startsWith('run/'))).toHaveLength(24);
  });

  test('a routine that was changed there is not deleted from here', async () => {
    const data = new Map<string, string>();
    const a = await tab(data, 'a');
    const b = await tab(data, 'b');
    b.platform.alone = true;
    rename(b.store, 'Changed there');
    await saving();
    a.store.dispatch(deleteRoutine(ONE));
    await saving();
    expect(stored(a.platform)).toContain('Changed there');
    expect(titleOf(a.store)).toBe('Changed there');
    expect(kinds(a.store)).toContain('not-deleted');
  });

  test('what was deleted there goes here too, unless it is being changed', async () => {
    const data = new Map<string, string>();
    const a = await tab(data, 'a');
    const b = await tab(data, 'b');
    b.store.dispatch(deleteRoutine(ONE));
    b.store.dispatch(deleteRoutine(TWO));
    await wait(TIMING.afterMs - 20);
    rename(a.store, 'Still at work', TWO);
    await saving();
    await saving();
    expect(titleOf(a.store)).toBeUndefined();
    expect(titleOf(a.store, TWO)).toBe('Still at work');
    expect(stored(a.platform, TWO)).toContain('Still at work');
  });
});

describe('a page that goes before it has written', () => {
  /** The page is gone: what it still asks of the browser is never answered. */
  const gone = ({ platform, store }: Awaited<ReturnType<typeof tab>>) => {
    platform.locks.exclusive = () => new Promise(() => {});
    platform.store.write = () => new Promise(() => {});
    platform.alone = true;
    void store.hall.keeper.leave();
  };

  test('leaves its last edit and deletion, and they stand at the next visit', async () => {
    const data = new Map<string, string>();
    const a = await tab(data, 'a');
    rename(a.store, 'In the last moment');
    a.store.dispatch(deleteRoutine(TWO));
    gone(a);
    expect(stored(a.platform)).not.toContain('In the last moment');
    const again = await tab(data, 'b');
    expect(titleOf(again.store)).toBe('In the last moment');
    expect(again.store.getState().shelf.rows[ONE]?.title).toBe('In the last moment');
    expect(titleOf(again.store, TWO)).toBeUndefined();
    expect(again.platform.slips.all()).toEqual({});
  });

  test('does not write over what another tab has kept since: it goes beside it', async () => {
    const data = new Map<string, string>();
    const a = await tab(data, 'a');
    const b = await tab(data, 'b');
    rename(a.store, 'Mine, and gone');
    gone(a);
    rename(b.store, 'Theirs, and later');
    await saving();
    const again = await tab(data, 'c');
    const titles = Object.values(again.store.getState().routines).map((one) => one.routine.title);
    expect(titles).toEqual(
      expect.arrayContaining(['Theirs, and later', 'Mine, and gone (other tab)']),
    );
    expect(kinds(again.store)).toContain('other-tab');
  });

  test('that was only hidden finds its edit written by who took its slip up, and makes no copy', async () => {
    const data = new Map<string, string>();
    const a = await tab(data, 'a');
    const { exclusive } = a.platform.locks;
    let goOn = () => {};
    const held = new Promise<void>((resolve) => (goOn = resolve));
    a.platform.locks.exclusive = (name, work) => held.then(() => exclusive(name, work));
    rename(a.store, 'Hidden for a moment');
    const written = a.store.hall.keeper.leave();
    const b = await tab(data, 'b');
    expect(titleOf(b.store)).toBe('Hidden for a moment');
    goOn();
    await written;
    await saving();
    expect(titleOf(a.store)).toBe('Hidden for a moment');
    expect([...kinds(a.store), ...kinds(b.store)]).not.toContain('other-tab');
    expect([...data.keys()].filter((one) => one.startsWith('routine/'))).toHaveLength(11);
  });

  test('leaves no slip where its writing came through, nor where there is nothing to write', async () => {
    const { platform, store } = await tab();
    await store.hall.keeper.leave();
    expect(platform.slips.all()).toEqual({});
    rename(store, 'Written in time');
    const written = store.hall.keeper.leave();
    expect(Object.values(platform.slips.all())[0]).toContain('Written in time');
    await written;
    expect(stored(platform)).toContain('Written in time');
    expect(platform.slips.all()).toEqual({});
  });

  test('a slip that cannot be read or left stands in nobody’s way', async () => {
    const { platform, store } = await tab();
    platform.slips.leave('[{"key": 3}');
    platform.slips.leave = () => {
      throw new Error('no room');
    };
    rename(store, 'Kept all the same');
    await store.hall.keeper.leave();
    const again = await openedTab(fakePlatform(platform.data));
    expect(titleOf(again)).toBe('Kept all the same');
  });
});

test('two deletions can both be brought back', async () => {
  const { platform, store } = await tab();
  store.dispatch(deleteRoutine(ONE));
  store.dispatch(deleteRoutine(TWO));
  await saving();
  expect(noticeOf(store, 'routine-deleted')).toHaveLength(2);
  noticeOf(store, 'routine-deleted').forEach((notice) => store.dispatch(takeBack(notice)));
  await saving();
  expect([titleOf(store), titleOf(store, TWO)]).toEqual([
    'Signal box reset',
    'Thursday chair circle',
  ]);
  expect(stored(platform)).toContain('Signal box reset');
});

test('nothing is written that nobody changed', async () => {
  const { platform } = await tab();
  const before = new Map(platform.data);
  const found = fakePlatform(new Map(platform.data));
  let writes = 0;
  const { write } = found.store;
  found.store.write = (texts) => {
    writes += 1;
    return write(texts);
  };
  await openedTab(found);
  await saving();
  expect(writes).toBe(0);
  expect(found.data).toEqual(before);
});

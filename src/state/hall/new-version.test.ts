import type { OfflineState } from '@/platform/offline';
import { fakePlatform } from '@/state/testing';
import { createHall } from './hall';
import { beginOffline, takeVersion } from './new-version';

const reloads: number[] = [];
let stage = false;
let type: (isTyping: boolean) => void = () => undefined;
jest.mock('@/platform/page', () => ({
  ...jest.requireActual('@/platform/page'),
  reload: () => reloads.push(1),
  isOnStage: () => stage,
  onTyping: (tell: (isTyping: boolean) => void) => {
    type = tell;
  },
}));

const WAITS: OfflineState = { state: 'works', waits: true, isOlder: false };

function opened(data = new Map<string, string>(), name = 'one') {
  const taken: number[] = [];
  let begins = 0;
  let tell: (state: OfflineState) => void = () => undefined;
  const platform = fakePlatform(data, name);
  Object.assign(platform, {
    offline: {
      ...platform.offline,
      begin: (listen: typeof tell) => {
        begins += 1;
        tell = listen;
      },
      take: () => taken.push(1),
    },
  });
  const hall = createHall(platform);
  beginOffline(hall);
  return { hall, taken, begins: () => begins, tell: (state: OfflineState) => tell(state) };
}

const settle = () => new Promise((resolve) => setTimeout(resolve, 5));

beforeEach(() => {
  reloads.length = 0;
  stage = false;
});

describe('a new version', () => {
  test('is known when it waits, and taken by nothing but a press', async () => {
    const { hall, taken, tell } = opened();
    tell(WAITS);
    await settle();
    expect(hall.store.getState().version.waits).toBe(true);
    expect(taken).toHaveLength(0);
    await takeVersion(hall);
    expect(taken).toHaveLength(1);
    expect(hall.store.getState().version.busy).toBeUndefined();
  });

  test('is looked for once, however often the page is opened', () => {
    const { hall, begins } = opened();
    beginOffline(hall);
    expect(begins()).toBe(1);
  });

  test('waits for a class that is led in any tab, and is taken once it has ended', async () => {
    const data = new Map<string, string>();
    const one = opened(data, 'one');
    const other = opened(data, 'two');
    const end = await other.hall.platform.locks.hold('lead r-1');
    one.tell(WAITS);
    await takeVersion(one.hall);
    expect(one.taken).toHaveLength(0);
    expect(one.hall.store.getState().version.busy).toBe('class');
    end?.();
    await takeVersion(one.hall);
    expect(one.taken).toHaveLength(1);
  });

  test('waits for what is half typed in another tab', async () => {
    const data = new Map<string, string>();
    const one = opened(data, 'one');
    const typeInOne = type;
    const other = opened(data, 'two');
    type(true);
    await settle();
    await takeVersion(one.hall);
    expect(one.hall.store.getState().version.busy).toBe('typing');
    type(false);
    await settle();
    await takeVersion(one.hall);
    expect(one.taken).toHaveLength(1);
    expect(other.taken).toHaveLength(0);
    // Begun and left within a moment: nothing stays held.
    typeInOne(true);
    typeInOne(false);
    await settle();
    expect(await one.hall.platform.locks.held()).toEqual(new Set());
  });

  test.each([
    ['a page that nobody is at goes with the others', false, false, 1],
    ['a page on which somebody types stays, and says so', true, false, 0],
    ['a stage stays', false, true, 0],
  ])('was taken in another tab: %s', async (_, isTyping, onStage, times) => {
    const { hall, tell } = opened();
    stage = onStage;
    type(isTyping);
    tell({ state: 'works', waits: false, isOlder: true });
    // What is told twice loads nothing twice.
    tell({ state: 'works', waits: false, isOlder: true });
    await settle();
    expect(reloads).toHaveLength(times);
    expect(hall.store.getState().version.isOlder).toBe(true);
  });
});

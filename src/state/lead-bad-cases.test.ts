import { placeAt } from '@/core/class';
import { routineIdSchema } from '@/core/common';
import {
  act,
  endLead,
  leaveLead,
  openLead,
  runThrough,
  scoreOfLead,
  soundState,
  trySound,
} from '.';
import { onsetsOfLead } from './lead';
import { TIMING } from './storage/timing';
import { lookElsewhere } from './lead-actions';
import { fakePlatform, openedTab, type FakePlatform } from './testing';

const ID = routineIdSchema.parse('demo-signal-box-reset');

async function leading(platform: FakePlatform = fakePlatform()) {
  const store = await openedTab(platform);
  store.dispatch(openLead(ID));
  store.dispatch(act('go'));
  const place = () => {
    const lead = store.getState().lead.current?.lead;
    return lead ? Math.round(placeAt(lead, scoreOfLead(lead), platform.clock.now())) : undefined;
  };
  return { platform, store, place };
}

const endedRun = (store: Awaited<ReturnType<typeof openedTab>>) => {
  const { lead, runs } = store.getState();
  return runs[lead.endedRun ?? ''];
};

describe('what goes wrong around a class does not stop it', () => {
  test('no sound is allowed until a press: the class runs, and the next press asks again', async () => {
    const platform = fakePlatform();
    let woken = 0;
    Object.assign(platform.sound, { wake: () => void woken++, state: () => 'asleep' });
    const { store, place } = await leading(platform);
    await platform.advance(12_000);
    expect(place()).toBe(12_000);
    expect(store.dispatch(soundState())).toBe('asleep');
    const before = woken;
    store.dispatch(act('hold'));
    expect(woken).toBe(before + 1);
  });

  test('a sound device that is lost in the middle: every chime fails, and the class goes on', async () => {
    const platform = fakePlatform();
    const { place } = await leading(platform);
    await platform.advance(5000);
    // What is lost answers nothing: a port never throws, it only makes no sound.
    Object.assign(platform.sound, { play: () => undefined, state: () => 'none' });
    const said = platform.said.length;
    await platform.advance(60_000);
    expect(place()).toBe(65_000);
    expect(platform.said.length).toBeGreaterThan(said);
  });

  test('no voice: the try says so by what it returns, and nothing is said', async () => {
    const platform = fakePlatform();
    Object.assign(platform.speech, {
      hasVoice: () => false,
      voices: () => [],
      say: () => undefined,
    });
    const { store, place } = await leading(platform);
    const tried = store.dispatch(trySound('Hello'));
    await platform.advance(400);
    await expect(tried).resolves.toBe('ready');
    expect(platform.said).toEqual([]);
    expect(place()).toBe(400);
  });

  const HOUR = 3_600_000;
  test.each([
    ['two hours back', -2 * HOUR],
    ['a day back', -24 * HOUR],
    ['a day on', 24 * HOUR],
    ['a year on', 365 * 24 * HOUR],
  ])(
    'the clock of the device jumps %s in the middle: class and record keep their own',
    async (_, byMs) => {
      const platform = fakePlatform();
      const { store, place } = await leading(platform);
      await platform.advance(30_000);
      const wall = platform.clock.wallTime;
      const began = wall().getTime() - 30_000;
      Object.assign(platform.clock, { wallTime: () => new Date(wall().getTime() + byMs) });
      await platform.advance(10_000);
      expect(place()).toBe(40_000);
      store.dispatch(act('happened'));
      await platform.advance(5000);
      store.dispatch(endLead('finished-early'));
      const run = endedRun(store);
      const sinceStart = (at: string | undefined) => (Date.parse(at ?? '') - began) / 1000;
      expect(sinceStart(run?.startedAt)).toBe(0);
      expect(sinceStart(run?.events?.[0]?.at)).toBe(40);
      // What happened holds the class: those seconds were not led.
      expect(sinceStart(run?.endedAt)).toBe(40);
      expect(run?.realMs).toBe(40_000);
    },
  );

  test('a clock that is not touched: held minutes are between beginning and end', async () => {
    const platform = fakePlatform();
    const { store } = await leading(platform);
    await platform.advance(30_000);
    store.dispatch(act('hold'));
    await platform.advance(600_000);
    store.dispatch(endLead('finished-early'));
    const run = endedRun(store);
    expect(Date.parse(run?.endedAt ?? '') - Date.parse(run?.startedAt ?? '')).toBe(630_000);
  });

  test('a tab that is frozen and thawed shows the right place at once, and says nothing old', async () => {
    const platform = fakePlatform();
    const { store, place } = await leading(platform);
    await platform.advance(10_000);
    const awake = platform.clock.waitUntil;
    // Nothing wakes while it is frozen.
    Object.assign(platform.clock, { waitUntil: () => new Promise<void>(() => undefined) });
    store.dispatch(act('back'));
    const sounded = platform.sounded.length;
    await platform.advance(90_000);
    expect(place()).toBe(90_000);
    expect(platform.sounded).toHaveLength(sounded);
    Object.assign(platform.clock, { waitUntil: awake });
    store.dispatch(act('extend'));
    await platform.advance(1000);
    expect(place()).toBe(91_000);
    for (const { atMs } of platform.sounded.slice(sounded)) {
      expect(atMs).toBeGreaterThanOrEqual(platform.clock.now() - 2500);
    }
  });

  test('two leads at once: the second is told of the first, and neither is stopped', async () => {
    const data = new Map<string, string>();
    const first = await leading(fakePlatform(data, 'one'));
    await first.platform.advance(1000);
    const second = await openedTab(fakePlatform(data, 'two'));
    second.dispatch(openLead(ID));
    await second.dispatch(lookElsewhere());
    expect(second.getState().lead.elsewhere).toHaveLength(1);
    expect(first.place()).toBe(1000);
  });

  test('a chime that is handed over is not handed over again by an edit in the same moment', async () => {
    const platform = fakePlatform();
    const { store } = await leading(platform);
    await platform.advance(9990);
    const [next] = onsetsOfLead(store.getState().lead.current!.lead).filter(
      ({ kind, atMs }) => kind === 'tone' && atMs > 10_100,
    );
    const dueMs = next?.atMs ?? 0;
    await platform.advance(dueMs - 40 - 9990);
    store.dispatch(act('ease'));
    await platform.advance(1000);
    expect(platform.sounded.filter(({ atMs }) => atMs === dueMs)).toHaveLength(1);
  });

  test('a run-through that is left, or lost with its tab, leaves nothing behind', async () => {
    const platform = fakePlatform();
    const store = await openedTab(platform);
    store.dispatch(openLead(ID));
    store.dispatch(runThrough({ short: true, silent: true }));
    await platform.advance(20_000);
    await new Promise((resolve) => setTimeout(resolve, TIMING.afterMs + 60));
    expect([...platform.data.keys()].filter((key) => key.startsWith('lead'))).toEqual([]);
    const runs = Object.keys(store.getState().runs).length;
    store.dispatch(leaveLead());
    expect(store.getState().lead.current).toBeNull();
    expect(Object.keys(store.getState().runs)).toHaveLength(runs);
  });
});

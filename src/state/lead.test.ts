import { GROUP_ALONE } from '@/core/people';
import fc from 'fast-check';
import { RESUME_COUNT_IN_MS, onsetsOf, placeAt, scriptOf, type Onset } from '@/core/class';
import { countingIds, isoWithOffset, routineIdSchema } from '@/core/common';
import { changeHeader, itemsInOrder, readRoutineText } from '@/core/routine';
import {
  act,
  endLead,
  leadPassed,
  leaveLead,
  openLead,
  throwLeadAway,
  routineChanged,
  scoreOf,
  scoreOfLead,
  selectRows,
  scriptOfLead,
  type AppStore,
} from '.';
import { scriptPhrases } from '@/words/score';
import { DEMO_ROUTINES } from './demo/routines';
import { routinesBrought } from './routines';
import { TIMING } from './storage/timing';
import { fakePlatform, openedTab as opened } from './testing';

const ID = routineIdSchema.parse('demo-signal-box-reset');

const saving = () => new Promise((resolve) => setTimeout(resolve, TIMING.afterMs + 60));

function rename(store: AppStore, title: string): void {
  const routine = store.getState().routines[ID]?.routine;
  if (!routine) throw new Error('no routine');
  store.dispatch(routineChanged({ id: ID, change: changeHeader(routine, { title }) }));
}

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
    const score = scoreOf(routine, GROUP_ALONE);
    await platform.advance(score.totalMs + 100);
    const planned = onsetsOf(score, scriptOf(routine, score, scriptPhrases));
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
    const { deviceSet } = await import('./hall/device');
    store.dispatch(deviceSet({ chimes: false, talk: 'quiet' }));
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
    // A tab that is gone holds no locks: the data is another browser's to find.
    const again = await opened(fakePlatform(new Map(platform.data)));
    const found = again.getState().lead.current;
    expect(found?.interrupted).toBe(true);
    expect(found?.lead.clockMs).toBeNull();
    expect(found?.lead.fromMs).toBeGreaterThanOrEqual(41_000);
    again.dispatch(endLead('broken-off'));
    const runs = Object.values(again.getState().runs);
    expect(runs.find(({ how }) => how === 'broken-off')?.realMs).toBeGreaterThanOrEqual(41_000);
  });

  test('a class that has ended does not stand in the way of the next', async () => {
    const { platform, store } = await leading();
    await platform.advance(5000);
    store.dispatch(endLead('finished-early'));
    expect(store.getState().lead.endedRun).not.toBeNull();
    store.dispatch(leaveLead());
    expect(store.getState().lead.endedRun).toBeNull();
    store.dispatch(openLead(ID));
    expect(store.getState().lead.current?.lead).toMatchObject({ ledMs: 0, fromMs: 0 });
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
    expect(run && run.title).toBe('Signal box reset');
    const asLed = store.getState().led[(run && run.led) ?? '']?.routine;
    expect(asLed && itemsInOrder(asLed)).toHaveLength(8);
  });
});

/** Every class of the demo data, started, with what sounded and where the class stood then. */
async function led(id: string) {
  const platform = fakePlatform();
  const store = await opened(platform);
  const heard: { placeMs: number; onsetMs: number; early: boolean; tone: string }[] = [];
  const note = (tone: string, planned: (onset: Onset) => boolean, atMs = 0) => {
    const lead = store.getState().lead.current?.lead;
    if (!lead) return;
    // A chime is handed over a little ahead, for its own moment.
    const nowMs = Math.max(atMs, platform.clock.now());
    const score = scoreOfLead(lead);
    const placeMs = placeAt(lead, score, nowMs);
    const early = lead.clockMs === null || nowMs < lead.clockMs;
    const nearest = onsetsOf(score, scriptOfLead(lead))
      .filter(planned)
      .map(({ atMs }) => atMs)
      .sort((a, b) => Math.abs(a - placeMs) - Math.abs(b - placeMs))[0];
    heard.push({ placeMs, onsetMs: nearest ?? Infinity, early, tone });
  };
  platform.sound.play = (tone, atMs) =>
    note(tone, (one) => one.kind === 'tone' && one.tone === tone, atMs);
  platform.speech.say = (text) => note('say', (one) => one.kind === 'say' && one.text === text);
  store.dispatch(openLead(routineIdSchema.parse(`demo-${id}`)));
  const placeNow = () => {
    const lead = store.getState().lead.current?.lead;
    return lead && placeAt(lead, scoreOfLead(lead), platform.clock.now());
  };
  return { platform, store, heard, placeNow };
}

describe('nothing is late, and nothing is early', () => {
  test.each(Object.keys(DEMO_ROUTINES))(
    '%s: what is kept of it is at most a second old, in every second',
    async (id) => {
      const { platform, store, placeNow } = await led(id);
      store.dispatch(act('go'));
      let worst = 0;
      for (;;) {
        // Steps that fall together with no onset, and with all of them in turn.
        await platform.advance(997);
        const placeMs = placeNow();
        const keptMs = store.getState().lead.current?.lead.fromMs;
        if (placeMs === undefined || keptMs === undefined) break;
        worst = Math.max(worst, placeMs - keptMs);
      }
      expect(worst).toBeLessThanOrEqual(1000 - TIMING.afterMs);
    },
    60_000,
  );

  test('onsets in every second keep the place from getting old', async () => {
    const { platform, store } = await led('between-two-calls');
    const { routine } = readRoutineText(
      'group: desk\nSeated march: 60 reps, tempo 1-0-0, alternating',
      {
        id: ID,
        newId: countingIds('x'),
        untitled: 'March',
      },
    );
    store.dispatch(routinesBrought([routine]));
    store.dispatch(leaveLead());
    store.dispatch(openLead(ID));
    store.dispatch(act('go'));
    await platform.advance(127_000);
    expect(store.getState().lead.current?.lead.fromMs).toBeGreaterThan(126_000);
    expect(Object.values(store.getState().lead.current?.lead.tally ?? {})[0]).toBeGreaterThan(
      90_000,
    );
  });

  const all = ['hold', 'go', 'back', 'on', 'extend', 'again', 'ease', 'settle'] as const;
  const action = fc.constantFrom(...all) as fc.Arbitrary<Parameters<typeof act>[0]>;
  const deeds = fc.array(fc.tuple(fc.integer({ min: 1, max: 40_000 }), action), { maxLength: 14 });
  const someDemo = fc.constantFrom('signal-box-reset', 'thursday-chair-circle');

  test('after any hold, jump or extension each onset comes at its time, and none before', async () => {
    await fc.assert(
      fc.asyncProperty(someDemo, deeds, async (id, steps) => {
        const { platform, store, heard } = await led(id);
        store.dispatch(act('go'));
        for (const [waitMs, kind] of steps) {
          await platform.advance(waitMs);
          if (!store.getState().lead.current) break;
          store.dispatch(act(kind));
        }
        store.dispatch(act('go'));
        await platform.advance(20_000);
        // The count-in after a hold belongs to the run: it counts before the class goes on.
        const own = heard.filter(({ tone, early }) => !(tone === 'count' && early));
        expect(own.filter(({ early }) => early)).toEqual([]);
        for (const { placeMs, onsetMs } of own) {
          expect(Math.abs(placeMs - onsetMs)).toBeLessThanOrEqual(1);
        }
      }),
      { numRuns: 40, seed: 20261126 },
    );
  }, 60_000);

  test('going on at an onset sounds it after the count-in, not in it', async () => {
    const { platform, store, heard } = await led('signal-box-reset');
    const score = scoreOfLead(store.getState().lead.current?.lead ?? fail());
    const startMs = score.segments.find(({ kind }) => kind === 'work')?.startMs ?? 0;
    store.dispatch(act('go'));
    await platform.advance(startMs);
    store.dispatch(act('hold'));
    await platform.advance(5000);
    heard.length = 0;
    store.dispatch(act('go'));
    await platform.advance(RESUME_COUNT_IN_MS - 1);
    expect(heard.map(({ tone }) => tone)).toEqual(['count', 'count', 'count']);
    await platform.advance(1);
    expect(heard.map(({ tone }) => tone)).toContain('start');
  });
});

test('stops that were led past stand in the record', async () => {
  const { platform, store } = await led('signal-box-reset');
  store.dispatch(leadPassed(2));
  store.dispatch(act('go'));
  await platform.advance(60_000);
  await saving();
  store.dispatch(endLead('finished-early'));
  const { endedRun } = store.getState().lead;
  expect(endedRun && store.getState().runs[endedRun]).toMatchObject({ passedStops: 2 });
});

test('the record begins when the class does, by the clock on the wall', async () => {
  const { platform, store } = await led('signal-box-reset');
  await platform.advance(180_000);
  store.dispatch(act('go'));
  const startedAt = isoWithOffset(platform.clock.wallTime());
  await platform.advance(60_000);
  store.dispatch(endLead('finished-early'));
  const { endedRun } = store.getState().lead;
  const run = endedRun && store.getState().runs[endedRun];
  expect(run).toMatchObject({ startedAt });
  expect(run && Date.parse(run.endedAt) - Date.parse(run.startedAt)).toBe(60_000);
});

describe('two tabs', () => {
  test('a class that another tab leads is neither asked about nor taken from it', async () => {
    const data = new Map<string, string>();
    const leading = fakePlatform(data, 'a');
    const a = await opened(leading);
    a.dispatch(openLead(ID));
    a.dispatch(act('go'));
    await leading.advance(30_000);
    await saving();
    const b = await opened(fakePlatform(data, 'b'));
    await saving();
    expect(b.getState().lead.current).toBeNull();
    expect(b.getState().shelf.brokenOff).toBeNull();
    expect([...data.keys()].filter((key) => key.startsWith('lead/'))).toHaveLength(1);
    // Another class here says that one is led there, and both are kept once this one has begun.
    b.dispatch(openLead(ID));
    await Promise.resolve().then(() => undefined);
    await saving();
    expect(b.getState().lead.elsewhere).toHaveLength(1);
    expect([...data.keys()].filter((key) => key.startsWith('lead/'))).toHaveLength(1);
    b.dispatch(act('go'));
    await saving();
    expect([...data.keys()].filter((key) => key.startsWith('lead/'))).toHaveLength(2);
    a.dispatch(endLead('finished-early'));
    b.dispatch(throwLeadAway());
    await saving();
    await saving();
    expect([...data.keys()].filter((key) => key.startsWith('lead/'))).toEqual([]);
  });

  test('of several that were broken off the last is asked about, the others are recorded', async () => {
    const data = new Map<string, string>();
    for (const prefix of ['a', 'b']) {
      const platform = fakePlatform(data, prefix);
      const store = await opened(platform);
      expect(selectRows(store.getState())).toHaveLength(24);
      store.dispatch(openLead(ID));
      store.dispatch(act('go'));
      await platform.advance(prefix === 'a' ? 20_000 : 40_000);
      await saving();
    }
    const again = await opened(fakePlatform(new Map(data)));
    expect(again.getState().lead.current?.interrupted).toBe(true);
    const broken = Object.values(again.getState().runs).filter(({ how }) => how === 'broken-off');
    expect(broken).toHaveLength(1);
  });
});

import {
  groupIdSchema,
  moveIdSchema,
  personIdSchema,
  routineIdSchema,
  runIdSchema,
} from '@/core/common';
import { readPeopleCsv } from '@/core/class';
import { clearancesOn } from '@/core/people';
import {
  addPerson,
  bringTable,
  doseTaken,
  entryChanged,
  entryTaken,
  openLead,
  act,
  attachWorkshop,
  endLead,
  enterByHand,
  eventDealtWith,
  happenedAfter,
  notesNaming,
  leaveLead,
  openWorkshop,
  openedFor,
  partOf,
  personChanged,
  planTable,
  readAllRuns,
  readBackup,
  readRun,
  recordAllAsPlanned,
  schoolOfLadder,
  selectRows,
  takePersonOut,
  type AppStore,
} from '.';
import { bringBackup, differencesFrom } from './backup';
import { createHall, openHall } from './hall';
import { MEETING, MARK } from './hall/kinds';
import { fakePlatform, openedTab as opened, type FakePlatform } from './testing';
import { TIMING } from './storage/timing';

const ADA = personIdSchema.parse('demo-ada');
const COURT = groupIdSchema.parse('demo-saltmarsh');
const CIRCLE = routineIdSchema.parse('demo-thursday-chair-circle');
const RUN = runIdSchema.parse('demo-run-saltmarsh-6');
const saving = () => new Promise((resolve) => setTimeout(resolve, TIMING.afterMs + 80));
const textIn = (platform: FakePlatform) => [...platform.data.values()].join('\n');

/** Everything that is kept, as a backup file holds it. */
function backupOf(platform: FakePlatform): string {
  const kept = Object.fromEntries(
    [...platform.data]
      .filter(([key]) => !/^(device|row|meeting|month|standing|lead\/)/u.test(key))
      .map(([key, text]) => [key, JSON.parse(text) as unknown]),
  );
  return JSON.stringify({
    format: 'hushed-willow-backup',
    version: 1,
    madeAt: '2026-03-05T10:00:00+01:00',
    kept,
  });
}

describe('the demo people', () => {
  test('tell their story: forward, held back, catching up, away', async () => {
    const store = await opened(fakePlatform());
    const { people, groups, standings } = store.getState();
    expect([Object.keys(people).length, Object.keys(groups).length]).toEqual([14, 4]);
    expect(selectRows(store.getState())).toHaveLength(24);
    const rung = (id: string) => standings[id]?.rungs?.stance;
    expect(rung('demo-ada')).toMatchObject({ base: 'tandem', hands: 'none' });
    // Dizzy: the stance stays, with both hands on.
    expect(rung('demo-bram')).toMatchObject({ base: 'together', hands: 'two hands' });
    expect(rung('demo-cora')).toMatchObject({ base: 'semi-tandem', hands: 'fingertips' });
    // Away for a month: from hands hovering back to fingertips.
    expect(rung('demo-dov')).toMatchObject({ base: 'semi-tandem', hands: 'fingertips' });
    expect(rung('demo-edith')).toMatchObject({ base: 'seated' });
  });
});

describe('a class for a group', () => {
  test('its people take part on page, in checks and in the lead, and the run says whose it was', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    store.dispatch(openedFor(CIRCLE, COURT));
    const part = partOf(store.getState(), CIRCLE, '2026-03-05');
    expect(part.people.map(({ name }) => name)).toContain('Ada Fenn');
    expect(part.people.find(({ name }) => name === 'Ada Fenn')?.rung).toMatchObject({
      base: 'tandem',
    });
    expect(partOf(store.getState(), CIRCLE, '2026-03-05')).toBe(part);
    store.dispatch(openLead(CIRCLE));
    store.dispatch(act('go'));
    await platform.advance(30_000);
    expect(store.getState().lead.current?.lead.part.people).toHaveLength(5);
    store.dispatch(endLead('finished-early'));
    const { endedRun, current } = store.getState().lead;
    expect(current).toBeNull();
    const id = endedRun ?? RUN;
    expect(store.getState().runs[id]?.groupId).toBe(COURT);
    store.dispatch(recordAllAsPlanned(id));
    expect(store.getState().runs[id]?.people).toHaveLength(5);
    store.dispatch(entryChanged(id, ADA, { effort: 5 }));
    await saving();
    expect(platform.data.get(`run/${id}`)).not.toContain('"sections"');
    const later = await opened(fakePlatform(new Map(platform.data)));
    const row = selectRows(later.getState()).find((one) => one.id === id);
    expect(row?.people?.find(({ person }) => person === ADA)?.effort).toBe(5);
  });

  test('a run is written without the others, and its routine once', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    await saving();
    await readRun(store.hall, RUN);
    const before = new Map(platform.data);
    store.dispatch(entryChanged(RUN, ADA, { note: 'Sunny' }));
    await saving();
    const written = [...platform.data].filter(([key, text]) => before.get(key) !== text);
    const kinds = written.map(([key]) => key.replace(/\/.*/u, ''));
    expect(kinds.filter((kind) => kind === 'run')).toHaveLength(1);
    expect(new Set(kinds)).toEqual(new Set(['run', 'month']));
  });
});

test('a fall that a class hears of ends clearances, and is noted once', async () => {
  const store = await opened(fakePlatform());
  await readRun(store.hall, RUN);
  for (const falls of [1, 2]) store.dispatch(entryChanged(RUN, ADA, { falls }));
  const { people, runs } = store.getState();
  const on = runs[RUN]?.startedAt.slice(0, 10);
  expect(people[ADA]?.events).toEqual([{ what: 'fall', on }]);
  const cleared = { loads: ['kneel' as const], by: 'Dr. Reed', on: '2020-01-01' };
  const day = on ?? '';
  const ada = { ...people[ADA], name: 'Ada', clearances: [{ ...cleared, on: day }] };
  expect(clearancesOn(ada, day)).toEqual([]);
  store.dispatch(entryChanged(RUN, ADA, { falls: undefined }));
  expect(store.getState().people[ADA]?.events).toEqual([]);
});

test('what a class hears is taken back by what told it, and by nothing else', async () => {
  const store = await opened(fakePlatform());
  await readRun(store.hall, RUN);
  const on = store.getState().runs[RUN]?.startedAt.slice(0, 10) ?? '';
  const events = () => (store.getState().people[ADA]?.events ?? []).map(({ what }) => what).sort();
  store.dispatch(entryChanged(RUN, ADA, { dizzy: true }));
  expect(events()).toEqual(['stop-sign']);
  store.dispatch(entryChanged(RUN, ADA, { dizzy: undefined }));
  expect(events()).toEqual([]);
  // Set by hand on the person’s page, for the same day.
  store.dispatch(personChanged(ADA, { events: [{ what: 'fall', on }] }));
  store.dispatch(entryChanged(RUN, ADA, { dizzy: true }));
  store.dispatch(entryChanged(RUN, ADA, { dizzy: undefined }));
  expect(events()).toEqual(['fall']);
  store.dispatch(entryChanged(RUN, ADA, { dizzy: true, falls: undefined }));
  store.dispatch(entryTaken(RUN, ADA));
  expect(events()).toEqual(['fall']);
});

test('what is noted for the first time is no correction, however late', async () => {
  const platform = fakePlatform();
  const store = await opened(platform);
  const startedAt = '2026-01-08T10:00:00+00:00';
  const id = store.dispatch(
    enterByHand({ title: 'Circle', groupId: COURT, startedAt, minutes: 20, routine: undefined }),
  );
  store.dispatch(entryChanged(id, ADA, { effort: 4 }));
  store.dispatch(entryChanged(id, ADA, { effort: 5 }));
  const entry = store.getState().runs[id]?.people?.[0];
  expect(entry).toMatchObject({ effort: 5 });
  expect(entry).not.toHaveProperty('earlier');
});

test('a class that ends before the record was read forgets nothing of the group', async () => {
  const first = fakePlatform();
  await opened(first);
  await saving();
  const platform = fakePlatform(new Map(first.data));
  const hall = createHall(platform);
  await openHall(hall, (beside) => openWorkshop(hall, beside));
  await openWorkshop(hall);
  const store = attachWorkshop(hall);
  const before = store.getState().standings[COURT];
  expect(before?.sessions?.length).toBeGreaterThan(0);
  store.dispatch(openedFor(CIRCLE, COURT));
  store.dispatch(openLead(CIRCLE));
  store.dispatch(act('go'));
  await platform.advance(20_000);
  store.dispatch(endLead('finished-early'));
  expect(store.getState().standings[COURT]).toEqual(before);
});

describe('the months', () => {
  test.each([
    ['cut off', (text: string) => text.slice(0, 200)],
    ['short of a run', (text: string) => text.replace(/"rows":\[.*\]/su, '"rows":[]')],
  ])('that are %s are made anew from the runs', async (_, damage) => {
    const platform = fakePlatform();
    await opened(platform);
    await saving();
    for (const [key, text] of platform.data) {
      if (key.startsWith('month/')) platform.data.set(key, damage(text));
    }
    const store = await opened(fakePlatform(platform.data));
    expect(selectRows(store.getState())).toHaveLength(24);
    expect(store.getState().notices.notices).toEqual([]);
  });
});

describe('taking somebody out', () => {
  test('leaves nothing of them anywhere', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    store.dispatch(openedFor(CIRCLE, COURT));
    // A class that is in hand keeps who takes part in it.
    store.dispatch(openLead(CIRCLE));
    store.dispatch(act('go'));
    await platform.advance(20_000);
    store.dispatch(leaveLead());
    await readAllRuns(store.hall);
    store.dispatch(takePersonOut(ADA));
    await saving();
    await saving();
    expect(textIn(platform)).not.toContain('Ada Fenn');
    expect(textIn(platform)).not.toContain(ADA);
    // The others of the same classes are as they were.
    expect(platform.data.get(`run/${RUN}`)).toContain('demo-bram');
    const later = await opened(fakePlatform(new Map(platform.data)));
    expect(selectRows(later.getState())).toHaveLength(24);
  });
});

describe('the first screen', () => {
  test('hears of who has to be asked without reading anybody', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    const id = store.dispatch(addPerson('Otto', COURT));
    expect(store.getState().meetings[COURT]?.people).toBe(6);
    expect(store.getState().meetings[COURT]?.asks.filter((one) => one.person === id)).toHaveLength(
      2,
    );
    store.dispatch(personChanged(id, { limits: [], agreedOn: '2026-03-05' }));
    expect(store.getState().meetings[COURT]?.asks.some((one) => one.person === id)).toBe(false);
    expect([MEETING.derived, MARK.derived]).toEqual([true, undefined]);
  });
});

describe('a backup', () => {
  test('comes back whole into an empty browser', async () => {
    const from = fakePlatform();
    await opened(from);
    await saving();
    const read = readBackup(backupOf(from));
    if (read.state !== 'good') throw new Error(read.state);
    const to = fakePlatform(new Map([['device', from.data.get('device') ?? '']]));
    const store = await opened(to);
    expect(await differencesFrom(store.hall, read.kept)).toContainEqual({
      kind: 'person',
      added: 14,
      changed: 0,
      only: 0,
    });
    await bringBackup(store.hall, read, 'merge');
    const later = await opened(fakePlatform(new Map(to.data)));
    expect(Object.keys(later.getState().people)).toHaveLength(14);
    expect(selectRows(later.getState())).toHaveLength(24);
    expect(later.getState().notices.notices).toEqual([]);
  });

  test('merged it keeps what is only here, replaced it does not', async () => {
    const from = fakePlatform();
    await opened(from);
    await saving();
    const read = readBackup(backupOf(from));
    if (read.state !== 'good') throw new Error(read.state);
    for (const [how, kept] of [
      ['merge', true],
      ['replace', false],
    ] as const) {
      const platform = fakePlatform(new Map(from.data));
      const store = await opened(platform);
      store.dispatch(addPerson('Otto', COURT));
      await saving();
      await bringBackup(store.hall, read, how);
      expect(textIn(platform).includes('Otto')).toBe(kept);
    }
  });

  test('that is wrong changes nothing and says what it is', async () => {
    const platform = fakePlatform();
    await opened(platform);
    await saving();
    const text = backupOf(platform);
    expect(readBackup(text.slice(0, text.length / 2))).toMatchObject({ fault: 'cut-off' });
    expect(readBackup('a photo')).toMatchObject({ fault: 'not-json' });
    expect(readBackup('{"format":"shopping"}')).toMatchObject({ fault: 'wrong-format' });
    expect(readBackup(text.replace('"version":1', '"version":9'))).toMatchObject({
      fault: 'newer',
    });
    const broken = text.replace('"name":"Ada Fenn"', '"name":7');
    // One that is wrong is left out and named; the others come in.
    expect(readBackup(broken)).toMatchObject({ state: 'good', left: ['person/demo-ada'] });
    const polluted = text.replace('"kept":{', '"kept":{"__proto__":{"version":1},');
    expect(readBackup(polluted).state).not.toBe('locked');
    expect(({} as { version?: number }).version).toBeUndefined();
  });
});

test('a table of who came brings its people and groups along, and itself once', async () => {
  const store = await opened(fakePlatform());
  const classes = [
    {
      date: '2026-01-02',
      time: '10:00',
      minutes: 20,
      routine: 'Old circle',
      group: 'Another court',
      people: [
        { name: 'ada fenn', id: '', line: 2, words: { came: true, effort: 3 } },
        { name: 'Otto', id: '', line: 3, words: { came: false } },
      ],
    },
  ];
  const plan = store.dispatch(planTable(classes));
  expect(plan).toMatchObject({ known: 0, newPeople: ['Otto'], newGroups: ['Another court'] });
  expect(store.dispatch(bringTable(plan))).toBe(1);
  const row = selectRows(store.getState()).find(({ title }) => title === 'Old circle');
  expect(row?.people?.map(({ person }) => person)).toContain(ADA);
  expect(store.dispatch(planTable(classes))).toMatchObject({ known: 1, classes: [] });
});

describe('what happens in a class', () => {
  async function dizzyAda() {
    const platform = fakePlatform();
    const store = await opened(platform);
    store.dispatch(openedFor(CIRCLE, COURT));
    store.dispatch(openLead(CIRCLE));
    store.dispatch(act('go'));
    await platform.advance(60_000);
    store.dispatch(act('happened'));
    store.dispatch(act({ kind: 'noted', note: 'Ada dizzy after turning', people: [ADA] }));
    store.dispatch(act({ kind: 'noted', note: 'Ada dizzy after turning the head' }));
    store.dispatch(endLead('finished-early'));
    const run = store.getState().lead.endedRun;
    if (!run) throw new Error('no run');
    return { platform, store, run };
  }

  test('to somebody stands on their page and in To ask, until it is dealt with', async () => {
    const { platform, store, run } = await dizzyAda();
    expect(store.getState().runs[run]?.events).toMatchObject([
      { note: 'Ada dizzy after turning the head', people: [ADA] },
    ]);
    const asks = (one: AppStore) =>
      one.getState().meetings[COURT]?.asks.filter(({ due }) => due === 'happened');
    expect(asks(store)).toMatchObject([{ person: ADA, name: 'Ada Fenn' }]);
    await saving();
    const later = await opened(fakePlatform(platform.data));
    expect(asks(later)).toHaveLength(1);
    // A clearance does not outlast it.
    const part = partOf(later.getState(), CIRCLE, '2026-03-12');
    expect(part.people.find(({ name }) => name === 'Ada Fenn')?.events).toMatchObject([
      { what: 'stop-sign' },
    ]);
    later.dispatch(eventDealtWith(ADA));
    expect(asks(later)).toEqual([]);
    await saving();
    expect((await opened(fakePlatform(platform.data))).getState().people[ADA]?.events).toHaveLength(
      1,
    );
  });

  test('and is heard of after the class as well: with it, on their page and in To ask', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    await readAllRuns(store.hall);
    const run = Object.values(store.getState().runs).find(({ groupId }) => groupId === COURT);
    if (!run) throw new Error('no class');
    store.dispatch(happenedAfter(run, { note: 'fell on the way home', people: [ADA] }));
    await saving();
    const later = await opened(fakePlatform(platform.data));
    await readAllRuns(later.hall);
    expect(later.getState().runs[run.id]?.events?.at(-1)).toMatchObject({
      note: 'fell on the way home',
      people: [ADA],
    });
    expect(later.getState().people[ADA]?.events?.at(-1)).toEqual({
      what: 'stop-sign',
      on: later.getState().runs[run.id]?.events?.at(-1)?.at.slice(0, 10),
    });
    // Dealt with and happening again on the same day is to be asked about again.
    later.dispatch(eventDealtWith(ADA));
    later.dispatch(happenedAfter(run, { note: 'fell once more', people: [ADA] }));
    const open = later
      .getState()
      .people[ADA]?.events?.filter((one) => one.what === 'stop-sign' && !one.dealtOn);
    expect(open).toHaveLength(1);
    later.dispatch(happenedAfter(run, { note: 'somebody fainted' }));
    expect(later.getState().runs[run.id]?.events?.at(-1)?.people).toBeUndefined();
  });

  test('goes with them where they are taken out, and their name out of what was noted', async () => {
    const { platform, store, run } = await dizzyAda();
    await readAllRuns(store.hall);
    expect(store.dispatch(notesNaming('Ada Fenn'))).toBe(1);
    store.dispatch(takePersonOut(ADA, true));
    await saving();
    expect(store.getState().runs[run]?.events).toEqual([
      expect.objectContaining({ note: '– dizzy after turning the head' }),
    ]);
    expect(textIn(platform)).not.toMatch(/\bAda\b|demo-ada/u);
  });

  test('a page that was made ready and left is no class', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    store.dispatch(openLead(CIRCLE));
    await saving();
    expect([...platform.data.keys()].filter((key) => key.startsWith('lead'))).toEqual([]);
    const later = await opened(fakePlatform(platform.data));
    expect(later.getState().lead.current).toBeNull();
    expect(later.getState().shelf.brokenOff).toBeNull();
  });
});

describe('a table with two people of one name', () => {
  const bring = (store: AppStore, text: string) => {
    const read = readPeopleCsv(text, '2026-03-05');
    if (!read.ok) throw new Error(JSON.stringify(read.faults));
    const plan = store.dispatch(planTable(read.classes));
    store.dispatch(bringTable(plan));
    return plan;
  };

  test('goes to whom its ids say, to whom its group has, and to nobody on a guess', async () => {
    const store = await opened(fakePlatform());
    const mine = store.dispatch(addPerson('Ann', COURT));
    const other = store.dispatch(addPerson('Ann', undefined));
    const came = (title: string) =>
      selectRows(store.getState())
        .find((row) => row.title === title)
        ?.people?.map(({ person }) => person);
    const head = 'date,person,person id,routine,group\n';
    bring(store, `${head}2026-02-01,Ann,${other},By its id,\n`);
    expect(came('By its id')).toEqual([other]);
    const court = store.getState().groups[COURT]?.name ?? '';
    bring(store, `${head}2026-02-02,Ann,,By its group,"${court}"\n`);
    expect(came('By its group')).toEqual([mine]);
    const plan = bring(store, `${head}2026-02-03,Ann,,By nothing,\n`);
    expect(plan.unclear).toEqual([{ line: 2, name: 'Ann' }]);
    expect(plan.newPeople).toEqual([]);
    expect(came('By nothing')).toEqual([]);
  });
});

describe('settings of a person are kept with their days', () => {
  const ladder = (store: AppStore) => store.getState().people[ADA]?.ladders?.stance;

  test('another order of getting harder holds from the next day on, whatever was tried on this one', async () => {
    const store = await opened(fakePlatform());
    const before = ladder(store)?.school ?? 'hands first';
    store.dispatch(schoolOfLadder(ADA, 'stance', 'base first'));
    store.dispatch(schoolOfLadder(ADA, 'stance', 'challenge first'));
    expect(ladder(store)?.school).toBe('challenge first');
    expect(ladder(store)?.earlier).toEqual([
      { until: expect.stringMatching(/^\d{4}-/u), school: before },
    ]);
    const known = ladder(store);
    store.dispatch(schoolOfLadder(ADA, 'stance', 'challenge first'));
    expect(ladder(store)).toBe(known);
  });

  test('how somebody was is kept with their entry from the first, and not made up for an old one', async () => {
    const store = await opened(fakePlatform());
    const startedAt = '2026-01-08T10:00:00+00:00';
    const by = { title: 'Circle', groupId: COURT, startedAt, minutes: 20, routine: undefined };
    const id = store.dispatch(enterByHand(by));
    const stood = () => store.getState().runs[id]?.people?.find((one) => one.person === ADA)?.stood;
    store.dispatch(personChanged(ADA, { lane: 'stand-held' }));
    store.dispatch(entryChanged(id, ADA, { effort: 4 }));
    expect(stood()).toEqual({ older: true, way: 'stand-held' });
    store.dispatch(personChanged(ADA, { lane: 'chair', groups: [] }));
    store.dispatch(entryChanged(id, ADA, { effort: 5 }));
    expect(stood()).toEqual({ older: true, way: 'stand-held' });
    await readRun(store.hall, RUN);
    const old = store.getState().runs[RUN];
    const was = old?.people?.find((one) => one.person === ADA);
    store.dispatch(entryChanged(RUN, ADA, { note: 'x' }));
    const is = store.getState().runs[RUN]?.people?.find((one) => one.person === ADA);
    expect(is?.stood).toEqual(was?.stood);
  });

  test('a dose that is taken keeps the one before; taken once more it changes nothing', async () => {
    const store = await opened(fakePlatform());
    const id = moveIdSchema.parse('sit-to-stand');
    store.dispatch(doseTaken(ADA, id, { amount: 8, sets: 1 }));
    store.dispatch(doseTaken(ADA, id, { amount: 9, sets: 1 }));
    const dose = () => store.getState().people[ADA]?.doses?.[id];
    expect(dose()).toMatchObject({ amount: 9, before: [{ amount: 8, sets: 1 }] });
    const known = dose();
    store.dispatch(doseTaken(ADA, id, { amount: 9, sets: 1 }));
    expect(dose()).toBe(known);
  });
});

import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  groupIdSchema,
  moveIdSchema,
  personIdSchema,
  routineIdSchema,
  type GroupId,
} from '@/core/common';
import { readPeopleCsv } from '@/core/class';
import { changeHeader } from '@/core/routine';
import { ownLike } from '@/core/testing';
import {
  act,
  addGroup,
  addPerson,
  bringBackup,
  bringTable,
  createRoutine,
  deleteRoutine,
  enterByHand,
  entryChanged,
  follow,
  openLead,
  personChanged,
  planTable,
  readAllRuns,
  readBackup,
  recordAllAsPlanned,
  routineChanged,
  saveBackup,
  startEmpty,
  type AppStore,
} from '.';
import { movesBrought } from './moves';
import { TIMING } from './storage/timing';
import { fakePlatform, openedTab as opened, type FakePlatform } from './testing';

const files: { name: string; text: string }[] = [];
jest.mock('@/platform/files', () => ({
  ...jest.requireActual('@/platform/files'),
  saveFile: (name: string, text: string) => files.push({ name, text }),
}));

const ID = routineIdSchema.parse('demo-signal-box-reset');
const KEY = `routine/${ID}`;
const ADA = personIdSchema.parse('demo-ada');
const saving = () => new Promise((resolve) => setTimeout(resolve, TIMING.afterMs + 80));
const kinds = (store: AppStore) => store.getState().notices.notices.map(({ kind }) => kind);
const titles = (store: AppStore) =>
  Object.values(store.getState().routines).map(({ routine }) => routine.title);

async function tab(data = new Map<string, string>(), prefix = 'a') {
  const platform = fakePlatform(data, prefix);
  const store = await opened(platform);
  await saving();
  return { platform, store };
}

/** Another visit to what is kept. */
const again = (platform: FakePlatform, prefix = 'z') => tab(platform.data, prefix);

function rename(store: AppStore, title: string): void {
  const routine = store.getState().routines[ID]?.routine;
  if (!routine) throw new Error('no routine');
  store.dispatch(routineChanged({ id: ID, change: changeHeader(routine, { title }) }));
}

function aGroupOf(store: AppStore, count: number): GroupId {
  const id = store.dispatch(addGroup('Everybody', 'older'));
  for (let i = 0; i < count; i++) store.dispatch(addPerson(`Somebody ${i}`, id));
  return id;
}

const byHand = (store: AppStore, groupId: GroupId | undefined, title = 'By hand') =>
  store.dispatch(
    enterByHand({
      title,
      groupId,
      startedAt: '2026-03-01T10:00:00+00:00',
      minutes: 20,
      routine: undefined,
    }),
  );

describe('what is called saved can be read', () => {
  test.each([
    ['a letter of control', 'Low\u0002tide'],
    ['one of the second kind', 'Low\u0092tide'],
    ['a separator of lines', 'Low\u2028tide'],
    ['a blank at its end', 'Low tide '],
    ['half of a pair', 'Low\uD83Dtide'],
  ])('a title with %s', async (_, title) => {
    const { platform, store } = await tab();
    rename(store, title);
    const id = store.dispatch(addPerson(title, undefined));
    store.dispatch(createRoutine(title));
    const run = byHand(store, undefined, title);
    await saving();
    const { store: later } = await again(platform);
    await readAllRuns(later.hall);
    expect(kinds(later)).toEqual([]);
    expect(later.getState().routines[ID]).toBeDefined();
    expect(later.getState().people[id]?.name).toMatch(/^Low.?tide$/u);
    expect(later.getState().runs[run]?.title).toMatch(/^Low.?tide$/u);
    expect(later.getState().notices.saving).toBe('saved');
  });

  test('a table of who came, with a line break and a long name', async () => {
    const { platform, store } = await tab();
    const long = `${'x'.repeat(119)} and more`;
    const text = `date,person,routine,group\n2026-02-01,Ann,"Chair\ncircle","The\tcourt"\n2026-02-02,Ann,${long},The court\n`;
    const read = readPeopleCsv(text, '2026-03-05');
    if (!read.ok) throw new Error(JSON.stringify(read));
    const plan = store.dispatch(planTable(read.classes));
    store.dispatch(bringTable(plan));
    await saving();
    const count = Object.keys(store.getState().runs).length;
    const { store: later } = await again(platform);
    await readAllRuns(later.hall);
    expect(kinds(later)).toEqual([]);
    expect(Object.keys(later.getState().runs).length).toBeGreaterThanOrEqual(count);
  });

  test('a class of more than two hundred', async () => {
    const { platform, store } = await tab();
    const group = aGroupOf(store, 201);
    const run = byHand(store, group);
    store.dispatch(recordAllAsPlanned(run));
    await saving();
    const { store: later } = await again(platform);
    await readAllRuns(later.hall);
    expect(kinds(later)).toEqual([]);
    expect(later.getState().runs[run]).toBeDefined();
  });

  test('more own moves than a routine can carry', async () => {
    const { platform, store } = await tab();
    const before = titles(store).length;
    const moves = Array.from({ length: 501 }, (_, i) => ({
      ...ownLike('Seated twist', { name: `Rail turn ${i}` }),
      id: moveIdSchema.parse(`rail-${i}`),
    }));
    store.dispatch(movesBrought(moves));
    await saving();
    const { store: later } = await again(platform);
    expect(titles(later)).toHaveLength(before);
    expect(kinds(later)).toEqual([]);
  });
});

describe('start empty', () => {
  test('leaves one’s own, and what was changed', async () => {
    const { store } = await tab();
    const mine = store.dispatch(createRoutine('My own'));
    const person = store.dispatch(addPerson('Mine', undefined));
    rename(store, 'Now mine');
    await saving();
    await startEmpty(store.hall);
    expect(titles(store).sort()).toEqual(['My own', 'Now mine']);
    expect(store.getState().routines[mine]).toBeDefined();
    expect(Object.keys(store.getState().people)).toEqual([person]);
  });
});

describe('a store that can’t be read at opening', () => {
  test.each(['keys', 'read'] as const)('is not taken for a first visit: %s', async (what) => {
    const { platform, store } = await tab();
    rename(store, 'Mine by now');
    store.dispatch(deleteRoutine(routineIdSchema.parse('demo-between-two-calls')));
    await saving();
    const before = new Map(platform.data);
    const broken = fakePlatform(platform.data, 'b');
    const real = broken.store[what] as (...args: never[]) => Promise<unknown>;
    let failing = 1;
    (broken.store as unknown as Record<string, unknown>)[what] = async (...args: never[]) => {
      if (failing-- > 0) throw new Error('no reading just now');
      return real(...args);
    };
    const later = await opened(broken);
    await saving();
    expect(kinds(later)).not.toContain('demo-loaded');
    for (const [key, text] of before) expect(platform.data.get(key)).toBe(text);
    expect(titles(later)).toContain('Mine by now');
  });

  test('a store that was cleared is no first visit', async () => {
    const { platform, store } = await tab();
    rename(store, 'Mine by now');
    await saving();
    platform.data.clear();
    const later = await opened(fakePlatform(platform.data, 'b'));
    expect(kinds(later)).not.toContain('demo-loaded');
    expect(kinds(later)).toContain('was-cleared');
  });
});

describe('a backup', () => {
  test('says what it left out, and the rest comes in', async () => {
    const { platform, store } = await tab();
    platform.data.set(KEY, '{"version":6,"routine":{"title":"Broken"}}');
    files.length = 0;
    await saveBackup(store.hall, '');
    const text = files[0]?.text ?? '';
    expect(text).not.toContain('Broken');
    const damaged = JSON.parse(text) as { kept: Record<string, unknown> };
    damaged.kept['person/demo-ada'] = { version: 1, person: { id: 'demo-ada' } };
    const read = readBackup(JSON.stringify(damaged));
    expect(read.state).toBe('good');
  });
});

describe('a backup from before', () => {
  test('comes in: texts are cleaned, what was too many is there, what can’t be read is named', async () => {
    const file = join(__dirname, 'storage/backups/v1-unclean.json');
    const read = readBackup(readFileSync(file, 'utf8'));
    if (read.state !== 'good') throw new Error(read.state);
    expect(read.left).toEqual(['reading/r']);
    const { platform, store } = await tab();
    await bringBackup(store.hall, read, 'replace');
    const later = await tab(platform.data, 'b');
    await readAllRuns(later.store.hall);
    expect(titles(later.store)).toEqual(['Lowtide at dusk']);
    const { people, groups, runs, marks } = later.store.getState();
    expect(Object.values(people).map(({ name }) => name)).toEqual(['Ada Fenn']);
    expect(Object.values(groups).map(({ name }) => name)).toEqual(['Saltmarsh Court']);
    expect(Object.values(runs).map(({ title, people: all }) => [title, all?.length])).toEqual([
      ['Chair circle', 240],
    ]);
    expect(Object.values(marks).map(({ tags }) => tags)).toEqual([['Thursday']]);
    expect(kinds(later.store)).toEqual([]);
  });
});

describe('a class goes on', () => {
  test.each(['say', 'play'] as const)('through a throw of %s', async (what) => {
    const { platform, store } = await tab();
    const mute = () => {
      throw new Error('the device is gone');
    };
    if (what === 'say') (platform.speech as unknown as Record<string, unknown>).say = mute;
    else (platform.sound as unknown as Record<string, unknown>).play = mute;
    store.dispatch(openLead(ID));
    store.dispatch(act('go'));
    await platform.advance(3_600_000);
    expect(store.getState().lead.endedRun).not.toBeNull();
    const said = kinds(store).filter((kind) => kind === 'slipped');
    expect(said).toHaveLength(1);
  });
});

describe('a runner that falls silent', () => {
  test('is started anew, and the class is where its clock says', async () => {
    const { platform, store } = await tab();
    store.dispatch(openLead(ID));
    store.dispatch(act('go'));
    await platform.advance(20_000);
    const { waitUntil } = platform.clock;
    // A wait that is never answered: as when a timer is lost.
    (platform.clock as unknown as Record<string, unknown>).waitUntil = () => new Promise(() => {});
    await platform.advance(3000);
    (platform.clock as unknown as Record<string, unknown>).waitUntil = waitUntil;
    const before = platform.sounded.length;
    await platform.advance(3_600_000);
    expect(platform.sounded.length).toBeGreaterThan(before);
    expect(store.getState().lead.endedRun).not.toBeNull();
  });
});

describe('two tabs', () => {
  test('two notes on one person are both kept', async () => {
    const data = new Map<string, string>();
    const a = await tab(data, 'a');
    const b = await tab(data, 'b');
    a.platform.alone = true;
    b.platform.alone = true;
    a.store.dispatch(personChanged(ADA, { notes: 'What one tab says' }));
    b.store.dispatch(personChanged(ADA, { notes: 'What the other says' }));
    await saving();
    await saving();
    const all = [...data.values()].join('\n');
    expect(all).toContain('What one tab says');
    expect(all).toContain('What the other says');
    const beside = [a, b].flatMap(({ store }) => Object.values(store.getState().beside));
    expect(beside).toMatchObject([{ of: 'person/demo-ada', name: 'Ada Fenn' }]);
  });

  test('what one says of the note and the other of the year are both there', async () => {
    const data = new Map<string, string>();
    const a = await tab(data, 'a');
    const b = await tab(data, 'b');
    a.platform.alone = true;
    b.platform.alone = true;
    a.store.dispatch(personChanged(ADA, { notes: 'Only a note' }));
    b.store.dispatch(personChanged(ADA, { bornIn: 1950 }));
    await saving();
    await saving();
    const later = await tab(data, 'c');
    expect(later.store.getState().people[ADA]).toMatchObject({
      notes: 'Only a note',
      bornIn: 1950,
    });
  });

  test('two marks in one class are both kept', async () => {
    const data = new Map<string, string>();
    const a = await tab(data, 'a');
    const run = byHand(a.store, groupIdSchema.parse('demo-saltmarsh'));
    await saving();
    const b = await tab(data, 'b');
    await readAllRuns(b.store.hall);
    a.platform.alone = true;
    b.platform.alone = true;
    a.store.dispatch(entryChanged(run, ADA, { came: true, effort: 4 }));
    b.store.dispatch(entryChanged(run, personIdSchema.parse('demo-bram'), { came: false }));
    await saving();
    await saving();
    const later = await tab(data, 'c');
    await readAllRuns(later.store.hall);
    expect(
      later.store
        .getState()
        .runs[run]?.people?.map(({ person }) => person)
        .sort(),
    ).toEqual(['demo-ada', 'demo-bram']);
  });

  test.each(['person/demo-ada', 'device'])(
    'what a newer version wrote of %s is not written over',
    async (key) => {
      const { platform, store } = await tab();
      const newer = (platform.data.get(key) ?? '').replace(/"version":\d+/u, '"version":99');
      platform.data.set(key, newer);
      platform.tellFromOtherTab(key);
      await saving();
      store.dispatch(personChanged(ADA, { notes: 'An older tab' }));
      const { deviceSet } = jest.requireActual<typeof import('.')>('.');
      store.dispatch(deviceSet({ chimes: false }));
      await saving();
      expect(platform.data.get(key)).toBe(newer);
      expect(platform.data.get('person/demo-ada')).not.toContain('An older tab');
      expect(store.getState().notices).toMatchObject({ saving: 'stopped' });
      expect(store.getState().notices.newer).toBeDefined();
    },
  );

  test('a wall follows one class, though two are led', async () => {
    const data = new Map<string, string>();
    const one = await tab(data, 'a');
    const two = await tab(data, 'b');
    const wall = await tab(data, 'w');
    wall.store.dispatch(follow());
    one.store.dispatch(openLead(ID));
    one.store.dispatch(act('go'));
    two.store.dispatch(openLead(routineIdSchema.parse('demo-thursday-chair-circle')));
    two.store.dispatch(act('go'));
    const first = wall.store.getState().lead.followed?.runId;
    one.store.dispatch(act('hold'));
    const second = wall.store.getState().lead.followed?.runId;
    expect(second).toBe(first);
  });
});

describe('the clock', () => {
  test('a month ahead for one visit empties no bin', async () => {
    const { platform, store } = await tab();
    store.dispatch(deleteRoutine(ID));
    await saving();
    const ahead = fakePlatform(platform.data, 'b');
    const now = ahead.clock.wallTime();
    (ahead.clock as unknown as Record<string, unknown>).wallTime = () =>
      new Date(now.getTime() + 40 * 86_400_000);
    await opened(ahead);
    await saving();
    const later = await opened(fakePlatform(platform.data, 'c'));
    expect(later.getState().bin[ID]).toBeDefined();
  });
});

describe('a table of who came', () => {
  test('an hour that does not exist is one class, however often it is brought in', async () => {
    const { store } = await tab();
    // In the zone of this test the clock may go from two to three that night.
    const text = 'date,time,person,routine\n2025-03-30,02:30,Ann,Night turn\n';
    const bring = () => {
      const read = readPeopleCsv(text, '2026-03-05');
      if (!read.ok) throw new Error();
      return store.dispatch(bringTable(store.dispatch(planTable(read.classes))));
    };
    expect(bring()).toBe(1);
    expect(bring()).toBe(0);
  });
});

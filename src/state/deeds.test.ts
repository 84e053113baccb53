import fc from 'fast-check';

import {
  addEntries,
  changeHeader,
  entriesInOrder,
  readRoutineText,
  removeEntry,
  replaceEntry,
  type Routine,
} from '@/core/routine';
import {
  cleanLine,
  countingIds,
  routineIdSchema,
  type GroupId,
  type PersonId,
  type RunId,
} from '@/core/common';
import { readPeopleCsv } from '@/core/class';
import { ownLike, shipped } from '@/core/testing';
import { draftOf } from '@/core/writing';
import * as state from '.';
import { ALL_KINDS } from './kinds';
import { TIMING } from './storage/timing';
import { asRead } from './storage/kind';
import { fakePlatform, openedTab, type FakePlatform } from './testing';

jest.mock('@/platform/files', () => ({
  ...jest.requireActual('@/platform/files'),
  saveFile: () => undefined,
}));

type Tab = Awaited<ReturnType<typeof openedTab>>;
interface At {
  readonly store: Tab;
  readonly platform: FakePlatform;
}

/** What is typed, pasted and copied: of any letters, any length, and nothing. */
const words = fc.oneof(
  { weight: 3, arbitrary: fc.string({ unit: 'binary', maxLength: 30 }) },
  { weight: 1, arbitrary: fc.string({ unit: 'grapheme', maxLength: 400 }) },
  fc.constantFrom('', ' ', '\u0002', 'Low\u2028tide', '=1+1', 'x'.repeat(5000), 'a\nb', '\uD83D'),
);
const number = fc.oneof(
  fc.integer({ min: -5, max: 700 }),
  fc.constantFrom(0, 1, 0.1, -0, 1e9, Number.NaN, Number.POSITIVE_INFINITY),
);
const day = fc.constantFrom('2026-03-01', '2024-02-29', '2019-12-31');

/** One of what is there, by any number. */
const pick = <T>(all: readonly T[], at: number): T | undefined =>
  all[Math.abs(Math.trunc(Number.isFinite(at) ? at : 0)) % Math.max(1, all.length)];

const routineAt = ({ store }: At, n: number): Routine | undefined =>
  pick(Object.values(store.getState().routines), n)?.routine;
const personAt = ({ store }: At, n: number): PersonId | undefined =>
  pick(Object.values(store.getState().people), n)?.id;
const groupAt = ({ store }: At, n: number): GroupId | undefined =>
  pick(Object.values(store.getState().groups), n)?.id;
const runAt = ({ store }: At, n: number): RunId | undefined =>
  pick(Object.values(store.getState().runs), n)?.id;

/** What a deed is handed: some words, two numbers and a day. */
type Deed = (at: At, w: string, n: number, m: number, d: string) => unknown;

const edited = (
  at: At,
  n: number,
  change: (routine: Routine) => ReturnType<typeof changeHeader> | undefined,
) => {
  const routine = routineAt(at, n);
  const one = routine && change(routine);
  if (routine && one) at.store.dispatch(state.routineChanged({ id: routine.id, change: one }));
};

/** Everything that people can do and that is kept, with whatever they may type. */
const DEEDS: Readonly<Record<string, Deed>> = {
  createRoutine: ({ store }, w) => store.dispatch(state.createRoutine(w)),
  bringIn: ({ store }, w) => {
    const read = readRoutineText(`title: ${w}\n# main\nBridge 8 reps\n${w}`, {
      id: routineIdSchema.parse('read'),
      newId: countingIds('r'),
      untitled: 'Untitled',
      moves: [],
    });
    store.dispatch(state.bringIn(read.routine));
  },
  bringMovesIn: ({ store }, w) =>
    store.dispatch(
      state.keepMove({ ...ownLike('Bridge', { name: `Deck ${w.length}` }), otherNames: [] }),
    ),
  keepMove: ({ store }) =>
    store.dispatch(state.keepMove(ownLike('Seated twist', { name: 'Rail' }))),
  duplicateRoutine: (at, w, n) => {
    const id = routineAt(at, n)?.id;
    if (id) at.store.dispatch(state.duplicateRoutine(id, w));
  },
  renameRoutine: (at, w, n) => {
    const id = routineAt(at, n)?.id;
    if (id) at.store.dispatch(state.renameRoutine(id, w));
  },
  keepVersion: (at, w, n) => {
    const id = routineAt(at, n)?.id;
    if (id) at.store.dispatch(state.keepVersion(id, w));
  },
  deleteRoutine: (at, _, n) => {
    const id = routineAt(at, n)?.id;
    if (id) at.store.dispatch(state.deleteRoutine(id));
  },
  restoreRoutine: (at, _, n) => {
    const id = pick(Object.values(at.store.getState().bin), n)?.routine.id;
    if (id) at.store.dispatch(state.restoreRoutine(id));
  },
  letRoutineGo: (at, _, n) => {
    const id = pick(Object.values(at.store.getState().bin), n)?.routine.id;
    if (id) at.store.dispatch(state.letRoutineGo(id));
  },
  routineChanged: (at, w, n, m) =>
    edited(at, n, (routine) => {
      const own = entriesInOrder(routine);
      const entry = pick(own, m)?.entry;
      if (m % 3 === 0) return changeHeader(routine, { title: cleanLine(w, 120) || 'x' });
      if (!entry) return undefined;
      if (m % 3 === 1) return removeEntry(routine, entry.id);
      // As its field hands it on.
      const cue = cleanLine(w, 300);
      return entry.kind === 'item' && cue !== ''
        ? replaceEntry(routine, { ...entry, cue })
        : addEntries(routine, [], countingIds('n'));
    }),
  changeUndone: (at, _, n) => {
    const id = routineAt(at, n)?.id;
    if (id) at.store.dispatch(state.changeUndone(id));
  },
  changeRedone: (at, _, n) => {
    const id = routineAt(at, n)?.id;
    if (id) at.store.dispatch(state.changeRedone(id));
  },
  paceTaken: ({ store }, _, n) =>
    store.dispatch(
      state.paceTaken('older', { switchMs: (Math.abs(Math.trunc(n)) % 20) * 1000 || 1000 }),
    ),
  linesKept: (at, w, n) => {
    const id = routineAt(at, n)?.id;
    if (id && w.trim() !== '') at.store.dispatch(state.linesKept([{ id, typed: w.slice(0, 300) }]));
  },
  typedAt: ({ store }, w) => store.dispatch(state.typedAt('new people', w)),
  marked: (at, w, n) => {
    const id = routineAt(at, n)?.id;
    if (id) at.store.dispatch(state.marked({ id, archived: w.length % 2 === 0 }));
  },
  draftKept: ({ store }, w) =>
    store.dispatch(state.draftKept({ ...draftOf(shipped('Bridge')), name: w.slice(0, 2000) })),
  addPerson: (at, w, n) => at.store.dispatch(state.addPerson(w, groupAt(at, n))),
  addGroup: ({ store }, w) => store.dispatch(state.addGroup(w, 'older')),
  groupChanged: (at, w, n) => {
    const id = groupAt(at, n);
    if (id) at.store.dispatch(state.groupChanged(id, { notes: w.slice(0, 1000) }));
  },
  personChanged: (at, w, n) => {
    const id = personAt(at, n);
    if (id) at.store.dispatch(state.personChanged(id, { notes: w.slice(0, 1000) }));
  },
  placedOnLadder: (at, w, n) => {
    const id = personAt(at, n);
    const rung = { base: 'together', hands: 'none', challenge: 'still', timeMs: 10_000 } as const;
    const to = { school: 'hands first', rung, why: w.slice(0, 300) } as const;
    if (id) at.store.dispatch(state.placedOnLadder(id, 'stance', to));
  },
  takePersonOut: (at, _, n) => {
    const id = personAt(at, n);
    if (id) at.store.dispatch(state.takePersonOut(id));
  },
  takeGroupOut: (at, _, n) => {
    const id = groupAt(at, n);
    if (id) at.store.dispatch(state.takeGroupOut(id));
  },
  openedFor: (at, _, n, m) => {
    const id = routineAt(at, n)?.id;
    if (id) at.store.dispatch(state.openedFor(id, groupAt(at, m)));
  },
  readingKept: (at, w, n, m, on) => {
    const person = personAt(at, n);
    if (!person) return;
    at.store.dispatch(state.readingKept({ person, measure: 'chair-stand', on, value: m, note: w }));
  },
  enterByHand: (at, w, n, m, d) =>
    at.store.dispatch(
      state.enterByHand({
        title: w.trim() === '' ? 'Class' : w,
        groupId: groupAt(at, n),
        startedAt: `${d}T10:00:00+01:00`,
        minutes: Math.abs(Math.trunc(m)) % 300 || 1,
        routine: n % 2 ? routineAt(at, m) : undefined,
      }),
    ),
  recordAllAsPlanned: (at, _, n) => {
    const id = runAt(at, n);
    if (id) at.store.dispatch(state.recordAllAsPlanned(id));
  },
  entryChanged: (at, w, n, m) => {
    const id = runAt(at, n);
    const person = personAt(at, m);
    if (id && person) at.store.dispatch(state.entryChanged(id, person, { note: w.slice(0, 1000) }));
  },
  bringTable: ({ store }, w, n, m, d) => {
    const cell = (text: string) => `"${text.replaceAll('"', '""')}"`;
    const text = `date,person,routine,group,note\n${d},${cell(w)},${cell(w)},${cell(w)},${cell(w)}\n`;
    const read = readPeopleCsv(text, '2026-03-05');
    if (read.ok) store.dispatch(state.bringTable(store.dispatch(state.planTable(read.classes))));
  },
  lead: (at, w, n) => {
    const routine = routineAt(at, n);
    if (!routine) return;
    at.store.dispatch(state.openLead(routine.id));
    at.store.dispatch(state.act('go'));
    at.store.dispatch(state.act('happened'));
    at.store.dispatch(state.act({ kind: 'noted', note: w }));
    at.store.dispatch(state.endLead('finished-early'));
  },
  deviceSet: ({ store }, w) =>
    store.dispatch(
      state.deviceSet({ help: { address: w.slice(0, 200), number: '1', defibrillator: '' } }),
    ),
};

/** Whatever is in the state, by kind, as it would be read. */
function held({ store }: At): Record<string, unknown> {
  const all: Record<string, unknown> = {};
  for (const kind of ALL_KINDS.filter(({ derived, name }) => !derived && name !== 'history')) {
    for (const [id, value] of Object.entries<unknown>(kind.slice.all(store.getState() as never))) {
      const read = asRead(kind, value);
      all[`${kind.name}/${id}`] = read.ok ? read.value : read.problems[0];
    }
  }
  return JSON.parse(JSON.stringify(all)) as Record<string, unknown>;
}

const names = Object.keys(DEEDS);
const step = fc.record({
  deed: fc.constantFrom(...names),
  w: words,
  n: number,
  m: number,
  d: day,
});

test('whatever is done, and whatever is typed, is read back equal at the next visit', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(step, { minLength: 10, maxLength: 30 }), async (steps) => {
      const platform = fakePlatform(new Map(), 'a');
      const store = await openedTab(platform);
      await state.readAllRuns(store.hall);
      const at = { store, platform };
      for (const { deed, w, n, m, d } of steps) DEEDS[deed]?.(at, w, n, m, d);
      await new Promise((resolve) => setTimeout(resolve, TIMING.afterMs + 20));
      await store.hall.keeper.saveNow();
      const { notices } = store.getState();
      expect([notices.saving, notices.unsaved]).toEqual(['saved', []]);
      const before = held(at);
      const later = fakePlatform(platform.data, 'b');
      const again = await openedTab(later);
      await state.readAllRuns(again.hall);
      expect(again.getState().notices.notices).toEqual([]);
      const after = held({ store: again, platform: later });
      expect(after).toEqual(before);
    }),
    { numRuns: 12, endOnFailure: true },
  );
}, 120_000);

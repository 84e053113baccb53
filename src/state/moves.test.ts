import { GROUP_ALONE } from '@/core/people';
import { moveIdSchema, routineIdSchema } from '@/core/common';
import { SHIPPED } from '@/core/moves';
import {
  addEntry,
  changeItem,
  itemsInOrder,
  readRoutineText,
  removeEntry,
  type Change,
} from '@/core/routine';
import { ownLike, shipped, levelId } from '@/core/testing';
import { bringMoves, draftOf, emptyDraft, readDraft } from '@/core/writing';
import {
  bringIn,
  bringMovesIn,
  changeUndone,
  draftKept,
  dropDraft,
  keepMove,
  letMoveGo,
  routineChanged,
  routineToBuild,
  scoreOf,
  selectCatalogue,
  selectOwnMoves,
  takeBack,
  type AppStore,
} from '.';
import { TIMING } from './storage/timing';
import { fakePlatform, openedTab as opened } from './testing';

const rail = ownLike('Seated twist', { name: 'Rail turn' });
const twist = { ...shipped('Seated twist'), otherNames: ['Harbour twist'] };
const ID = routineIdSchema.parse('demo-signal-box-reset');

const saving = () => new Promise((resolve) => setTimeout(resolve, TIMING.afterMs + 80));
const routineIn = (store: AppStore, id = ID) => {
  const kept = store.getState().routines[id];
  if (!kept) throw new Error('no routine');
  return kept.routine;
};
const carriedBy = (store: AppStore) => (routineIn(store).moves ?? []).map(({ name }) => name);
const lastNotice = (store: AppStore) => {
  const notice = store.getState().notices.notices.at(-1);
  if (!notice) throw new Error('no notice');
  return notice;
};

/** Makes an edit that must be possible. */
function change(store: AppStore, edit: Change | undefined) {
  if (!edit) throw new Error('no edit');
  store.dispatch(routineChanged({ id: ID, change: edit }));
}

/** Adds a line of a move to the demo routine, as the builder does. */
function add(store: AppStore, moveId = rail.id) {
  const routine = routineToBuild(routineIn(store), selectOwnMoves(store.getState()));
  const id = itemsInOrder(routine)[0]?.id;
  if (!id) throw new Error('no item');
  const entry = { kind: 'item', id: `${id}x` as typeof id, moveId } as const;
  change(store, addEntry(routine, entry));
  return entry.id;
}

describe('own moves', () => {
  test('a move that is kept is there after a reload, and in the routine that does it', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    store.dispatch(keepMove(rail));
    expect(lastNotice(store)).toEqual({ kind: 'move-kept', name: 'Rail turn', mended: [] });
    add(store);
    expect(carriedBy(store)).toEqual(['Rail turn']);
    await saving();
    const again = await opened(fakePlatform(platform.data));
    expect(selectOwnMoves(again.getState())).toEqual([rail]);
    expect(carriedBy(again)).toEqual(['Rail turn']);
    expect(scoreOf(routineIn(again), GROUP_ALONE).totalMs).toBe(
      scoreOf(routineIn(store), GROUP_ALONE).totalMs,
    );
  });

  test('a change reaches every routine that does it; what lines lose is told', async () => {
    const store = await opened(fakePlatform());
    const tall = {
      ...rail,
      levels: rail.levels.map((one, i) =>
        i ? one : { ...one, id: levelId('tall'), name: 'tall' },
      ),
    };
    store.dispatch(keepMove(tall));
    const line = add(store);
    change(store, changeItem(routineIn(store), line, { level: levelId('tall') }));
    store.dispatch(keepMove(rail));
    expect(lastNotice(store)).toMatchObject({ mended: [routineIn(store).title] });
    const item = itemsInOrder(routineIn(store)).find(({ id }) => id === line);
    expect(item?.level).toBeUndefined();
    // Undo brings the line back as far as the move of today allows.
    store.dispatch(changeUndone(ID));
    expect(itemsInOrder(routineIn(store)).find(({ id }) => id === line)?.level).toBeUndefined();
  });

  test('a deleted move stays in routines that do it, even by an undo, and can be brought back', async () => {
    const store = await opened(fakePlatform());
    const alone = { ...rail, family: 'rail' };
    store.dispatch(keepMove(alone));
    const line = add(store);
    store.dispatch(routineChanged({ id: ID, change: removeEntry(routineIn(store), line) }));
    expect(carriedBy(store)).toEqual([]);
    store.dispatch(letMoveGo(rail.id));
    expect(selectOwnMoves(store.getState())).toEqual([]);
    store.dispatch(changeUndone(ID));
    expect(carriedBy(store)).toEqual(['Rail turn']);
    expect(
      scoreOf(routineIn(store), GROUP_ALONE).segments.some(({ moveId }) => moveId === rail.id),
    ).toBe(true);
    const deleted = store.getState().notices.notices.find(({ kind }) => kind === 'move-deleted');
    if (!deleted) throw new Error('no notice');
    store.dispatch(takeBack(deleted));
    expect(selectOwnMoves(store.getState())).toEqual([alone]);
  });

  test('a shipped move is changed over its original, which comes back whole', async () => {
    const store = await opened(fakePlatform());
    add(store, twist.id);
    store.dispatch(keepMove(twist));
    expect(selectCatalogue(store.getState()).byId.get(twist.id)?.otherNames).toEqual([
      'Harbour twist',
    ]);
    expect(carriedBy(store)).toEqual(['Seated twist']);
    store.dispatch(letMoveGo(twist.id));
    expect(lastNotice(store).kind).toBe('move-reverted');
    expect(selectCatalogue(store.getState()).byId.get(twist.id)).toBe(shipped('Seated twist'));
    expect(routineIn(store).moves).toBeUndefined();
  });

  test('a shipped move that is kept unchanged, or changed back, is the original', async () => {
    const store = await opened(fakePlatform());
    const same = readDraft(draftOf(shipped('Seated twist')), SHIPPED).move;
    if (!same) throw new Error('not read');
    store.dispatch(keepMove(same));
    expect(selectOwnMoves(store.getState())).toEqual([]);
    store.dispatch(keepMove(twist));
    store.dispatch(keepMove(same));
    expect(selectOwnMoves(store.getState())).toEqual([]);
    expect(selectCatalogue(store.getState()).byId.get(twist.id)).toBe(shipped('Seated twist'));
  });

  test('a routine from elsewhere keeps the moves that it came with to itself', async () => {
    const store = await opened(fakePlatform());
    const { routine } = readRoutineText('title: From the next harbour\nRail turn\n', {
      id: ID,
      newId: () => 'line',
      untitled: 'x',
      moves: [rail],
    });
    const id = store.dispatch(bringIn(routine));
    expect(routineIn(store, id).moves).toEqual([rail]);
    expect(selectOwnMoves(store.getState())).toEqual([]);
    // Even where another version of it was deleted here before.
    const older = { ...rail, otherNames: ['Older'] };
    store.dispatch(keepMove(older));
    store.dispatch(letMoveGo(rail.id));
    const again = store.dispatch(bringIn(routine));
    expect(routineIn(store, again).moves).toEqual([rail]);
    // An own move of the same id wins from then on.
    store.dispatch(keepMove({ ...rail, otherNames: ['Mine'] }));
    expect(routineIn(store, id).moves?.[0]?.otherNames).toEqual(['Mine']);
  });

  test('moves from a file can be taken back as they were', async () => {
    const store = await opened(fakePlatform());
    store.dispatch(keepMove(rail));
    const lift = ownLike('Bridge', { name: 'Deck lift' });
    const newer = { ...rail, otherNames: ['Newer'] };
    store.dispatch(bringMovesIn(bringMoves([rail], [newer, lift])));
    expect(selectOwnMoves(store.getState())).toEqual([newer, lift]);
    store.dispatch(takeBack(lastNotice(store)));
    expect(selectOwnMoves(store.getState())).toEqual([rail]);
  });

  test('what is written is kept as it is typed, and what is let go can be brought back', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    const draft = { ...emptyDraft(moveIdSchema.parse('own-1'), ''), name: 'Half a na' };
    store.dispatch(draftKept(draft));
    await saving();
    const again = await opened(fakePlatform(platform.data));
    expect(Object.values(again.getState().moves.drafts)).toEqual([draft]);
    again.dispatch(dropDraft(draft.id));
    expect(again.getState().moves.drafts).toEqual({});
    again.dispatch(takeBack(lastNotice(again)));
    expect(Object.values(again.getState().moves.drafts)).toEqual([draft]);
  });

  test('keeping a move ends its draft', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    store.dispatch(draftKept(draftOf(rail)));
    await saving();
    expect(platform.data.has(`move-draft/${rail.id}`)).toBe(true);
    store.dispatch(keepMove(rail));
    await saving();
    expect(platform.data.has(`move-draft/${rail.id}`)).toBe(false);
    expect(platform.data.has(`move/${rail.id}`)).toBe(true);
  });

  test('a move that is not saved is told of, and a damaged one is set aside by its name', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    await saving();
    platform.full = true;
    store.dispatch(keepMove(rail));
    await saving();
    expect(store.getState().notices.unsaved.map(({ name }) => name)).toContain(rail.name);
    platform.full = false;
    platform.data.set('move/broken', '{"version":1,"move":{"name":"Broken turn"}}');
    const again = await opened(fakePlatform(platform.data));
    expect(again.getState().notices.notices).toContainEqual(
      expect.objectContaining({ kind: 'set-aside', name: 'Broken turn' }),
    );
  });

  test('another tab’s change is taken in, and its routines are not written again from here', async () => {
    const platform = fakePlatform();
    const store = await opened(platform);
    store.dispatch(keepMove(rail));
    add(store);
    await saving();
    const other = await opened(fakePlatform(platform.data, 'other'));
    other.dispatch(keepMove({ ...rail, otherNames: ['Other tab'] }));
    await saving();
    const written = platform.data.get(`routine/${ID}`);
    platform.tellFromOtherTab(`move/${rail.id}`);
    await saving();
    expect(selectOwnMoves(store.getState())[0]?.otherNames).toEqual(['Other tab']);
    expect(routineIn(store).moves?.[0]?.otherNames).toEqual(['Other tab']);
    expect(platform.data.get(`routine/${ID}`)).toBe(written);
    platform.tellFromOtherTab(`routine/${ID}`);
    await saving();
    expect(store.getState().notices.notices.map(({ kind }) => kind)).not.toContain('other-tab');
    other.dispatch(letMoveGo(rail.id));
    await saving();
    platform.tellFromOtherTab(`move/${rail.id}`);
    await saving();
    expect(selectOwnMoves(store.getState())).toEqual([]);
    expect(carriedBy(store)).toEqual(['Rail turn']);
  });
});

import { dayOfDate, type PersonId } from '@/core/common';
import { roomNeeds } from '@/core/class';
import { personEffects } from '@/core/people';
import * as state from '.';
import { scoreOf } from './scores';
import { partOf } from './taking-part';
import { fakePlatform, openedTab } from './testing';
import { TONIGHT, editUndone, placeOfTonight, tonightTaken } from './tonight';

const ROUTINE = 'demo-thursday-chair-circle' as never;

async function opened() {
  const platform = fakePlatform(new Map(), 'a');
  const store = await openedTab(platform);
  const group = Object.values(store.getState().groups)[0];
  if (!group) throw new Error('no group');
  store.dispatch(state.openedFor(ROUTINE, group.id));
  const on = dayOfDate(platform.clock.wallTime());
  const person = partOf(store.getState(), ROUTINE, on).people[0]?.name;
  const member = Object.values(store.getState().people).find(({ name }) => name === person);
  if (!member) throw new Error('nobody');
  return { store, platform, on, member: member.id };
}
type Opened = Awaited<ReturnType<typeof opened>>;

const take = ({ store, member }: Opened, people: readonly PersonId[] = [member]) =>
  store.dispatch(
    tonightTaken(ROUTINE, {
      change: { what: TONIGHT, steps: [] },
      people,
      limits: [{ limit: 'shoulder painful' }],
      more: 2,
    }),
  );

describe('what is different today', () => {
  test('is known of that person alone, strictly, on that day alone', async () => {
    const at = await opened();
    const effects = (on: string) => {
      const { people } = partOf(at.store.getState(), ROUTINE, on);
      return people.map((one) =>
        personEffects(one, on, true).filter(({ limit }) => limit === 'shoulder painful'),
      );
    };
    const before = effects(at.on).flat().length;
    take(at);
    const [first = [], ...others] = effects(at.on);
    expect(first.length).toBeGreaterThan(before);
    expect(first.every(({ severity }) => severity === 'out')).toBe(true);
    expect(others.flat().length).toBeLessThanOrEqual(before);
    expect(effects('2031-01-01').flat().length).toBe(before);
  });

  test('more people are counted by the room, are asked nothing yet, and go with the day', async () => {
    const at = await opened();
    const routine = at.store.getState().routines[ROUTINE]?.routine;
    if (!routine) throw new Error('no routine');
    const chairs = (on: string) => {
      const part = partOf(at.store.getState(), ROUTINE, on);
      const needs = roomNeeds(routine, scoreOf(routine, part), part);
      return needs.find(({ thing }) => thing === 'chair')?.count;
    };
    const before = chairs(at.on);
    take(at, []);
    expect(Number(chairs(at.on))).toBeGreaterThanOrEqual(Number(before) + 2);
    expect(chairs('2031-01-01')).toBe(before);
  });

  test('an undo takes back what its own sheet gave, and nothing that another one did', async () => {
    const at = await opened();
    const { store, member, on } = at;
    take(at);
    const other = Object.values(store.getState().routines).find(
      ({ routine }) => routine.id !== ROUTINE && routine.sections.main.length > 1,
    )?.routine;
    const groupId = store.getState().classFor[ROUTINE]?.groupId;
    const entry = other?.sections.main[0];
    if (!other || !entry) throw new Error('no other routine');
    store.dispatch(state.openedFor(other.id, groupId));
    const step = { kind: 'remove', place: { section: 'main', at: 0 }, entry } as const;
    store.dispatch(
      tonightTaken(other.id, {
        ...{ change: { what: TONIGHT, steps: [step] }, people: [member], more: 0 },
        limits: [{ limit: 'shoulder painful' }, { limit: 'knee painful' }],
      }),
    );
    expect(store.getState().people[member]?.today?.limits).toHaveLength(2);
    store.dispatch(editUndone(other.id));
    expect(store.getState().people[member]?.today?.limits).toMatchObject([
      { limit: 'shoulder painful', strict: true },
    ]);
    store.dispatch(state.tonightForgotten(ROUTINE, on));
    expect(store.getState().people[member]?.today).toBeUndefined();
  });

  test('somebody who is taken out is in no class’s sheet either', async () => {
    const at = await opened();
    take(at);
    expect(JSON.stringify(at.store.getState().classFor)).toContain(at.member);
    at.store.dispatch(state.takePersonOut(at.member));
    expect(JSON.stringify(at.store.getState().classFor)).not.toContain(at.member);
  });

  test('what was typed for today is not there next week', async () => {
    const at = await opened();
    at.store.dispatch(state.typedAt(placeOfTonight(ROUTINE), 'sore shoulder'));
    take(at);
    expect(at.store.getState().typed[placeOfTonight(ROUTINE)]).toBeUndefined();
  });

  test('is there after a reload, and one undo takes all of it back', async () => {
    const at = await opened();
    const routine = at.store.getState().routines[ROUTINE]?.routine;
    const item = routine?.sections.main.find(({ kind }) => kind === 'item');
    if (!routine || !item) throw new Error('no row');
    const own = { place: { section: 'main', at: routine.sections.main.indexOf(item) } } as const;
    at.store.dispatch(
      tonightTaken(ROUTINE, {
        change: { what: TONIGHT, steps: [{ kind: 'remove', ...own, entry: item }] },
        people: [at.member],
        limits: [{ limit: 'shoulder painful' }],
        more: 1,
      }),
    );
    await at.store.hall.keeper.saveNow();
    const later = await openedTab(fakePlatform(at.platform.data, 'b'));
    expect(later.getState().people[at.member]?.today?.limits).toHaveLength(1);
    expect(later.getState().classFor[ROUTINE]?.more?.count).toBe(1);
    at.store.dispatch(editUndone(ROUTINE));
    expect(at.store.getState().routines[ROUTINE]?.routine).toEqual(routine);
    expect(at.store.getState().people[at.member]?.today).toBeUndefined();
    expect(at.store.getState().classFor[ROUTINE]?.more).toBeUndefined();
  });
});

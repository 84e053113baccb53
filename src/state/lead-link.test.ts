import { placeAt } from '@/core/class';
import { groupIdSchema, routineIdSchema } from '@/core/common';
import { act, endLead, follow, leadFollowed, openLead, openedFor, scoreOfLead, steer } from '.';
import { fakePlatform, openedTab } from './testing';

const ID = routineIdSchema.parse('demo-signal-box-reset');

const STEP_MS = 50;

async function twoWindows() {
  const data = new Map<string, string>();
  const laptop = fakePlatform(data, 'laptop');
  const wall = fakePlatform(data, 'wall');
  const leads = await openedTab(laptop);
  const follows = await openedTab(wall);
  // Their clocks began at other times.
  await wall.advance(123_456);
  const stop = follows.dispatch(follow());
  leads.dispatch(openLead(ID));
  leads.dispatch(act('go'));
  const places = () => {
    const led = leads.getState().lead.current?.lead;
    const followed = follows.getState().lead.followed?.lead;
    const at = (lead: typeof led, nowMs: number) =>
      lead && Math.round(placeAt(lead, scoreOfLead(lead), nowMs));
    return [at(led, laptop.clock.now()), at(followed, wall.clock.now())];
  };
  const pass = async (ms: number) => {
    // Time passes in both windows at once.
    for (let left = ms; left > 0; left -= STEP_MS) {
      await laptop.advance(Math.min(STEP_MS, left));
      await wall.advance(Math.min(STEP_MS, left));
    }
  };
  return { laptop, wall, leads, follows, places, pass, stop };
}

describe('a second window', () => {
  test('shows the same place, through holds, jumps and edits', async () => {
    const { leads, places, pass } = await twoWindows();
    await pass(20_000);
    for (const deed of ['on', 'ease', 'hold', 'go', 'back', 'extend'] as const) {
      leads.dispatch(act(deed));
      await pass(7_300);
      const [led, followed] = places();
      expect(followed).toBeDefined();
      expect(Math.abs((led ?? 0) - (followed ?? 1e9))).toBeLessThanOrEqual(STEP_MS);
    }
  });

  test('steers: what it asks is done where the class is led', async () => {
    const { leads, follows, places, pass } = await twoWindows();
    await pass(10_000);
    follows.dispatch(steer('hold'));
    expect(leads.getState().lead.current?.lead.clockMs).toBeNull();
    expect(follows.getState().lead.followed?.lead.clockMs).toBeNull();
    await pass(5000);
    expect(places()).toEqual([10_000, 10_000]);
    follows.dispatch(steer('ease'));
    expect(leads.getState().lead.current?.lead.edits).toMatchObject([{ kind: 'ease' }]);
  });

  test('starts nothing: what is asked before the first second is for whoever leads', async () => {
    const data = new Map<string, string>();
    const leads = await openedTab(fakePlatform(data, 'laptop'));
    const follows = await openedTab(fakePlatform(data, 'wall'));
    leads.dispatch(openLead(ID));
    follows.dispatch(steer('go'));
    expect(leads.getState().lead.current?.lead.clockMs).toBeNull();
  });

  test('makes no sound, keeps nothing, and hears of the end', async () => {
    const { laptop, wall, leads, follows, pass } = await twoWindows();
    await pass(15_000);
    expect(laptop.sounded.length).toBeGreaterThan(0);
    expect([wall.sounded.length, wall.said.length]).toEqual([0, 0]);
    expect(follows.getState().lead.current).toBeNull();
    leads.dispatch(endLead('finished-early'));
    expect(follows.getState().lead.followed).toBeNull();
  });

  test('one that comes late is told at once; nonsense is not listened to', async () => {
    const { laptop, wall, leads, follows, stop, pass } = await twoWindows();
    await pass(5000);
    stop();
    expect(follows.getState().lead.followed).toBeNull();
    follows.dispatch(follow());
    expect(follows.getState().lead.followed?.lead.routine.title).toBe('Signal box reset');
    const before = leads.getState().lead.current;
    for (const nonsense of [null, 'hold', { kind: 'deed', deed: 'delete' }, { kind: 'class' }]) {
      wall.link.send(nonsense);
      laptop.link.send(nonsense);
    }
    expect(leads.getState().lead.current).toBe(before);
    expect(follows.getState().lead.followed).not.toBeNull();
  });

  test('hears of nobody’s name or limits, and is timed as the class that is led for them', async () => {
    const data = new Map<string, string>();
    const laptop = fakePlatform(data, 'laptop');
    const wall = fakePlatform(data, 'wall');
    const leads = await openedTab(laptop);
    const follows = await openedTab(wall);
    const heard: string[] = [];
    wall.link.onMessage((message) => heard.push(JSON.stringify(message)));
    follows.dispatch(follow());
    const circle = routineIdSchema.parse('demo-thursday-chair-circle');
    leads.dispatch(openedFor(circle, groupIdSchema.parse('demo-saltmarsh')));
    leads.dispatch(openLead(circle));
    leads.dispatch(act('go'));
    leads.dispatch(act('happened'));
    leads.dispatch(act({ kind: 'noted', note: 'Ada sat down' }));
    const lead = leads.getState().lead.current?.lead;
    const followed = follows.getState().lead.followed?.lead;
    if (!lead || !followed) throw new Error('not followed');
    expect(scoreOfLead(followed)).toEqual(scoreOfLead(lead));
    expect(lead.part.people.map(({ name }) => name)).toContain('Ada Fenn');
    expect(heard.join('\n')).not.toMatch(/Ada|"limits"|sat down/u);
  });

  test('asks which, where two are led, and steers that one alone', async () => {
    const data = new Map<string, string>();
    const [one, two, wall] = [
      fakePlatform(data, 'a'),
      fakePlatform(data, 'b'),
      fakePlatform(data, 'w'),
    ];
    const first = await openedTab(one);
    const second = await openedTab(two);
    const follows = await openedTab(wall);
    follows.dispatch(follow());
    for (const [store, id] of [
      [first, ID],
      [second, routineIdSchema.parse('demo-thursday-chair-circle')],
    ] as const) {
      store.dispatch(openLead(id));
      store.dispatch(act('go'));
    }
    const { heard } = follows.getState().lead;
    expect(Object.keys(heard)).toHaveLength(2);
    const other = second.getState().lead.current?.runId;
    if (!other) throw new Error('not led');
    follows.dispatch(leadFollowed(other));
    follows.dispatch(steer('hold'));
    expect(second.getState().lead.current?.lead.clockMs).toBeNull();
    expect(first.getState().lead.current?.lead.clockMs).not.toBeNull();
    second.dispatch(endLead('finished-early'));
    expect(follows.getState().lead.followed).toBeNull();
    expect(Object.keys(follows.getState().lead.heard)).toHaveLength(1);
  });
});

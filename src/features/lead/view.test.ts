import { GROUP_ALONE } from '@/core/people';
import { countingIds, routineIdSchema } from '@/core/common';
import { readRoutineText } from '@/core/routine';
import { ledClass, newLead, scriptOf } from '@/core/class';
import { scriptPhrases } from '@/words/score';
import { viewAt, type LeadView } from './view';

/** "3 of 8": what is large and what stands under it, as one. */
const counted = ({ count }: LeadView) => `${count?.n} ${count?.of}`;

function views(text: string) {
  const id = routineIdSchema.parse('r');
  const { routine } = readRoutineText(text, { id, newId: countingIds('i'), untitled: 'x' });
  const led = ledClass(newLead(routine, GROUP_ALONE), scriptPhrases);
  const { score } = led;
  const script = scriptOf(routine, score, scriptPhrases);
  const at = (seconds: number) => {
    const view = viewAt(led, script, seconds * 1000);
    if (!view) throw new Error('nothing to show');
    return view;
  };
  return { at, score };
}

const TWIST = 'Seated twist: hold 20s, set-up "Ready."';

describe('what the stage shows', () => {
  test('left works, right is next; then left is done', () => {
    const { at } = views(TWIST);
    expect(at(10)).toMatchObject({
      heading: 'turn left',
      leftMs: 18_000,
      ofMs: 20_000,
      next: { name: 'turn right', more: '' },
    });
    expect(at(10).sides).toEqual([
      { side: 'left', state: 'working', filled: 0.1 },
      { side: 'right', state: 'next', filled: 0 },
    ]);
    expect(at(40).sides).toEqual([
      { side: 'left', state: 'done', filled: 1 },
      { side: 'right', state: 'working', filled: 0.4 },
    ]);
  });

  test('before the work it says what the work will be', () => {
    const { at } = views(TWIST);
    expect(at(2)).toMatchObject({
      name: 'Seated twist',
      heading: 'Get ready',
      next: { name: 'turn left', more: 'hold 20 s' },
    });
    expect(at(6).heading).toBe('Starts in');
    const { at: reps } = views('Seated cat: 3 reps, tempo 2-0-2, set-up "Ready."');
    expect(reps(2).next.name).toBe('3 reps');
  });

  test('reps count up, and the last is named once', () => {
    const { at } = views('Seated cat: 3 reps, tempo 2-0-2, set-up "Ready."');
    expect([8, 12, 16].map((s) => counted(at(s)))).toEqual(['1 of 3', '2 of 3', '3 last one']);
  });

  test('reps of a weak side are counted to the last that is done', () => {
    const { at } = views(
      'Leg extend and bend: 4 reps, tempo 2-1-2, each side, weak left +10s, set-up "Ready."',
    );
    const said = Array.from({ length: 6 }, (_, rep) => counted(at(9 + rep * 5)));
    expect(said).toEqual(['1 of 6', '2 of 6', '3 of 6', '4 of 6', '5 of 6', '6 last one']);
  });

  test('by turns it names the limb that moves', () => {
    const { at } = views('Seated march: 2 reps, tempo 2-0-2, set-up "Ready."');
    expect([at(8).heading, at(12).heading]).toEqual(['left leg', 'right leg']);
  });

  test('the figure moves in the tempo that is written, on the side that works, and rests between', () => {
    const { at } = views(
      'Leg extend and bend: 2 reps, tempo 4-1-4, each side, right first, set-up "Ready."',
    );
    expect(at(4).figure).toMatchObject({ side: 'right', now: undefined });
    const start = 8;
    expect(at(start + 3).figure?.now).toMatchObject({ wayMs: 4000, stayMs: 1000, backMs: 4000 });
    const seen = Array.from({ length: 50 }, (_, s) => at(s).figure?.side);
    expect(seen).toContain('left');
  });

  test('a hold is one hold of the figure, reps by turns change its side, and both are in time', () => {
    const twist = views('Seated twist: hold 30s, left only, set-up "Ready."');
    const held = twist.at(20).figure?.now;
    expect(held).toMatchObject({ wayMs: 2400, backMs: 1200 });
    const march = views('Seated march: 4 reps, tempo 2-0-2, set-up "Ready."');
    expect([8, 12, 16].map((s) => march.at(s).figure?.side)).toEqual(['left', 'right', 'left']);
    expect(march.at(9).figure?.now).toMatchObject({ turns: true });
    const since = [8, 9, 10, 11, 12].map((s) => march.at(s).figure?.now?.sinceMs);
    expect(since[4]).toBe(since[0]);
  });

  test('pressing into a stretch is a part of the hold, and breaths are as long as they are led', () => {
    const { at } = views('Seated twist: hold 60s, press 5s x3, left only, set-up "Ready."');
    const all = Array.from({ length: 50 }, (_, s) => at(9 + s).figure?.now);
    expect(new Set(all.map((now) => now?.stayMs)).size).toBe(1);
    all.forEach((now, s) => expect(now?.sinceMs).toBe((all[0]?.sinceMs ?? 0) + s * 1000));
    const breathing = views('Seated easy breath: 2 breaths 3/5, set-up "Ready."');
    expect(breathing.at(10).figure?.now).toMatchObject({ wayMs: 3000, stayMs: 0, backMs: 5000 });
  });

  test('while people move, the way is shown as far as they have come', () => {
    const { at, score } = views('group: older\nlanes: floor\nBridge: 3 reps');
    const moving = score.segments.filter(({ kind }) => kind === 'transfer');
    expect(moving.length).toBeGreaterThan(0);
    for (const { startMs, endMs } of moving) {
      const way = at((startMs + endMs) / 2000).way;
      expect(way?.gone).toBeCloseTo(0.5);
      expect(way?.steps.length).toBeGreaterThan(0);
    }
    const work = score.segments.find(({ kind }) => kind === 'work');
    expect(at(((work?.startMs ?? 0) + 500) / 1000).way).toBeUndefined();
  });

  test('breath swells and settles the leaf', () => {
    const { at } = views('Seated easy breath: 2 breaths 4/4, set-up "Ready."');
    expect(at(10)).toMatchObject({ detail: 'breathe in', count: { n: 1, of: 'of 2' }, swell: 0.5 });
    expect(at(12)).toMatchObject({ detail: 'breathe out', swell: 1 });
  });

  test('press and ease are one count with their words', () => {
    const { at } = views('Seated twist: hold 30s, press 5s x1, left only, set-up "Ready."');
    expect(at(22)).toMatchObject({
      detail: 'press',
      effort: 'press',
      leftMs: 16_000,
      ofMs: 30_000,
    });
    expect(at(26)).toMatchObject({ detail: 'easing', effort: 'ease' });
  });

  test('the way out is that of the level that is done', () => {
    const wall = views('lanes: stand\nPlank: hold 20s, level hands on the wall, set-up "Ready."');
    const working = (one: typeof wall) =>
      one.at((one.score.segments.find(({ kind }) => kind === 'work')?.endMs ?? 0) / 1000 - 1);
    expect(working(wall).wayOut).toBe('Step in and stand tall.');
    const floor = views('lanes: floor\nPlank: hold 20s, level full, set-up "Ready."');
    expect(working(floor).wayOut).not.toBe('Step in and stand tall.');
    // At rest and on the way nothing is to be come out of.
    expect(wall.at(1).wayOut).toBe('');
  });

  test('the title, the side and the words are of what the leading way of taking part does', () => {
    const { at } = views('group: older\nlanes: chair, stand\nTandem stance: hold 20s, each side');
    const shown = at(30);
    expect(shown.name).not.toBe('Tandem stance');
    expect(shown.heading).not.toMatch(/foot in front/);
    expect(shown.lanes[0]).toMatchObject({ title: 'Standing' });
    expect(shown.lanes[0]?.name).toMatch(/^Tandem stance, /);
    expect(shown.points.map(({ title }) => title)).toEqual(['In the chair', 'Standing']);
    expect(shown.points[0]?.easier).not.toBe(shown.points[1]?.easier);
  });

  test('where the leading way of taking part stays, the way says whose it is', () => {
    const { at } = views('lanes: chair, stand\nSeated cat: 3 reps, set-up "Ready."\nMarching');
    expect(at(10).next.name).toBe('Seated march');
    expect(at(10).next.more).toMatch(/^standing: feet under you, .*, \d+ s$/);
  });

  test('news of a moment passes, and what is being done stands again', () => {
    const { at } = views('lanes: chair\nSeated twist: hold 40s, set-up "Ready."');
    const go = at(9).caption;
    expect(go).toMatch(/^Turn your chest left/);
    expect(at(28.5).caption).toMatch(/^Halfway\./);
    expect(at(35).caption).toBe(go);
  });

  test('what comes next names its way', () => {
    const { at, score } = views(
      'lanes: stand\nSeated cat: 3 reps, set-up "Ready."\nStanding side bend',
    );
    expect(at(10).next.name).toBe('Standing side bend');
    expect(at(10).next.more).toMatch(/stand up, \d+ s$/);
    expect(at(score.totalMs / 1000 - 1).next.name).toBe('the end');
  });

  test('an empty score has nothing to show', () => {
    expect(() => views('title: Empty').at(0)).toThrow('nothing to show');
  });

  test('a span, a hold inside a rep, and a breath that waits are told under the seconds', () => {
    const span = views('Seated cat: 6-10 reps, tempo 2-0-2-0, set-up "Ready."');
    expect(counted(span.at(10))).toBe('1 of 6 to 10');
    const held = views('Seated cat: 6 reps, held 5s, tempo 2-1-2-0, set-up "Ready."');
    expect(held.at(8 + 3)).toMatchObject({ detail: 'hold 4', count: { n: 1 } });
    expect(held.at(8 + 8)).toMatchObject({ detail: '', count: { n: 1 } });
    const waits = views('Seated easy breath: 5 breaths 4/2/6, set-up "Ready."');
    expect([waits.at(10), waits.at(13), waits.at(15)].map(({ detail }) => detail)).toEqual([
      'breathe in',
      'wait',
      'breathe out',
    ]);
    const all = views('Seated march: 10 reps in all, tempo 2-1-2-0, set-up "Ready."');
    expect(counted(all.at(8 + 11))).toBe('3 of 10');
  });

  test('a notice has the stage to itself; what is kept up and offered stands beside the work', () => {
    const { at } = views(
      '[main]\nthroughout "Belly in"\nSeated cat: 4 reps, tempo 2-1-2-0, set-up "Ready."\n  or: Head turn\nnotice 15s "Heavier?"\nSeated twist: hold 20s',
    );
    expect(at(12)).toMatchObject({
      throughout: ['Belly in'],
      lanes: [{ title: 'In the chair' }, { title: 'Or', name: 'Head turn' }].slice(-1),
      notice: '',
    });
    expect(at(32)).toMatchObject({ name: 'Notice', notice: 'Heavier?', lanes: [], throughout: [] });
  });
});

import { laneValues, GROUP_ALONE } from '@/core/people';
import fc from 'fast-check';
import { paceOf, switchMs, talkMs } from '@/core/body';
import { usualLevel } from '@/core/moves';
import { itemsInOrder } from '@/core/routine';
import { plainPhrases, routineArbitrary, routineOf, shipped } from '@/core/testing';
import { compile } from './compile';
import type { Segment } from './score';

const scoreOf = (text: string) => compile(routineOf(text), GROUP_ALONE, plainPhrases);
const isWork = ({ kind }: Segment) => kind === 'work' || kind === 'press';

describe('the score', () => {
  test('segments neither overlap nor leave a hole, and the total is their sum', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const { segments, totalMs } = compile(routine, GROUP_ALONE, plainPhrases);
        const ends = [0, ...segments.map(({ endMs }) => endMs)];
        expect(segments.map(({ startMs }) => startMs)).toEqual(ends.slice(0, -1));
        expect(segments.filter(({ startMs, endMs }) => endMs <= startMs)).toEqual([]);
        expect(ends.filter((ms) => !Number.isInteger(ms))).toEqual([]);
        expect(totalMs).toBe(ends.at(-1));
      }),
    );
  });

  test('both sides get the same work unless asked otherwise', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const asked = itemsInOrder(routine).some(
          ({ sides, weak }) => weak || sides === 'left-only' || sides === 'right-only',
        );
        const { leftMs, rightMs } = compile(routine, GROUP_ALONE, plainPhrases);
        if (!asked) expect(leftMs).toBe(rightMs);
      }),
    );
  });

  test('marks and cues stand inside their segment', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const { segments } = compile(routine, GROUP_ALONE, plainPhrases);
        const outside = segments.flatMap(({ startMs, endMs, marks, cues }) =>
          [...marks, ...cues].filter(({ atMs }) => atMs < startMs || atMs > endMs),
        );
        expect(outside).toEqual([]);
      }),
    );
  });

  test('the lanes of the pace key position and lanes', () => {
    const [first] = scoreOf('group: older\nTandem stance').segments;
    expect(first?.position).toEqual({
      chair: 'sit-front',
      'stand-held': 'stand-chair',
      stand: 'stand-chair',
    });
  });

  test('no pause stands first, last or beside a rest', () => {
    const { segments } = scoreOf('group: older\nrest 10s\nSeated cat\nSeated march\nrest 10s');
    const gaps = segments
      .map(({ kind }) => kind)
      .filter((kind) => kind === 'rest' || kind === 'pause');
    expect(gaps).toEqual(['rest', 'pause', 'rest']);
  });

  test('the same item twice has its set-up each time it is a line', () => {
    const { segments } = scoreOf('Seated cat\nSeated cat');
    expect(segments.filter(({ kind }) => kind === 'set-up')).toHaveLength(2);
  });

  test('alternating reps are counted for each side, the last one once a side', () => {
    const { segments } = scoreOf('Seated march: 2 reps, tempo 2-1-2');
    const work = segments.find(isWork);
    expect(work?.marks.map(({ kind, n, side }) => `${kind} ${n} ${side}`)).toEqual([
      'rep 1 left',
      'rep 1 right',
      'rep 2 left',
      'last 2 left',
      'rep 2 right',
      'last 2 right',
    ]);
  });

  test('halfway is told from 40 s on, never in a press', () => {
    const halves = (text: string) =>
      scoreOf(text)
        .segments.flatMap(({ marks }) => marks)
        .filter(({ kind }) => kind === 'halfway').length;
    expect(halves('Seated twist: hold 40s, left only, meant "x"')).toBe(1);
    expect(halves('Seated twist: hold 39s, left only, meant "x"')).toBe(0);
    expect(halves('Seated twist: hold 1:00, press 5s x3, left only, meant "x"')).toBe(0);
    expect(halves('Seated twist: hold 1:00, press 5s x2, left only, meant "x"')).toBe(1);
  });

  test('the switch is announced five seconds ahead', () => {
    const work = scoreOf('Seated twist: hold 20s, set-up "Ready."').segments.find(isWork);
    expect(work?.cues.at(-1)).toEqual({
      atMs: (work?.endMs ?? 0) - 5000,
      kind: 'switch',
      text: 'soon right',
    });
  });

  test('work under twelve seconds ends with a word, said before its end', () => {
    const work = scoreOf('Seated twist: hold 11s').segments.find(isWork);
    expect(work?.cues.at(-1)).toEqual({
      atMs: (work?.endMs ?? 0) - 1000,
      kind: 'end',
      text: 'and stop',
    });
  });

  test('"and rest" is said before a rest, and nowhere else', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const { segments } = compile(routine, GROUP_ALONE, plainPhrases);
        segments.forEach(({ cues }, i) => {
          const next = segments[i + 1];
          const end = cues.find(({ kind }) => kind === 'end')?.text;
          if (end) expect(end).toBe(!next || next.kind === 'rest' ? 'and rest' : 'and stop');
        });
      }),
    );
    const [first] = scoreOf('Seated cat: for 8s x2, rest 10s').segments.filter(isWork);
    expect(first?.cues.at(-1)?.text).toBe('and rest');
  });

  test('"and rest" is left to the chime where the cue fills the time', () => {
    const work = scoreOf('Seated twist: hold 2s').segments.find(isWork);
    expect(work?.cues.map(({ text }) => text)).toEqual(['Turn left, grow tall.']);
  });

  test('no cue starts while another is said, but what comes after the end of the work', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const { segments } = compile(routine, GROUP_ALONE, plainPhrases);
        const cues = segments.flatMap(({ cues: own }) => own);
        const starts = cues.map(({ atMs }) => atMs);
        expect(new Set(starts).size).toBe(starts.length);
        expect([...starts].sort((a, b) => a - b)).toEqual(starts);
      }),
    );
  });

  test('a cue of signs alone is said before "and rest"', () => {
    const work = scoreOf('Seated easy breath: hold 1s, cue "↊"').segments.find(isWork);
    expect(work?.cues.map(({ text }) => text)).toEqual(['↊']);
  });

  test('the switch is announced once the ease that starts with it has been said', () => {
    const text = 'Split-stance hip stretch: hold 17s, press 7s x1';
    const last = scoreOf(text).segments.findLast(({ cues }) =>
      cues.some((c) => /soon/.test(c.text)),
    );
    expect(last?.cues.map((cue) => cue.text)).toEqual(['ease', 'soon right']);
    const [ease, soon] = last?.cues ?? [];
    expect((soon?.atMs ?? 0) - (ease?.atMs ?? 0)).toBe(talkMs('ease', paceOf('desk', {}).talkWpm));
  });

  test('in work, no cue starts before the one ahead of it has been said', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const { talkWpm } = paceOf(routine.group, routine.pace);
        const works = compile(routine, GROUP_ALONE, plainPhrases).segments.filter(isWork);
        const tooSoon = works.flatMap(({ cues }) =>
          cues.slice(1).filter(({ atMs }, i) => {
            const ahead = cues[i];
            return atMs < (ahead?.atMs ?? 0) + talkMs(ahead?.text ?? '', talkWpm);
          }),
        );
        expect(tooSoon).toEqual([]);
      }),
    );
  });

  test('a group starts at its own level, and hears the words of it', () => {
    const said = (group: string) =>
      scoreOf(`group: ${group}\nlanes: stand\nStanding side bend: hold 20s`)
        .segments.filter(({ kind }) => kind === 'set-up' || kind === 'work')
        .flatMap(({ cues }) => cues.map(({ text }) => text));
    expect(said('older')[0]).toMatch(/^Stand beside your chair/);
    expect(said('older').join(' ')).not.toMatch(/arm up|Reach/);
    expect(said('desk')[0]).toBe('Stand tall, feet under your hips.');
    expect(said('desk').join(' ')).toMatch(/Reach the right arm up/);
  });

  test('a level that is written stays, whatever the group starts at', () => {
    const free = scoreOf('group: older\nlanes: stand\nStanding turn: 4 reps, level free');
    expect(Object.values(free.segments[0]?.lanes ?? {})[0]?.level).toBe('free');
  });

  test('own words go over those of a level', () => {
    const text = 'group: older\nlanes: stand\nStanding side bend: hold 20s, cue "Over we go."';
    const work = scoreOf(text).segments.find(isWork);
    expect(work?.cues[0]?.text).toBe('Over we go.');
  });

  test('what is pressed is named by the move, else by the house', () => {
    const pressed = (text: string) =>
      scoreOf(text)
        .segments.flatMap(({ cues }) => cues)
        .find(({ kind }) => kind === 'press')?.text;
    expect(pressed('Seated hamstring reach: hold 1:00, press 6s x1')).toBe(
      'Press the left heel down, breathing out.',
    );
    expect(pressed('Held neck tilt, hand resting: hold 1:00, press 6s x1')).toBe('press');
  });

  test('own words stay own: cut to the time, whole on the screen, and the same in every set', () => {
    const own =
      'Turn slowly to the side as far as it goes by itself, then stay there, let every breath make you a little longer, look past the shoulder, and keep both sitting bones heavy all the way.';
    const cues = scoreOf(`Seated twist: hold 10s x2, rest 5s, cue "${own}"`)
      .segments.filter(isWork)
      .flatMap(({ cues: all }) => all.filter(({ kind }) => kind === 'go'));
    expect(cues).toHaveLength(4);
    for (const { text, whole } of cues) {
      expect(own.startsWith(text)).toBe(true);
      expect(text.length).toBeLessThan(own.length);
      expect(whole).toBe(own);
    }
  });

  test('whoever does another move instead hears that one, not the own words of the line', () => {
    const [work] = scoreOf('lanes: chair, stand\nMarching: cue "March on."').segments.filter(
      isWork,
    );
    expect(work?.cues[0]?.text).not.toBe('March on.');
  });

  test('the short cue is taken where the full one does not fit', () => {
    const cue = (text: string) => scoreOf(text).segments.find(isWork)?.cues[0]?.text;
    expect(cue('Seated twist: hold 20s')).toMatch(/^Turn your chest left/);
    expect(cue('Seated twist: hold 3s')).toBe('Turn left, grow tall.');
  });

  test('rolling over makes the switch longer', () => {
    const { segments } = scoreOf('group: older\nlanes: floor\nOpen book');
    const change = segments.find(({ kind }) => kind === 'switch');
    expect((change?.endMs ?? 0) - (change?.startMs ?? 0)).toBe(11_000);
    expect(change?.position).toEqual({ floor: 'side-lying-right' });
  });

  const kindsOf = (text: string) =>
    scoreOf(text).segments.map(({ kind, startMs, endMs }) => `${kind} ${(endMs - startMs) / 1000}`);

  test('in a per-side block a roll is timed and spoken once: it is the switch', () => {
    const head = 'group: older\nlanes: floor\nstart: side-lying\nend: stay\n';
    const line = 'Open book: 5 breaths, set-up "Ready."';
    const [block, each] = [`${head}(each side)\n  ${line}`, `${head}${line}, each side`].map(
      scoreOf,
    );
    const kinds = block?.segments.map(({ kind }) => kind);
    expect(kinds).toEqual(['set-up', 'count-in', 'work', 'switch', 'work']);
    expect(block?.totalMs).toBe(each?.totalMs);
    const change = block?.segments.find(({ kind }) => kind === 'switch');
    expect((change?.endMs ?? 0) - (change?.startMs ?? 0)).toBe(11_000);
    expect(change?.position).toEqual({ floor: 'side-lying-right' });
    expect(block?.segments.at(-1)?.position).toEqual({ floor: 'side-lying-right' });
  });

  test('who comes to the second side by a way has rolled on it, and switches no longer', () => {
    const head = 'group: older\nlanes: floor\nlimits: none\nstart: side-lying\nend: stay\n';
    const kinds = kindsOf(
      `${head}(each side)\n  Open book: 5 breaths, set-up "Ready."\n  Bridge: 4 reps, set-up "Ready."`,
    );
    // From the back over to the right side: the way, and then the pace's own switch.
    const at = kinds.findIndex((kind) => kind.startsWith('switch'));
    expect(kinds.slice(at - 1, at + 1)).toEqual(['transfer 6', 'switch 8']);
  });

  test('changing the knee or the legs in a block takes its time, where nobody moves from the place', () => {
    const head = 'group: older\nlanes: floor\nlimits: none\nstart: floor-sit\nend: stay\n';
    const text = `${head}(each side)\n  Floor-seated figure four: hold 20s, set-up "Ready."`;
    const { longSwitch } = usualLevel(shipped('Floor-seated figure four'));
    expect(longSwitch).toBeDefined();
    const change = scoreOf(text).segments.find(({ kind }) => kind === 'switch');
    expect((change?.endMs ?? 0) - (change?.startMs ?? 0)).toBe(
      switchMs(paceOf('older', {}), longSwitch),
    );
  });

  test('a trip to the floor is counted where it begins', () => {
    expect(
      scoreOf('group: older\nlanes: chair, floor\nBridge\nOpen book\nSeated cat\nBridge').trips,
    ).toEqual({
      chair: 0,
      floor: 2,
    });
  });

  test('the next transfer starts where the move ends', () => {
    const { segments } = scoreOf('start: sit-back\nScoot to the front\nSeated cat');
    expect(segments.filter(({ kind }) => kind === 'transfer')).toHaveLength(0);
  });

  test('a per-side block turns without a gap and counts each side once', () => {
    const { segments, leftMs, rightMs } = scoreOf(
      'group: older\nlanes: stand\n(each side)\n  Seated twist: hold 20s\n  Seated cat: 2 reps, tempo 2-1-2',
    );
    const kinds = segments.map(({ kind, side }) => (side ? `${kind} ${side}` : kind));
    expect(kinds).toEqual([
      'set-up left',
      'count-in left',
      'work left',
      'pause',
      'set-up both',
      'count-in both',
      'work both',
      'switch right',
      'work right',
      'pause',
      'count-in both',
      'work both',
    ]);
    expect(leftMs).toBe(rightMs);
  });

  test('where only the right has something to do in a block, it starts and does not switch', () => {
    const text =
      '(each side)\n  Seated twist: hold 20s, right only, meant "left is sore"\nSeated cat';
    const { segments } = scoreOf(text);
    const twist = segments.filter(({ moveId }) => moveId === 'seated-twist');
    expect(twist.map(({ kind }) => kind)).not.toContain('switch');
    expect(twist.map(({ kind }) => kind)).toContain('count-in');
    expect(twist.filter(isWork).map(({ side }) => side)).toEqual(['right']);
  });

  test('what is meant for the left is done in the left pass only', () => {
    const { segments } = scoreOf(
      '(2 rounds, each side)\n  Seated cat: 2 reps\n  Seated twist: left only, meant "x"',
    );
    expect(segments.filter(isWork).map(({ side, round }) => `${side} ${round}`)).toEqual([
      'both 1',
      'left 1',
      'both 1',
      'both 2',
      'left 2',
      'both 2',
    ]);
  });

  test('a lane that has no way of taking part rests, and says why', () => {
    const text =
      'group: older\nlanes: chair, stand, floor\nPlank: hold 15s, level full\nMarching\nSit to stand: level no hands';
    const works = scoreOf(text).segments.filter(isWork);
    expect(
      works.map(({ lanes }) => laneValues(lanes).map(({ moveId, why }) => `${moveId} ${why}`)),
    ).toEqual([
      ['null rest', 'plank easier-level', 'plank as-written'],
      ['seated-march family', 'marching as-written', 'marching as-written'],
      ['seated-foot-press family', 'sit-to-stand as-written', 'sit-to-stand as-written'],
    ]);
  });

  test('a lane that holds on gets an easier level, and hands never none', () => {
    const works = scoreOf('lanes: stand-held, stand\nStanding side bend').segments.filter(isWork);
    expect(works[0]?.lanes).toMatchObject({
      'stand-held': { level: 'hand-on-the-chair', support: 'one hand', why: 'easier-level' },
      stand: { level: 'arm-up', support: 'none', why: 'as-written' },
    });
  });

  test('a level for one lane goes over the one for all', () => {
    const [work] = scoreOf(
      'lanes: chair, stand\nSeated twist: hold 20s, level hand on the thigh, level arms crossed in chair',
    ).segments.filter(isWork);
    expect(work?.lanes.chair?.level).toBe('arms-crossed');
    expect(work?.lanes.stand?.level).toBe('hand-on-the-thigh');
  });

  test('a wheelchair does seated moves where it is', () => {
    const { segments } = scoreOf('group: chair\nlanes: wheelchair\nSeated cat');
    expect(segments.map(({ position }) => position.wheelchair)).toEqual([
      'wheel-front',
      'wheel-front',
      'wheel-front',
      'wheel-front',
      'wheel-back',
    ]);
  });

  test('the set-up is as long as the longest of the lanes', () => {
    const long = 'word '.repeat(30).trim();
    const { segments } = scoreOf(`lanes: chair, stand\nMarching: set-up "${long}"`);
    const setUp = segments.find(({ kind }) => kind === 'set-up');
    expect(setUp?.cues[0]?.text).toMatch(/^Sit tall/);
    expect((setUp?.endMs ?? 0) - (setUp?.startMs ?? 0)).toBe(12_000);
  });

  const pausesIn = (text: string) =>
    scoreOf(text)
      .segments.filter(({ kind, cues }) => kind === 'pause' && cues.length > 0)
      .map(({ startMs, endMs }) => endMs - startMs);

  test('after more than twenty seconds with the head low the room waits a moment', () => {
    const after = (rest: string) =>
      pausesIn(`group: older\nlanes: floor\nstart: kneel-fold\nrest ${rest}\nSeated cat`);
    expect(after('30s')).toEqual([10_000]);
    expect(after('20s')).toEqual([]);
  });

  test('it waits where the head is lifted in place, too', () => {
    const low = (dose: string, more = '') =>
      pausesIn(
        `group: older\nSeated forward rest: hold ${dose}, level rounded down\n${more}Seated march`,
      );
    expect(low('40s')).toEqual([10_000]);
    expect(low('20s')).toEqual([]);
    expect(
      pausesIn('group: desk\nSeated forward rest: hold 40s, level rounded down\nSeated march'),
    ).toEqual([5000]);
    // A rest that is as long does the same.
    expect(low('40s', 'rest 10s\n')).toEqual([]);
    expect(low('40s', 'rest 9s\n')).toEqual([10_000]);
  });

  test('it waits once, at the end as well, and not between sets that rest long enough', () => {
    const end = 'group: older\nstart: sit-front\nSeated forward rest: hold 40s, level rounded down';
    expect(pausesIn(end)).toEqual([10_000]);
    expect(pausesIn(`${end}\nSeated march\nSeated march`)).toEqual([10_000]);
    expect(
      pausesIn(
        'group: older\nSeated forward rest: hold 30s x2, rest 15s, level rounded down\nSeated march',
      ),
    ).toEqual([10_000]);
  });

  test('score and checks agree on when a head comes up', () => {
    fc.assert(
      fc.property(fc.constantFrom('20s', '30s', '60s'), fc.boolean(), (dose, rest) => {
        const text = `group: older\nlanes: chair\nSeated forward rest: hold ${dose}, level rounded down\n${rest ? 'rest 5s\n' : ''}Seated march`;
        const { segments } = scoreOf(text);
        const work = segments.find(isWork);
        const pause = segments.find(({ kind, cues }) => kind === 'pause' && cues.length > 0);
        expect(pause !== undefined).toBe(dose !== '20s');
        if (pause && work) expect(pause.startMs).toBeGreaterThanOrEqual(work.endMs);
      }),
    );
  });

  test('reps of a weak side are counted to their end, and the last one is named once', () => {
    const { segments } = scoreOf(
      'Seated leg lift: 4 reps, tempo 2-1-2, each side, weak left +10s'.replace(
        'Seated leg lift',
        'Leg extend and bend',
      ),
    );
    const last = segments
      .filter(isWork)
      .map(({ side, marks }) => [
        side,
        ...marks.filter(({ kind }) => kind === 'last').map(({ n }) => n),
      ]);
    expect(last).toEqual([
      ['left', 6],
      ['right', 4],
    ]);
  });
});

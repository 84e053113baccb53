import fc from 'fast-check';
import { itemsInOrder } from '../routine';
import { plainPhrases, routineArbitrary, routineOf } from '../testing';
import { compile, type Segment } from '.';

const scoreOf = (text: string) => compile(routineOf(text), plainPhrases);
const isWork = ({ kind }: Segment) => kind === 'work' || kind === 'press';

describe('the score', () => {
  test('segments neither overlap nor leave a hole, and the total is their sum', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const { segments, totalMs } = compile(routine, plainPhrases);
        let nowMs = 0;
        for (const { startMs, endMs } of segments) {
          expect(startMs).toBe(nowMs);
          expect(endMs).toBeGreaterThan(startMs);
          expect(Number.isInteger(endMs)).toBe(true);
          nowMs = endMs;
        }
        expect(totalMs).toBe(nowMs);
      }),
    );
  });

  test('both sides get the same work unless asked otherwise', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const asked = itemsInOrder(routine).some(
          ({ sides, weak }) => weak || sides === 'left-only' || sides === 'right-only',
        );
        const { leftMs, rightMs } = compile(routine, plainPhrases);
        if (!asked) expect(leftMs).toBe(rightMs);
      }),
    );
  });

  test('marks and cues stand inside their segment', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        for (const { startMs, endMs, marks, cues } of compile(routine, plainPhrases).segments) {
          for (const { atMs } of [...marks, ...cues]) {
            expect(atMs).toBeGreaterThanOrEqual(startMs);
            expect(atMs).toBeLessThanOrEqual(endMs);
          }
        }
      }),
    );
  });

  test('the lane of the pace keys position and lanes', () => {
    const [first] = scoreOf('group: older\nTandem stance').segments;
    expect(first?.position).toEqual({ chair: 'stand-chair' });
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
    expect(work?.cues.at(-1)).toEqual({ atMs: (work?.endMs ?? 0) - 5000, text: 'soon right' });
  });

  test('work under twelve seconds ends with "and rest"', () => {
    const work = scoreOf('Seated twist: hold 11s').segments.find(isWork);
    expect(work?.cues.at(-1)).toEqual({ atMs: work?.endMs, text: 'and rest' });
  });

  test('the short cue is taken where the full one does not fit', () => {
    const cue = (text: string) => scoreOf(text).segments.find(isWork)?.cues[0]?.text;
    expect(cue('Seated twist: hold 20s')).toMatch(/^Turn your chest left/);
    expect(cue('Seated twist: hold 3s')).toBe('Turn left, grow tall.');
  });

  test('rolling over makes the switch longer', () => {
    const { segments } = scoreOf('group: older\nOpen book');
    const change = segments.find(({ kind }) => kind === 'switch');
    expect((change?.endMs ?? 0) - (change?.startMs ?? 0)).toBe(11_000);
    expect(change?.position).toEqual({ chair: 'side-lying-right' });
  });

  test('a trip to the floor is counted where it begins', () => {
    expect(scoreOf('group: older\nBridge\nOpen book\nSeated cat\nBridge').trips).toEqual({
      chair: 2,
    });
  });

  test('the next transfer starts where the move ends', () => {
    const { segments } = scoreOf('start: sit-back\nScoot to the front\nSeated cat');
    expect(segments.filter(({ kind }) => kind === 'transfer')).toHaveLength(0);
  });
});

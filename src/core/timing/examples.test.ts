import { GROUP_ALONE } from '@/core/people';
import { plainPhrases, routineOf } from '@/core/testing';
import { compile } from './compile';
import type { Score } from './score';

const scoreOf = (text: string): Score => compile(routineOf(text), GROUP_ALONE, plainPhrases);
const secondsOf = (text: string) => scoreOf(text).totalMs / 1000;
const SHORT = 'set-up "Ready."';

describe('worked examples', () => {
  test('A desk, a block each side, seated and standing: 119 s; older 155 s', () => {
    // Free, at `stand`: its level is named, since an older group's usual one is held.
    const block = `(each side)\n  Seated twist: hold 20s, ${SHORT}\n  Standing side bend: hold 20s, level arm up, ${SHORT}`;
    expect(secondsOf(`group: desk\nlanes: stand\n${block}`)).toBe(119);
    expect(secondsOf(`group: older\nlanes: stand\n${block}`)).toBe(155);
  });

  test('B older, three rounds of two sets with rests: 327 s', () => {
    const text = `group: older\n(3 rounds, rest 20s)\n  Seated cat: 8 reps x2, rest 10s, tempo 2-1-2-0, ${SHORT}`;
    expect(secondsOf(text)).toBe(327);
  });

  test('C older, a build-up of three items: 97 s', () => {
    const rep = `Seated cat: 1 rep, tempo 2-1-2-0, ${SHORT}`;
    expect(secondsOf(`group: older\n(build up)\n  ${rep}\n  ${rep}\n  ${rep}`)).toBe(97);
  });

  test('G older, three lanes: the room waits for the floor: 214 s', () => {
    const seated = `Seated cat: hold 20s, ${SHORT}`;
    const bridge = `Bridge: 8 reps, tempo 2-1-2-0, ${SHORT}`;
    const text = `group: older\nlanes: chair, stand, floor\n${seated}\n${bridge}\n${seated}`;
    expect(secondsOf(text)).toBe(214);
  });

  test('desk, figure four with a set-up cue of 20 words: 75 s', () => {
    expect(secondsOf('Seated figure four: hold 30s, each side')).toBe(75);
  });

  test('D desk, press-and-ease in two sets: 272 s, stretch parts 10.5 s', () => {
    const score = scoreOf(
      `Seated hamstring reach: hold 1:00 x2, press 6s x3, rest 10s, each side, set-up "${'word '.repeat(20)}"`,
    );
    expect(score.totalMs).toBe((8 + 3 + 130 + 4 + 130) * 1000);
    const plain = scoreOf(
      `Seated hamstring reach: hold 1:00 x2, press 6s x3, rest 10s, each side, ${SHORT}`,
    );
    expect(plain.totalMs).toBe(272_000);
    const stretches = plain.segments.filter(({ kind }) => kind === 'work');
    expect(new Set(stretches.map(({ startMs, endMs }) => endMs - startMs))).toEqual(
      new Set([10_500]),
    );
  });

  test('E older, alternating reps in two sets: 231 s', () => {
    const text = `group: older\nSeated march: 10 reps x2, rest 20s, tempo 2-1-2-0, alternating, ${SHORT}`;
    expect(secondsOf(text)).toBe(231);
  });

  test('F older, a rest line stands in place of the pause: 92 s', () => {
    const hold = `Seated cat: hold 20s, ${SHORT}`;
    expect(secondsOf(`group: older\n${hold}\nrest 30s\n${hold}`)).toBe(92);
  });

  test('H older, side-lying on both sides, staying there: 92 s', () => {
    const text = `group: older\nstart: side-lying\nend: stay\nOpen book: 5 breaths, each side, ${SHORT}`;
    expect(secondsOf(text)).toBe(92);
  });

  test('I desk, a strap is fetched after going up: 70 s', () => {
    const text = `Seated cat: hold 20s, ${SHORT}\nStanding side bend: hold 20s, left only, meant "test", prop strap, ${SHORT}`;
    const score = scoreOf(text);
    expect(score.totalMs).toBe(70_000);
    expect(score.segments.map(({ kind }) => kind)).toEqual([
      'set-up',
      'count-in',
      'work',
      'transfer',
      'prop',
      'set-up',
      'count-in',
      'work',
      'transfer',
    ]);
  });

  test('J desk, a weak side gets longer: 62 s', () => {
    expect(secondsOf(`Seated twist: hold 20s, each side, weak left +10s, ${SHORT}`)).toBe(62);
  });

  test('rest stands between sets only', () => {
    const score = scoreOf(`Seated twist: hold 10s x2, rest 5s, left only, meant "test", ${SHORT}`);
    const work = score.segments.slice(2).map(({ kind, startMs, endMs }) => [kind, endMs - startMs]);
    expect(work).toEqual([
      ['work', 10_000],
      ['rest', 5000],
      ['work', 10_000],
    ]);
  });

  test('five breaths at 4/5 take 45 s', () => {
    const score = scoreOf(`Seated easy breath: 5 breaths 4/5, ${SHORT}`);
    expect(score.segments.find(({ kind }) => kind === 'work')?.endMs).toBe(53_000);
  });

  test('M desk, each rep held five seconds: 62 s', () => {
    expect(secondsOf(`Seated cat: 6 reps, held 5s, tempo 2-1-2-0, ${SHORT}`)).toBe(62);
  });

  test('N older, eight reps with the breath: 67 s', () => {
    expect(secondsOf(`group: older\nSeated cat: 8 reps with the breath, ${SHORT}`)).toBe(67);
  });

  test('O desk, a breath that waits when full: 68 s', () => {
    expect(secondsOf(`Seated easy breath: 5 breaths 4/2/6, ${SHORT}`)).toBe(68);
  });

  test('P older, ten reps in all, by turns, in two sets: 131 s', () => {
    const text = `group: older\nSeated march: 10 reps in all x2, rest 20s, tempo 2-1-2-0, ${SHORT}`;
    expect(secondsOf(text)).toBe(131);
  });

  test('Q desk, a span is led at its lower end: 98 s', () => {
    expect(secondsOf(`Seated cat: 8-12 reps x2-3, rest 10s, tempo 2-1-2-0, ${SHORT}`)).toBe(98);
  });

  test('K desk, three lines in one go: 80 s', () => {
    const lines = [
      `Seated cat: 4 reps, tempo 3-0-3, ${SHORT}`,
      'Seated side bend: hold 10s',
      'Seated twist: hold 10s',
    ];
    expect(secondsOf(`(in one go)\n  ${lines.join('\n  ')}`)).toBe(80);
  });

  test('L desk, each side in one go, with one switch: 52 s', () => {
    const lines = `Seated side bend: hold 10s, ${SHORT}\n  Seated twist: hold 10s`;
    expect(secondsOf(`(each side, in one go)\n  ${lines}`)).toBe(52);
  });

  test('R desk, a line straight on: 38 s', () => {
    const text = `Seated cat: 4 reps, tempo 2-1-2-0, ${SHORT}\nSeated twist: hold 10s, left only, straight on`;
    expect(secondsOf(text)).toBe(38);
  });

  test('S desk, a section done twice: 81 s', () => {
    const text = `[main, 2 rounds, rest 30s]\nSeated cat: 4 reps, tempo 2-1-2-0, ${SHORT}`;
    expect(secondsOf(text)).toBe(81);
  });

  test('T desk, time to notice something: 61 s', () => {
    const cat = `Seated cat: 4 reps, tempo 2-1-2-0, ${SHORT}`;
    const twist = `Seated twist: hold 10s, left only, ${SHORT}`;
    const text = `${cat}\nnotice 15s "Which side feels heavier?"\n${twist}`;
    expect(secondsOf(text)).toBe(61);
  });

  test('U older, from held to free without a step: 71 s', () => {
    const text = [
      'group: older',
      'lanes: stand',
      'start: stand-chair',
      'end: stay',
      `Feet-together stance: hold 20s, ${SHORT}`,
      `Standing round and lift: 6 reps, tempo 2-0-2-0, ${SHORT}`,
    ].join('\n');
    const score = scoreOf(text);
    expect(score.totalMs).toBe(71_000);
    expect(score.segments.some(({ kind }) => kind === 'transfer')).toBe(false);
  });
});

import fc from 'fast-check';
import { GROUP_ALONE } from '@/core/people';
import { routineArbitrary, plainPhrases, routineOf } from '@/core/testing';
import { itemInForce, itemsInOrder, type Routine } from '@/core/routine';
import { isWork, msOf, type Score } from '@/core/timing';
import type { LeadEdit } from '../record/changes';
import { easedItems } from './ease';
import { edited, mayEase, mayPlayAgain, maySettle, planned, playAt, type Led } from './edits';

const of = (routine: Routine): Led => planned(routine, GROUP_ALONE, plainPhrases);
const after = (led: Led, edit: LeadEdit) => edited(led, edit, GROUP_ALONE, plainPhrases);
const text = (words: string) => of(routineOf(words));
const workAt = ({ segments }: Score, side: string, play = 0) =>
  segments.findIndex((one) => isWork(one) && one.side === side && one.play === play);

const CLASS = [
  'group: older',
  '[warm-up]',
  'Seated march: for 1min',
  '[main]',
  'Seated twist: hold 20s',
  'Seated cat: 8 reps',
  'Sit to stand: 6 reps, level hands on thighs',
  'Heel raises: 10 reps',
  '[settle]',
  'Seated easy breath: 4 breaths',
].join('\n');

describe('what is changed while leading', () => {
  test('any edit leaves what is done alone, and the score whole', () => {
    fc.assert(
      fc.property(routineArbitrary, fc.nat(), fc.nat({ max: 3 }), (routine, where, which) => {
        const led = of(routine);
        const { segments } = led.score;
        if (segments.length === 0) return;
        const at = where % segments.length;
        const edits: readonly LeadEdit[] = [
          { kind: 'ease', segment: at },
          { kind: 'again', segment: at },
          { kind: 'settle', segment: at },
          { kind: 'lanes', segment: at, lanes: ['chair', 'stand-held'] },
        ];
        const { score } = after(led, edits[which] ?? edits[0]!);
        expect(score.segments.slice(0, at + 1)).toEqual(segments.slice(0, at + 1));
        let endMs = 0;
        for (const segment of score.segments) {
          expect(segment.startMs).toBe(endMs);
          expect(msOf(segment)).toBeGreaterThanOrEqual(0);
          endMs = segment.endMs;
        }
        expect(score.totalMs).toBe(endMs);
        const workMs = score.segments.filter(isWork).reduce((sum, one) => sum + msOf(one), 0);
        expect(Math.abs(score.leftMs + score.rightMs - workMs)).toBeLessThanOrEqual(1);
      }),
      { numRuns: 60 },
    );
  });

  test('easing makes nothing harder, and twice is further than once', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const ids = new Set<string>(itemsInOrder(routine).map(({ id }) => id));
        const once = itemsInOrder(easedItems(routine, ids));
        itemsInOrder(routine).forEach((item, i) => {
          const eased = once[i];
          if (!eased) throw new Error('an item is gone');
          const [was, is] = [itemInForce(item, routine), itemInForce(eased, routine)];
          const levelOf = ({ move, level }: typeof was) =>
            move.levels.findIndex(({ id }) => id === level.id);
          expect(levelOf(is)).toBeLessThanOrEqual(levelOf(was));
          expect(is.dose.sets).toBeLessThanOrEqual(was.dose.sets);
          const had = new Set(was.level.loads.map(({ load }) => load));
          for (const { load } of is.level.loads) expect(had).toContain(load);
          expect(is.level.from).toEqual(was.level.from);
        });
      }),
      { numRuns: 60 },
    );
  });

  test('easing takes what is to come a step down, and not what is being done', () => {
    const led = text(CLASS);
    const at = workAt(led.score, 'left', 1);
    const { routine } = after(led, { kind: 'ease', segment: at });
    const level = (name: string, of: Routine) =>
      itemsInOrder(of)
        .map((item) => itemInForce(item, of))
        .find(({ move }) => move.name === name);
    expect(level('Seated twist', routine)?.dose).toEqual(level('Seated twist', led.routine)?.dose);
    expect(level('Seated march', routine)?.dose).toEqual(level('Seated march', led.routine)?.dose);
    for (const name of ['Sit to stand', 'Heel raises']) {
      const [is, was] = [level(name, routine), level(name, led.routine)];
      expect([is?.level.id, is?.dose]).not.toEqual([was?.level.id, was?.dose]);
    }
    expect(mayEase(led, at)).toBe(true);
    expect(mayEase(led, led.score.segments.length - 1)).toBe(false);
  });

  test('the side that is done again calls no other side', () => {
    const led = text(CLASS);
    const left = workAt(led.score, 'left', 1);
    const right = workAt(led.score, 'right', 1);
    const called = (score: Score, at: number) =>
      score.segments[at]?.cues.filter(({ kind }) => kind === 'switch') ?? [];
    expect(called(led.score, left)).toHaveLength(1);
    const { score } = after(led, { kind: 'again', segment: right });
    expect(score.segments[right + 2]?.side).toBe('left');
    expect(called(score, right + 2)).toEqual([]);
  });

  test('the other side again: as long as it was, after its own switch, and only once it was done', () => {
    const led = text(CLASS);
    const left = workAt(led.score, 'left', 1);
    const right = workAt(led.score, 'right', 1);
    expect(mayPlayAgain(led.score, left)).toBe(false);
    expect(mayPlayAgain(led.score, right)).toBe(true);
    const { score } = after(led, { kind: 'again', segment: right });
    const [turn, again] = score.segments.slice(right + 1, right + 3);
    expect([turn?.kind, turn?.side, again?.kind, again?.side]).toEqual([
      'switch',
      'left',
      'work',
      'left',
    ]);
    expect(score.leftMs - led.score.leftMs).toBe(20_000);
    expect(score.rightMs).toBe(led.score.rightMs);
    expect(again?.set).toBe(2);
  });

  test('finish and settle: what comes next is the settle, by its own way', () => {
    const led = text(CLASS);
    const standing = led.score.segments.findIndex(({ moveName }) => moveName === 'Heel raises');
    expect(maySettle(led, standing)).toBe(true);
    // From the chair, straight to it; from standing, sitting down comes first.
    const early = workAt(led.score, 'left', 1);
    const play = playAt(led.score, early) ?? 0;
    const { score } = after(led, { kind: 'settle', segment: early });
    const next = score.segments.filter((one) => one.play !== null && one.play > play);
    expect(new Set(next.map(({ moveName }) => moveName))).toEqual(new Set(['Seated easy breath']));
    expect(next.some(({ kind }) => kind === 'transfer')).toBe(false);
    const up = playAt(led.score, standing) ?? 0;
    const down = after(led, { kind: 'settle', segment: standing }).score;
    const first = down.segments.find((one) => one.play !== null && one.play > up);
    expect(first?.kind).toBe('transfer');
    const settling = score.segments.length - 1;
    expect(maySettle({ ...led, score }, settling)).toBe(false);
  });

  test('edits on edits: settled and then eased, the settle is easier and stays', () => {
    const led = text(CLASS);
    const segment = workAt(led.score, 'left', 1);
    const settled = after(led, { kind: 'settle', segment });
    const eased = after(settled, { kind: 'ease', segment });
    const names = (score: Score) => new Set(score.segments.map(({ moveName }) => moveName));
    expect(names(eased.score)).toEqual(names(settled.score));
    expect(eased.score.totalMs).toBeLessThan(settled.score.totalMs);
  });

  test('other ways of taking part hold from the next move on', () => {
    const led = text(CLASS);
    const { score } = after(led, {
      kind: 'lanes',
      segment: workAt(led.score, 'left', 1),
      lanes: ['chair'],
    });
    const lanes = (one: Score, play: number) =>
      Object.keys(one.segments.find((segment) => segment.play === play)?.lanes ?? {});
    expect(lanes(score, 1)).toEqual(lanes(led.score, 1));
    expect(lanes(score, 2)).toEqual(['chair']);
  });
});

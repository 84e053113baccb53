import fc from 'fast-check';
import { talkMs, PACES } from '@/core/body';
import { GROUP_ALONE } from '@/core/people';
import { itemsInOrder, routineSchema, withChoices, choiceBlocks } from '@/core/routine';
import { plainPhrases, routineArbitrary, routineOf } from '@/core/testing';
import { compile } from './compile';
import { isWork } from './score';

const scoreOf = (text: string) => compile(routineOf(text), GROUP_ALONE, plainPhrases);
const SHORT = 'set-up "Ready."';

describe('lines that flow', () => {
  test('what comes is told in the last seconds of what is before, and its cue at its start', () => {
    const { segments } = scoreOf(
      `(in one go)\n  Seated cat: 6 reps, tempo 3-0-3, ${SHORT}\n  Seated side bend: hold 20s`,
    );
    const [cat, bend] = segments.filter(isWork);
    const ahead = cat?.cues.find(({ kind }) => kind === 'ahead');
    expect(ahead?.text).toMatch(/^Seated side bend\. /);
    expect((ahead?.atMs ?? 0) + talkMs(ahead?.text ?? '', PACES.desk.talkWpm)).toBe(cat?.endMs);
    expect(cat?.cues.some(({ kind }) => kind === 'end')).toBe(false);
    expect(bend?.cues[0]).toMatchObject({ kind: 'go', atMs: bend?.startMs });
  });

  test('whose turn it is is heard ahead, by the words of the move or behind its name', () => {
    let seen = 0;
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const { segments } = compile(routine, GROUP_ALONE, plainPhrases);
        segments.forEach(({ cues }, i) => {
          const ahead = cues.find(({ kind }) => kind === 'ahead');
          const next = segments.slice(i + 1).find(isWork);
          if (!ahead || (next?.side !== 'left' && next?.side !== 'right')) return;
          seen += 1;
          expect(ahead.text.toLowerCase()).toContain(next.side);
        });
      }),
      { numRuns: 300 },
    );
    expect(seen).toBeGreaterThan(10);
  });

  test('a cue of a sign alone has its moment to itself', () => {
    const line = { kind: 'item', moveId: 'seated-easy-breath' };
    const dose = { kind: 'timed', timedMs: 3000, sets: 1 };
    const routine = routineSchema.parse({
      id: 'routine',
      title: 'Signs',
      group: 'desk',
      notes: [],
      pace: { talkWpm: 60 },
      sections: {
        'warm-up': [
          { ...line, id: 'i1', dose, cue: '🙂' },
          { ...line, id: 'i2', straightOn: true },
        ],
        main: [],
        settle: [],
      },
    });
    const { segments } = compile(routine, GROUP_ALONE, plainPhrases);
    const starts = segments.flatMap(({ cues }) => cues.map(({ atMs }) => atMs));
    expect(new Set(starts).size).toBe(starts.length);
  });

  test('after a written rest the room is counted in and not set up', () => {
    const { segments } = scoreOf(
      `(in one go, 2 rounds, rest 10s)\n  Seated cat: 4 reps, tempo 2-1-2-0, ${SHORT}`,
    );
    expect(segments.map(({ kind }) => kind)).toEqual([
      'set-up',
      'count-in',
      'work',
      'rest',
      'count-in',
      'work',
    ]);
  });

  test('a line that flows on begins its section like any other', () => {
    const text = `[main]\nSeated cat: 4 reps, ${SHORT}\n[settle]\nSeated cat: 4 reps, straight on, ${SHORT}`;
    expect(scoreOf(text).segments.filter(({ kind }) => kind === 'set-up')).toHaveLength(2);
  });

  test('what is kept up is said once, at its first line, and its prop stays out', () => {
    const { segments } = scoreOf(
      '[main]\nthroughout "Belly lightly in"\nthroughout prop block\nSeated cat: 4 reps\nSeated twist: hold 20s',
    );
    const said = segments.flatMap(({ cues }) => cues).filter(({ text }) => /Belly/.test(text));
    expect(said).toHaveLength(1);
    expect(segments.filter(({ kind }) => kind === 'prop')).toHaveLength(1);
    for (const { lanes } of segments.filter(isWork)) {
      expect(Object.values(lanes)[0]?.props).toEqual(['block']);
    }
  });

  test('asked again with the same words, a notice asks for the comparison', () => {
    const notices = scoreOf(
      `notice 10s "Which side?"\nSeated cat: 4 reps\nnotice 10s "which side?"`,
    ).segments.filter(({ kind }) => kind === 'notice');
    expect(notices.map(({ cues }) => cues[0]?.text)).toEqual(['Which side?', 'again which side?']);
  });
});

describe('a choice', () => {
  const text = '(choose 1)\n  Seated cat: 4 reps\n  Seated twist: hold 30s\n  Head turn: 5 reps';

  test('is timed as its longest line, and led as what was chosen, the first where nobody chose', () => {
    const routine = routineOf(text);
    const [block] = choiceBlocks(routine);
    const done = (one: typeof routine) =>
      new Set(
        compile(one, GROUP_ALONE, plainPhrases)
          .segments.filter(isWork)
          .map(({ moveId }) => moveId),
      );
    expect([...done(routine)]).toEqual(['seated-twist']);
    expect([...done(withChoices(routine))]).toEqual(['seated-cat']);
    const turn = itemsInOrder(routine)[2];
    const chosen = { [block?.id ?? '']: turn ? [turn.id] : [] };
    expect([...done(withChoices(routine, chosen))]).toEqual(['head-turn']);
  });
});

test('for any routine, parts follow one another without a gap, and what is decided has no choice', () => {
  fc.assert(
    fc.property(routineArbitrary, (routine) => {
      const { segments, totalMs } = compile(routine, GROUP_ALONE, plainPhrases);
      let endMs = 0;
      for (const segment of segments) {
        expect(segment.startMs).toBe(endMs);
        ({ endMs } = segment);
      }
      expect(endMs).toBe(totalMs);
      expect(choiceBlocks(withChoices(routine))).toEqual([]);
    }),
    { numRuns: 150 },
  );
});

import fc from 'fast-check';
import { paceOf, talkMs } from '@/core/body';
import { cuesOf } from '@/core/moves';
import { GROUP_ALONE } from '@/core/people';
import { SECTIONS, itemInForce, itemsInOrder, type Line, type Routine } from '@/core/routine';
import { routineArbitrary, plainPhrases, routineOf } from '@/core/testing';
import {
  COUNT_DOWN_FROM_MS,
  COUNT_DOWN_MS,
  compile,
  isCounted,
  isWork,
  setKey,
  type Score,
} from '@/core/timing';
import { firstFree, lastFree, take, type TakenTime } from './free-time';
import { isSaid, type LineKind, type ScriptLine } from './script-line';
import { scriptOf } from './script';

function told(routine: Routine) {
  const score = compile(routine, GROUP_ALONE, plainPhrases);
  return { score, script: scriptOf(routine, score, plainPhrases) };
}

const linesOf = (text: string) => told(routineOf(text)).script;
const textsOf = (script: readonly ScriptLine[], kind: LineKind) =>
  script.filter((line) => line.kind === kind).map(({ text }) => text);

const keyOf = ({ atMs, kind, text }: Pick<ScriptLine, 'atMs' | 'kind' | 'text'>) =>
  `${atMs} ${kind} ${text}`;

/** When something is counted aloud: nothing may be said over it. */
function counts({ segments }: Score): readonly (readonly [number, number])[] {
  return segments.flatMap((segment, i): (readonly [number, number])[] => {
    const { kind, startMs, endMs } = segment;
    if (kind === 'count-in') return [[startMs, endMs]];
    const next = segments[i + 1];
    const lastPart = !next || !isWork(next) || setKey(next) !== setKey(segment);
    if (kind !== 'work' || !lastPart) return [];
    const set = segments.filter((one) => isWork(one) && setKey(one) === setKey(segment));
    const ms = endMs - (set[0]?.startMs ?? startMs);
    if (isCounted(set) || ms < COUNT_DOWN_FROM_MS) return [];
    return [[endMs - COUNT_DOWN_MS, endMs]];
  });
}

describe('the script', () => {
  test('never says two lines at once, over a count, or beyond the end; and loses no cue', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const { score, script } = told(routine);
        const { talkWpm } = paceOf(routine.group, routine.pace);
        const spans = script.map(({ atMs, text }) => [atMs, atMs + talkMs(text, talkWpm)] as const);
        const own = new Set(score.segments.flatMap(({ cues }) => cues).map(keyOf));
        const together = spans.slice(1).filter(([fromMs], i) => {
          // Words of an own cue, or signs alone, are as they were written.
          const before = script[i];
          if (!before) return false;
          const after = script[i + 1];
          const added = !own.has(keyOf(before)) || (after && !own.has(keyOf(after)));
          // Eyes are opened in time, whatever was being said.
          const inTime = after?.kind === 'eyes' || before.kind === 'eyes';
          return added && !inTime && fromMs < (spans[i]?.[1] ?? 0);
        });
        expect(together).toEqual([]);
        expect(script.filter(({ atMs }) => atMs < 0 || atMs > score.totalMs)).toEqual([]);
        for (const [fromMs, untilMs] of counts(score)) {
          const over = script.filter(
            (line, i) =>
              !own.has(keyOf(line)) &&
              line.kind !== 'set-up' &&
              line.atMs < untilMs &&
              (spans[i]?.[1] ?? 0) > fromMs,
          );
          expect(over).toEqual([]);
        }
        const texts = new Set(script.map(({ text }) => text));
        const cues = score.segments.flatMap((segment) => segment.cues);
        expect(cues.filter(({ text }) => !texts.has(text))).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });

  test('what is said ahead of a set-up waits for the words of a work that is shorter than they are', () => {
    const script = linesOf('group: desk\nSeated easy breath: for 1s\nSeated easy breath');
    const go = script.find(({ kind }) => kind === 'go');
    const { talkWpm } = paceOf('desk', {});
    const goEndsMs = (go?.atMs ?? Infinity) + talkMs(go?.text ?? '', talkWpm);
    const over = script.filter(({ kind, atMs }) => kind === 'way-out' && atMs < goEndsMs);
    expect(over).toEqual([]);
  });

  test('the way, the name and the dose come ahead; then set-up, go, a point, and the last ones', () => {
    const script = linesOf(
      'group: older\nSeated cat: 6 reps, tempo 3-0-3\nSeated twist: hold 20s, each side',
    );
    expect(script.map(({ kind }) => kind)).toEqual([
      'next',
      'set-up',
      'go',
      'point',
      'count',
      'count',
      'next',
      'way-out',
      'set-up',
      'go',
      'point',
      'switch',
      'switch',
      'go',
      'point',
    ]);
    expect(textsOf(script, 'next')).toEqual(['now Seated cat reps', 'next Seated twist hold each']);
    expect(textsOf(script, 'count')).toEqual(['two more', 'last one']);
  });

  test('each side, set and round hears another point', () => {
    const points = textsOf(linesOf('Seated twist: hold 20s x2, rest 10s, each side'), 'point');
    expect(new Set(points).size).toBe(points.length);
    expect(points).toHaveLength(4);
  });

  test('work of forty seconds is told its half, work of a minute is spoken to in each quarter', () => {
    const along = (text: string) =>
      linesOf(text)
        .filter(({ kind }) => kind === 'half' || kind === 'point')
        .map(({ kind, atMs }) => `${kind} ${atMs / 1000}`);
    const head = 'Seated march: set-up "Ready.", for';
    expect(along(`${head} 15s`)).toEqual([]);
    expect(along(`${head} 30s`)).toEqual(['point 23']);
    expect(along(`${head} 40s`)).toEqual(['half 28']);
    expect(along(`${head} 80s`)).toEqual(['point 28', 'half 48', 'point 68']);
  });

  test('halfway is said at the half or not at all, and every line at a whole millisecond', () => {
    const halves = (routine: Routine) => {
      const { score, script } = told(routine);
      const marks = score.segments.flatMap(({ marks: own }) => own);
      const at = marks.filter(({ kind }) => kind === 'halfway').map(({ atMs }) => atMs);
      const said = script.filter(({ kind }) => kind === 'half').map(({ atMs }) => atMs);
      return { at, said, script };
    };
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const { at, said, script } = halves(routine);
        const astray = said.filter(
          (saidMs) => !at.some((atMs) => saidMs >= atMs && saidMs <= atMs + 1500),
        );
        expect(astray).toEqual([]);
        expect(script.filter(({ atMs }) => !Number.isInteger(atMs))).toEqual([]);
      }),
      { numRuns: 60 },
    );
    // Own words that are still being said at the half leave no room for it.
    const words = Array.from({ length: 60 }, () => 'on').join(' ');
    const busy = halves(routineOf(`group: desk\nSeated march: for 40s, cue "${words}"`));
    expect(busy.at).toHaveLength(1);
    expect(busy.said).toEqual([]);
  });

  test('a point is that of the level that is done', () => {
    const routine = routineOf('lanes: stand\nPlank: hold 30s, level hands on the wall');
    const [item] = itemsInOrder(routine);
    if (!item) throw new Error('no item');
    const { move, level } = itemInForce(item, routine);
    const [first] = cuesOf(move, level).watch;
    expect(textsOf(told(routine).script, 'point')).toEqual([`${first}.`]);
  });

  test('what two rounds of one move do is named once, what a round brings back is named again', () => {
    const names = (text: string) => textsOf(linesOf(`group: older\n${text}`), 'next');
    expect(names('(3 rounds)\n  Seated cat: 4 reps')).toHaveLength(1);
    expect(names('(2 rounds)\n  Seated cat: 4 reps\n  Seated march: for 20s')).toEqual([
      'now Seated cat reps',
      'next Seated march timed each',
      'next Seated cat',
      'next Seated march',
    ]);
  });

  test('no way out is said to people who are on their way already', () => {
    const { score, script } = told(
      routineOf('group: desk\nlanes: stand\nSeated twist: hold 20s\nStanding side bend: hold 20s'),
    );
    const leaves = score.segments.findIndex(({ kind }) => kind === 'transfer');
    const at = score.segments[leaves]?.startMs ?? 0;
    const late = script.filter(({ kind, atMs }) => kind === 'way-out' && atMs >= at);
    expect(late.every(({ atMs }) => atMs >= (score.segments.at(-1)?.startMs ?? 0))).toBe(true);
  });

  test('a lane that rests is told nothing of what others do', () => {
    const script = linesOf('group: older\nlanes: chair, floor\nPlank: hold 30s, level full');
    expect(textsOf(script, 'next')).toEqual([]);
    expect(textsOf(script, 'point')).toEqual([]);
  });

  test('spare says names, switches and last ones; quiet says nothing', () => {
    const kinds: readonly LineKind[] = [
      'next',
      'go',
      'point',
      'switch',
      'count',
      'way-out',
      'pause',
    ];
    expect(kinds.filter((kind) => isSaid({ kind }, 'full'))).toEqual(kinds);
    expect(kinds.filter((kind) => isSaid({ kind }, 'spare'))).toEqual([
      'next',
      'switch',
      'count',
      'pause',
    ]);
    expect(kinds.filter((kind) => isSaid({ kind }, 'quiet'))).toEqual([]);
  });
});

describe('words of a line’s own', () => {
  const spoken = (script: readonly ScriptLine[]) => script.map(({ text }) => text.toLowerCase());
  const shown = (script: readonly ScriptLine[]) =>
    script.map(({ text, whole = '', beside = '' }) => `${text} ${whole} ${beside}`.toLowerCase());

  const RUNS = 200;

  /** The same routine, each line with words of its own that stand nowhere else. */
  function worded(routine: Routine): Routine {
    let n = 0;
    const words = (line: Line): Line =>
      line.kind === 'item'
        ? {
            ...line,
            setUp: `alpha${++n} sit there`,
            cue: `beta${n} move so`,
            out: `gamma${n} come away slowly`,
          }
        : line;
    const sections = SECTIONS.map((name) => [
      name,
      routine.sections[name].map((entry) =>
        entry.kind === 'block' ? { ...entry, lines: entry.lines.map(words) } : words(entry),
      ),
    ]);
    return { ...routine, sections: Object.fromEntries(sections) as Routine['sections'] };
  }

  test('are each said or shown, in whatever routine, where their move is led', () => {
    fc.assert(
      fc.property(routineArbitrary, (plain) => {
        const routine = worded(plain);
        const { score, script } = told(routine);
        const all = shown(script);
        const led = new Set(
          score.segments.flatMap(({ itemId, lanes }) => {
            const [leading] = Object.values(lanes);
            return itemId && leading?.moveId ? [`${itemId} ${leading.moveId}`] : [];
          }),
        );
        for (const { id, moveId, setUp, cue, out } of itemsInOrder(routine)) {
          if (!led.has(`${id} ${moveId}`)) continue;
          for (const words of [setUp, cue, out]) {
            expect([words, all.some((text) => text.includes(words ?? ''))]).toEqual([words, true]);
          }
        }
      }),
      { numRuns: RUNS },
    );
  });

  test('a set-up is said ahead of what flows on, and a way out before it', () => {
    const { script } = told(
      routineOf(
        'Seated cat: 8 reps, tempo 3-0-3, out "sit still"\nSeated twist: hold 20s, straight on, set-up "hand to the knee"',
      ),
    );
    const said = spoken(script);
    const setUp = said.findIndex((text) => text.includes('hand to the knee'));
    expect(setUp).toBeGreaterThan(0);
    expect(said[setUp]).toContain('seated twist');
    expect(shown(script).some((text) => text.includes('sit still'))).toBe(true);
  });

  test('an option is told by what makes it one', () => {
    const said = (option: string) =>
      spoken(linesOf(`Heel raises: for 1:00, or "${option}"`)).find((text) =>
        text.startsWith('or '),
      );
    expect(said('Heel raises: level fingertips')).toBe('or fingertips');
    expect(said('Seated heel raises')).toBe('or seated heel raises');
    expect(said('Tandem stance: level two hands')).toBe('or tandem stance, two hands');
  });

  test('are not said to whoever does another move', () => {
    const { script } = told(
      routineOf('lanes: chair\nMarching: for 30s, set-up "stand tall", out "feet down"'),
    );
    expect(shown(script).filter((text) => /stand tall|feet down/.test(text))).toEqual([]);
  });
});

describe('free time', () => {
  const span = fc
    .tuple(fc.integer({ min: 0, max: 90 }), fc.integer({ min: 1, max: 20 }))
    .map(([fromMs, ms]) => ({ fromMs, untilMs: fromMs + ms }));

  test('what is found is free, inside its bounds, and the first or the last of it', () => {
    const within = { fromMs: 10, untilMs: 80 };
    fc.assert(
      fc.property(
        fc.array(span, { maxLength: 8 }),
        fc.integer({ min: 1, max: 15 }),
        (spans, ms) => {
          const taken: TakenTime = [];
          spans.forEach((one) => take(taken, one));
          const isFree = (atMs: number) =>
            spans.every(({ fromMs, untilMs }) => untilMs <= atMs || fromMs >= atMs + ms);
          const all = Array.from({ length: 71 }, (_, i) => 10 + i).filter(
            (atMs) => atMs + ms <= within.untilMs && isFree(atMs),
          );
          expect(firstFree(taken, ms, within)).toBe(all[0]);
          expect(lastFree(taken, ms, within)).toBe(all.at(-1));
        },
      ),
    );
  });
});

describe('eyes that are closed', () => {
  test('are asked to open before each set ends, and other work says nothing of it', () => {
    const { score, script } = told(
      routineOf('Tandem stance: hold 20s x2, rest 5s, with eyes closed\nSeated twist: hold 20s'),
    );
    const eyes = script.filter(({ kind }) => kind === 'eyes');
    const sets = score.segments.filter((one) => isWork(one) && one.moveName === 'Tandem stance');
    expect(eyes).toHaveLength(sets.length);
    eyes.forEach(({ atMs, text }, i) => {
      expect(text).toBe('open your eyes');
      const set = sets[i];
      expect(atMs).toBeGreaterThan((set?.startMs ?? 0) + 5000);
      expect(atMs).toBeLessThan((set?.endMs ?? 0) - 1000);
    });
    expect(isSaid({ kind: 'eyes' }, 'spare')).toBe(true);
  });
});

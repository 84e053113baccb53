import { GROUP_ALONE } from '@/core/people';
import fc from 'fast-check';
import { SECTIONS, applyChange, reversed, type Routine } from '@/core/routine';
import { plainPhrases, routineArbitrary, routineOf } from '@/core/testing';
import { compile, scoreMovingCost } from '@/core/timing';
import { checkPlaces, newFindings } from '../check/check';
import { seeRoutine } from '../check/seen';
import { brokenCount, brokenIn } from './broken';
import { orderRoutine, type OrderCost } from './order';
import { lateBuildUps } from './teaches';
import { orderChange, unitsOf } from './units';

const wish = { part: GROUP_ALONE, phrases: plainPhrases };
const see = (routine: Routine) =>
  seeRoutine(routine, GROUP_ALONE, compile(routine, GROUP_ALONE, plainPhrases));
const costOf = (routine: Routine): OrderCost => {
  const seen = see(routine);
  const moving = scoreMovingCost(seen.score);
  const broken = brokenIn(seen);
  return {
    ...moving,
    broken,
    brokenRules: brokenCount(broken),
    movingMs: moving.transferMs + moving.risingMs + moving.propMs,
  };
};
const namesOf = (routine: Routine, section: 'main' | 'warm-up' = 'main') =>
  routine.sections[section].map((entry) => (entry.kind === 'item' ? entry.moveId : entry.kind));

function ordered(text: string) {
  const routine = routineOf(text);
  const result = orderRoutine(routine, { ...wish, leastSavedMs: 0 });
  return { routine, result, after: result.change ? applyChange(routine, result.change) : routine };
}

function permutations<T>(values: readonly T[]): T[][] {
  if (values.length <= 1) return [[...values]];
  return values.flatMap((value, i) =>
    permutations([...values.slice(0, i), ...values.slice(i + 1)]).map((rest) => [value, ...rest]),
  );
}

/** Every order of every section, tried one by one on the real score and the real checks. */
function bestByTrying(routine: Routine): readonly [broken: number, ms: number] {
  const units = Object.fromEntries(
    SECTIONS.map((name) => [name, unitsOf(routine, name)]),
  ) as Record<(typeof SECTIONS)[number], ReturnType<typeof unitsOf>>;
  const before = checkPlaces(routine, wish);
  let best: readonly [number, number] = [costOf(routine).brokenRules, costOf(routine).movingMs];
  const all = (name: (typeof SECTIONS)[number]) =>
    permutations(units[name].map((_, at) => at)).filter((order) =>
      order.every((unit, place) => !units[name][unit]?.pinned || unit === place),
    );
  for (const warmUp of all('warm-up')) {
    for (const main of all('main')) {
      for (const settle of all('settle')) {
        const change = orderChange(units, { 'warm-up': warmUp, main, settle });
        const after = applyChange(routine, change);
        const cost = costOf(after);
        const [broken, ms] = [cost.brokenRules, cost.movingMs];
        if (broken > best[0] || (broken === best[0] && ms >= best[1])) continue;
        if (newFindings(before, checkPlaces(after, wish)).length === 0) best = [broken, ms];
      }
    }
  }
  return best;
}

describe('order', () => {
  test('saves trips to the floor, and says by how much', () => {
    const { after, result } = ordered(
      'group: desk\nlanes: floor\nOpen book\nSeated cat\nOpen book\nSeated march',
    );
    expect(namesOf(after)).toEqual(['open-book', 'open-book', 'seated-cat', 'seated-march']);
    expect(result.before.transferMs - result.after.transferMs).toBeGreaterThan(20_000);
    expect(costOf(after)).toEqual(result.after);
    expect(result.exact).toBe(true);
  });

  test('balance goes before tiring leg work, long holds after movement', () => {
    const tired = ordered('group: desk\nlanes: stand\nSit to stand: 12 reps\nTandem stance');
    expect(namesOf(tired.after)).toEqual(['tandem-stance', 'sit-to-stand']);
    const cold = ordered(
      'group: desk\nNeck side tilt: hold 30s\nSeated march: for 2:00\nNeck side tilt: 8 reps',
    );
    expect(namesOf(cold.after).at(-1)).toBe('neck-side-tilt');
    expect(cold.result.after.brokenRules).toBe(0);
  });

  test('a build-up goes before what it teaches', () => {
    const text =
      'group: desk\nlanes: chair-rise\nSit to stand: 4 reps\n(build up)\n  Lift off the backrest: 1 rep\n  Lean over the feet: 1 rep\n(end)';
    expect(lateBuildUps(routineOf(text))).toHaveLength(1);
    const { after } = ordered(text);
    expect(namesOf(after)).toEqual(['block', 'sit-to-stand']);
  });

  test('props are fetched once', () => {
    const { after, result } = ordered(
      'group: desk\nSeated cat: prop strap\nSeated march: prop band\nSeated cat: prop strap',
    );
    expect(result.before.propMs - result.after.propMs).toBe(6000);
    expect(namesOf(after).filter((name) => name === 'seated-march')).toHaveLength(1);
  });

  test('pinned items stay, rests stay behind their item, notes above theirs', () => {
    const { after } = ordered(
      [
        'group: desk',
        'lanes: floor',
        'Open book',
        'rest 20s',
        'Seated cat: pin',
        '# on the mat again',
        'Open book: 4 breaths',
        'Seated march',
      ].join('\n'),
    );
    const places = (one: Routine) => unitsOf(one, 'main').findIndex(({ pinned }) => pinned);
    expect(places(after)).toBe(1);
    const entries = after.sections.main;
    const rest = entries.findIndex(({ kind }) => kind === 'rest');
    expect(entries[rest - 1]).toMatchObject({ kind: 'item', moveId: 'open-book', id: 'i1' });
    const note = entries.findIndex(({ kind }) => kind === 'note');
    expect(entries[note + 1]).toMatchObject({ moveId: 'open-book', id: 'i5' });
  });

  test('an order that is as good as any is left alone', () => {
    const { result } = ordered('group: desk\nSeated march\nSeated cat');
    expect(result.change).toBeUndefined();
    expect(result.after).toEqual(result.before);
  });

  test('sections keep their entries', () => {
    const { routine, after } = ordered(
      'group: desk\nlanes: floor\n[warm-up]\nOpen book\nSeated cat\n[main]\nOpen book\nSeated march',
    );
    for (const section of SECTIONS) {
      const ids = (one: Routine) => one.sections[section].map(({ id }) => id).sort();
      expect(ids(after)).toEqual(ids(routine));
    }
    expect(namesOf(after, 'warm-up')).toEqual(['seated-cat', 'open-book']);
  });
});

describe('order against trying everything', () => {
  test.each([
    [
      'lanes: floor',
      'Bridge',
      'Seated twist: hold 30s',
      'Tandem stance',
      'Sit to stand: 12 reps',
      'Open book',
    ],
    [
      'lanes: floor, chair',
      'All-fours cat',
      'Seated cat',
      'Leg lowering',
      'Marching',
      'Open book',
      'Seated march',
    ],
    [
      'lanes: floor',
      "Child's pose: 8 breaths",
      'Tandem stance',
      'Seated march: for 30s',
      'Lying along a roller',
      'One-leg stance',
    ],
    [
      'lanes: stand',
      'Seated cat: prop strap',
      'Seated march: prop band',
      'Marching: prop strap',
      'Sit to stand: 12 reps',
      'rest 20s',
      'Tandem stance',
    ],
    [
      'lanes: floor',
      '[warm-up]',
      'Open book',
      'Seated march',
      'Marching',
      '[main]',
      'Plank',
      'Seated twist: hold 30s',
      'Bridge',
      '[settle]',
      'Seated easy breath',
      'Open book',
    ],
    [
      'lanes: stand, chair',
      '(build up)',
      '  Lift off the backrest: 1 rep',
      '  Scoot to the front: 1 rep',
      '(end)',
      'Sit to stand: 8 reps',
      'Tandem stance: pin',
      'Marching',
      'Standing side bend: hold 30s',
    ],
    [
      'lanes: floor',
      'Open book',
      'Seated twist: hold 30s',
      'Tandem stance: pin',
      'Sit to stand: 12 reps',
      "Child's pose: 8 breaths",
      'Seated march: for 1:00',
      'Bridge',
      'Seated cat: prop strap',
    ],
  ])('%s … %s', (...lines) => {
    for (const pace of ['desk', 'older'] as const) {
      const { result } = ordered(`group: ${pace}\nlimits: none\n${lines.join('\n')}`);
      expect([result.after.brokenRules, result.after.movingMs]).toEqual(
        bestByTrying(routineOf(`group: ${pace}\nlimits: none\n${lines.join('\n')}`)),
      );
    }
  });
});

describe('order for any routine', () => {
  test('never worse, never a new stop or caution, what it says is so, and it can be taken back', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const result = orderRoutine(routine, { ...wish, leastSavedMs: 0 });
        const after = result.change ? applyChange(routine, result.change) : routine;
        expect(result.before).toEqual(costOf(routine));
        expect(result.after).toEqual(costOf(after));
        const [was, is] = [result.before, result.after];
        expect(is.brokenRules).toBeLessThanOrEqual(was.brokenRules);
        if (is.brokenRules === was.brokenRules) {
          expect(is.movingMs).toBeLessThanOrEqual(was.movingMs);
        }
        if (!result.change) return;
        expect(newFindings(checkPlaces(routine, wish), checkPlaces(after, wish))).toEqual([]);
        expect(applyChange(after, reversed(result.change))).toEqual(routine);
      }),
      { seed: 11, numRuns: 60 },
    );
  });

  test('a section too long for the exact search still gets better', () => {
    const lines = Array.from({ length: 9 }, () => ['Open book', 'Seated cat']).flat();
    const { result } = ordered(['group: desk', 'lanes: floor', ...lines].join('\n'));
    expect(result.exact).toBe(false);
    expect(result.after.movingMs).toBeLessThan(result.before.movingMs / 2);
  });

  test('a block that moves for hours is ordered as exactly as any', () => {
    const pairs = Array.from({ length: 12 }, () => '  Open book: 3 reps\n  Seated cat: 4 reps');
    const block = `(12 rounds)\n${pairs.join('\n')}\n(end)`;
    const text = `group: older\nlanes: floor\nlimits: none\nOpen book\nSeated march\n${block}\nBridge\nMarching`;
    const { result } = ordered(text);
    expect([result.after.brokenRules, result.after.movingMs]).toEqual(
      bestByTrying(routineOf(text)),
    );
  });
});

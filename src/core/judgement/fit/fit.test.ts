import { amountOf } from '@/core/moves';
import { GROUP_ALONE } from '@/core/people';
import fc from 'fast-check';
import { countingIds } from '@/core/common';
import {
  amountRange,
  applyChange,
  doseChanged,
  changeItem,
  itemInForce,
  itemsInOrder,
  reversed,
  routineSchema,
  type Item,
  type Routine,
} from '@/core/routine';
import { edited, plainPhrases, routineArbitrary, routineOf } from '@/core/testing';
import { compile } from '@/core/timing';
import { fitRoutine, type Fitting } from './fit';

const wish = (slotMs: number) => ({
  slotMs,
  part: GROUP_ALONE,
  phrases: plainPhrases,
  newId: countingIds('n'),
});
const timeOf = (routine: Routine) => compile(routine, GROUP_ALONE, plainPhrases).totalMs;
const s = (seconds: number) => seconds * 1000;

function fitted(text: string, slotMs: number) {
  const routine = routineOf(text);
  const result = fitRoutine(routine, wish(slotMs));
  if (!result.fitted) throw new Error(JSON.stringify(result));
  const after = applyChange(routine, result.change);
  return { routine, result, after };
}

const DESK = ['group: desk', 'lanes: chair', 'Seated cat: 6 reps', 'Seated twist: hold 20s'];
const text = (...more: string[]) => [...DESK, ...more].join('\n');

describe('fit', () => {
  test('meets the slot to the second, sides alike', () => {
    const { after } = fitted(text(), s(120));
    expect(timeOf(after)).toBe(s(120));
    const score = compile(after, GROUP_ALONE, plainPhrases);
    expect(score.leftMs).toBe(score.rightMs);
  });

  test('a slot that is met already changes nothing', () => {
    const routine = routineOf(text());
    const result = fitRoutine(routine, wish(timeOf(routine)));
    expect(result).toMatchObject({ fitted: true, changes: [] });
  });

  test('what no step can meet goes to the last rest line outside settle', () => {
    const now = timeOf(routineOf(text('rest 20s', '[settle]', 'Seated cat: 6 reps')));
    const { after, result } = fitted(
      text('rest 20s', '[settle]', 'Seated cat: 6 reps'),
      now + s(3),
    );
    expect(result.changes).toEqual([{ itemId: 'i3', what: 'rest', from: s(20), to: s(23) }]);
    expect(timeOf(after)).toBe(now + s(3));
  });

  test('with no rest line one is added at the end of main, in place of the pause', () => {
    const older =
      'group: older\nlimits: none\nlanes: chair\nSeated twist\n[settle]\nSeated easy breath';
    const now = timeOf(routineOf(older));
    const { after, result } = fitted(older, now + s(4));
    expect(timeOf(after)).toBe(now + s(4));
    expect(result.changes).toEqual([{ itemId: 'n1', what: 'rest', from: 0, to: s(9) }]);
    expect(after.sections.main.at(-1)).toEqual({ kind: 'rest', id: 'n1', restMs: s(9) });
  });

  test('pinned items stay, and stand in the way', () => {
    const pinned = text().replace('hold 20s', 'hold 20s, pin');
    const { after } = fitted(pinned, timeOf(routineOf(pinned)) + s(12));
    expect(itemsInOrder(after)[1]).toMatchObject({ dose: { holdMs: s(20) } });
    const routine = routineOf(pinned);
    const beyond = fitRoutine(routine, wish(s(3000)));
    expect(beyond).toMatchObject({ fitted: false });
    expect(beyond.fitted || beyond.inTheWay).toContainEqual({ itemId: 'i2', why: 'pinned' });
  });

  test('beyond reach it says both lengths, and both can be met', () => {
    const routine = routineOf(text());
    const far = fitRoutine(routine, wish(s(3600)));
    expect(far.fitted).toBe(false);
    const { minMs, maxMs } = far.limits;
    for (const end of [minMs, maxMs]) {
      const result = fitRoutine(routine, wish(end));
      if (!result.fitted) throw new Error(`${end}`);
      expect(timeOf(applyChange(routine, result.change))).toBe(end);
    }
    expect(fitRoutine(routine, wish(minMs - 1000)).fitted).toBe(false);
    expect(fitRoutine(routine, wish(maxMs + 1000)).fitted).toBe(false);
  });

  test('sets move only where amounts don’t reach, rounds only where sets don’t', () => {
    const one = 'group: desk\nlanes: chair\nSeated twist: hold 20s';
    const amounts = fitted(one, timeOf(routineOf(one)) + s(60));
    expect(amounts.result.changes.map(({ what }) => what)).toEqual(['hold']);
    const sets = fitted(one, timeOf(routineOf(one)) + s(200));
    expect(sets.result.changes.map(({ what }) => what)).toContain('sets');
    const block = 'group: desk\nlanes: chair\n(2 rounds)\n  Seated twist: hold 20s';
    const far = fitRoutine(routineOf(block), wish(s(3600))).limits.maxMs;
    const rounds = fitted(block, far - s(60));
    expect(rounds.result.changes.map(({ what }) => what)).toContain('rounds');
  });

  test.each([4, 5, 6])('rounds of %d blocks move, and no rest takes their place', (count) => {
    const lines = ['group: desk', 'lanes: chair'];
    for (let i = 0; i < count; i++) {
      lines.push('(2 rounds, rest 20s)', '  Seated twist: hold 20s', '  Seated cat: 6 reps');
    }
    const routine = routineOf(lines.join('\n'));
    const { minMs, maxMs } = fitRoutine(routine, wish(s(99_999))).limits;
    const present = timeOf(routine);
    for (const slotMs of [minMs, present + (maxMs - present) / 2, maxMs - s(61), maxMs]) {
      const result = fitRoutine(routine, wish(Math.round(slotMs / 1000) * 1000));
      if (!result.fitted) throw new Error(`${slotMs}`);
      const rests = result.changes.filter(({ what }) => what === 'rest');
      expect(rests.reduce((sum, { from, to }) => sum + to - from, 0)).toBeLessThan(s(20));
      expect(timeOf(applyChange(routine, result.change))).toBe(result.totalMs);
    }
  });

  test('rounds go where the doses beside them stay nearest', () => {
    const routine = routineOf(
      'group: desk\nlanes: chair\n(2 rounds)\n  Seated cat: 6 reps\nSeated twist: hold 20s, pin',
    );
    const result = fitRoutine(routine, wish(fitRoutine(routine, wish(s(9999))).limits.maxMs));
    if (!result.fitted) throw new Error('not fitted');
    expect(result.changes).toContainEqual({ itemId: 'i1', what: 'rounds', from: 2, to: 4 });
  });

  test('rounds of a section move as those of a block do', () => {
    const routine = routineOf(
      'group: desk\nlanes: chair\n[main, 2 rounds, rest 10s]\nSeated cat: 6 reps\nSeated twist: hold 20s',
    );
    const { minMs, maxMs } = fitRoutine(routine, wish(s(9999))).limits;
    const longest = fitRoutine(routine, wish(maxMs));
    if (!longest.fitted) throw new Error('not fitted');
    expect(longest.changes[0]).toEqual({ itemId: 'main', what: 'rounds', from: 2, to: 4 });
    const after = applyChange(routine, longest.change);
    expect(timeOf(after)).toBe(maxMs);
    expect(after.heads?.main).toEqual({ rounds: 4, restMs: s(10) });
    expect(applyChange(after, reversed(longest.change))).toEqual(routine);
    const shortest = fitRoutine(routine, wish(minMs));
    if (!shortest.fitted) throw new Error('not fitted');
    expect(shortest.changes.map(({ what }) => what)).not.toContain('rounds');
  });

  test('a section with a pinned line keeps its rounds', () => {
    const routine = routineOf(
      'group: desk\nlanes: chair\n[main, 3 rounds]\nSeated cat: 6 reps, pin\nSeated twist: hold 20s',
    );
    const { maxMs } = fitRoutine(routine, wish(s(9999))).limits;
    const result = fitRoutine(routine, wish(maxMs));
    expect(result.fitted && result.changes.map(({ what }) => what)).not.toContain('rounds');
  });

  test('every second between the least and the greatest length is met', () => {
    const routine = routineOf(text('rest 20s', 'Leg extend and bend: 8 reps'));
    const { minMs, maxMs } = fitRoutine(routine, wish(s(9999))).limits;
    for (let slotMs = minMs; slotMs <= Math.min(maxMs, minMs + s(400)); slotMs += s(7)) {
      const result = fitRoutine(routine, wish(slotMs));
      if (!result.fitted) throw new Error(`${slotMs}`);
      expect(timeOf(applyChange(routine, result.change))).toBe(slotMs);
    }
  });

  test('an item that a check holds back keeps its dose', () => {
    const routine = routineOf(text());
    const result = fitRoutine(routine, {
      ...wish(timeOf(routine) + s(20)),
      spoilt: (after) => {
        const [, twist] = itemsInOrder(after);
        const grew = twist && amountOf(itemInForce(twist, { group: 'desk' }).dose) > s(20);
        return grew ? [twist.id] : undefined;
      },
    });
    if (!result.fitted) throw new Error('not fitted');
    const after = applyChange(routine, result.change);
    expect(itemsInOrder(after)[1]).toMatchObject({ dose: { holdMs: s(20) } });
    expect(timeOf(after)).toBe(timeOf(routine) + s(20));
  });
});

/** The best amounts by trying all of them, for routines without rests to give the leftover to. */
function bestByTrying(routine: Routine, slotMs: number): number | undefined {
  const items = itemsInOrder(routine);
  const work = (one: Routine) => {
    const score = compile(one, GROUP_ALONE, plainPhrases);
    return items.map(({ id }) =>
      score.segments
        .filter(({ kind, itemId }) => itemId === id && (kind === 'work' || kind === 'press'))
        .reduce((sum, { startMs, endMs }) => sum + (endMs - startMs) / 1000, 0),
    );
  };
  const old = work(routine);
  const present = old.reduce((sum, one) => sum + one, 0);
  const wanted = present + (slotMs - timeOf(routine)) / 1000;
  const amounts = items.map((item) => amountsOf(item, routine));
  const smallest = Math.min(
    ...items.map((item, i) => {
      const [least = 0, next = 0] = amounts[i] ?? [];
      const at = (amount: number) =>
        timeOf(
          edited(routine, changeItem(routine, item.id, doseChanged(item, routine, { amount }))),
        );
      return at(next) - at(least);
    }),
  );
  let best: number | undefined;
  const go = (i: number, now: Routine) => {
    const item = items[i];
    if (!item) {
      const left = slotMs - timeOf(now);
      if (left < 0 || left >= smallest) return;
      const cost = work(now).reduce(
        (sum, one, at) => sum + Math.abs(one * present - wanted * (old[at] ?? 0)),
        0,
      );
      best = best === undefined ? cost : Math.min(best, cost);
      return;
    }
    for (const amount of amounts[i] ?? []) {
      go(i + 1, edited(now, changeItem(now, item.id, doseChanged(item, now, { amount }))));
    }
  };
  go(0, routine);
  return best;
}

function amountsOf(item: Item, { group }: Routine): number[] {
  const range = amountRange(item, { group });
  if (!range) return [];
  const from = range.now - Math.floor((range.now - range.least) / range.step) * range.step;
  const amounts = [];
  for (let amount = from; amount <= range.most; amount += range.step) amounts.push(amount);
  return amounts;
}

function costOf(routine: Routine, result: Fitting, slotMs: number): number | undefined {
  if (!result.fitted) return undefined;
  const work = (one: Routine) =>
    itemsInOrder(routine).map(({ id }) =>
      compile(one, GROUP_ALONE, plainPhrases)
        .segments.filter(
          ({ kind, itemId }) => itemId === id && (kind === 'work' || kind === 'press'),
        )
        .reduce((sum, { startMs, endMs }) => sum + (endMs - startMs) / 1000, 0),
    );
  const old = work(routine);
  const present = old.reduce((sum, one) => sum + one, 0);
  const wanted = present + (slotMs - timeOf(routine)) / 1000;
  return work(applyChange(routine, result.change)).reduce(
    (sum, one, at) => sum + Math.abs(one * present - wanted * (old[at] ?? 0)),
    0,
  );
}

describe('fit against trying everything', () => {
  test.each([
    ['Seated cat: 6 reps\nNeck side tilt: 4 breaths', 20],
    ['Seated cat: 6 reps\nNeck side tilt: 4 breaths', -15],
    ['Neck side tilt: hold 20s\nSeated cat: 5 reps\nSeated easy breath: 6 breaths', 31],
    ['Neck side tilt: hold 20s\nSeated cat: 5 reps\nSeated easy breath: 6 breaths', -27],
    ['(each side)\n  Seated twist: hold 20s\n  Neck side tilt: 3 breaths', 44],
    ['(2 rounds)\n  Seated cat: 6 reps\n  Neck side tilt: 3 breaths', 53],
    ['Neck side tilt: hold 15s, weak left +5s\nSeated cat: 6 reps', 23],
  ])('%s by %d s', (lines, bySeconds) => {
    const routine = routineOf(`group: desk\nlanes: chair\n${lines}`);
    const slotMs = timeOf(routine) + s(bySeconds);
    const best = bestByTrying(routine, slotMs);
    const result = fitRoutine(routine, wish(slotMs));
    expect(best).toBeDefined();
    expect(costOf(routine, result, slotMs)).toBe(best);
  });
});

describe('fit for any routine', () => {
  test('it is met to the second or refused with both lengths, doses inside their ranges', () => {
    fc.assert(
      fc.property(routineArbitrary, fc.integer({ min: -300, max: 600 }), (routine, by) => {
        const now = timeOf(routine);
        const slotMs = Math.max(1000, now + s(by));
        const result = fitRoutine(routine, wish(slotMs));
        if (!result.fitted) {
          const { minMs, maxMs } = result.limits;
          expect(slotMs < minMs || slotMs > maxMs).toBe(true);
          return;
        }
        const after = applyChange(routine, result.change);
        expect(routineSchema.safeParse(after).success).toBe(true);
        expect(timeOf(after)).toBe(slotMs);
        expect(applyChange(after, reversed(result.change))).toEqual(routine);
        for (const item of itemsInOrder(after)) {
          const old = itemsInOrder(routine).find(({ id }) => id === item.id);
          const range = amountRange(item, after);
          if (!range || !old || old === item) continue;
          const { dose: was } = itemInForce(old, routine);
          if (was.most !== undefined) {
            // A span is the instructor's own, and all of it may be used.
            expect(range.now).toBeGreaterThanOrEqual(amountOf(was));
            expect(range.now).toBeLessThanOrEqual(was.most);
            continue;
          }
          expect(range.now).toBeGreaterThanOrEqual(range.least);
          expect(range.now).toBeLessThanOrEqual(range.most);
        }
      }),
      { seed: 5, numRuns: 60 },
    );
  });
});

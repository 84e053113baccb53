import fc from 'fast-check';
import { furnitureAt } from '@/core/body';
import { countingIds, type ItemId } from '@/core/common';
import { GROUP_ALONE } from '@/core/people';
import { applyChange, itemInForce, itemsInOrder, reversed, type Routine } from '@/core/routine';
import {
  GOOD_ROUTINES,
  plainPhrases as phrases,
  routineArbitrary,
  routineOf,
} from '@/core/testing';
import { timesOf } from '@/core/timing';
import { checkPlaces, newFindings } from '../check/check';
import { tonight, type TonightAsked } from './tonight';

const AS_IT_IS: TonightAsked = { without: [], keep: [], some: [] };
const made = (routine: Routine, asked: Partial<TonightAsked>) => {
  const all = { ...AS_IT_IS, ...asked };
  const wish = { ...all, part: GROUP_ALONE, phrases, newId: countingIds('n') };
  const result = tonight(routine, wish);
  return { ...result, after: applyChange(routine, result.change) };
};
const names = (routine: Routine) =>
  itemsInOrder(routine).map((item) => itemInForce(item, routine).move.name);
const found = (routine: Routine) => checkPlaces(routine, { part: GROUP_ALONE, phrases });
const stops = (before: Routine, after: Routine) =>
  newFindings(found(before), found(after)).filter(({ severity }) => severity === 'stop');

const DESK = routineOf(`title: Between two boats
group: desk
slot: 20:00
lanes: stand, chair
limits: none

[warm-up]
Marching: for 1:00
Shoulder rolls: 8 reps
Neck side tilt: 4 breaths, each side
Seated twist: hold 20s, each side

[main]
Heel raises: 10 reps
Wall push-up: 8 reps
Sit to stand: 8 reps
Seated hamstring reach: hold 30s, each side
Wall calf stretch: hold 30s, each side
Wall chest stretch: hold 45s, each side
Shoulder blade squeeze: 8 reps
Seated figure four: hold 45s, each side
Seated cat: 6 reps

[settle]
Seated easy breath: 8 breaths
`);

describe('a day that is different', () => {
  test('as it is, nothing changes', () => {
    expect(made(DESK, {}).change.steps).toEqual([]);
  });

  test('eight minutes less leaves rows out, and keeps doses in the middle of their ranges', () => {
    const total = timesOf(DESK, GROUP_ALONE, phrases).totalMs;
    const toMs = total - 8 * 60_000;
    const { after, steps, totalMs, overMs } = made(DESK, { toMs });
    expect(overMs).toBe(0);
    expect(totalMs).toBeLessThanOrEqual(toMs);
    expect(steps.filter(({ kind }) => kind === 'left-out').length).toBeGreaterThanOrEqual(3);
    expect(names(after)).toEqual(expect.arrayContaining(['Sit to stand', 'Heel raises']));
    expect(after.sections.settle.length).toBeGreaterThan(0);
    expect(after.slotMs).toBe(toMs);
    expect(stops(DESK, after)).toEqual([]);
  });

  test('a row that is kept stays, and another goes', () => {
    const toMs = timesOf(DESK, GROUP_ALONE, phrases).totalMs - 6 * 60_000;
    const first = made(DESK, { toMs });
    const out = first.steps.find(({ kind }) => kind === 'left-out');
    if (!out) throw new Error('nothing was left out');
    const again = made(DESK, { toMs, keep: [out.id] });
    expect(itemsInOrder(again.after).some(({ id }) => id === out.id)).toBe(true);
    expect(again.steps).not.toContainEqual(out);
  });

  test('without a wall nobody goes to one', () => {
    const { after, needed } = made(DESK, { without: ['wall'] });
    const { segments } = timesOf(after, GROUP_ALONE, phrases);
    const places = segments.flatMap(({ position }) => Object.values(position));
    expect(places.some((at) => at && furnitureAt(at).includes('wall'))).toBe(false);
    expect(needed).toEqual([]);
    expect(names(after)).toContain('Sit to stand');
  });

  test('what can’t go without it is said', () => {
    const { needed, change } = made(DESK, { without: ['chair'] });
    expect(needed).toEqual(['chair']);
    expect(change.steps).toEqual([]);
  });

  test('who has something is offered what suits them, and the others go on as they were', () => {
    const { after, steps } = made(DESK, { some: [{ limit: 'shoulder painful' }] });
    expect(names(after)).toEqual(names(DESK));
    expect(steps.length).toBeGreaterThan(0);
    expect(timesOf(after, GROUP_ALONE, phrases).totalMs).toBe(
      timesOf(DESK, GROUP_ALONE, phrases).totalMs,
    );
  });

  test('whatever is asked of whatever class: one change that can be taken back, and no new stop', () => {
    const asked = fc.record({
      share: fc.double({ min: 0.3, max: 1.2, noNaN: true }),
      without: fc.subarray(['mat', 'wall', 'counter'] as const),
      keep: fc.integer({ min: 0, max: 5 }),
      sore: fc.boolean(),
    });
    const routine = fc.oneof(
      routineArbitrary,
      fc.constantFrom(...Object.values(GOOD_ROUTINES).map((text) => routineOf(text))),
    );
    fc.assert(
      fc.property(routine, asked, (one, { share, without, keep, sore }) => {
        const total = timesOf(one, GROUP_ALONE, phrases).totalMs;
        const kept = itemsInOrder(one)
          .slice(keep, keep + 2)
          .map(({ id }): ItemId => id);
        const toMs = Math.max(1000, Math.round((total * share) / 1000) * 1000);
        const { change, after, steps, totalMs, overMs } = made(one, {
          ...{ toMs, without, keep: kept },
          some: sore ? [{ limit: 'knee painful' }] : [],
        });
        expect(applyChange(after, reversed(change))).toEqual(one);
        expect(stops(one, after)).toEqual([]);
        expect(overMs).toBe(Math.max(0, totalMs - toMs));
        const out = steps.filter((step) => step.kind === 'left-out' && step.why === 'time');
        for (const { id } of out) expect(kept).not.toContain(id);
      }),
      { numRuns: 25 },
    );
  }, 60_000);
});

import { moveIdSchema } from '@/core/common';
import { memberSchema } from '@/core/people';
import { itemsInOrder } from '@/core/routine';
import { routineOf } from '@/core/testing';
import { ownPart, ownParts } from './own-parts';

const STAND = moveIdSchema.parse('sit-to-stand');
const ada = (dose: object) =>
  memberSchema.parse({
    id: 'ada',
    name: 'Ada',
    groups: [],
    doses: { [STAND]: { on: '2026-03-01', ...dose } },
  });
const written = { kind: 'reps', amount: 6, sets: 2 } as const;

describe('what somebody took on', () => {
  test.each([
    [{ amount: 5 }, { kind: 'reps', amount: 5, sets: 2, than: 'fewer' }],
    [{ amount: 7 }, { kind: 'reps', amount: 7, sets: 2, than: 'more' }],
    [{ sets: 1 }, { kind: 'reps', amount: 6, sets: 1, than: 'fewer' }],
    [{ amount: 6, sets: 2 }, undefined],
    // Thirty seconds of a hold are no thirty thousand reps.
    [{ amount: 30_000 }, undefined],
  ])('%j of 2 × 6 reps', (dose, part) => {
    expect(ownPart(ada(dose), STAND, written)).toEqual(part);
  });

  test('a count is no time', () => {
    const hold = { kind: 'hold', amount: 30_000, sets: 1 } as const;
    expect(ownPart(ada({ amount: 5 }), STAND, hold)).toBeUndefined();
    expect(ownPart(ada({ amount: 20_000 }), STAND, hold)).toMatchObject({ than: 'fewer' });
  });

  test('is found at every line of that move, and at no other', () => {
    const routine = routineOf(`group: older
[main]
Sit to stand: 6 reps
Bridge: 8 reps
Sit to stand: 4 reps`);
    const [first, , third] = itemsInOrder(routine);
    const parts = ownParts(routine, [ada({ amount: 4 })]);
    expect([...parts.keys()]).toEqual([first?.id]);
    expect(ownParts(routine, [ada({ amount: 3 })]).has(third!.id)).toBe(true);
    expect(ownParts(routine, [memberSchema.parse({ id: 'b', name: 'Bo', groups: [] })]).size).toBe(
      0,
    );
  });
});

import fc from 'fast-check';
import { countingIds } from '@/core/common';
import { GROUP_ALONE, LIMITS } from '@/core/people';
import { applyChange, changeHeader, itemsInOrder } from '@/core/routine';
import {
  GOOD_ROUTINES,
  plainPhrases as phrases,
  routineArbitrary,
  routineOf,
} from '@/core/testing';
import { checkPlaces, mendsOf } from './check';

const wish = { part: GROUP_ALONE, phrases, newId: countingIds('m') };

test('a stop on a row always has a way out: a move that is for them, or to leave the row out', () => {
  const routine = fc.oneof(
    routineArbitrary,
    fc.constantFrom(...Object.values(GOOD_ROUTINES).map((text) => routineOf(text))),
  );
  const limit = fc.constantFrom(...LIMITS);
  let seen = 0;
  fc.assert(
    fc.property(routine, limit, (plain, one) => {
      const change = changeHeader(plain, { limits: [{ limit: one }] });
      const hurt = change ? applyChange(plain, change) : plain;
      const stops = checkPlaces(hurt, wish).filter(
        ({ severity, itemId }) => severity === 'stop' && itemId !== null,
      );
      for (const stop of stops.slice(0, 3)) {
        const [mend] = mendsOf(hurt, stop, wish);
        expect(mend).toBeDefined();
        if (!mend) continue;
        seen += 1;
        const after = checkPlaces(applyChange(hurt, mend), wish);
        const still = after.some(
          ({ id, itemId, severity }) =>
            id === stop.id && itemId === stop.itemId && severity === 'stop',
        );
        const stays = itemsInOrder(applyChange(hurt, mend)).some(({ id }) => id === stop.itemId);
        expect(still && stays && mend.steps.every(({ kind }) => kind === 'remove')).toBe(false);
      }
    }),
    { numRuns: 40 },
  );
  expect(seen).toBeGreaterThan(10);
}, 60_000);

test('what one way of taking part holds too long is shortened for that way alone', () => {
  const routine = routineOf(
    'group: older\nlanes: stand, chair\nlimits: blood pressure\nWall calf stretch: hold 30s',
  );
  const found = checkPlaces(routine, wish).find(({ id }) => id === 'hold-strain');
  if (!found) throw new Error('nothing is found');
  expect(found.lane).toBe('chair');
  const [mend] = mendsOf(routine, found, wish);
  const after = mend ? applyChange(routine, mend) : routine;
  const [item] = itemsInOrder(after);
  expect(item?.dose).toEqual(itemsInOrder(routine)[0]?.dose);
  expect(checkPlaces(after, wish).some(({ id }) => id === 'hold-strain')).toBe(false);
});

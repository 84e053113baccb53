import fc from 'fast-check';
import { countingIds, itemIdSchema } from '@/core/common';
import { GROUP_ALONE } from '@/core/people';
import {
  SECTIONS,
  addEntry,
  entriesInOrder,
  withFreshIds,
  type Place,
  type Routine,
} from '@/core/routine';
import { edited, plainPhrases, routineArbitrary, routineOf } from '@/core/testing';
import { addTimer } from './added';
import { compile } from './compile';

const totalMs = (routine: Routine) => compile(routine, GROUP_ALONE, plainPhrases).totalMs;

/** Every place of a routine, in blocks too. */
function placesIn(routine: Routine): readonly Place[] {
  const ends = SECTIONS.map((section) => ({ section, at: routine.sections[section].length }));
  const before = entriesInOrder(routine).map(({ section, at }) => ({ section, at }));
  const inBlocks = entriesInOrder(routine).flatMap(({ section, entry }) =>
    entry.kind === 'block'
      ? [0, entry.lines.length].map((at) => ({ section, at, inBlock: entry.id }))
      : [],
  );
  return [...ends, ...before, ...inBlocks];
}

test('an entry adds what the score says, wherever it is put in', () => {
  fc.assert(
    fc.property(routineArbitrary, routineArbitrary, fc.nat(), (routine, other, pick) => {
      const places = placesIn(routine);
      const place = places[pick % places.length] ?? { section: 'main', at: 0 };
      const lines = entriesInOrder(other).map(({ entry }) => entry);
      const good = lines.filter(({ kind }) => kind !== 'block' || !place.inBlock);
      const found = good[pick % Math.max(1, good.length)];
      if (!found) return;
      const added = withFreshIds(found, countingIds('added'));
      const ms = addTimer(routine, GROUP_ALONE, plainPhrases).added(added, place);
      expect(ms).toBe(totalMs(edited(routine, addEntry(routine, added, place))) - totalMs(routine));
    }),
    { numRuns: 300 },
  );
});

test('what follows is timed only until the room stands as it did', () => {
  const lines = Array.from({ length: 60 }, (_, i) => (i % 2 ? 'Seated cat' : 'Seated twist'));
  const routine = routineOf(`group: older\nlimits: none\nlanes: chair\n${lines.join('\n')}`);
  const [first] = entriesInOrder(routine);
  if (first?.entry.kind !== 'item') throw new Error('no item');
  let timed = 0;
  const phrases = { ...plainPhrases, side: (side: 'left' | 'right') => (timed++, side) };
  const { added } = addTimer(routine, GROUP_ALONE, phrases);
  timed = 0;
  added({ ...first.entry, id: itemIdSchema.parse('added') }, { section: 'main', at: 30 });
  expect(timed).toBeLessThan(10);
});

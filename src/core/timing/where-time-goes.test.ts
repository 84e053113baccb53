import { catalogueFor, entriesInOrder, readRoutineText } from '@/core/routine';
import { countingIds, routineIdSchema, type ItemId } from '@/core/common';
import { GROUP_ALONE } from '@/core/people';
import { scorePhrases } from '@/words/score';
import { compile } from './compile';
import { msOf } from './score';
import { whereTimeGoes } from './where-time-goes';

const read = (text: string) =>
  readRoutineText(text, {
    id: routineIdSchema.parse('r'),
    newId: countingIds('i'),
    untitled: 'x',
  }).routine;

describe('where the time goes', () => {
  const routine = read(
    'group: desk\n\n[warm-up]\nSeated cat: 8 reps\n\n[main]\nSeated twist: hold 20s, each side\nrest 30s\nHeel raises: 10 reps',
  );
  const score = compile(routine, GROUP_ALONE, scorePhrases);
  const sectionOf = new Map<ItemId, string>(
    Object.entries(routine.sections).flatMap(([section, entries]) =>
      entries.map(({ id }) => [id, section] as const),
    ),
  );
  const { byId } = catalogueFor(routine);
  const spent = whereTimeGoes(score, ({ moveId }) => byId.get(moveId ?? ''), sectionOf);

  test('every second is in one of the four, and all are the whole', () => {
    const sum = Object.values(spent.by).reduce((all, ms) => all + ms, 0);
    expect(sum).toBe(score.segments.reduce((all, segment) => all + msOf(segment), 0));
    expect(spent.by.rest).toBe(30_000);
    expect(spent.by.work).toBeGreaterThan(60_000);
    expect(spent.by.ways).toBeGreaterThan(0);
  });

  test('sections, regions and directions have theirs', () => {
    expect(entriesInOrder(routine)).toHaveLength(4);
    const inSections = [...spent.sections.values()].reduce((all, ms) => all + ms, 0);
    expect(inSections).toBeLessThanOrEqual(score.totalMs);
    expect(spent.sections.get('warm-up')).toBeGreaterThan(0);
    expect(spent.regions.get('calf')).toBeGreaterThan(0);
    expect(spent.directions.get('turn-left')).toBe(spent.directions.get('turn-right'));
  });

  test('nothing is nothing', () => {
    const empty = whereTimeGoes({ segments: [] }, () => undefined, new Map());
    expect(empty.by).toEqual({ work: 0, talk: 0, ways: 0, rest: 0 });
    expect(empty.regions.size).toBe(0);
  });
});

import fc from 'fast-check';
import { GROUP_ALONE, personSchema, type TakingPart } from '@/core/people';
import { plainPhrases, routineArbitrary, routineOf } from '@/core/testing';
import { compile } from '@/core/timing';
import { roomNeeds } from './needs';

const people = (...lanes: readonly string[]): TakingPart => ({
  ...GROUP_ALONE,
  people: lanes.map((lane, i) => personSchema.parse({ name: `P${i}`, lane, limits: [] })),
});
const said = (text: string, part: TakingPart = GROUP_ALONE) => {
  const routine = routineOf(text);
  return roomNeeds(routine, compile(routine, part, plainPhrases), part)
    .map(
      ({ thing, count, each }) =>
        `${thing} ${each ? `${count === 1 ? '' : `${count} `}each` : count}`,
    )
    .sort();
};

describe('what the room needs', () => {
  test('chairs, walls and props of every way of taking part', () => {
    expect(said('lanes: chair\nSeated twist: hold 20s')).toEqual(['chair each']);
    expect(said('lanes: stand\nWall calf stretch: hold 20s')).toEqual(
      expect.arrayContaining(['wall one']),
    );
    expect(said('lanes: floor\nBridge: 8 reps')).toEqual(expect.arrayContaining(['mat each']));
  });

  test.each([
    'lanes: chair\nSeated twist: hold 20s',
    'lanes: stand-held\nSit to stand: 6 reps\nTandem stance: hold 10s, support fingertips',
    'lanes: floor\nBridge: 8 reps',
  ])('for three people of one way it is three times what each needs: %s', (text) => {
    const routine = routineOf(text);
    const of = (part: TakingPart) => roomNeeds(routine, compile(routine, part, plainPhrases), part);
    const [lane = 'chair'] = /lanes: (\S+)/u.exec(text)?.slice(1) ?? [];
    const three = of(people(lane, lane, lane));
    const own = of(GROUP_ALONE).map(({ thing, count, each }) => {
      expect(each === true).toBe(count !== 'one');
      return { thing, count: count === 'one' ? count : 3 * count };
    });
    expect(three).toEqual(own);
    expect(three.length).toBeGreaterThan(0);
  });

  test('as many as there are people, by their ways', () => {
    const text = 'lanes: chair, floor\nBridge: 8 reps';
    expect(said(text, people('chair', 'chair', 'floor'))).toEqual(
      expect.arrayContaining(['mat 1']),
    );
    expect(said(text, people('floor', 'floor', 'floor'))).toEqual(
      expect.arrayContaining(['mat 3']),
    );
    expect(said('lanes: chair, stand\nSeated twist: hold 20s', people('chair', 'stand'))).toEqual([
      'chair 2',
    ]);
  });

  test('whatever the routine, everything that a segment uses is named, and once', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const score = compile(routine, GROUP_ALONE, plainPhrases);
        const things = roomNeeds(routine, score, GROUP_ALONE).map(({ thing }) => thing);
        expect(new Set(things).size).toBe(things.length);
        for (const { lanes } of score.segments) {
          for (const work of Object.values(lanes))
            expect(things).toEqual(expect.arrayContaining([...(work?.props ?? [])]));
        }
      }),
      { numRuns: 60 },
    );
  });
});

import fc from 'fast-check';
import { GROUP_ALONE, type TakingPart } from '@/core/people';
import { countingIds } from '@/core/common';
import { applyChange, reversed, routineSchema, type Routine } from '@/core/routine';
import { CHECK_CASES, plainPhrases, routineArbitrary, routineOf } from '@/core/testing';
import { ORDER_RULES, checkPlaces, mendOf, newFindings } from './check';
import { RULES, RULE_IDS, type RuleId } from './table';

const wish = (part: TakingPart = GROUP_ALONE) => ({ part, phrases: plainPhrases });
const of = (routine: Routine, id: RuleId, who: TakingPart | undefined) =>
  checkPlaces(routine, wish(who)).filter((finding) => finding.id === id);

describe('the table of checks', () => {
  test('every rule has a case here', () => {
    expect(Object.keys(CHECK_CASES)).toEqual([...RULE_IDS]);
  });

  // A move without a way out can't be in the catalogue; its rule has a test of its own.
  const ids = RULE_IDS.filter((id) => id !== 'way-out');

  test.each(ids)('%s fires', (id) => {
    const { fires, severity, part: who } = CHECK_CASES[id];
    const [found] = of(routineOf(fires), id, who);
    expect(found?.severity).toBe(severity);
  });

  test.each(ids)('%s stays silent', (id) => {
    const { silent, silentPart, part: who } = CHECK_CASES[id];
    expect(of(routineOf(silent), id, silentPart ?? who)).toEqual([]);
  });

  test.each(ids.filter((id) => CHECK_CASES[id].mends))(
    '%s is mended, and nothing is added',
    (id) => {
      const { fires, part: who } = CHECK_CASES[id];
      const routine = routineOf(fires);
      const before = checkPlaces(routine, wish(who));
      const [found] = of(routine, id, who);
      if (!found) throw new Error('nothing found');
      const change = mendOf(routine, found, { ...wish(who), newId: countingIds('n') });
      if (!change) throw new Error('no mend');
      const after = applyChange(routine, change);
      expect(routineSchema.safeParse(after).success).toBe(true);
      const left = checkPlaces(after, wish(who));
      expect(
        left.filter((one) => one.id === id && one.severity === found.severity),
      ).not.toContainEqual(expect.objectContaining({ itemId: found.itemId, about: found.about }));
      expect(newFindings(before, left)).toEqual([]);
      expect(applyChange(after, reversed(change))).toEqual(routine);
    },
  );

  test('rules that hold in any order find the same in another one', () => {
    const cases = RULE_IDS.map((id) => routineOf(CHECK_CASES[id].fires));
    const routines = fc.oneof(routineArbitrary, fc.constantFrom(...cases));
    const plain = (routine: Routine) => {
      const all = checkPlaces(routine, wish());
      const ofAnyOrder = all.filter(({ id }) => !ORDER_RULES.includes(id));
      return ofAnyOrder
        .map((one) =>
          JSON.stringify(one, (_, value) => (isList(value) ? [...value].sort() : value)),
        )
        .sort();
    };
    const isList = (value: unknown): value is string[] => Array.isArray(value);
    fc.assert(
      fc.property(routines, fc.infiniteStream(fc.nat()), (routine, picks) => {
        const shuffled = <T>(all: readonly T[]): T[] => {
          const left = [...all];
          return all.flatMap(() => left.splice((picks.next().value ?? 0) % left.length, 1));
        };
        const { 'warm-up': warmUp, main, settle } = routine.sections;
        const sections = {
          'warm-up': shuffled(warmUp),
          main: shuffled(main),
          settle: shuffled(settle),
        };
        expect(plain({ ...routine, sections })).toEqual(plain(routine));
      }),
      { numRuns: 200 },
    );
  });

  test('a rule without a mend in its case has a reason to have none', () => {
    const without = ids.filter((id) => !CHECK_CASES[id].mends);
    for (const id of without) {
      const { fires, part: who } = CHECK_CASES[id];
      const routine = routineOf(fires);
      const [found] = of(routine, id, who);
      if (!found) throw new Error(id);
      expect(mendOf(routine, found, { ...wish(who), newId: countingIds('n') })).toBeUndefined();
    }
    expect(without).toEqual(['limits-unknown', 'days-apart']);
  });

  test('who lies on a bed or a couch needs no mat', () => {
    const text = 'group: desk\nroom: bed, couch\nlanes: bed, couch\nPelvic tilt';
    expect(of(routineOf(text), 'support-count', undefined)).toEqual([]);
  });

  test('every rule has a source, and its values are numbers with a unit in their names', () => {
    for (const id of RULE_IDS) {
      expect(RULES[id].source).toMatch(/^[a-z0-9-]+$/);
      for (const value of Object.values(RULES[id].values)) expect(value).toBeGreaterThan(0);
    }
  });
});

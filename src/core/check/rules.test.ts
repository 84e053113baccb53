import { countingIds } from '../ids';
import { applyChange, reversed, routineSchema, type Routine } from '../routine';
import { CHECK_CASES, plainPhrases, routineOf } from '../testing';
import { RULES, RULE_IDS, checkRoutine, mendOf, newFindings, type Group, type RuleId } from '.';

const wish = (of: Group | undefined) => ({ phrases: plainPhrases, group: of });
const of = (routine: Routine, id: RuleId, who: Group | undefined) =>
  checkRoutine(routine, wish(who)).filter((finding) => finding.id === id);

describe('the table of checks', () => {
  test('every rule has a case here', () => {
    expect(Object.keys(CHECK_CASES)).toEqual([...RULE_IDS]);
  });

  // A move without a way out can't be in the catalogue; its rule has a test of its own.
  const ids = RULE_IDS.filter((id) => id !== 'way-out');

  test.each(ids)('%s fires', (id) => {
    const { fires, severity, group: who } = CHECK_CASES[id];
    const [found] = of(routineOf(fires), id, who);
    expect(found?.severity).toBe(severity);
  });

  test.each(ids)('%s stays silent', (id) => {
    const { silent, silentGroup, group: who } = CHECK_CASES[id];
    expect(of(routineOf(silent), id, silentGroup ?? who)).toEqual([]);
  });

  test.each(ids.filter((id) => CHECK_CASES[id].mends))(
    '%s is mended, and nothing is added',
    (id) => {
      const { fires, group: who } = CHECK_CASES[id];
      const routine = routineOf(fires);
      const before = checkRoutine(routine, wish(who));
      const [found] = of(routine, id, who);
      if (!found) throw new Error('nothing found');
      const change = mendOf(routine, found, { ...wish(who), newId: countingIds('n') });
      if (!change) throw new Error('no mend');
      const after = applyChange(routine, change);
      expect(routineSchema.safeParse(after).success).toBe(true);
      const left = checkRoutine(after, wish(who));
      expect(
        left.filter((one) => one.id === id && one.severity === found.severity),
      ).not.toContainEqual(expect.objectContaining({ itemId: found.itemId, about: found.about }));
      expect(newFindings(before, left)).toEqual([]);
      expect(applyChange(after, reversed(change))).toEqual(routine);
    },
  );

  test('a rule without a mend in its case has a reason to have none', () => {
    const without = ids.filter((id) => !CHECK_CASES[id].mends);
    for (const id of without) {
      const { fires, group: who } = CHECK_CASES[id];
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

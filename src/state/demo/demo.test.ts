import { GROUP_ALONE } from '@/core/people';
import { countingIds, routineIdSchema } from '@/core/common';
import { checkRoutine } from '@/core/judgement';
import {
  SCHOOLS,
  SCHOOL_QUESTIONS,
  entriesInOrder,
  lanesOf,
  readRoutineText,
} from '@/core/routine';
import { compile } from '@/core/timing';
import { scorePhrases as phrases } from '@/words/score';
import { demoRoutine } from './make';
import { DEMO_ROUTINES } from './routines';

describe('the demo routines', () => {
  test.each(Object.entries(DEMO_ROUTINES))(
    '%s reads whole, and is there for a reason',
    (id, text) => {
      const { routine, problems } = readRoutineText(text, {
        id: routineIdSchema.parse(id),
        newId: countingIds('i'),
        untitled: '',
      });
      expect(problems).toEqual([]);
      const found = checkRoutine(routine, { part: GROUP_ALONE, phrases });
      // What the instructor accepts stands as a note with their reason.
      expect(found.filter(({ severity }) => severity !== 'note')).toEqual([]);
      for (const { accepted } of found) expect(accepted ?? 'a reason').toMatch(/\w+ \w+/);
      expect(routine.notes.length).toBeGreaterThan(0);
    },
  );

  test('together they show every group, many ways of taking part, every block and every school', () => {
    const routines = Object.entries(DEMO_ROUTINES).map(([name, text]) => demoRoutine(name, text));
    const minutes = routines.map((one) => compile(one, GROUP_ALONE, phrases).totalMs / 60_000);
    expect(minutes.filter((m) => m >= 4 && m <= 30)).toHaveLength(10);
    expect(Math.max(...minutes)).toBe(30);
    expect(new Set(routines.map(({ group }) => group)).size).toBe(4);
    expect(new Set(routines.flatMap((one) => lanesOf(one))).size).toBeGreaterThanOrEqual(6);
    const blocks = routines
      .flatMap((one) => entriesInOrder(one).map(({ entry }) => entry))
      .filter((entry) => entry.kind === 'block');
    expect(blocks.some(({ rounds, perSide }) => rounds && !perSide)).toBe(true);
    expect(blocks.some(({ rounds, perSide }) => !rounds && perSide)).toBe(true);
    expect(blocks.some(({ rounds, perSide }) => rounds && perSide)).toBe(true);
    expect(blocks.some(({ buildUp }) => buildUp)).toBe(true);
    for (const question of SCHOOL_QUESTIONS) {
      const used = new Set(routines.flatMap(({ schools }) => schools?.[question] ?? []));
      expect([question, [...used].sort()]).toEqual([question, [...SCHOOLS[question]].sort()]);
    }
  });
});

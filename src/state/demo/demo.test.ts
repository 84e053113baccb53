import { checkRoutine } from '@/core/check';
import { countingIds, routineIdSchema } from '@/core/ids';
import { readRoutineText } from '@/core/routine';
import { scorePhrases as phrases } from '@/words';
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
      const found = checkRoutine(routine, { phrases });
      // What the instructor accepts stands as a note with their reason.
      expect(found.filter(({ severity }) => severity !== 'note')).toEqual([]);
      for (const { accepted } of found) expect(accepted ?? 'a reason').toMatch(/\w+ \w+/);
      expect(routine.notes.length).toBeGreaterThan(0);
    },
  );
});

import fc from 'fast-check';
import { routineArbitrary } from '@/core/testing';
import { checkedRoutine, routineSchema, type Routine } from './schema';

/** A routine with something of it made wrong, or not. */
const touched = fc
  .tuple(routineArbitrary, fc.constantFrom('nothing', 'title', 'entry', 'twice', 'blank', 'move'))
  .map(([routine, what]): Routine => {
    const main = routine.sections.main as unknown[];
    const [first] = main as Record<string, unknown>[];
    const withMain = (entries: unknown[]) =>
      ({ ...routine, sections: { ...routine.sections, main: entries } }) as unknown as Routine;
    switch (what) {
      case 'title':
        return { ...routine, title: ' Low\u0002tide\n' };
      case 'entry':
        return withMain([...main, { kind: 'rest', id: 'bad id', restMs: 1 }]);
      case 'twice':
        return first ? withMain([first, ...main]) : routine;
      case 'blank':
        return { ...routine, title: '  ' };
      case 'move':
        return withMain([...main, { kind: 'item', id: 'zz', moveId: 'no-such-move' }]);
      default:
        return routine;
    }
  });

test('a routine that is checked piece by piece is as it is checked whole', () => {
  fc.assert(
    fc.property(touched, (routine) => {
      const whole = routineSchema.safeParse(routine);
      const pieces = checkedRoutine(routine);
      expect(pieces.ok).toBe(whole.success);
      if (pieces.ok && whole.success) expect(pieces.value).toEqual(whole.data);
      if (!pieces.ok && !whole.success) {
        expect(whole.error.issues.map(({ path }) => path.join('.'))).toContain(pieces.problems[0]);
      }
      // Asked again, what was found is remembered, and the same.
      expect(checkedRoutine(routine)).toEqual(pieces);
    }),
  );
});

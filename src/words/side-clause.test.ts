import { SHIPPED, cuesOf } from '@/core/moves';
import { GROUP_ALONE } from '@/core/people';
import { routineOf } from '@/core/testing';
import { compile, isWork } from '@/core/timing';
import { forSides } from './en/side-clause';
import { scorePhrases } from './score';

describe('cues for the sides that a line asks for', () => {
  test('"and change" is said where sides alternate, and only there', () => {
    const go = (text: string) =>
      compile(routineOf(text), GROUP_ALONE, scorePhrases).segments.find(isWork)?.cues[0]?.text;
    const first = 'group: desk\nlanes: stand\n';
    expect(go(`${first}Marching: for 30s, level free`)).toMatch(/then lift the other\.$/);
    expect(go(`${first}Marching: 8 reps, each side, level free`)).toBe(
      'Lift the left knee, put it down.',
    );
    expect(go('Head turn: 4 reps, each side')).toBe('Look slowly over the left shoulder, back.');
    expect(go('Seated knee to chest: 4 reps, alternating')).toMatch(/, and change\.$/);
    expect(go('Seated knee to chest: 4 reps')).not.toMatch(/change/);
  });

  test.each(
    SHIPPED.moves
      .filter(({ sides }) => sides === 'alternating')
      .flatMap((move) => move.levels.map((level) => [move, level] as const))
      .map(([move, level]) => [`${move.name}: ${level.name}`, move, level] as const),
  )('%s, one side at a time, tells nobody to change', (_, move, level) => {
    for (const text of [cuesOf(move, level).go, cuesOf(move, level).short]) {
      const said = forSides(text, move.sides, 'left');
      expect(said).not.toMatch(/\bchange\b|\bother(?! (shin|out|elbow))|by turns/i);
      expect(said).toMatch(/^[A-Z].*([a-z}]\.|\?)$/);
    }
  });
});

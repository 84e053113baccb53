import { onSide, position } from '@/core/body';
import { SHIPPED, cuesOf, type Level } from '@/core/moves';
import { movesBase } from './drill';

const stands = ({ from, through, to }: Level) =>
  [from, ...through, to].some((ref) => position(onSide(ref, null)).height === 4);

/** A foot or a leg that is told to go somewhere, or the body to rise; a hand goes along a leg that stays. */
const MOVES = [
  /\b(?:step|tap|slide|lift|touch|swing|put|move|march|walk)\b(?!(?: \w+){0,2} (?:hand|weight)\b)[^.;]*\b(?:foot|feet|heel|heels|toe|toes|leg|legs|knee|knees|sideways)\b/i,
  /\b(?:march|jog|jump|walk|rise|stand up|push up to stand)\b/i,
];

test('whatever is told to move a foot, or to rise, is nothing to do with eyes closed', () => {
  const still = SHIPPED.moves.flatMap((move) =>
    move.levels
      .filter((level) => stands(level) && level.stance === undefined && !movesBase({ level }))
      .filter((level) => MOVES.some((words) => words.test(cuesOf(move, level).go)))
      .map((level) => `${move.name} / ${level.name}: ${cuesOf(move, level).go}`),
  );
  expect(still).toEqual([]);
});

test('who stands still, turns or bends over feet that stay may close their eyes', () => {
  const level = (name: string, at: number) =>
    SHIPPED.moves.find((move) => move.name === name)?.levels[at] as Level;
  expect(movesBase({ level: level('Feet-together stance', 0) })).toBe(false);
  expect(movesBase({ level: level('Standing turn', 1) })).toBe(false);
});

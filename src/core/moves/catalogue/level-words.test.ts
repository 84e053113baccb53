import { countWords, onSide, position } from '@/core/body';
import { SHIPPED } from './catalogue';
import { MOST_WORDS } from './faults';
import { cuesOf, usualLevel } from './move';
import type { Level } from './shape';

const all = SHIPPED.moves.flatMap((move) => move.levels.map((level) => ({ move, level })));
const places = ({ from, through, to }: Level) => [from, ...through, to];
const isIn = (level: Level, ...wanted: readonly string[]) =>
  places(level).some((place) => wanted.some((one) => place.startsWith(one)));
const heightOf = (level: Level) => position(onSide(level.from, null)).height;

/** What may only be said where the level has it: words, and what they need. */
const NEEDS: readonly (readonly [words: RegExp, has: (level: Level) => boolean])[] = [
  [/behind (your|the) chair/i, (level) => isIn(level, 'stand-chair')],
  [/\b(at|along|face) (the|a) counter/i, (level) => isIn(level, 'stand-counter')],
  [/hands on the wall/i, (level) => isIn(level, 'stand-wall')],
  [/\bstrap\b/i, ({ props }) => props.includes('strap')],
  [/\bband\b/i, ({ props }) => props.includes('band')],
  [/\bstick\b/i, ({ props }) => props.includes('stick')],
  [/\bhands under shoulders\b/i, (level) => isIn(level, 'all-fours', 'plank')],
  [/^lie on your back/i, (level) => isIn(level, 'lying-back', 'bed-back', 'couch-back')],
  [/^(sit|rest in) (tall|toward)/i, (level) => heightOf(level) === 3 || heightOf(level) === 0],
  [/^stand\b/i, (level) => places(level).some((at) => at.startsWith('stand'))],
  [/^kneel at a seat/i, (level) => isIn(level, 'kneel-seat')],
];

describe('what is said of a level', () => {
  test.each(all.map((one) => [`${one.move.name}: ${one.level.name}`, one] as const))(
    '%s fits it',
    (_, { move, level }) => {
      const { setUp, go, short } = cuesOf(move, level);
      for (const said of [setUp, go, short]) {
        const wrong = NEEDS.filter(([words, has]) => words.test(said) && !has(level));
        expect([said, wrong.map(([words]) => String(words))]).toEqual([said, []]);
      }
      for (const key of ['setUp', 'go', 'short'] as const) {
        expect(countWords(cuesOf(move, level)[key])).toBeLessThanOrEqual(MOST_WORDS[key]);
      }
    },
  );

  test('a level in another place than the usual one has its own set-up', () => {
    const silent = all.filter(
      ({ move, level }) => level.from !== usualLevel(move).from && !level.words?.setUp,
    );
    expect(silent.map(({ move, level }) => `${move.name}: ${level.name}`)).toEqual([]);
  });
});

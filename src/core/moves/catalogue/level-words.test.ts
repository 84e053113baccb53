import { countWords, onSide, position } from '@/core/body';
import { SHIPPED } from './catalogue';
import { MOST_WORDS } from './faults';
import { cuesOf, usualLevel } from './move';
import type { PropName, Support } from './kinds';
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

/** What has to be heard of each thing that a level uses. */
const PROP_WORDS: Readonly<Record<PropName, RegExp>> = {
  strap: /strap/i,
  weight: /weight|bottle/i,
  block: /block/i,
  'low step': /step/i,
  roller: /roll/i,
  cushion: /cushion|pad|pillow|support/i,
  stick: /stick/i,
  band: /band/i,
};
const HELD: readonly Support[] = ['two hands', 'one hand', 'fingertips'];
const HOLDS = /hand|finger|hold|\barms?\b|forearm/i;
/** A hand to a thing to hold on to; not to one's own hips, thighs or ribs. */
const HOLDS_ON = /(hands?|fingertips) (on|to) (the (chair|counter|wall|rail|armrests)|it(?! at))/i;

describe('what is said of a level', () => {
  test.each(all.map((one) => [`${one.move.name}: ${one.level.name}`, one] as const))(
    '%s says what it needs',
    (_, { move, level }) => {
      const { setUp, go } = cuesOf(move, level);
      const said = `${setUp} ${go}`;
      for (const prop of level.props) expect(said).toMatch(PROP_WORDS[prop]);
      if (HELD.includes(level.support) && heightOf(level) >= 3) expect(said).toMatch(HOLDS);
      if (level.support === 'hover') expect(said).toMatch(/hover|just above/i);
      if (level.support === 'none') expect(said).not.toMatch(HOLDS_ON);
    },
  );

  test('a level that is not the usual one says what it is, and not what the usual one is', () => {
    const alike = all.filter(({ move, level }) => {
      const usual = usualLevel(move);
      const [own, other] = [cuesOf(move, level), cuesOf(move, usual)];
      return level !== usual && own.setUp === other.setUp && own.go === other.go;
    });
    expect(alike.map(({ move, level }) => `${move.name}: ${level.name}`)).toEqual([]);
  });

  test('a level with another load, prop or hold than the usual one has words of its own', () => {
    const loads = (level: Level) => level.loads.map(({ load }) => load).toSorted();
    const about = (level: Level) => [loads(level), level.props, level.support];
    const silent = all.filter(
      ({ move, level }) =>
        !level.words &&
        !usualLevel(move).words &&
        JSON.stringify(about(level)) !== JSON.stringify(about(usualLevel(move))),
    );
    expect(silent.map(({ move, level }) => `${move.name}: ${level.name}`)).toEqual([]);
  });

  test.each(all.map((one) => [`${one.move.name}: ${one.level.name}`, one] as const))(
    '%s fits it',
    (_, { move, level }) => {
      const { setUp, go, short, wayOut, watch } = cuesOf(move, level);
      for (const said of [setUp, go, short, wayOut, ...watch]) {
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

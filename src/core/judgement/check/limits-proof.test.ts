import { onSide, position } from '@/core/body';
import { SHIPPED, SUPPORTS, usualLevel, type Level, type Move } from '@/core/moves';
import {
  GROUP_ALONE,
  LANE_NAMES,
  LIMITS,
  LIMIT_TABLE,
  barsOf,
  clearOf,
  effectsOf,
  loadsOfLevel,
  resolveInLane,
  type Limit,
  type LimitName,
} from '@/core/people';
import { plainPhrases, routineOf } from '@/core/testing';
import { checkPlaces } from './check';

type LoadOut = Limit['out'][number];

/** Loads that come of time, of a challenge or of the group's shoes, and stand on no level. */
const OF_NO_LEVEL = [
  'isometric-long',
  'lie-back-long',
  'stand-still',
  'much-work',
  'arms-high-long',
  'breath-counted',
  'breath-hold',
  'bare-foot',
  'eyes-closed',
  'two-tasks',
];

const stands = ({ from, through, to }: Level) =>
  [from, ...through, to].some((at) => position(onSide(at, null)).height === 4);

/** Whether a level asks for what a limit has out, as its hands are when nobody says otherwise. */
function asks(level: Level, { load, below, standing }: LoadOut): boolean {
  if (!loadsOfLevel(level).some((one) => one.load === load)) return false;
  if (standing && !stands(level)) return false;
  return !below || SUPPORTS.indexOf(level.support) > SUPPORTS.indexOf(below);
}

/** Every level of the catalogue that asks for a load, with a way of taking part that does it. */
function asking(out: LoadOut) {
  return SHIPPED.moves.flatMap((move) =>
    move.levels
      .filter((level) => asks(level, out))
      .flatMap((level) => {
        const lane = LANE_NAMES.find(
          (name) =>
            resolveInLane(name, { catalogue: SHIPPED, move, level: level.id }).reason ===
            'as-written',
        );
        return lane ? [{ move, level, lane }] : [];
      }),
  );
}

const line = ({ move, level }: { readonly move: Move; readonly level: Level }) =>
  `${move.name}${level === usualLevel(move) ? '' : `: level ${level.name}`}`;

const found = (limit: LimitName, lane: string, text: string) =>
  checkPlaces(routineOf(`group: desk\nlimits: ${limit}\nlanes: ${lane}\n${text}`), {
    part: GROUP_ALONE,
    phrases: plainPhrases,
  });

describe('what a limit has out is stopped wherever the catalogue asks for it', () => {
  test.each(LIMITS.filter((name) => LIMIT_TABLE[name].out.length > 0))('%s', (limit) => {
    const outs: readonly LoadOut[] = LIMIT_TABLE[limit].out;
    for (const out of outs) {
      if (OF_NO_LEVEL.includes(out.load)) continue;
      const all = asking(out);
      // Some of every kind would do for a sample; this is every one of them, in classes of forty.
      const byLane = grouped(all);
      for (const [lane, own] of byLane) {
        for (let at = 0; at < own.length; at += 40) {
          const some = own.slice(at, at + 40);
          const findings = found(limit, lane, some.map(line).join('\n'));
          const stopped = new Set(
            findings.filter(({ severity }) => severity === 'stop').map(({ itemId }) => itemId),
          );
          const missed = some.filter((_, i) => !stopped.has(`i${i + 1}` as never));
          expect([out.load, missed.map(line)]).toEqual([out.load, []]);
        }
      }
    }
  });

  test('every load that is out somewhere stands on a level, a way or a line', () => {
    const loads = new Set(LIMITS.flatMap((name) => LIMIT_TABLE[name].out.map(({ load }) => load)));
    const onNone = [...loads].filter(
      (load) => !OF_NO_LEVEL.includes(load) && asking({ load }).length === 0,
    );
    expect(onNone).toEqual(
      ['floor-transfer', 'head-turn-fast'].filter((one) => onNone.includes(one as never)),
    );
  });
});

function grouped<T extends { readonly lane: string }>(all: readonly T[]): Map<string, T[]> {
  const map = new Map<string, T[]>();
  for (const one of all) map.set(one.lane, [...(map.get(one.lane) ?? []), one]);
  return map;
}

describe('whoever cannot do what is written', () => {
  test.each(LIMITS)('is sent to nothing that is out with %s', (limit) => {
    const bars = barsOf(effectsOf([{ limit }]));
    const sent = LANE_NAMES.flatMap((lane) =>
      SHIPPED.moves.flatMap((move) => {
        const wish = { catalogue: SHIPPED, move, group: 'older' as const };
        const { move: instead, level, reason } = resolveInLane(lane, wish, bars);
        return instead && level && reason !== 'as-written' ? [{ lane, instead, level }] : [];
      }),
    );
    const wrong = sent.filter(
      ({ level }) => !clearOf(bars, level, level.support) || level.notFor?.includes('older'),
    );
    expect(wrong.map(({ lane, instead, level }) => [lane, instead.name, level.name])).toEqual([]);
    expect(sent.length).toBeGreaterThan(0);
  });
});

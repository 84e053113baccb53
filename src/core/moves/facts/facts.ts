import type { Level, Move } from '../catalogue/shape';
import { FLOOR } from './answers/floor';
import { RISING } from './answers/rising';
import { SEATED } from './answers/seated';
import { STANDING } from './answers/standing';
import type { Fact, Told } from './form';
import { loadsMadeOf } from './loads';

/** What every shipped level answered, by `move/level`. */
export const FACTS: ReadonlyMap<string, readonly Told[]> = new Map([
  ...SEATED,
  ...STANDING,
  ...FLOOR,
  ...RISING,
]);

/** What a shipped level asks of a body, from its answers alone; throws where nobody answered. */
export function factsOf(move: Pick<Move, 'id'>, level: Pick<Level, 'id'>): readonly Told[] {
  const told = FACTS.get(`${move.id}/${level.id}`);
  if (!told) throw new Error(`nobody answered for ${move.id}/${level.id}`);
  return told;
}

const bears = (told: readonly Told[], fact: Fact) =>
  told.some((one) => one.fact === fact && one.on === 'body');

/** A shipped move with the loads that the answers of its levels make. */
export function withLoads(move: Move): Move {
  const levels = move.levels.map((level): Level => {
    const told = factsOf(move, level);
    const onForearms = bears(told, 'hands fore') && !bears(told, 'hands bear');
    return {
      ...level,
      loads: loadsMadeOf(told),
      ...(onForearms && { spares: ['wrist-weight'] }),
    };
  });
  return { ...move, levels };
}

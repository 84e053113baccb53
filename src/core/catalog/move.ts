import type { Dose } from '../dose';
import type { PaceName } from '../pace';
import type { Level, Move } from './shape';

export function usualLevel(move: Move): Level {
  const level = move.levels.find(({ usual }) => usual) ?? move.levels[0];
  if (!level) throw new Error(`${move.id} has no level`);
  return level;
}

export function levelNamed(move: Move, name: string): Level | undefined {
  return move.levels.find((level) => level.name.toLowerCase() === name.toLowerCase());
}

/** A move's own dose at a pace. */
export function ownDose(move: Move, pace: PaceName): Dose {
  return move.doseFor?.[pace] ?? move.dose;
}

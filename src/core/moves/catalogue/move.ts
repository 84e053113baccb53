import { rememberPair, type GroupName } from '@/core/common';
import type { Dose } from '../dose/dose';
import type { Cues, Level, Move } from './shape';

/** Where a move starts that says no level: the group's own where it has one, else the usual one. */
export function usualLevel(move: Move, group?: GroupName): Level {
  const own = group && move.levels.find(({ usualFor }) => usualFor?.includes(group));
  const level = own ?? move.levels.find(({ usual }) => usual) ?? move.levels[0];
  if (!level) throw new Error(`${move.id} has no level`);
  return level;
}

/** What is said of a level: its own words, and the move's where it has none. */
export const cuesOf = rememberPair((move: Move, level: Level): Cues =>
  level.words ? { ...move.cues, ...level.words } : move.cues,
);

export function levelById(move: Move, id: string): Level | undefined {
  return move.levels.find((level) => level.id === id);
}

/** By its name, as routine text has it; letter case doesn't matter. */
export function levelNamed(move: Move, name: string): Level | undefined {
  return move.levels.find((level) => level.name.toLowerCase() === name.toLowerCase());
}

/** A move's own dose at a group. */
export function ownDose(move: Move, group: GroupName): Dose {
  return move.doseFor?.[group] ?? move.dose;
}

import { isRecord, migrated, slugsOf, type MigrationStep } from '@/core/common';

/** The version of a move as it is kept and exported. */
export const MOVE_VERSION = 3;

export const MOVE_MIGRATIONS: readonly MigrationStep[] = [
  { from: 1, what: 'levels have ids, and regions are warmed', apply: withLevelIds },
  // Words, places and times of levels were added; nothing that was there changed.
  { from: 2, what: 'levels say more for themselves', apply: (move) => move },
];

/** A move of an earlier version as one of today's, for its schema to look at. */
export function migratedMove(move: unknown, version: number): unknown {
  return migrated(MOVE_MIGRATIONS, move, version);
}

/** Levels were found by their names, and `moves` named the regions that a move warms. */
function withLevelIds(move: unknown): unknown {
  if (!isRecord(move)) return move;
  const { moves, levels, ...kept } = move;
  if (!Array.isArray(levels)) return move;
  const names = levels.map((level) => (isRecord(level) ? String(level.name) : ''));
  const ids = slugsOf(names);
  const withIds = levels.map((level, i) => (isRecord(level) ? { id: ids[i], ...level } : level));
  return { ...kept, levels: withIds, warms: moves };
}

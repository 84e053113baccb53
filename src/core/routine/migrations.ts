import { isRecord, migrated, slugOf, type MigrationStep } from '@/core/common';
import { migratedMove } from '@/core/moves';

/** How a routine of an earlier version becomes one of today, without gaps. */
export const ROUTINE_MIGRATIONS: readonly MigrationStep[] = [
  // Version 2 added blocks, lanes, schools, room, limits and goals; nothing that was there changed.
  { from: 1, what: 'blocks and lanes', apply: (routine) => routine },
  // Version 3 counts the things of a room, and lets limits be asked for and empty.
  { from: 2, what: 'things of a room are counted', apply: withCountedRoom },
  // Version 4 carries own moves, and calls levels by names that text can write.
  { from: 3, what: 'own moves, and levels without commas', apply: withWritableLevels },
  // Version 5 calls the group and its pace what the text calls them, and levels by their ids.
  { from: 4, what: 'levels by id, group and pace', apply: withLevelIds },
  // Version 6 added flows, spans, options and the like; nothing that was there changed.
  { from: 5, what: 'flows, spans and options', apply: (routine) => routine },
];

/** Names of levels that routine text could not write, and what they are called now. */
const RENAMED_LEVELS: Readonly<Record<string, string>> = {
  'elbow bent, fingers loose': 'elbow bent and fingers loose',
  'one bending, by turns': 'one bending by turns',
  'standing, held': 'standing and held',
  'toes, then heels': 'toes and then heels',
  'heel lifted, toes down': 'heel lifted and toes down',
  'one after the other, half way': 'one after the other half way',
  'feet down, small': 'feet down and small',
  'feet down, full': 'feet down and full',
  'knees bent, arms to the ceiling': 'knees bent and arms to the ceiling',
  'high seat, feet away': 'high seat and feet away',
  'toes down, one hand': 'toes down with one hand',
  'knee up, fingertips': 'knee up with fingertips',
  'heel down, one hand': 'heel down with one hand',
  'behind the chair, half way': 'half way behind the chair',
  'toes down, held': 'toes down and held',
  'held, no arms': 'held without arms',
  'hand on, toes down': 'hand on and toes down',
  'leg light, fingertips': 'leg light with fingertips',
  'no turn, held': 'held without a turn',
  'leg lifting, held': 'leg lifting while held',
  'long spine, small lean': 'small lean with a long spine',
  'one hand on, toes down': 'one hand on and toes down',
  'eyes to lap, up to level': 'eyes to lap and up to level',
};

function withCountedRoom(routine: unknown): unknown {
  if (typeof routine !== 'object' || routine === null || !('room' in routine)) return routine;
  const { room } = routine;
  if (!Array.isArray(room)) return routine;
  return { ...routine, room: room.map((thing: unknown) => ({ thing })) };
}

/**
 * Every level under the name that it has now. Where levels stand: the `level` of a line, and the
 * values of its `laneLevels`.
 */
function withWritableLevels(data: unknown): unknown {
  if (Array.isArray(data)) return data.map(withWritableLevels);
  if (typeof data !== 'object' || data === null) return data;
  if ('moveId' in data && data.moveId === 'figure-of-eight' && 'level' in data) {
    // It is walked round chairs now, where it named a counter that nobody could have held.
    if (data.level === 'along a counter') return { ...data, level: 'hand on each chair' };
  }
  return Object.fromEntries(
    Object.entries(data).map(([key, value]: [string, unknown]) => [key, renamed(key, value)]),
  );
}

function renamed(key: string, value: unknown): unknown {
  if (key === 'level' && typeof value === 'string') {
    return Object.hasOwn(RENAMED_LEVELS, value) ? RENAMED_LEVELS[value] : value;
  }
  if (key !== 'laneLevels' || typeof value !== 'object' || value === null) {
    return withWritableLevels(value);
  }
  return Object.fromEntries(
    Object.entries(value).map(([lane, level]: [string, unknown]) => [
      lane,
      renamed('level', level),
    ]),
  );
}

/** Finds the id that a level of a move has now by the name that it was kept under. */
type IdOf = (moveId: unknown, name: unknown) => unknown;

/** Levels were kept by their names, in the lines and in own moves alike. */
function withLevelIds(data: unknown): unknown {
  if (!isRecord(data)) return data;
  const { pace, paceChanges, moves, sections, ...kept } = data;
  const own = Array.isArray(moves) ? moves.map((move) => migratedMove(move, 1)) : undefined;
  return {
    ...kept,
    group: pace,
    pace: paceChanges,
    ...(own && { moves: own }),
    sections: withIdsInLines(sections, idsIn(own ?? [])),
  };
}

/** Own moves may have levels whose ids had to differ from their names. */
function idsIn(own: readonly unknown[]): IdOf {
  const known = new Map<string, unknown>();
  for (const move of own) {
    if (!isRecord(move) || !Array.isArray(move.levels)) continue;
    for (const level of move.levels.filter(isRecord)) {
      known.set(`${String(move.id)} ${String(level.name).toLowerCase()}`, level.id);
    }
  }
  return (moveId, name) => {
    if (typeof name !== 'string') return name;
    return known.get(`${String(moveId)} ${name.toLowerCase()}`) ?? slugOf(name);
  };
}

function withIdsInLines(data: unknown, idOf: IdOf): unknown {
  if (Array.isArray(data)) return data.map((one) => withIdsInLines(one, idOf));
  if (!isRecord(data)) return data;
  const entries = Object.entries(data).map(([key, value]): [string, unknown] => {
    if (key === 'level') return [key, idOf(data.moveId, value)];
    if (key !== 'laneLevels' || !isRecord(value)) return [key, withIdsInLines(value, idOf)];
    const lanes = Object.entries(value).map(([lane, name]) => [lane, idOf(data.moveId, name)]);
    return [key, Object.fromEntries(lanes) as unknown];
  });
  return Object.fromEntries(entries);
}

/** The routine after every step from its version on. Data that is no routine passes through. */
export function migratedRoutine(routine: unknown, version: number): unknown {
  return migrated(ROUTINE_MIGRATIONS, routine, version);
}

/** One step from a version to the next, as plain data in and out. */
export interface MigrationStep {
  readonly from: number;
  readonly what: string;
  readonly apply: (routine: unknown) => unknown;
}

/** How a routine of an earlier version becomes one of today, without gaps. */
export const ROUTINE_MIGRATIONS: readonly MigrationStep[] = [
  // Version 2 added blocks, lanes, schools, room, limits and goals; nothing that was there changed.
  { from: 1, what: 'blocks and lanes', apply: (routine) => routine },
  // Version 3 counts the things of a room, and lets limits be asked for and empty.
  { from: 2, what: 'things of a room are counted', apply: withCountedRoom },
];

function withCountedRoom(routine: unknown): unknown {
  if (typeof routine !== 'object' || routine === null || !('room' in routine)) return routine;
  const { room } = routine;
  if (!Array.isArray(room)) return routine;
  return { ...routine, room: room.map((thing: unknown) => ({ thing })) };
}

/** The routine after every step from its version on. Data that is no routine passes through. */
export function migratedRoutine(routine: unknown, version: number): unknown {
  return ROUTINE_MIGRATIONS.filter(({ from }) => from >= version).reduce(
    (data, { apply }) => apply(data),
    routine,
  );
}

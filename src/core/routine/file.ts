import { z } from 'zod';
import { succeed, type Result } from '@/core/common';
import { readEnvelope, writeEnvelope, type FileKind, type FileProblem } from '@/core/common/file';
import { migratedRoutine } from './migrations';
import { withMovesInUse } from './own-moves';
import { ROUTINE_VERSION, routineSchema, type Routine } from './schema';

export const ROUTINE_FORMAT = 'hushed-willow-routine';

/** What an exported routine looks like; described in docs/formats.md. */
export interface RoutineFile {
  readonly format: typeof ROUTINE_FORMAT;
  readonly version: number;
  readonly routine: Routine;
}

const ROUTINE_FILE: FileKind<RoutineFile> = {
  format: ROUTINE_FORMAT,
  version: ROUTINE_VERSION,
  schema: z.strictObject({
    format: z.literal(ROUTINE_FORMAT),
    version: z.literal(ROUTINE_VERSION),
    routine: routineSchema,
  }),
  broughtUp: (data, version) => ({
    ...data,
    version: ROUTINE_VERSION,
    routine: migratedRoutine(data.routine, version),
  }),
};

export function writeRoutineFile(routine: Routine): string {
  return writeEnvelope(ROUTINE_FILE, { routine: withMovesInUse(routine, []) });
}

/** Reads an exported routine; a newer version is refused, not guessed at. */
export function readRoutineFile(text: string): Result<Routine, FileProblem> {
  const file = readEnvelope(text, ROUTINE_FILE);
  return file.ok ? succeed(file.value.routine) : file;
}

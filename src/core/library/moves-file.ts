import { z } from 'zod';
import { moveSchema, type Move } from '../catalog';
import { readEnvelope, writeEnvelope, type FileKind, type FileProblem } from '../file';
import { succeed, type Result } from '../result';
import { MOST_OWN_MOVES } from '../routine';

export const MOVES_FORMAT = 'hushed-willow-moves';
export const MOVES_VERSION = 1;

/** Own moves as they are exported; described in docs/formats.md. */
export const movesFileSchema = z.strictObject({
  format: z.literal(MOVES_FORMAT),
  version: z.literal(MOVES_VERSION),
  moves: z.array(moveSchema).min(1).max(MOST_OWN_MOVES),
});

const KIND: FileKind<z.infer<typeof movesFileSchema>> = {
  format: MOVES_FORMAT,
  version: MOVES_VERSION,
  schema: movesFileSchema,
};

export function writeMovesFile(moves: readonly Move[]): string {
  return writeEnvelope(KIND, { moves });
}

/** Reads exported moves; each is sound in itself, not yet beside the others that there are. */
export function readMovesFile(text: string): Result<readonly Move[], FileProblem> {
  const file = readEnvelope(text, KIND);
  return file.ok ? succeed(file.value.moves) : file;
}

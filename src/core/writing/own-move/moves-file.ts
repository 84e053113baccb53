import { z } from 'zod';
import { succeed, type Result } from '@/core/common';
import { readEnvelope, writeEnvelope, type FileKind, type FileProblem } from '@/core/common/file';
import { MOVE_VERSION, migratedMove, moveSchema, type Move } from '@/core/moves';
import { MOST_OWN_MOVES } from '@/core/routine';

export const MOVES_FORMAT = 'hushed-willow-moves';

/** Own moves as they are exported; described in docs/formats.md. */
export const movesFileSchema = z.strictObject({
  format: z.literal(MOVES_FORMAT),
  version: z.literal(MOVE_VERSION),
  moves: z.array(moveSchema).min(1).max(MOST_OWN_MOVES),
});

const KIND: FileKind<z.infer<typeof movesFileSchema>> = {
  format: MOVES_FORMAT,
  version: MOVE_VERSION,
  schema: movesFileSchema,
  broughtUp: ({ moves, ...file }, version) => ({
    ...file,
    version: MOVE_VERSION,
    moves: Array.isArray(moves) ? moves.map((move) => migratedMove(move, version)) : moves,
  }),
};

export function writeMovesFile(moves: readonly Move[]): string {
  return writeEnvelope(KIND, { moves });
}

/** Reads exported moves; each is sound in itself, not yet beside the others that there are. */
export function readMovesFile(text: string): Result<readonly Move[], FileProblem> {
  const file = readEnvelope(text, KIND);
  return file.ok ? succeed(file.value.moves) : file;
}

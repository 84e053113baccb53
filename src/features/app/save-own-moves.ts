import type { Move } from '@/core/catalog';
import { writeMovesFile } from '@/core/library';
import { fileName, saveFile } from '@/platform/files';

/** Own moves as one file, to keep or to bring in elsewhere. */
export function saveOwnMoves(own: readonly Move[]): void {
  saveFile(fileName('own-moves', 'json'), writeMovesFile(own), 'application/json');
}

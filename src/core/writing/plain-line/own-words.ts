import { z } from 'zod';
import { moveIdSchema, type MoveId } from '@/core/common';
import { foldName } from '@/core/moves';
import { notedLine } from '@/core/routine';
import { readSaidDose } from './said-dose';

/** Words that somebody has for a move, from a choice they made. */
export const ownWordsSchema = z.strictObject({
  /** The words as they are compared: small letters, one blank. */
  id: z.string().min(1).max(120),
  /** What they were chosen for. Of two, the line asks. */
  moves: z.array(moveIdSchema).min(1).max(4),
  /** The day of the last choice. */
  on: z.iso.date(),
});
export type OwnWords = Readonly<z.infer<typeof ownWordsSchema>>;

/** By the words; what a line is read with. */
export type OwnWordsKnown = Readonly<Record<string, OwnWords>>;

const MOST_LETTERS = 120;
const MOST_MOVES = 4;

/**
 * The words of a line that name its move, as they are kept: without its amounts and sides.
 * @returns undefined where nothing, or too much, is left of it
 */
export function wordsToKeep(typed: string): string | undefined {
  const said = notedLine(typed)?.said ?? typed;
  const words = foldName(readSaidDose(said).words).replace(/\s+/gu, ' ').trim();
  return words.length < 2 || words.length > MOST_LETTERS || !/\p{L}/u.test(words)
    ? undefined
    : words;
}

/** What is known of words once a move was chosen for them: the last choice first. */
export function wordsChosen(
  known: OwnWords | undefined,
  id: string,
  move: MoveId,
  on: string,
): OwnWords {
  const others = known?.moves.filter((one) => one !== move) ?? [];
  return { id, moves: [move, ...others].slice(0, MOST_MOVES), on };
}

/** The moves that somebody calls so, or begins to; none for less than three letters. */
export function movesOfOwnWords(known: OwnWordsKnown, words: string): readonly MoveId[] {
  const typed = foldName(words).replace(/\s+/gu, ' ').trim();
  if (typed.length < 3) return [];
  const meant = Object.values(known).filter(({ id }) => id.startsWith(typed));
  return [...new Set(meant.flatMap(({ moves }) => moves))];
}

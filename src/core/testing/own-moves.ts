import { moveIdSchema, levelIdSchema, slugOf, type LevelId } from '@/core/common';
import { SHIPPED, moveNamed, type Move } from '@/core/moves';

/** A shipped move by its name. */
export function shipped(name: string): Move {
  const move = moveNamed(SHIPPED, name);
  if (!move) throw new Error(name);
  return move;
}

/** The id of a level by its name, as plain moves have them. */
export const levelId = (name: string): LevelId => levelIdSchema.parse(slugOf(name));

/** An own move like a shipped one, under a name and an id of its own. */
export function ownLike(name: string, own: Partial<Move> & { readonly name: string }): Move {
  const like = shipped(name);
  const id = moveIdSchema.parse(own.name.toLowerCase().replaceAll(/[^a-z]+/gu, '-'));
  const cues = { ...like.cues, setUp: `${own.name}. ${like.cues.setUp}` };
  return { ...like, id, otherNames: [], cues, ...own };
}

import { SHIPPED, moveNamed, type Move } from '../catalog';
import { moveIdSchema } from '../ids';

/** A shipped move by its name. */
export function shipped(name: string): Move {
  const move = moveNamed(SHIPPED, name);
  if (!move) throw new Error(name);
  return move;
}

/** An own move like a shipped one, under a name and an id of its own. */
export function ownLike(name: string, own: Partial<Move> & { readonly name: string }): Move {
  const like = shipped(name);
  const id = moveIdSchema.parse(own.name.toLowerCase().replaceAll(/[^a-z]+/gu, '-'));
  const cues = { ...like.cues, setUp: `${own.name}. ${like.cues.setUp}` };
  return { ...like, id, otherNames: [], cues, ...own };
}

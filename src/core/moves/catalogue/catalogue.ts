import type { MoveId } from '@/core/common';
import { MOVES } from './data';
import type { Move } from './shape';

/** The moves that there are to choose from. */
export interface Catalogue {
  /** In the order in which stand-ins are sought. */
  readonly moves: readonly Move[];
  readonly byId: ReadonlyMap<string, Move>;
  readonly families: ReadonlyMap<string, readonly Move[]>;
}

function catalogueOf(moves: readonly Move[]): Catalogue {
  const families = new Map<string, Move[]>();
  for (const move of moves) families.set(move.family, [...(families.get(move.family) ?? []), move]);
  return { moves, byId: new Map(moves.map((move) => [move.id, move])), families };
}

/** The moves that come with the application. */
export const SHIPPED: Catalogue = catalogueOf(MOVES);

const known = new WeakMap<readonly Move[], Catalogue>();

/**
 * The shipped moves with a person's own laid over them: one under a shipped move's id stands in its
 * place, the others stand behind. The shipped ones themselves stay as they are.
 */
export function catalogueWith(own: readonly Move[] | undefined): Catalogue {
  if (!own || own.length === 0) return SHIPPED;
  const made = known.get(own);
  if (made) return made;
  const byId = new Map(own.map((move) => [move.id, move]));
  const catalogue = catalogueOf([
    ...MOVES.map((move) => byId.get(move.id) ?? move),
    ...own.filter(({ id }) => !SHIPPED.byId.has(id)),
  ]);
  known.set(own, catalogue);
  return catalogue;
}

/** Throws on an id that is not there: schemas let none through. */
export function moveById(catalogue: Catalogue, id: MoveId): Move {
  const found = catalogue.byId.get(id);
  if (!found) throw new Error(`unknown move ${id}`);
  return found;
}

export function hasMove(catalogue: Catalogue, id: string): id is MoveId {
  return catalogue.byId.has(id);
}

/** The moves that do the same job, in the order of the catalogue. */
export function familyOf(catalogue: Catalogue, { family }: Move): readonly Move[] {
  return catalogue.families.get(family) ?? [];
}

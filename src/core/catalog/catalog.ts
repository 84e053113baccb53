import type { MoveId } from '../ids';
import { MOVES } from './data';
import type { Move } from './shape';

/** The moves that there are to choose from. */
export interface Catalog {
  /** In the order in which stand-ins are sought. */
  readonly moves: readonly Move[];
  readonly byId: ReadonlyMap<string, Move>;
  readonly families: ReadonlyMap<string, readonly Move[]>;
}

function catalogOf(moves: readonly Move[]): Catalog {
  const families = new Map<string, Move[]>();
  for (const move of moves) families.set(move.family, [...(families.get(move.family) ?? []), move]);
  return { moves, byId: new Map(moves.map((move) => [move.id, move])), families };
}

/** The moves that come with the application. */
export const SHIPPED: Catalog = catalogOf(MOVES);

const known = new WeakMap<readonly Move[], Catalog>();

/**
 * The shipped moves with a person's own laid over them: one under a shipped move's id stands in its
 * place, the others stand behind. The shipped ones themselves stay as they are.
 */
export function catalogWith(own: readonly Move[] | undefined): Catalog {
  if (!own || own.length === 0) return SHIPPED;
  const made = known.get(own);
  if (made) return made;
  const byId = new Map(own.map((move) => [move.id, move]));
  const catalog = catalogOf([
    ...MOVES.map((move) => byId.get(move.id) ?? move),
    ...own.filter(({ id }) => !SHIPPED.byId.has(id)),
  ]);
  known.set(own, catalog);
  return catalog;
}

/** Throws on an id that is not there: schemas let none through. */
export function moveById(catalog: Catalog, id: MoveId): Move {
  const found = catalog.byId.get(id);
  if (!found) throw new Error(`unknown move ${id}`);
  return found;
}

export function hasMove(catalog: Catalog, id: string): id is MoveId {
  return catalog.byId.has(id);
}

/** The moves that do the same job, in the order of the catalogue. */
export function familyOf(catalog: Catalog, { family }: Move): readonly Move[] {
  return catalog.families.get(family) ?? [];
}

import isEqual from 'fast-deep-equal';
import { SHIPPED, catalogueWith, type Move } from '@/core/moves';
import { catalogueFor, mendedItem } from './item';
import { MOST_OWN_MOVES, itemsInOrder, type Routine } from './schema';
import { SECTIONS, type Entry, type Item } from './entries';

/** A routine that can name all of a person's own moves, and those that it came with. */
export function withOwnMoves(routine: Routine, own: readonly Move[]): Routine {
  const moves = together(own, routine.moves);
  return sameMoves(moves, routine.moves) ? routine : withMoves(routine, moves);
}

/**
 * A routine with just the own moves that it does, and those that may stand in for what it does: so
 * it stays whole in a file, a record or another browser. An own move wins over one that the routine
 * came with; what a line says and its move no longer has is left out.
 * @returns the routine itself where nothing changes
 */
export function withMovesInUse(routine: Routine, own: readonly Move[]): Routine {
  const all = together(own, routine.moves);
  if (all.length === 0) return routine;
  const catalogue = catalogueWith(all);
  const used = new Set(itemsInOrder(routine).flatMap(movesNamed));
  const families = new Set([...used].map((id) => catalogue.byId.get(id)?.family));
  const mayStandIn = ({ id, family }: Move) =>
    families.has(family) || families.has(SHIPPED.byId.get(id)?.family ?? '');
  const isUsed = ({ id }: Move) => used.has(id);
  // What is done comes along whatever else there is; of what may stand in, as much as there is room for.
  let room = MOST_OWN_MOVES - all.filter(isUsed).length;
  const moves = all.filter((move) => isUsed(move) || (mayStandIn(move) && room-- > 0));
  const next = sameMoves(moves, routine.moves) ? routine : withMoves(routine, moves);
  return withItemsMended(next);
}

/** The shipped catalogue's own version again for a move that was changed. */
export function withoutOwnMove(routine: Routine, id: Move['id']): Routine {
  if (!routine.moves?.some((move) => move.id === id)) return routine;
  const moves = routine.moves.filter((move) => move.id !== id);
  return withItemsMended(withMoves(routine, moves));
}

/** The items whose lines say something that a move, as it would be, does not have. */
export function itemsOutOfLine(routine: Routine, own: readonly Move[]): readonly Item[] {
  const next = withOwnMoves(routine, own);
  return itemsInOrder(routine).filter((item) => mendedItem(item, next) !== item);
}

/** What a line does, and what it offers in its place. */
function movesNamed({ moveId, options = [] }: Item): readonly Move['id'][] {
  return [moveId, ...options.map((option) => option.moveId)];
}

function together(own: readonly Move[], carried: readonly Move[] | undefined): readonly Move[] {
  if (!carried) return own;
  const ids = new Set(own.map(({ id }) => id));
  const others = carried.filter(({ id }) => !ids.has(id));
  return others.length > 0 ? [...own, ...others] : own;
}

function withMoves({ moves: _, ...routine }: Routine, moves: readonly Move[]): Routine {
  return moves.length > 0 ? { ...routine, moves } : routine;
}

function sameMoves(a: readonly Move[], b: readonly Move[] = []): boolean {
  return a.length === b.length && a.every((move, i) => isEqual(move, b[i]));
}

function withItemsMended(routine: Routine): Routine {
  const known = catalogueFor(routine).byId;
  const mended = <T extends Entry>(entry: T): T => {
    if (entry.kind === 'item')
      return known.has(entry.moveId) ? (mendedItem(entry, routine) as T) : entry;
    if (entry.kind !== 'block') return entry;
    const lines = entry.lines.map(mended);
    return lines.some((line, i) => line !== entry.lines[i]) ? { ...entry, lines } : entry;
  };
  const sections = { ...routine.sections };
  for (const section of SECTIONS) {
    const entries = sections[section].map(mended);
    if (entries.some((entry, i) => entry !== sections[section][i])) sections[section] = entries;
  }
  const changed = SECTIONS.some((section) => sections[section] !== routine.sections[section]);
  return changed ? { ...routine, sections } : routine;
}

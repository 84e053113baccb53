import { SHIPPED, type Move } from '@/core/moves';
import { withMovesInUse, withOwnMoves, withoutOwnMove, type Routine } from '@/core/routine';
import type { MovesState } from './moves';
import type { KeptRoutine, RoutinesState } from './routines';

interface Both {
  readonly moves: MovesState;
  readonly routines: RoutinesState;
}

/**
 * Routines carry the own moves that they use, so each is whole by itself; this brings them up to
 * date where a routine or the own moves have changed.
 */
export function carried(before: Both | undefined, after: Both): RoutinesState {
  const same = before?.moves.own === after.moves.own;
  if (same && before?.routines === after.routines) return after.routines;
  const own = Object.values(after.moves.own);
  const reverted = Object.values(before?.moves.own ?? {}).filter(
    ({ id }) => SHIPPED.byId.has(id) && !after.moves.own[id],
  );
  const gone = Object.values(after.moves.gone).filter(
    ({ id }) => !after.moves.own[id] && !SHIPPED.byId.has(id),
  );
  let changed = false;
  const entries = Object.entries(after.routines).map(([id, kept]): [string, KeptRoutine] => {
    if (same && before?.routines[kept.routine.id] === kept) return [id, kept];
    const routine = upToDate(kept.routine, own, gone, reverted);
    if (routine === kept.routine) return [id, kept];
    changed = true;
    return [id, { ...kept, routine }];
  });
  return changed ? Object.fromEntries(entries) : after.routines;
}

function upToDate(
  routine: Routine,
  own: readonly Move[],
  gone: readonly Move[],
  reverted: readonly Move[],
): Routine {
  const original = reverted.reduce((one, { id }) => withoutOwnMove(one, id), routine);
  // What was let go only fills in for what an undo brings back; a copy that is carried stays.
  const missing = gone.filter(({ id }) => !original.moves?.some((move) => move.id === id));
  return withMovesInUse(original, missing.length > 0 ? [...own, ...missing] : own);
}

const full = new WeakMap<Routine, { readonly own: readonly Move[]; readonly routine: Routine }>();

/** A routine as it is built: with all own moves to choose from; the same for the same two. */
export function routineToBuild(routine: Routine, own: readonly Move[]): Routine {
  const known = full.get(routine);
  if (known?.own === own) return known.routine;
  const made = withOwnMoves(routine, own);
  full.set(routine, { own, routine: made });
  return made;
}

import type { MoveId } from '@/core/common';
import { familyOf } from '@/core/moves';
import { applyChange, removeEntry, swapMove, type Change } from '@/core/routine';
import type { Rule } from '../finding';
import type { Seen, SeenItem } from '../seen';

/** So many new moves are taken in beside known ones; in a longer class more than a third of it are too many. */
const MOST_NEW = 3;

/** Items of moves that no class of the group has had; the first item of each. */
function newOnes(seen: Seen): readonly SeenItem[] {
  const known = new Set<MoveId>(seen.part.sessions.flatMap(({ moves }) => moves));
  const met = new Set<MoveId>();
  return seen.items.filter(({ item }) => {
    const isNew = !known.has(item.moveId) && !met.has(item.moveId);
    met.add(item.moveId);
    return isNew;
  });
}

/** More new moves at once than an older class takes in; silent before the first class. */
export const tooNew: Rule<'newMoves' | 'mostNew', 'moves'> = {
  severity: 'note',
  source: 'practice',
  anyOrder: true,
  values: { mostNew: MOST_NEW },
  find: (seen) => {
    if (!seen.older || seen.part.sessions.length === 0) return [];
    const fresh = newOnes(seen);
    const moves = new Set(seen.items.map(({ item }) => item.moveId)).size;
    if (fresh.length <= Math.max(MOST_NEW, moves / 3)) return [];
    return [
      {
        numbers: { newMoves: fresh.length, mostNew: MOST_NEW },
        about: { moves: fresh.map(({ inForce }) => inForce.move.name) },
      },
    ];
  },
  mends: (seen) => {
    const known = new Set<MoveId>(seen.part.sessions.flatMap(({ moves }) => moves));
    const extra = newOnes(seen)
      .filter(({ item }) => !item.pinned)
      .slice(MOST_NEW);
    const swapped = extra.map(({ item, inForce }) => {
      const other = familyOf(seen.catalogue, inForce.move).find(({ id }) => known.has(id));
      return other ? swapMove(seen.routine, item.id, other.id) : undefined;
    });
    const all = swapped.flatMap((change) => change?.steps ?? []);
    const whole: Change[] = swapped.every(Boolean) ? [{ what: 'swap', steps: all }] : [];
    let routine = seen.routine;
    const steps = extra.flatMap(({ item }) => {
      const change = removeEntry(routine, item.id);
      routine = applyChange(routine, change);
      return change.steps;
    });
    return [...whole, { what: 'remove', steps }];
  },
};

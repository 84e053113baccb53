import { moveIdSchema, routineIdSchema } from '@/core/ids';
import type { Platform } from '@/platform';
import { KEYS, readKept } from './kept';
import { moveLetGo, movesBrought } from './moves';
import { routineDeleted, routinesBrought } from './routines';
import { runsBrought } from './runs';
import type { AppStore } from './store';
import type { Stored } from './stored';

/** Another tab wrote a routine, a run or a move: show it here, unless this tab has edits under way. */
export async function takeFromOtherTab(
  key: string,
  store: AppStore,
  platform: Platform,
  stored: Stored,
): Promise<void> {
  const text = (await platform.store.read([key]))[key];
  const reading = text ? readKept(key, text) : undefined;
  const kept = reading?.state === 'good' ? reading.kept : undefined;
  if (kept?.kind === 'run') {
    stored.runs = { ...stored.runs, [kept.run.id]: kept.run };
    store.dispatch(runsBrought([kept.run]));
  }
  if (kept?.kind === 'routine') {
    const { routine, revision } = kept;
    const here = store.getState().routines[routine.id]?.routine;
    if (here && here !== stored.routines.get(routine.id)) return;
    stored.revisions.set(routine.id, revision);
    stored.routines.set(routine.id, routine);
    store.dispatch(routinesBrought([routine]));
  }
  if (kept?.kind === 'move') {
    const { move } = kept;
    stored.own = { ...stored.own, [move.id]: move };
    carryFromOtherTab(store, stored, () => store.dispatch(movesBrought([move])));
  }
  if (!text && key.startsWith(KEYS.move(''))) {
    const id = moveIdSchema.safeParse(key.slice(KEYS.move('').length));
    if (!id.success || !stored.own[id.data]) return;
    const { [id.data]: _, ...left } = stored.own;
    stored.own = left;
    carryFromOtherTab(store, stored, () => store.dispatch(moveLetGo(id.data)));
  }
  if (!text && key.startsWith(KEYS.routine(''))) {
    const id = routineIdSchema.safeParse(key.slice(KEYS.routine('').length));
    if (!id.success || !stored.routines.has(id.data)) return;
    stored.routines.delete(id.data);
    stored.revisions.delete(id.data);
    store.dispatch(routineDeleted(id.data));
  }
}

/**
 * Takes a move of another tab; that tab writes the routines that carry it too, so they are not
 * written again from here.
 */
function carryFromOtherTab(store: AppStore, stored: Stored, take: () => void): void {
  const before = store.getState().routines;
  take();
  for (const { routine } of Object.values(store.getState().routines)) {
    const was = before[routine.id]?.routine;
    if (was !== routine && was === stored.routines.get(routine.id)) {
      stored.routines.set(routine.id, routine);
    }
  }
}

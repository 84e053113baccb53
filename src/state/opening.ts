import type { RoutineId } from '@/core/ids';
import type { Routine } from '@/core/routine';
import type { Move } from '@/core/catalog';
import type { Run } from '@/core/record';
import { deviceSet } from './device';
import { KEYS, readKept } from './kept';
import { leadFound } from './lead';
import { draftKept, movesBrought } from './moves';
import { noticeShown, storeOpened } from './notices';
import { routinesBrought } from './routines';
import { runsBrought } from './runs';
import type { AppThunk } from './store';

/** Which revision of each routine this tab last read or wrote; another tab may have gone further. */
export type Revisions = Map<RoutineId, number>;

/** Reads all that is kept. What is damaged is set aside and named, and the rest loads. */
export function openStore(): AppThunk<Promise<Revisions>> {
  return async (dispatch, _, { store }) => {
    const revisions: Revisions = new Map();
    try {
      const keys = await store.keys();
      const texts = await store.read(keys);
      const routines: Routine[] = [];
      const runs: Run[] = [];
      const moves: Move[] = [];
      for (const key of keys) {
        const text = texts[key];
        if (text === null || text === undefined) continue;
        if (key.startsWith(KEYS.setAside(''))) {
          dispatch(setAsideNotice(key, text));
          continue;
        }
        const reading = readKept(key, text);
        if (reading.state === 'newer') dispatch(noticeShown({ kind: 'newer', name: reading.name }));
        if (reading.state === 'damaged') {
          const aside = KEYS.setAside(key);
          await store.write(aside, text);
          await store.remove(key);
          dispatch(setAsideNotice(aside, text));
        }
        if (reading.state !== 'good') continue;
        const { kept } = reading;
        if (kept.kind === 'routine') {
          routines.push(kept.routine);
          revisions.set(kept.routine.id, kept.revision);
        } else if (kept.kind === 'run') runs.push(kept.run);
        else if (kept.kind === 'move') moves.push(kept.move);
        else if (kept.kind === 'draft') dispatch(draftKept(kept.draft));
        else if (kept.kind === 'lead') dispatch(leadFound(kept.lead));
        else dispatch(deviceSet(kept.device));
      }
      dispatch(movesBrought(moves));
      dispatch(routinesBrought(routines));
      dispatch(runsBrought(runs));
    } catch {
      dispatch(noticeShown({ kind: 'storage-closed' }));
    }
    return revisions;
  };
}

/** On the first visit with an empty store: the demo data, so that there is something to see. */
export function welcome(): AppThunk<Promise<void>> {
  return async (dispatch, getState, { clock }) => {
    const { device, routines, runs } = getState();
    // A first visit that was cut off while it saved has only some of the demo data, and no mark yet.
    const ids = [...Object.keys(routines), ...Object.keys(runs)];
    if (!device.welcomed && ids.every((id) => id.startsWith('demo-'))) {
      const { demoData } = await import('./demo');
      const demo = demoData(clock.wallTime());
      dispatch(routinesBrought(demo.routines.filter(({ id }) => !routines[id])));
      dispatch(runsBrought(demo.runs.filter(({ id }) => !runs[id])));
      dispatch(noticeShown({ kind: 'demo-loaded' }));
    }
    if (!device.welcomed) dispatch(deviceSet({ welcomed: true }));
    dispatch(storeOpened());
  };
}

function setAsideNotice(key: string, text: string) {
  const original = key.slice(KEYS.setAside('').length);
  const reading = readKept(original, text);
  const name = 'name' in reading ? reading.name : original;
  return noticeShown({ kind: 'set-aside', key, name, text });
}

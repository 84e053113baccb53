import { lotGone } from './bin';
import { ALL_KINDS, kindOfKey } from './kinds';
import type { AppThunk } from './slices';
import { readStored } from './storage/kind';

/** Brings back what went at once; what is here again by now stays as it is. */
export function restoreLot(id: string): AppThunk {
  return (dispatch, getState) => {
    const lot = getState().lots[id];
    if (!lot) return;
    for (const kind of ALL_KINDS) {
      for (const [key, value] of Object.entries(lot.kept)) {
        if (kindOfKey(key) !== kind) continue;
        const read = readStored(kind, key, JSON.stringify(value));
        if (read.state !== 'good') continue;
        const here = kind.slice.all(getState() as never);
        if (here[kind.idOf(read.value as never)] === undefined) {
          dispatch(kind.slice.put([read.value as never]));
        }
      }
    }
    dispatch(lotGone(id));
  };
}

import { dayOfDate, isoWithOffset } from '@/core/common';
import { fileName, saveFile } from '@/platform/files';
import { backupText } from './backup';
import { saveRoutineFile } from './files';
import type { Hall } from './hall';
import { besidePut, besideTaken } from './hall/beside';
import { kindOfKey } from './kinds';
import type { AppThunk } from './slices';
import { keyOf, nameOf, readStored, writeStored } from './storage/kind';
import { attachWorkshop } from './workshop';

/** Hands over what is in the page and not in storage, as a file that can be brought in again. */
export function saveUnsaved(hall: Hall): void {
  const { keeper, platform } = hall;
  const texts = keeper.unwrittenTexts();
  const kept = Object.fromEntries(
    Object.entries(texts).filter(([key]) => kindOfKey(key)?.derived !== true),
  );
  const { dispatch, getState } = attachWorkshop(hall);
  // A routine alone goes as a routine's own file, which can be handed on too.
  const [only, ...others] = Object.keys(kept).filter((key) => !/^(?:history|mark)\//u.test(key));
  const routine = Object.values(getState().routines).find(
    ({ routine: { id } }) => only === `routine/${id}`,
  );
  if (routine && others.length === 0) return dispatch(saveRoutineFile(routine.routine.id));
  const now = platform.clock.wallTime();
  const text = backupText(isoWithOffset(now), kept);
  saveFile(fileName(`hushed-willow-not-saved-${dayOfDate(now)}`, 'json'), text, 'application/json');
}

/** Puts a version that lies beside in its place; what stood there lies beside from then on. */
export function swapBeside(id: string): AppThunk {
  return (dispatch, getState, { newId, clock }) => {
    const one = getState().beside[id];
    const kind = one && kindOfKey(one.of);
    if (!kind) return;
    const read = readStored(kind, one.of, one.text);
    if (read.state !== 'good') return;
    const own = kind.idOf(read.value as never);
    const here = kind.slice.all(getState() as never)[own] as unknown;
    dispatch(kind.slice.put([read.value as never]));
    dispatch(besideTaken(id));
    if (here === undefined) return;
    const name = nameOf(kind, here) ?? '';
    const at = isoWithOffset(clock.wallTime());
    const text = writeStored(kind, here, 0);
    dispatch(besidePut([{ id: newId(), of: keyOf(kind, own), name, at, text }]));
  };
}

import { countingIds, type ItemId, type NewId } from '@/core/common';
import {
  SECTIONS,
  addEntriesAt,
  entriesOf,
  readRoutineText,
  writeRoutineText,
  type Change,
  type Entry,
  type Place,
  type Placed,
  type Routine,
} from '@/core/routine';
import { copyText } from '@/platform/clipboard';

/** What was cut or copied last, as it was; the clipboard has it as text, for other places. */
let clip: readonly Entry[] = [];

export const hasClip = (): boolean => clip.length > 0;

/** Rows as routine text, with the head that says what they are to be read with. */
export function rowsText(routine: Routine, ids: readonly ItemId[]): string {
  const { notes: _n, heads: _h, ...rest } = routine;
  return writeRoutineText({
    ...rest,
    notes: [],
    sections: { 'warm-up': [], main: [...entriesOf(routine, ids)], settle: [] },
  });
}

/** Keeps rows to be pasted here or in another routine, and lays them on the clipboard as text. */
export function copyRows(routine: Routine, ids: readonly ItemId[]): void {
  clip = entriesOf(routine, ids);
  void copyText(rowsText(routine, ids));
}

/** What was cut or copied last, from a place on; undefined where there is nothing, or no room. */
export function pasteRows(routine: Routine, place: Place, newId: NewId): Change | undefined {
  return addEntriesAt(routine, clip, place, newId);
}

/** The rows of a text that is routine text through and through; undefined where it is not. */
export function placedInText(text: string, routine: Routine): readonly Placed[] | undefined {
  const { id, title, moves } = routine;
  const read = readRoutineText(text, {
    id,
    newId: countingIds('pasted'),
    untitled: title,
    ...(moves && { moves }),
  });
  const placed = SECTIONS.flatMap((section) =>
    read.routine.sections[section].map((entry) => ({ entry, section })),
  );
  return read.problems.length === 0 && placed.length > 0 ? placed : undefined;
}

import type { PaceChanges } from '@/core/body';
import {
  cleanLine,
  dayOfDate,
  isoWithOffset,
  routineIdSchema,
  type GroupName,
  type MoveId,
  type NewId,
  type RoutineId,
} from '@/core/common';
import type { Move } from '@/core/moves';
import {
  emptyRoutine,
  itemsOutOfLine,
  withFreshIds,
  type Entry,
  type Routine,
  changeHeader,
} from '@/core/routine';
import { isLikeShipped, isShipped, wordsChosen, wordsToKeep, type Bringing } from '@/core/writing';
import { draftKept, draftLetGo, moveLetGo, movesBrought, selectOwnMoves } from './moves';
import { noticeClosed, noticeShown, type Notice } from './hall/notices';
import { routineChanged, routineDeleted, routinesBrought } from './routines';
import { binEmptied, binFilled } from './bin';
import { markTaken } from './hall/marks';
import { lineGone } from './lines';
import { ownWordsPut } from './own-words';
import { restoreLot } from './lots';
import { MOST_TYPED, typedPut, typedTaken } from './typed';
import { versionGone, versionsKept } from './versions';
import type { AppThunk } from './slices';

/** Letters of a title. */
const MOST_TITLE = 120;
/** What stands where nothing that can be seen was written. */
const UNTITLED = '–';

/** A routine with nothing in it; returns its id. */
export function createRoutine(title: string): AppThunk<RoutineId> {
  return (dispatch, getState, { newId }) => {
    const id = routineIdSchema.parse(newId());
    // Until somebody has said for whom, the stricter rows hold.
    const group = getState().device.usual?.group ?? 'older';
    const routine = emptyRoutine(id, cleanLine(title, MOST_TITLE) || UNTITLED, group);
    dispatch(routinesBrought([routine]));
    return routine.id;
  };
}

/** A routine from a file or a text, under ids of its own so that it replaces nothing. */
export function bringIn(routine: Routine): AppThunk<RoutineId> {
  return (dispatch, _, { newId }) => {
    const copy = underFreshIds(routine, newId);
    dispatch(routinesBrought([copy]));
    dispatch(noticeShown({ kind: 'brought-in', title: copy.title, id: copy.id }));
    return copy.id;
  };
}

/** A copy, for another group or another length where that is said; returns its id. */
export function duplicateRoutine(
  id: RoutineId,
  title: string,
  words: Partial<Pick<Routine, 'group' | 'slotMs'>> = {},
): AppThunk<RoutineId | undefined> {
  return (dispatch, getState, { newId }) => {
    const kept = getState().routines[id];
    if (!kept) return undefined;
    const own = { ...words, title: cleanLine(title, MOST_TITLE) || kept.routine.title };
    const copy = { ...underFreshIds(kept.routine, newId), ...own };
    dispatch(routinesBrought([copy]));
    return copy.id;
  };
}

export function renameRoutine(id: RoutineId, title: string): AppThunk {
  return (dispatch, getState) => {
    const kept = getState().routines[id];
    const named = cleanLine(title, MOST_TITLE);
    if (!kept || named === '' || named === kept.routine.title) return;
    dispatch(routineChanged({ id, change: changeHeader(kept.routine, { title: named }) }));
  };
}

function underFreshIds(routine: Routine, newId: NewId): Routine {
  const fresh = (entries: readonly Entry[]) => entries.map((entry) => withFreshIds(entry, newId));
  const { 'warm-up': warmUp, main, settle } = routine.sections;
  return {
    ...routine,
    id: routineIdSchema.parse(newId()),
    sections: { 'warm-up': fresh(warmUp), main: fresh(main), settle: fresh(settle) },
  };
}

export function deleteRoutine(id: RoutineId): AppThunk {
  return (dispatch, getState, { clock }) => {
    const kept = getState().routines[id];
    if (!kept) return;
    const binnedAt = isoWithOffset(clock.wallTime());
    dispatch(binFilled([{ routine: kept.routine, binnedAt }]));
    dispatch(routineDeleted(id));
    dispatch(noticeShown({ kind: 'routine-deleted', routine: kept.routine }));
  };
}

/** Brings a routine back from the bin. */
export function restoreRoutine(id: RoutineId): AppThunk {
  return (dispatch, getState) => {
    const binned = getState().bin[id];
    if (!binned) return;
    dispatch(routinesBrought([binned.routine]));
    dispatch(binEmptied(id));
  };
}

/** A new routine that nothing was done to leaves nothing behind. */
export function dropUntouched(id: RoutineId): AppThunk {
  return (dispatch) => {
    dispatch(routineDeleted(id));
    dispatch(letRoutineGo(id));
  };
}

/** Lets go for good of a routine in the bin, and of all that was kept beside it. */
export function letRoutineGo(id: RoutineId): AppThunk {
  return (dispatch, getState) => {
    dispatch(binEmptied(id));
    dispatch(markTaken(id));
    dispatch(lineGone(id));
    const versions = Object.values(getState().versions);
    const own = versions.filter(({ routineId }) => routineId === id);
    own.forEach((version) => dispatch(versionGone(version.id)));
  };
}

/** Keeps a routine as it is now under a name, to go back to. */
export function keepVersion(routineId: RoutineId, name: string): AppThunk {
  return (dispatch, getState, { newId, clock }) => {
    const kept = getState().routines[routineId];
    if (!kept) return;
    const { routine } = kept;
    const keptAt = isoWithOffset(clock.wallTime());
    const own = cleanLine(name, 80) || keptAt.slice(0, 10);
    dispatch(versionsKept([{ id: newId(), routineId, name: own, keptAt, routine }]));
  };
}

/** Keeps a move that was written: a new one, an own one changed, or a shipped one changed. */
export function keepMove(move: Move): AppThunk {
  return (dispatch, getState) => {
    const own = [...selectOwnMoves(getState()).filter(({ id }) => id !== move.id), move];
    const mended = Object.values(getState().routines)
      .filter(({ routine }) => itemsOutOfLine(routine, own).length > 0)
      .map(({ routine }) => routine.title);
    // What says the same as the original is the original.
    dispatch(isLikeShipped(move) ? moveLetGo(move.id) : movesBrought([move]));
    dispatch(draftLetGo(move.id));
    dispatch(noticeShown({ kind: 'move-kept', name: move.name, mended }));
  };
}

/** Deletes an own move, or goes back to a shipped one's original. Routines that use an own move keep it. */
export function letMoveGo(id: MoveId): AppThunk {
  return (dispatch, getState) => {
    const move = getState().moves.own[id];
    if (!move) return;
    dispatch(moveLetGo(id));
    dispatch(noticeShown({ kind: isShipped(id) ? 'move-reverted' : 'move-deleted', move }));
  };
}

/** Lets go of what was written and not kept. */
export function dropDraft(id: MoveId): AppThunk {
  return (dispatch, getState) => {
    const draft = getState().moves.drafts[id];
    if (!draft) return;
    dispatch(draftLetGo(id));
    dispatch(noticeShown({ kind: 'draft-let-go', draft }));
  };
}

/** Moves from a file, as `bringMoves` laid them out. */
export function bringMovesIn({ own, added, replaced }: Bringing): AppThunk {
  return (dispatch) => {
    dispatch(movesBrought(own));
    dispatch(noticeShown({ kind: 'moves-brought-in', added, replaced }));
  };
}

/** Takes back what a notice tells of. */
export function takeBack(notice: Notice): AppThunk {
  return (dispatch) => {
    if (notice.kind === 'routine-deleted') {
      dispatch(routinesBrought([notice.routine]));
      dispatch(binEmptied(notice.routine.id));
    }
    if (notice.kind === 'move-deleted' || notice.kind === 'move-reverted') {
      dispatch(movesBrought([notice.move]));
    }
    if (notice.kind === 'draft-let-go') dispatch(draftKept(notice.draft));
    if (notice.kind === 'moves-brought-in') {
      notice.added.forEach(({ id }) => dispatch(moveLetGo(id)));
      dispatch(movesBrought(notice.replaced));
    }
    if (notice.kind === 'emptied') dispatch(restoreLot(notice.lot));
    dispatch(noticeClosed(notice));
  };
}

/** Lets go of a damaged record that was set aside. */
export function letGo(notice: Extract<Notice, { kind: 'set-aside' }>): AppThunk<Promise<void>> {
  return async (dispatch, _, { store }) => {
    await store.remove([notice.key]);
    dispatch(noticeClosed(notice));
  };
}

/** Lays measured times over the pace of every routine of a group; how many there are. */
export function paceTaken(group: GroupName, changes: PaceChanges): AppThunk<number> {
  return (dispatch, getState) => {
    const own = Object.values(getState().routines).filter(({ routine }) => routine.group === group);
    for (const { routine } of own) {
      const change = changeHeader(routine, { pace: { ...routine.pace, ...changes } });
      dispatch(routineChanged({ id: routine.id, change }));
    }
    return own.length;
  };
}

/** Keeps what is typed at a place; nothing is kept of what is empty. */
export function typedAt(place: string, text: string): AppThunk {
  return (dispatch) => {
    if (text.trim() === '') dispatch(typedTaken(place));
    else dispatch(typedPut([{ id: place, text: text.slice(0, MOST_TYPED) }]));
  };
}

/** A move was chosen for what was typed: from now on those words are it. */
export function moveChosen(typed: string, move: MoveId): AppThunk {
  return (dispatch, getState, { clock }) => {
    const id = wordsToKeep(typed);
    if (id === undefined) return;
    const known = getState().ownWords[id];
    dispatch(ownWordsPut([wordsChosen(known, id, move, dayOfDate(clock.wallTime()))]));
  };
}

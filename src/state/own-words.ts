import { dayOfDate, type MoveId } from '@/core/common';
import { wordsChosen, wordsToKeep, type OwnWords } from '@/core/writing';
import { keyedSlice } from './hall/keyed-slice';
import type { AppThunk } from './slices';

/** Words that are this person's own for moves, by what they typed. */
export const {
  put: ownWordsPut,
  taken: ownWordsTaken,
  reducer: ownWordsReducer,
} = keyedSlice<OwnWords>('own-words', ({ id }) => id);

/** A move was chosen for what was typed: from now on those words are it. */
export function moveChosen(typed: string, move: MoveId): AppThunk {
  return (dispatch, getState, { clock }) => {
    const id = wordsToKeep(typed);
    if (id === undefined) return;
    const known = getState().ownWords[id];
    dispatch(ownWordsPut([wordsChosen(known, id, move, dayOfDate(clock.wallTime()))]));
  };
}

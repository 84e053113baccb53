import type { OwnWords } from '@/core/writing';
import { keyedSlice } from './hall/keyed-slice';

/** Words that are this person's own for moves, by what they typed. */
export const {
  put: ownWordsPut,
  taken: ownWordsTaken,
  reducer: ownWordsReducer,
} = keyedSlice<OwnWords>('own-words', ({ id }) => id);

import type { Run } from '@/core/class';
import { keyedSlice } from './keyed-slice';

/** Every class that was led; saved. */
export const {
  put: runsBrought,
  taken: runDeleted,
  reducer: runsReducer,
} = keyedSlice<Run>('runs', ({ id }) => id);

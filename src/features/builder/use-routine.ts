import { useCallback } from 'react';
import { routineIdSchema, type RoutineId } from '@/core/common';
import type { Change, Routine } from '@/core/routine';
import {
  routineChanged,
  routineToBuild,
  selectOwnMoves,
  useAppDispatch,
  useAppSelector,
} from '@/state';

/** The routine that an address names, with all own moves to choose from, and the way to change it. */
export function useRoutine(address: string) {
  const dispatch = useAppDispatch();
  const id = routineIdSchema.safeParse(address).data;
  const kept = useAppSelector((state) => (id ? state.routines[id] : undefined));
  const own = useAppSelector(selectOwnMoves);
  const routine = kept && routineToBuild(kept.routine, own);
  const change = useCallback(
    (one: Change | undefined) => {
      if (one && id) dispatch(routineChanged({ id, change: one }));
    },
    [dispatch, id],
  );
  return { id, routine, change };
}

export interface Editing {
  readonly id: RoutineId;
  readonly routine: Routine;
  readonly change: (change: Change | undefined) => void;
}

import isEqual from 'fast-deep-equal';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { catalogueWith } from '@/core/moves';
import { readDraft, type MoveDraft } from '@/core/writing';
import {
  draftKept,
  selectCatalogue,
  selectOwnMoves,
  useAppDispatch,
  useAppSelector,
} from '@/state';

/** A draft being written: every change is kept as it is typed, and read as a move beside it. */
export function useDraft(start: MoveDraft) {
  const dispatch = useAppDispatch();
  const { control, setValue, getValues, subscribe } = useForm<MoveDraft>({ defaultValues: start });
  useEffect(
    () =>
      subscribe({
        formState: { values: true },
        // The form goes on changing its own values; what is kept is a copy.
        callback: ({ values }) => void dispatch(draftKept(structuredClone(values))),
      }),
    [subscribe, dispatch],
  );
  const values = useDeferredValue(useWatch({ control }) as MoveDraft);
  const catalogue = useAppSelector(selectCatalogue);
  const own = useAppSelector(selectOwnMoves);
  const reading = useMemo(() => readDraft(values, catalogue), [values, catalogue]);
  const after = useMemo(() => {
    const { move } = reading;
    return move && catalogueWith([...own.filter(({ id }) => id !== move.id), move]);
  }, [own, reading]);
  // The same problems are the same value, so that what shows them rests while others are typed.
  const [problems, setProblems] = useState(reading.problems);
  if (!isEqual(problems, reading.problems)) setProblems(reading.problems);
  /** As it is typed at this moment, where the reading above may be a key behind. */
  const readNow = () => readDraft(structuredClone(getValues()), catalogue);
  return { control, setValue, readNow, move: reading.move, problems, after };
}

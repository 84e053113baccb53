import { useDeferredValue, useEffect, useMemo } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { catalogWith } from '@/core/catalog';
import { readDraft, type MoveDraft } from '@/core/library';
import { draftKept, selectCatalog, selectOwnMoves, useAppDispatch, useAppSelector } from '@/state';

/** A draft being written: every change is kept as it is typed, and read as a move beside it. */
export function useDraft(start: MoveDraft) {
  const dispatch = useAppDispatch();
  const { control, setValue, subscribe } = useForm<MoveDraft>({ defaultValues: start });
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
  const catalog = useAppSelector(selectCatalog);
  const own = useAppSelector(selectOwnMoves);
  const reading = useMemo(() => readDraft(values, catalog), [values, catalog]);
  const after = useMemo(() => {
    const { move } = reading;
    return move && catalogWith([...own.filter(({ id }) => id !== move.id), move]);
  }, [own, reading]);
  return { control, setValue, values, reading, after };
}

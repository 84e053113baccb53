import isEqual from 'fast-deep-equal';
import { useEffect, useMemo, useState } from 'react';
import type { ItemId } from '@/core/common';
import type { FindingPlace, PlacedFinding } from '@/core/judgement';
import type { Change, Routine } from '@/core/routine';
import { findingsOf, mendsFor, useAppDispatch, usePart } from '@/state';

export type Looking = 'looking' | 'done' | 'failed';

export interface Findings {
  readonly all: readonly PlacedFinding[];
  readonly byEntry: ReadonlyMap<ItemId, readonly PlacedFinding[]>;
  /** The routine that they are about; the one before while the checks look. */
  readonly routine: Routine | undefined;
  readonly state: Looking;
}

const NONE: readonly PlacedFinding[] = [];

/** What the checks find in a routine. Those of the state before stay until the new ones are there. */
export function useFindings(routine: Routine): Findings {
  const dispatch = useAppDispatch();
  const [known, setKnown] = useState<{ routine: Routine; all: readonly PlacedFinding[] }>();
  const [failed, setFailed] = useState<Routine>();
  const part = usePart(routine.id);
  useEffect(() => {
    let wanted = true;
    dispatch(findingsOf(routine)).then(
      (all) =>
        wanted &&
        // What is found again stays what it was: whatever shows it is not drawn anew.
        setKnown((was) => ({ routine, all: was && isEqual(was.all, all) ? was.all : all })),
      () => wanted && setFailed(routine),
    );
    return () => {
      wanted = false;
    };
    // Other people are another class.
  }, [dispatch, routine, part]);
  const all = known?.all ?? NONE;
  const byEntry = useMemo(() => {
    const map = new Map<ItemId, PlacedFinding[]>();
    for (const one of all) {
      for (const itemId of new Set(one.places.map((place) => place.itemId))) {
        if (itemId) map.set(itemId, [...(map.get(itemId) ?? []), one]);
      }
    }
    return map;
  }, [all]);
  const state = failed === routine ? 'failed' : known?.routine === routine ? 'done' : 'looking';
  return useMemo(
    () => ({ all, byEntry, routine: known?.routine, state }),
    [all, byEntry, known, state],
  );
}

interface Mends {
  readonly about: Routine | undefined;
  readonly of: readonly PlacedFinding[];
  readonly mends: ReadonlyMap<FindingPlace, readonly Change[]>;
}

const NO_MENDS: Mends['mends'] = new Map();

/** The mends of these findings at each of their places, found one by one; none while the checks look at a newer state. */
export function useMends({
  all,
  routine,
  state,
}: Findings): ReadonlyMap<FindingPlace, readonly Change[]> {
  const dispatch = useAppDispatch();
  const [known, setKnown] = useState<Mends>({
    about: undefined,
    of: NONE,
    mends: NO_MENDS,
  });
  useEffect(() => {
    if (!routine || state !== 'done') return;
    let wanted = true;
    const find = async () => {
      const places = all.flatMap((one) => one.places.map((place) => ({ one, place })));
      for (const { one, place } of places) {
        const { places: _, ...finding } = one;
        // A mend that can't be worked out is none; the others may still be there.
        const found = await dispatch(mendsFor(routine, { ...finding, ...place })).catch(
          (): readonly Change[] => [],
        );
        if (!wanted) return;
        setKnown((before) => ({
          about: routine,
          of: all,
          mends: new Map(before.about === routine && before.of === all ? before.mends : []).set(
            place,
            found,
          ),
        }));
      }
    };
    void find();
    return () => {
      wanted = false;
    };
  }, [dispatch, all, routine, state]);
  // A mend is an edit of one state of the routine, and fits no other.
  return state === 'done' && known.about === routine && known.of === all ? known.mends : NO_MENDS;
}

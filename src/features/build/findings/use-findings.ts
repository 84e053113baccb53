import { useEffect, useMemo, useState } from 'react';
import type { RuleFinding } from '@/core/check';
import type { ItemId } from '@/core/ids';
import type { Change, Routine } from '@/core/routine';
import { findingsOf, mendFor, useAppDispatch } from '@/state';

export type Looking = 'looking' | 'done' | 'failed';

export interface Findings {
  readonly all: readonly RuleFinding[];
  readonly byEntry: ReadonlyMap<ItemId, readonly RuleFinding[]>;
  /** The routine that they are about; the one before while the checks look. */
  readonly routine: Routine | undefined;
  readonly state: Looking;
}

const NONE: readonly RuleFinding[] = [];

/** What the checks find in a routine. Those of the state before stay until the new ones are there. */
export function useFindings(routine: Routine): Findings {
  const dispatch = useAppDispatch();
  const [known, setKnown] = useState<{ routine: Routine; all: readonly RuleFinding[] }>();
  const [failed, setFailed] = useState<Routine>();
  useEffect(() => {
    let wanted = true;
    dispatch(findingsOf(routine)).then(
      (all) => wanted && setKnown({ routine, all }),
      () => wanted && setFailed(routine),
    );
    return () => {
      wanted = false;
    };
  }, [dispatch, routine]);
  const all = known?.all ?? NONE;
  const byEntry = useMemo(() => {
    const map = new Map<ItemId, RuleFinding[]>();
    for (const one of all) {
      if (one.itemId) map.set(one.itemId, [...(map.get(one.itemId) ?? []), one]);
    }
    return map;
  }, [all]);
  const state = failed === routine ? 'failed' : known?.routine === routine ? 'done' : 'looking';
  return { all, byEntry, routine: known?.routine, state };
}

/** The mends of findings, found one by one while somebody looks at them. */
export function useMends({ all, routine, state }: Findings): ReadonlyMap<RuleFinding, Change> {
  const dispatch = useAppDispatch();
  const [mends, setMends] = useState<ReadonlyMap<RuleFinding, Change>>(new Map());
  useEffect(() => {
    if (!routine || state !== 'done') return;
    let wanted = true;
    const find = async () => {
      for (const finding of all) {
        const mend = await dispatch(mendFor(routine, finding));
        if (!wanted) return;
        if (mend) setMends((known) => new Map(known).set(finding, mend));
      }
    };
    find().catch(() => undefined);
    return () => {
      wanted = false;
    };
  }, [dispatch, all, routine, state]);
  return mends;
}

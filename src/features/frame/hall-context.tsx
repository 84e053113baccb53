import { createContext, useCallback, useContext } from 'react';
import type * as Work from '@/state';
import { noticeShown, type Hall } from '@/state/hall';

/** What works on routines and moves, loaded when it is first wanted. */
export interface Workshop {
  readonly work: typeof Work;
}

interface HallValue {
  readonly hall: Hall;
  readonly loadWorkshop: () => Promise<Workshop>;
}

const HallContext = createContext<HallValue | undefined>(undefined);
export const HallProvider = HallContext.Provider;

export function useHall(): HallValue {
  const value = useContext(HallContext);
  if (!value) throw new Error('outside of the application');
  return value;
}

/** Opens the workshop and does something in it: for pages that stand without it. */
export function useWork() {
  const { hall, loadWorkshop } = useHall();
  return useCallback(
    async (deed: (work: typeof Work, dispatch: Work.AppDispatch) => unknown): Promise<void> => {
      let loaded: Workshop;
      try {
        loaded = await loadWorkshop();
      } catch {
        hall.store.dispatch(noticeShown({ kind: 'scripts-gone' }));
        return;
      }
      const { work } = loaded;
      await work.openWorkshop(hall);
      await deed(work, work.attachWorkshop(hall).dispatch);
    },
    [hall, loadWorkshop],
  );
}

import { useEffect, useState, type ComponentType } from 'react';
import { Waiting, useHall } from '@/features/frame';
import type * as All from './all';

export const loadWorkshop = (): Promise<typeof All> => import('./all');

/** What a page needs read before it is shown. */
type Needs = 'workshop' | 'record';

/**
 * A page that stands in the workshop, for a route: the workshop is loaded and opened before it.
 * @param needs the record of all classes is read for those pages alone that show it
 */
export function inWorkshop<Props extends object>(
  pick: (all: typeof All) => ComponentType<Props>,
  needs: Needs = 'workshop',
): ComponentType<Props> {
  return function InWorkshop(props: Props) {
    const { hall } = useHall();
    const [all, setAll] = useState<typeof All>();
    useEffect(() => {
      let wanted = true;
      void loadWorkshop().then(async (loaded) => {
        await loaded.work[needs === 'record' ? 'openRecord' : 'openWorkshop'](hall);
        if (wanted) setAll(loaded);
      });
      return () => {
        wanted = false;
      };
    }, [hall]);
    if (!all) return <Waiting />;
    const Page = pick(all);
    return <Page {...props} />;
  };
}

import { useEffect, useState, type ComponentType } from 'react';
import { ScriptsGone, Waiting, useHall } from '@/features/frame';
import type * as All from './all';

let loading: Promise<typeof All> | undefined;

/** The rest of the application; what could not be fetched is asked for again the next time. */
export const loadWorkshop = (): Promise<typeof All> => {
  loading ??= import('./all').catch((error: unknown) => {
    loading = undefined;
    throw error;
  });
  return loading;
};

/** What a page needs read before it is shown. */
type Needs = 'workshop' | 'record';

/**
 * A page that stands in the workshop, for a route: the workshop is loaded and opened before it.
 * @param needs the record of all classes is read for those pages alone that show it
 */
export function inWorkshop<Props extends object>(
  pick: (all: typeof All) => ComponentType<Props>,
  needs: Needs = 'workshop',
  /** A page that a room sees says nothing while it comes. */
  isSeen = false,
): ComponentType<Props> {
  return function InWorkshop(props: Props) {
    const { hall } = useHall();
    const [all, setAll] = useState<typeof All | 'gone'>();
    const [tries, setTries] = useState(0);
    useEffect(() => {
      let wanted = true;
      const open = async () => {
        const loaded = await loadWorkshop();
        await loaded.work[needs === 'record' ? 'openRecord' : 'openWorkshop'](hall);
        return loaded;
      };
      open().then(
        (loaded) => wanted && setAll(loaded),
        () => wanted && setAll('gone'),
      );
      return () => {
        wanted = false;
      };
    }, [hall, tries]);
    if (all === 'gone') {
      const again = () => {
        setAll(undefined);
        setTries(tries + 1);
      };
      return <ScriptsGone onAgain={again} />;
    }
    if (!all) return <Waiting says={!isSeen} />;
    const Page = pick(all);
    return <Page {...props} />;
  };
}

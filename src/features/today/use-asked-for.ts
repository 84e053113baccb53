import { useLocalSearchParams, useRouter } from 'expo-router';
import { useEffect, useRef } from 'react';
import { routineIdSchema, type RoutineId } from '@/core/common';
import { useWork } from '@/features/frame';
import type { Meeting } from '@/state/hall';
import { TODAY } from './strings';

/**
 * What a shortcut of the installed application asks for: the next class to lead, or a line to write in
 * its routine. Where neither is there, the page stays as it is, and says what there is.
 * @param lately what was led last, where no class is set
 */
export function useAskedFor(next: Meeting | undefined, lately: RoutineId | undefined): void {
  const { go } = useLocalSearchParams<{ go?: string }>();
  const router = useRouter();
  const work = useWork();
  const isDone = useRef(false);
  const routine = routineIdSchema.safeParse(next?.routineId).data ?? lately;
  useEffect(() => {
    if (isDone.current || (go !== 'lead' && go !== 'write')) return;
    isDone.current = true;
    if (go === 'lead' && !routine) return router.replace('/');
    void work(({ createRoutine, openedFor, groupIdOf }, dispatch) => {
      if (go === 'write') {
        const id = routine ?? dispatch(createRoutine(TODAY.untitled));
        return router.replace(`/routine/${id}?write=1`);
      }
      const groupId = routine === next?.routineId ? groupIdOf(next?.id) : undefined;
      if (routine && groupId) dispatch(openedFor(routine, groupId));
      return router.replace(`/lead/${routine}`);
    });
  }, [go, router, work, routine, next]);
}

import type { GroupName, RoutineId } from '@/core/common';
import type { Routine } from './schema';

/** A routine with nothing in it. */
export function emptyRoutine(id: RoutineId, title: string, group: GroupName): Routine {
  const sections = { 'warm-up': [], main: [], settle: [] };
  return { id, title, group, pace: {}, notes: [], sections };
}

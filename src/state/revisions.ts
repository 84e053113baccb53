import type { RoutineId } from '@/core/ids';

/** Which revision of each routine this tab last read or wrote; another tab may have gone further. */
export const revisions = new Map<RoutineId, number>();

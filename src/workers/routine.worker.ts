import { expose } from 'comlink';
import { checkRoutine, fitSafely, mendOf } from '@/core/check';
import { countingIds } from '@/core/ids';
import { orderRoutine } from '@/core/order';
import { scorePhrases as phrases } from '@/words';
import type { RoutineWorker } from './routine.protocol';

/** Checks, mends, fits and orders away from the page, so that it never stalls. */
const work: RoutineWorker = {
  findings: (routine) => checkRoutine(routine, { phrases }),
  mend: (routine, finding, idsFrom) =>
    mendOf(routine, finding, { phrases, newId: countingIds(idsFrom) }),
  fit: (routine, slotMs, idsFrom) =>
    fitSafely(routine, { slotMs, phrases, newId: countingIds(idsFrom) }),
  order: (routine) => orderRoutine(routine, { phrases }),
};

expose(work);

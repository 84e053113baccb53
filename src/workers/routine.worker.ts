import { expose } from 'comlink';
import { countingIds } from '@/core/common';
import { checkRoutine, fitSafely, mendsOf, orderRoutine, tonight } from '@/core/judgement';
import { readIncoming } from '@/core/writing';
import { scorePhrases as phrases } from '@/words/score';
import type { RoutineWorker } from './routine.protocol';

/** Checks, mends, fits and orders away from the page, so that it never stalls. */
const work: RoutineWorker = {
  findings: (routine, part) => checkRoutine(routine, { part, phrases }),
  mends: (routine, part, finding, idsFrom) =>
    mendsOf(routine, finding, { part, phrases, newId: countingIds(idsFrom) }),
  fit: (routine, part, slotMs, idsFrom) =>
    fitSafely(routine, { slotMs, part, phrases, newId: countingIds(idsFrom) }),
  order: (routine, part) => orderRoutine(routine, { part, phrases }),
  tonight: (routine, part, asked, idsFrom) =>
    tonight(routine, { ...asked, part, phrases, newId: countingIds(idsFrom) }),
  incoming: readIncoming,
};

expose(work);

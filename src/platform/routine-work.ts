import { wrap, type Remote } from 'comlink';
import type { RuleFinding, SafeFitting } from '@/core/check';
import type { NewId } from '@/core/ids';
import type { Ordering } from '@/core/order';
import type { Change, Routine } from '@/core/routine';
import type { RoutineWorker } from '@/workers/routine.protocol';

/** What is worked out beside the page. Each rejects where the worker fails or takes too long. */
export interface RoutineWork {
  findings(routine: Routine): Promise<readonly RuleFinding[]>;
  mend(routine: Routine, finding: RuleFinding): Promise<Change | undefined>;
  fit(routine: Routine, slotMs: number): Promise<SafeFitting>;
  order(routine: Routine): Promise<Ordering>;
}

interface Running {
  readonly worker: Worker;
  readonly work: Remote<RoutineWorker>;
  readonly failed: Promise<never>;
}

/** Nothing a class can hold takes so long; what does has gone wrong. */
const LONGEST_MS = 20_000;

/** The browser's worker: started when first asked, and anew after it failed. */
export function browserRoutineWork(newId: NewId): RoutineWork {
  let running: Running | undefined;
  /** Each state of a routine is looked at once, however many ask. */
  const known = new WeakMap<Routine, Promise<readonly RuleFinding[]>>();
  const ask = async <T>(question: (work: Remote<RoutineWorker>) => Promise<T>): Promise<T> => {
    const own = (running ??= start());
    let timer: ReturnType<typeof setTimeout> | undefined;
    const tooLong = new Promise<never>((_, reject) => {
      timer = setTimeout(() => reject(new Error('took too long')), LONGEST_MS);
    });
    try {
      return await Promise.race([question(own.work), own.failed, tooLong]);
    } catch (error) {
      own.worker.terminate();
      if (running === own) running = undefined;
      throw error;
    } finally {
      clearTimeout(timer);
    }
  };
  return {
    findings: (routine) => {
      const found = known.get(routine) ?? ask((work) => work.findings(routine));
      known.set(routine, found);
      // What failed may be asked again.
      found.catch(() => known.delete(routine));
      return found;
    },
    mend: (routine, finding) => ask((work) => work.mend(routine, finding, `${newId()}-`)),
    fit: (routine, slotMs) =>
      ask<SafeFitting>(async (work) => work.fit(routine, slotMs, `${newId()}-`)),
    order: (routine) => ask((work) => work.order(routine)),
  };
}

function start(): Running {
  const worker = new Worker(new URL('../workers/routine.worker', window.location.href));
  const failed = new Promise<never>((_, reject) => {
    worker.onerror = ({ message }) => reject(new Error(message));
  });
  // Heard by whoever asks; nobody has to be asking.
  failed.catch(() => undefined);
  return { worker, work: wrap<RoutineWorker>(worker), failed };
}

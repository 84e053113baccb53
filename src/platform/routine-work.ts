import type { TakingPart } from '@/core/people';
import { wrap, type Remote } from 'comlink';
import type { NewId } from '@/core/common';
import type {
  Ordering,
  PlacedFinding,
  RuleFinding,
  SafeFitting,
  Tonight,
  TonightAsked,
} from '@/core/judgement';
import type { Move } from '@/core/moves';
import type { Change, Routine } from '@/core/routine';
import type { Incoming } from '@/core/writing';
import type { RoutineWorker } from '@/workers/routine.protocol';

/** What is worked out beside the page. Each rejects where the worker fails or takes too long. */
export interface RoutineWork {
  findings(routine: Routine, part: TakingPart): Promise<readonly PlacedFinding[]>;
  mends(routine: Routine, part: TakingPart, finding: RuleFinding): Promise<readonly Change[]>;
  fit(routine: Routine, part: TakingPart, slotMs: number): Promise<SafeFitting>;
  order(routine: Routine, part: TakingPart): Promise<Ordering>;
  tonight(routine: Routine, part: TakingPart, asked: TonightAsked): Promise<Tonight>;
  incoming(text: string, own: readonly Move[], untitled: string): Promise<Incoming>;
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
  const known = new WeakMap<Routine, WeakMap<TakingPart, Promise<readonly PlacedFinding[]>>>();
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
    findings: (routine, part) => {
      const byPart = known.get(routine) ?? new WeakMap();
      known.set(routine, byPart);
      const found = byPart.get(part) ?? ask((work) => work.findings(routine, part));
      byPart.set(part, found);
      // What failed may be asked again.
      found.catch(() => byPart.delete(part));
      return found;
    },
    mends: (routine, part, finding) =>
      ask((work) => work.mends(routine, part, finding, `${newId()}-`)),
    tonight: (routine, part, asked) =>
      ask<Tonight>(async (work) => work.tonight(routine, part, asked, `${newId()}-`)),
    fit: (routine, part, slotMs) =>
      ask<SafeFitting>(async (work) => work.fit(routine, part, slotMs, `${newId()}-`)),
    order: (routine, part) => ask((work) => work.order(routine, part)),
    incoming: (text, own, untitled) =>
      ask<Incoming>(async (work) => work.incoming(text, own, untitled)),
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

import type { BeatRequest } from '@/workers/beat.protocol';

/** The one way that the application tells time. */
export interface Clock {
  /** A monotonic clock, in milliseconds. */
  now(): number;
  /** The time of day. */
  wallTime(): Date;
  /** Resolves at or soon after `untilMs`; at once where that has passed. Never where it is aborted. */
  waitUntil(untilMs: number, signal: AbortSignal): Promise<void>;
  /** Calls again and again, by a timer that nothing else uses; roughly, and for as long as the page is there. */
  every(ms: number, call: () => void): void;
}

const BEAT_MS = 50;

/** The moments that are waited for. */
const due = new Set<{ readonly untilMs: number }>();

/** Whether something that was waited for comes within so many milliseconds. */
export function isDueWithin(ms: number): boolean {
  const nowMs = performance.now();
  return [...due].some(({ untilMs }) => untilMs > nowMs && untilMs - nowMs < ms);
}

/**
 * The browser's clock. Timers of a hidden page fire once a second or less, so a worker's beat wakes
 * those who wait as well; whichever comes first at or after the moment.
 */
export function browserClock(): Clock {
  const waiting = new Set<() => void>();
  const wake = () => waiting.forEach((check) => check());
  let worker: Worker | undefined;
  /** Started with the first wait: a page where nothing is led has no use for it. */
  const keepBeat = () => {
    if (worker) return;
    worker = startBeat(wake);
    const atPace = () => beat(worker, document.hidden ? BEAT_MS : BEAT_MS * 20);
    document.addEventListener('visibilitychange', () => {
      atPace();
      wake();
    });
    atPace();
  };
  return {
    now: () => performance.now(),
    wallTime: () => new Date(),
    every: (ms, call) => void setInterval(call, ms),
    waitUntil: (untilMs, signal) =>
      new Promise((resolve) => {
        let timer: ReturnType<typeof setTimeout> | undefined;
        const moment = { untilMs };
        const stop = () => {
          waiting.delete(check);
          due.delete(moment);
          clearTimeout(timer);
        };
        const check = () => {
          if (performance.now() < untilMs) return;
          stop();
          signal.removeEventListener('abort', stop);
          resolve();
        };
        if (signal.aborted) return;
        keepBeat();
        signal.addEventListener('abort', stop, { once: true });
        waiting.add(check);
        due.add(moment);
        const sleep = () => {
          check();
          if (waiting.has(check))
            timer = setTimeout(sleep, Math.max(1, untilMs - performance.now()));
        };
        sleep();
      }),
  };
}

function startBeat(onBeat: () => void): Worker | undefined {
  try {
    const worker = new Worker(new URL('../workers/beat.worker', window.location.href));
    worker.onmessage = onBeat;
    return worker;
  } catch {
    return undefined;
  }
}

function beat(worker: Worker | undefined, everyMs: number): void {
  const request: BeatRequest = { everyMs };
  worker?.postMessage(request);
}

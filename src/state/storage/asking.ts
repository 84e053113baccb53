import { unreadSet } from '../hall/notices';
import type { Timing } from './timing';

/** Storage was given up for this visit. */
export class WithoutStorage extends Error {}

type Told = { dispatch(action: ReturnType<typeof unreadSet>): unknown };

/** So many tries are over before anybody could read of them. */
const QUIET_TRIES = 2;

/**
 * Asks storage until it answers: unknown is not empty, and nothing is done on a guess. While it does not
 * answer, that is said.
 */
export function createAsking(store: Told, timing: Pick<Timing, 'rereadMs' | 'longestReadMs'>) {
  const waiting = new Set<() => void>();
  let isGivenUp = false;
  const now = () => [...waiting].forEach((wake) => wake());
  const pause = (ms: number) =>
    new Promise<void>((resolve) => {
      const timer = setTimeout(() => wake(), ms);
      const wake = () => {
        clearTimeout(timer);
        waiting.delete(wake);
        resolve();
      };
      waiting.add(wake);
    });
  const ask = async <T>(question: () => Promise<T>): Promise<T> => {
    for (let n = 0; ; n++) {
      if (isGivenUp) throw new WithoutStorage();
      try {
        const answer = await withinTime(question(), timing.longestReadMs);
        if (n > 0) store.dispatch(unreadSet(false));
        return answer;
      } catch {
        if (n === QUIET_TRIES) store.dispatch(unreadSet(true));
        await pause(timing.rereadMs[Math.min(n, timing.rereadMs.length - 1)] ?? 0);
      }
    }
  };
  const giveUp = () => {
    isGivenUp = true;
    store.dispatch(unreadSet(false));
    now();
  };
  return { ask, now, giveUp };
}

/** Fails where an answer takes longer than so many milliseconds. */
export function withinTime<T>(answer: Promise<T>, ms: number): Promise<T> {
  return new Promise((resolve, reject) => {
    const timer = setTimeout(() => reject(new Error('no answer')), ms);
    answer.then(resolve, reject).finally(() => clearTimeout(timer));
  });
}

import type { KeyStore } from '@/platform/storage';
import type { Platform } from '@/platform';
import type { Tone } from '@/core/lead';
import { checkRoutine, fitSafely, mendOf } from '@/core/check';
import { countingIds } from '@/core/ids';
import { orderRoutine } from '@/core/order';
import { scorePhrases } from '@/words';

export interface FakePlatform extends Platform {
  readonly data: Map<string, string>;
  readonly sounded: { readonly tone: Tone; readonly atMs: number }[];
  readonly said: { readonly text: string; readonly atMs: number }[];
  /** Moves the clock, waking those who wait in the order of their times. */
  readonly advance: (ms: number) => Promise<void>;
  readonly tellFromOtherTab: (key: string) => void;
  full: boolean;
}

/** A platform in memory, with a clock that a test moves. */
export function fakePlatform(data = new Map<string, string>(), prefix = 'new'): FakePlatform {
  let nowMs = 0;
  const waiting: { untilMs: number; wake: () => void }[] = [];
  const listeners: ((key: string) => void)[] = [];
  const sounded: FakePlatform['sounded'][number][] = [];
  const said: FakePlatform['said'][number][] = [];
  const settle = () => new Promise((resolve) => setTimeout(resolve, 0));
  const store: KeyStore = {
    read: async (keys) => Object.fromEntries(keys.map((key) => [key, data.get(key) ?? null])),
    keys: async () => [...data.keys()],
    write: async (key, value) => {
      if (platform.full) throw new Error('full');
      data.set(key, value);
    },
    remove: async (key) => void data.delete(key),
  };
  const newId = countingIds(prefix);
  const phrases = scorePhrases;
  const platform: FakePlatform = {
    data,
    sounded,
    said,
    full: false,
    store,
    newId,
    work: {
      findings: async (routine) => checkRoutine(routine, { phrases }),
      mend: async (routine, finding) => mendOf(routine, finding, { phrases, newId }),
      fit: async (routine, slotMs) => fitSafely(routine, { slotMs, phrases, newId }),
      order: async (routine) => orderRoutine(routine, { phrases }),
    },
    askToPersist: async () => true,
    tabs: { tell: () => undefined, onTold: (listen) => void listeners.push(listen) },
    tellFromOtherTab: (key) => listeners.forEach((listen) => listen(key)),
    sound: { wake: () => undefined, play: (tone) => void sounded.push({ tone, atMs: nowMs }) },
    speech: {
      hasVoice: () => true,
      say: (text) => void said.push({ text, atMs: nowMs }),
      hush: () => undefined,
    },
    clock: {
      now: () => nowMs,
      wallTime: () => new Date(1_772_704_800_000 + nowMs),
      waitUntil: (untilMs, signal) =>
        new Promise((resolve) => {
          const waiter = { untilMs, wake: resolve };
          waiting.push(waiter);
          signal.addEventListener('abort', () => waiting.splice(waiting.indexOf(waiter), 1));
        }),
    },
    advance: async (ms) => {
      const endMs = nowMs + ms;
      await settle();
      for (;;) {
        const next = [...waiting].sort((a, b) => a.untilMs - b.untilMs)[0];
        if (!next || next.untilMs > endMs) break;
        nowMs = Math.max(nowMs, next.untilMs);
        waiting.splice(waiting.indexOf(next), 1);
        next.wake();
        await settle();
      }
      nowMs = endMs;
    },
  };
  return platform;
}

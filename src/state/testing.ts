import { v5 } from 'uuid';
import type { Tone } from '@/core/class';
import { countingIds } from '@/core/common';
import { checkRoutine, fitSafely, mendsOf, orderRoutine, tonight } from '@/core/judgement';
import { readIncoming } from '@/core/writing';
import type { Platform } from '@/platform';
import type { KeyStore } from '@/platform/storage';
import type { KeptMark } from '@/platform/kept-mark';
import type { Slips } from '@/platform/slips';
import type { Link } from '@/platform/link';
import type { Locks } from '@/platform/locks';
import { createHall, openHall, type Hall } from './hall';
import { attachWorkshop, openRecord, openWorkshop, recordSettled, type AppStore } from './workshop';
import { scorePhrases } from '@/words/score';

/** Any name will do. */
const TEXTS = '6f1c2a5e-7d43-4c7e-9a0b-2f6f0c1d8e35';

export interface FakePlatform extends Platform {
  readonly data: Map<string, string>;
  readonly sounded: { readonly tone: Tone; readonly atMs: number }[];
  readonly said: { readonly text: string; readonly atMs: number }[];
  /** How long each buzz was, in milliseconds. */
  readonly felt: number[];
  /** Moves the clock, waking those who wait in the order of their times. */
  readonly advance: (ms: number) => Promise<void>;
  readonly tellFromOtherTab: (key: string) => void;
  /** Whether other tabs hear nothing of it. */
  alone: boolean;
  full: boolean;
  /** Keys that can't be written. */
  refuses: (key: string) => boolean;
}

type Listener = (key: string) => void;

/** Fake platforms over the same data are tabs of one browser. */
const tabsByData = new WeakMap<object, Set<Listener[]>>();
function tabsOver(data: object): Set<Listener[]> {
  const tabs = tabsByData.get(data) ?? new Set();
  tabsByData.set(data, tabs);
  return tabs;
}

const locksByData = new WeakMap<object, Map<string, Promise<unknown>>>();
function locksOver(data: object): Locks {
  const locks = locksByData.get(data) ?? new Map<string, Promise<unknown>>();
  locksByData.set(data, locks);
  return {
    exclusive: async (name, work) => {
      while (locks.has(name)) await locks.get(name);
      const running = work();
      locks.set(
        name,
        running.then(
          () => undefined,
          () => undefined,
        ),
      );
      try {
        return await running;
      } finally {
        locks.delete(name);
      }
    },
    hold: async (name) => {
      if (locks.has(name)) return undefined;
      locks.set(name, Promise.resolve());
      return () => void locks.delete(name);
    },
    held: async () => new Set(locks.keys()),
  };
}

const linksByData = new WeakMap<object, Set<(message: unknown) => void>>();
function linkOver(data: object): Link {
  const listeners = linksByData.get(data) ?? new Set();
  linksByData.set(data, listeners);
  const own = new Set<(message: unknown) => void>();
  return {
    // As in a browser, the window that sends does not hear it, and what is sent is a copy.
    send: (message) => {
      const copy: unknown = JSON.parse(JSON.stringify(message));
      [...listeners].filter((one) => !own.has(one)).forEach((listen) => listen(copy));
    },
    onMessage: (listen) => {
      listeners.add(listen);
      own.add(listen);
      return () => void (listeners.delete(listen) && own.delete(listen));
    },
  };
}

const slipsByData = new WeakMap<object, Map<string, string>>();
function slipsOver(data: object, own: string): Slips {
  const slips = slipsByData.get(data) ?? new Map<string, string>();
  slipsByData.set(data, slips);
  return {
    leave: (text) => void (text === undefined ? slips.delete(own) : slips.set(own, text)),
    all: () => Object.fromEntries(slips),
    remove: (name) => void slips.delete(name),
  };
}

const marksByData = new WeakMap<object, { kept: boolean }>();
function markOver(data: object): KeptMark {
  const mark = marksByData.get(data) ?? { kept: false };
  marksByData.set(data, mark);
  return { isSet: () => mark.kept, set: () => void (mark.kept = true) };
}

/** A store with everything in it and nothing read, for parts of the interface. */
export function storeOn(platform: FakePlatform = fakePlatform()): AppStore {
  return attachWorkshop(createHall(platform));
}

/** A tab that has opened all that is kept, its record too. */
export async function openedTab(
  platform: FakePlatform,
): Promise<AppStore & { readonly hall: Hall }> {
  const hall = createHall(platform);
  await openHall(hall, (beside) => openWorkshop(hall, beside));
  await openRecord(hall);
  await recordSettled(hall);
  return Object.assign(attachWorkshop(hall), { hall });
}

/** A platform in memory, with a clock that a test moves. */
export function fakePlatform(data = new Map<string, string>(), prefix = 'new'): FakePlatform {
  let nowMs = 0;
  const waiting: { untilMs: number; wake: () => void }[] = [];
  const watching: { readonly ms: number; readonly call: () => void; nextMs: number }[] = [];
  const listeners: ((key: string) => void)[] = [];
  const sounded: FakePlatform['sounded'][number][] = [];
  const said: FakePlatform['said'][number][] = [];
  const felt: number[] = [];
  /** Lets everything that waits on a promise go on as far as it can. */
  const settle = async () => {
    for (let i = 0; i < 40; i++) await Promise.resolve();
  };
  const store: KeyStore = {
    read: async (keys) => Object.fromEntries(keys.map((key) => [key, data.get(key) ?? null])),
    keys: async () => [...data.keys()],
    write: async (texts) => {
      if (platform.full || Object.keys(texts).some(platform.refuses)) throw new Error('full');
      Object.entries(texts).forEach(([key, text]) => data.set(key, text));
    },
    remove: async (keys) => keys.forEach((key) => data.delete(key)),
  };
  tabsOver(data).add(listeners);
  const newId = countingIds(prefix);
  const phrases = scorePhrases;
  const platform: FakePlatform = {
    data,
    sounded,
    said,
    felt,
    alone: false,
    full: false,
    refuses: () => false,
    locks: locksOver(data),
    link: linkOver(data),
    slips: slipsOver(data, prefix),
    keptMark: markOver(data),
    store,
    newId,
    idOfText: (text) => v5(text, TEXTS),
    work: {
      findings: async (routine, part) => checkRoutine(routine, { part, phrases }),
      mends: async (routine, part, finding) => mendsOf(routine, finding, { part, phrases, newId }),
      fit: async (routine, part, slotMs) => fitSafely(routine, { slotMs, part, phrases, newId }),
      order: async (routine, part) => orderRoutine(routine, { part, phrases }),
      tonight: async (routine, part, asked) => tonight(routine, { ...asked, part, phrases, newId }),
      incoming: async (text, own, untitled) => readIncoming(text, own, untitled),
    },
    askToPersist: async () => true,
    offline: {
      version: () => 'test',
      begin: () => undefined,
      since: async () => undefined,
      look: async () => 'newest',
      take: () => undefined,
      fetchAnew: async () => false,
    },
    tabs: {
      // Other tabs hear of it a little later, as they do in a browser.
      tell: (key) => {
        if (platform.alone) return;
        const others = [...tabsOver(data)].filter((tab) => tab !== listeners);
        setTimeout(() => others.forEach((tab) => tab.forEach((listen) => listen(key))), 0);
      },
      onTold: (listen) => void listeners.push(listen),
    },
    tellFromOtherTab: (key) => listeners.forEach((listen) => listen(key)),
    sound: {
      wake: () => undefined,
      play: (tone, atMs) => void sounded.push({ tone, atMs: Math.max(atMs, nowMs) }),
      state: () => 'ready',
    },
    haptics: { can: () => true, buzz: (ms) => void felt.push(ms) },
    speech: {
      hasVoice: () => true,
      voices: () => [{ id: 'v', name: 'A voice, en' }],
      say: (text) => void said.push({ text, atMs: nowMs }),
      hush: () => undefined,
    },
    clock: {
      now: () => nowMs,
      wallTime: () => new Date(1_772_704_800_000 + nowMs),
      every: (ms, call) => void watching.push({ ms, call, nextMs: ms }),
      waitUntil: (untilMs, signal) =>
        new Promise((resolve) => {
          const stop = () => void waiting.splice(waiting.indexOf(waiter), 1);
          const wake = () => {
            stop();
            signal.removeEventListener('abort', stop);
            resolve();
          };
          const waiter = { untilMs, wake };
          waiting.push(waiter);
          signal.addEventListener('abort', stop, { once: true });
        }),
    },
    advance: async (ms) => {
      const endMs = nowMs + ms;
      await settle();
      for (;;) {
        const next = [...waiting].sort((a, b) => a.untilMs - b.untilMs)[0];
        const untilMs = Math.min(next?.untilMs ?? Infinity, endMs);
        const watch = watching.find(({ nextMs }) => nextMs <= untilMs);
        if (watch) {
          nowMs = Math.max(nowMs, watch.nextMs);
          watch.nextMs = nowMs + watch.ms;
          watch.call();
          await settle();
          continue;
        }
        if (!next || next.untilMs > endMs) break;
        nowMs = Math.max(nowMs, next.untilMs);
        next.wake();
        await settle();
      }
      nowMs = endMs;
    },
  };
  return platform;
}

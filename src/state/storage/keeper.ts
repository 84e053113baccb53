import isEqual from 'fast-deep-equal';
import type { UnknownAction } from '@reduxjs/toolkit';
import type { Platform } from '@/platform';
import { noticeClosed, noticeShown, persistenceKnown, savingSet } from '../hall/notices';
import {
  isOfKind,
  isOfSome,
  keyOf,
  readStored,
  writeStored,
  type AnyKind,
  type Reading,
} from './kind';
import { setAside } from './set-aside';
import { leaveSlip, type Leaving } from './slip';

/** What the keeper asks of the store. */
export interface KeptStore {
  getState(): object;
  dispatch(action: UnknownAction): unknown;
  subscribe(listener: () => void): () => void;
}

/** When things are written. */
export interface Timing {
  /** An edit is kept within 250 ms; this leaves time for the writing. */
  readonly afterMs: number;
  /** How long it waits after a failed writing: each time longer, up to the last. */
  readonly retryMs: readonly number[];
}

export const TIMING: Timing = { afterMs: 150, retryMs: [1000, 2000, 5000, 15_000, 60_000] };

/** What this tab knows to be stored under a key. */
interface Known {
  readonly kind: AnyKind<never>;
  readonly id: string;
  /** By identity: anything else in the state is still to be written. */
  readonly value: unknown;
  readonly revision: number;
}

export interface Keeper {
  /**
   * Reads all that is kept of these kinds, and keeps them from then on. False where nothing could be read.
   * @param keys what is there, where that was just read
   */
  take(kinds: readonly AnyKind<never>[], keys?: readonly string[]): Promise<boolean>;
  /** Keeps these kinds from now on, and reads none of them yet. */
  keep(kinds: readonly AnyKind<never>[]): void;
  /** Reads some things of a kind that is kept, by their ids: of what is too much to be read at once. */
  takeSome(kind: AnyKind<never>, ids: readonly string[]): Promise<void>;
  /** Writes at once what is not written yet. */
  saveNow(): Promise<void>;
  /** The page may go: leaves a slip of what is not written yet, and writes it as far as time allows. */
  leave(): Promise<void>;
  /** Takes in what a page left when it went and others have written over since: beside theirs. */
  takeLate(late: readonly Leaving[]): void;
}

/**
 * Keeps the kinds that it took saved: one reader, one writer, and one listener for other tabs.
 * What is unwritten is whatever the state holds that is not known to be stored; so nothing is ever
 * forgotten, and what could not be written is tried again.
 */
export function createKeeper(
  store: KeptStore,
  platform: Platform,
  timing: Timing = TIMING,
): Keeper {
  const kinds: AnyKind<never>[] = [];
  const known = new Map<string, Known>();
  const failed = new Set<string>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let tries = 0;
  let work: Promise<void> = Promise.resolve();
  let asked = false;

  const all = (kind: AnyKind<never>): Readonly<Record<string, unknown>> =>
    kind.slice.all(store.getState() as never);
  const valueAt = (kind: AnyKind<never>, id: string): unknown => all(kind)[id];

  /** Everything in the state that is not known to be stored, and everything stored that is gone. */
  const unwritten = (): {
    readonly kind: AnyKind<never>;
    readonly id: string;
    readonly key: string;
  }[] =>
    kinds.flatMap((kind) => {
      const now = all(kind);
      const changed = Object.keys(now).filter(
        (id) => known.get(keyOf(kind, id))?.value !== now[id],
      );
      const gone = [...known].filter(([key, { kind: own, id }]) => {
        return own.name === kind.name && (now[id] === undefined || keyOf(kind, id) !== key);
      });
      return [
        ...changed.map((id) => ({ kind, id, key: keyOf(kind, id) })),
        ...gone.map(([key, { id }]) => ({ kind, id, key })),
      ];
    });

  const readOne = async (kind: AnyKind<never>, key: string): Promise<Reading | undefined> => {
    const text = (await platform.store.read([key]))[key];
    return text === null || text === undefined ? undefined : readStored(kind, key, text);
  };

  const tell = (kind: AnyKind<never>, key: string) => {
    if (kind.told) platform.tabs.tell(key);
  };

  /** Writes or removes one thing as the state has it by now. The whole of it is one turn. */
  const keepOne = (kind: AnyKind<never>, id: string, key: string) =>
    platform.locks.exclusive(key, async () => {
      const value = keyOf(kind, id) === key ? valueAt(kind, id) : undefined;
      const was = known.get(key);
      if (value === was?.value) return;
      if (kind.copied) {
        const there = await readOne(kind, key);
        if (there?.state === 'good' && isEqual(there.value, value)) {
          // Another tab has taken up this one's slip: it stands there already.
          known.set(key, { kind, id, value, revision: there.revision });
          return;
        }
        const others = there?.state === 'good' ? there.revision !== (was?.revision ?? 0) : there;
        if (there && others) return giveWay(kind, id, key, value, there);
      }
      const revision = (was?.revision ?? 0) + 1;
      if (value === undefined && isElsewhere(kind, id, key)) return;
      if (value === undefined) {
        await platform.store.remove([key]);
        known.delete(key);
      } else {
        await platform.store.write({ [key]: writeStored(kind, value, revision) });
        known.set(key, { kind, id, value, revision });
      }
      tell(kind, key);
    });

  /** Whether what stood under an earlier key is still to be written under today's. */
  const isElsewhere = (kind: AnyKind<never>, id: string, key: string) => {
    const today = keyOf(kind, id);
    const value = valueAt(kind, id);
    return today !== key && value !== undefined && known.get(today)?.value !== value;
  };

  /** Another tab wrote it meanwhile: its version stays, and this tab's goes beside it as a copy. */
  const giveWay = (
    kind: AnyKind<never>,
    id: string,
    key: string,
    value: unknown,
    there: Reading,
  ) => {
    const theirs = there.state === 'good' ? there.value : undefined;
    if (there.state === 'good')
      known.set(key, { kind, id, value: theirs, revision: there.revision });
    else known.delete(key);
    const mine = value === undefined ? undefined : kind.copied?.(value as never, platform.newId);
    const stays = value === undefined && kind.stays?.(theirs as never);
    if (theirs === undefined) store.dispatch(kind.slice.remove(id));
    else store.dispatch(kind.slice.put([theirs as never]));
    if (stays) store.dispatch(noticeShown(stays));
    if (!mine) return;
    store.dispatch(kind.slice.put([mine.copy]));
    store.dispatch(noticeShown(mine.notice));
  };

  const pass = async () => {
    clearTimeout(timer);
    timer = undefined;
    if (unwritten().length === 0) return;
    store.dispatch(savingSet('saving'));
    const tried = new Set<string>();
    // What comes up while others are written has its turn in the same pass.
    for (let next = unwritten(); next.length > 0;) {
      for (const { kind, id, key } of next) {
        tried.add(key);
        const value = valueAt(kind, id);
        try {
          await keepOne(kind, id, key);
          if (failed.delete(key)) takeBack(kind, value);
        } catch {
          if (!failed.has(key)) speakOf(kind, value);
          failed.add(key);
        }
      }
      next = unwritten().filter(({ key }) => !tried.has(key));
    }
    const left = unwritten();
    if (left.length === 0) leaveSlip(platform, []);
    for (const key of failed) if (!left.some((one) => one.key === key)) failed.delete(key);
    store.dispatch(savingSet(failed.size > 0 ? 'failed' : 'saved'));
    if (failed.size > 0) {
      const waitMs = timing.retryMs[Math.min(tries, timing.retryMs.length - 1)] ?? 0;
      tries += 1;
      timer ??= setTimeout(() => void save(), waitMs);
    } else {
      tries = 0;
      if (left.length > 0) later();
    }
  };

  const speakOf = (kind: AnyKind<never>, value: unknown) => {
    if (kind.failed && value !== undefined)
      store.dispatch(noticeShown(kind.failed(value as never)));
  };
  const takeBack = (kind: AnyKind<never>, value: unknown) => {
    if (kind.failed && value !== undefined)
      store.dispatch(noticeClosed(kind.failed(value as never)));
  };

  const save = () => {
    work = work.then(pass);
    if (!asked) {
      asked = true;
      void platform.askToPersist().then((kept) => store.dispatch(persistenceKnown(kept)));
    }
    return work;
  };
  const later = () => {
    clearTimeout(timer);
    timer = setTimeout(() => void save(), timing.afterMs);
  };

  let seen: readonly unknown[] = [];
  store.subscribe(() => {
    const records = kinds.map(all);
    if (records.length === seen.length && records.every((one, i) => one === seen[i])) return;
    seen = records;
    // A new change is a reason to try again soon what could not be written.
    if ((timer === undefined || failed.size > 0) && unwritten().length > 0) later();
  });

  const keep = (more: readonly AnyKind<never>[]) => {
    kinds.push(...more.filter((kind) => !kinds.includes(kind)));
    kinds.sort((a, b) => Number(a.derived ?? false) - Number(b.derived ?? false));
  };

  /** Takes in what was read of a kind, and keeps the kind from then on. */
  const bring = async (kind: AnyKind<never>, texts: Readonly<Record<string, string | null>>) => {
    const damaged: { key: string; text: string }[] = [];
    const values: unknown[] = [];
    for (const [key, text] of Object.entries(texts)) {
      if (text === null || !isOfKind(kind, key)) continue;
      const reading = readStored(kind, key, text);
      if (reading.state === 'good') {
        const { value, revision } = reading;
        values.push(value);
        known.set(key, { kind, id: kind.idOf(value as never), value, revision });
      } else if (reading.state === 'newer') {
        store.dispatch(noticeShown({ kind: 'newer', name: reading.name }));
      } else if (!kind.derived) damaged.push({ key, text });
    }
    keep([kind]);
    // A change that was made before this was read is a later one.
    const here = all(kind);
    const fresh = values.filter(
      (value) => !kind.many || here[kind.idOf(value as never)] === undefined,
    );
    if (fresh.length > 0) store.dispatch(kind.slice.put(fresh as never));
    await setAside(damaged, store, platform);
  };

  const takeSome = async (kind: AnyKind<never>, ids: readonly string[]) => {
    const here = all(kind);
    const keys = ids.filter((id) => here[id] === undefined).map((id) => keyOf(kind, id));
    if (keys.length > 0) await bring(kind, await platform.store.read(keys));
  };

  const take = async (
    more: readonly AnyKind<never>[],
    keys?: readonly string[],
  ): Promise<boolean> => {
    try {
      const there = keys ?? (await platform.store.keys());
      const texts = await platform.store.read(there.filter((key) => isOfSome(more, key)));
      for (const kind of more) await bring(kind, texts);
      return true;
    } catch {
      // What is done from here on is still tried to be kept.
      keep(more);
      store.dispatch(noticeShown({ kind: 'storage-closed' }));
      return false;
    }
  };

  const fromOtherTab = async (key: string) => {
    const kind = kinds.find((one) => one.told && isOfKind(one, key));
    if (!kind) return;
    const reading = await readOne(kind, key).catch(() => undefined);
    const was = known.get(key);
    if (reading?.state === 'good') {
      const { value, revision } = reading;
      const id = kind.idOf(value as never);
      const here = valueAt(kind, id);
      // Edits under way here are not lost: they meet the other's when they are written.
      if (here !== undefined && here !== was?.value) return;
      known.set(key, { kind, id, value, revision });
      const action = here === undefined ? undefined : kind.slice.told?.(value as never);
      followed(() => store.dispatch(action ?? kind.slice.put([value as never])));
    } else if (!reading && was && valueAt(kind, was.id) === was.value) {
      known.delete(key);
      followed(() => store.dispatch(kind.slice.remove(was.id)));
    }
  };

  /** What changes here because of what another tab wrote, that tab writes itself. */
  const followed = (take: () => void) => {
    const before = new Map([...known].map(([key, one]) => [key, valueHere(one)] as const));
    take();
    for (const [key, one] of known) {
      const now = valueHere(one);
      if (before.get(key) === one.value && now !== one.value && now !== undefined) {
        known.set(key, { ...one, value: now });
      }
    }
  };
  const valueHere = ({ kind, id }: Known) => valueAt(kind, id);

  const leave = () => {
    const leavings = unwritten().map(({ kind, id, key }): Leaving => {
      const value = keyOf(kind, id) === key ? valueAt(kind, id) : undefined;
      const was = known.get(key)?.revision ?? 0;
      return { key, was, text: value === undefined ? null : writeStored(kind, value, was + 1) };
    });
    leaveSlip(platform, leavings);
    return leavings.length > 0 ? save() : work;
  };

  const takeLate = (late: readonly Leaving[]) => {
    for (const { key, text } of late) {
      const kind = kinds.find((one) => one.copied && isOfKind(one, key));
      const reading = kind && text !== null ? readStored(kind, key, text) : undefined;
      if (!kind || reading?.state !== 'good') continue;
      const id = kind.idOf(reading.value as never);
      if (isEqual(reading.value, valueAt(kind, id))) continue;
      const mine = kind.copied?.(reading.value as never, platform.newId);
      if (!mine) continue;
      store.dispatch(kind.slice.put([mine.copy]));
      store.dispatch(noticeShown(mine.notice));
    }
  };

  platform.tabs.onTold((key) => void fromOtherTab(key));
  const saveNow = () => (unwritten().length > 0 ? save() : work);
  return { take, takeSome, keep, saveNow, leave, takeLate };
}

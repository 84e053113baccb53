import isEqual from 'fast-deep-equal';
import type { UnknownAction } from '@reduxjs/toolkit';
import { isoWithOffset, mergeThree } from '@/core/common';
import type { Platform } from '@/platform';
import { besidePut } from '../hall/beside';
import {
  newerSeen,
  noticeShown,
  persistenceKnown,
  savingSet,
  unsavedSet,
  type Unsaved,
} from '../hall/notices';
import { WithoutStorage, createAsking, withinTime } from './asking';
import {
  asRead,
  glanceAt,
  isOfKind,
  isOfSome,
  keyOf,
  nameOf,
  readStored,
  writeStored,
  type AnyKind,
  type Reading,
} from './kind';
import { asideOf, setAside } from './set-aside';
import { leaveSlip, type Leaving } from './slip';
import { TIMING, type Timing } from './timing';

/** What the keeper asks of the store. */
export interface KeptStore {
  getState(): object;
  dispatch(action: UnknownAction): unknown;
  subscribe(listener: () => void): () => void;
}

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
   * Reads all that is kept of these kinds, and keeps them from then on. Nothing of them is written before
   * it was read: where storage does not answer, it is said, and asked again until it does.
   * @param keys what is there, where that was just read
   */
  take(kinds: readonly AnyKind<never>[], keys?: readonly string[]): Promise<void>;
  /** Keeps these kinds from now on, and reads none of them yet. */
  keep(kinds: readonly AnyKind<never>[]): void;
  /** Reads some things of a kind that is kept, by their ids: of what is too much to be read at once. */
  takeSome(kind: AnyKind<never>, ids: readonly string[]): Promise<void>;
  /** Asks storage until it answers; meanwhile it is said that it does not. */
  ask<T>(question: () => Promise<T>): Promise<T>;
  /** Asks again at once. */
  askNow(): void;
  /** Storage is given up for this visit: nothing is read of it, and nothing written. */
  goWithout(): void;
  /** Writes at once what is not written yet. */
  saveNow(): Promise<void>;
  /** The page may go: leaves a slip of what is not written yet, and writes it as far as time allows. */
  leave(): Promise<void>;
  /** Takes in what a page left when it went and others have written over since: beside theirs. */
  takeLate(late: readonly Leaving[]): void;
  /** All that is in the page and not in storage, as it would stand there. */
  unwrittenTexts(): Readonly<Record<string, string>>;
  /** How often what is stored under a key was written, as far as it was read; 0 where it is not there. */
  revisionOf(key: string): number;
}

/** Why something was not written: what would be refused when it is read, at this place. */
class Refused extends Error {
  constructor(readonly at: string) {
    super(`would not be read: ${at}`);
  }
}

/**
 * Keeps the kinds that it took saved: one reader, one writer, and one listener for other tabs.
 * What is unwritten is whatever the state holds that is not known to be stored; so nothing is ever
 * forgotten, and what could not be written is tried again. Nothing is written that would be refused when
 * it is read, nothing over what this tab has not read, and nothing over what a newer version has kept
 * (decision 27).
 */
export function createKeeper(
  store: KeptStore,
  platform: Platform,
  timing: Timing = TIMING,
): Keeper {
  const asking = createAsking(store, timing);
  const { ask } = asking;
  const kinds: AnyKind<never>[] = [];
  const known = new Map<string, Known>();
  /** What could not be written, by key. */
  const failed = new Map<string, Unsaved>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let tries = 0;
  let work: Promise<void> = Promise.resolve();
  let asked = false;
  /** A newer version of the application writes here: this one has stopped. */
  let stopped = false;

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
      const text = (await platform.store.read([key]))[key] ?? undefined;
      const there = text === undefined ? undefined : glanceAt(kind, key, text);
      if (there?.state === 'newer') return stop(there.name);
      const isOther = there?.state === 'good' && there.revision !== (was?.revision ?? 0);
      const other = isOther && text !== undefined ? readStored(kind, key, text) : undefined;
      if (other?.state === 'good') {
        if (isEqual(other.value, value)) {
          // Another tab has taken up this one's slip: it stands there already.
          known.set(key, { kind, id, value, revision: other.revision });
          return;
        }
        if (kind.atOnce.way !== 'later') {
          return meet(kind, id, key, value, { ...other, base: was?.value });
        }
      }
      const isDamaged = there?.state === 'damaged' || other?.state === 'damaged';
      if (isDamaged && text !== undefined && !kind.derived) {
        await setAside([{ key, text }], store, platform);
      }
      const before = there?.state === 'good' ? there.revision : 0;
      const revision = Math.max(was?.revision ?? 0, before) + 1;
      if (value === undefined && isElsewhere(kind, id, key)) return;
      if (value === undefined) {
        await platform.store.remove([key]);
        known.delete(key);
      } else {
        await platform.store.write({ [key]: textOf(kind, value, revision) });
        known.set(key, { kind, id, value, revision });
      }
      tell(kind, key);
    });

  /** What would stand in storage. Throws where it would be refused when it is read. */
  const textOf = (kind: AnyKind<never>, value: unknown, revision: number): string => {
    const read = asRead(kind, value);
    if (!read.ok) throw new Refused(read.problems[0]);
    return writeStored(kind, read.value, revision);
  };

  const stop = (name: string) => {
    stopped = true;
    clearTimeout(timer);
    timer = undefined;
    store.dispatch(newerSeen(name));
  };

  /** Whether what stood under an earlier key is still to be written under today's. */
  const isElsewhere = (kind: AnyKind<never>, id: string, key: string) => {
    const today = keyOf(kind, id);
    const value = valueAt(kind, id);
    return today !== key && value !== undefined && known.get(today)?.value !== value;
  };

  interface Other {
    readonly value: unknown;
    readonly revision: number;
    /** What both were made of, as far as it is known. */
    readonly base: unknown;
  }

  /** Another tab wrote it meanwhile: nothing of either is lost. */
  const meet = (kind: AnyKind<never>, id: string, key: string, mine: unknown, theirs: Other) => {
    known.set(key, { kind, id, value: theirs.value, revision: theirs.revision });
    const put = (value: unknown) => store.dispatch(kind.slice.put([value as never]));
    if (mine === undefined) {
      put(theirs.value);
      const name = nameOf(kind, theirs.value);
      if (name !== undefined) store.dispatch(noticeShown({ kind: 'not-deleted', key, name }));
      return;
    }
    const { atOnce } = kind;
    if (atOnce.way === 'copied') {
      const { copy, notice } = atOnce.copy(mine as never, platform.newId);
      put(theirs.value);
      put(copy);
      store.dispatch(noticeShown(notice));
      return;
    }
    // Where both changed the same, this tab's stands: somebody may still be typing it.
    const { value, clashes } = mergeThree(theirs.base, theirs.value, mine);
    const isWhole = asRead(kind, value).ok;
    if (isWhole) put(value);
    if (!isWhole || clashes.length > 0) layBeside(kind, key, theirs.value);
  };

  /** Keeps a version that can't stand in its place, to be looked at. */
  const layBeside = (kind: AnyKind<never>, key: string, value: unknown) => {
    const one = {
      id: platform.newId(),
      of: key,
      name: nameOf(kind, value) ?? '',
      at: isoWithOffset(platform.clock.wallTime()),
      text: writeStored(kind, value, 0),
    };
    store.dispatch(besidePut([one]));
  };

  const pass = async () => {
    clearTimeout(timer);
    timer = undefined;
    if (stopped || unwritten().length === 0) return;
    store.dispatch(savingSet('saving'));
    const tried = new Set<string>();
    // What comes up while others are written has its turn in the same pass.
    for (let next = unwritten(); next.length > 0 && !stopped;) {
      for (const { kind, id, key } of next) {
        if (stopped) return;
        tried.add(key);
        try {
          await withinTime(keepOne(kind, id, key), timing.longestWriteMs);
          failed.delete(key);
        } catch (error) {
          failed.set(key, unsavedOf(kind, id, key, error));
          tellFailed();
        }
      }
      next = unwritten().filter(({ key }) => !tried.has(key));
    }
    if (stopped) return;
    const left = unwritten();
    if (left.length === 0) leaveSlip(platform, []);
    for (const key of failed.keys()) if (!left.some((one) => one.key === key)) failed.delete(key);
    tellFailed();
    if ([...failed.values()].some(({ at }) => at === undefined)) {
      const waitMs = timing.retryMs[Math.min(tries, timing.retryMs.length - 1)] ?? 0;
      tries += 1;
      timer ??= setTimeout(() => void save(), waitMs);
    } else {
      tries = 0;
      if (left.some(({ key }) => !failed.has(key))) later();
    }
  };

  const unsavedOf = (kind: AnyKind<never>, id: string, key: string, error: unknown): Unsaved => {
    const value = valueAt(kind, id) ?? known.get(key)?.value;
    const name = value === undefined ? undefined : nameOf(kind, value);
    const at = error instanceof Refused ? error.at : undefined;
    return { key, of: kind.name, name: name ?? '', at };
  };

  /** What people are told of: what nobody has a name for is told where nothing else is. */
  const tellFailed = () => {
    const all = [...failed.values()];
    const named = all.filter(({ name }) => name !== '');
    store.dispatch(unsavedSet(named.length > 0 ? named : all.slice(0, 1)));
    store.dispatch(savingSet(all.length > 0 ? 'failed' : 'saved'));
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
      const own = reading.state === 'good' ? keyOf(kind, kind.idOf(reading.value as never)) : key;
      if (own !== key && typeof texts[own] === 'string') {
        // It stands under a key of its own already: this one would take its place.
        damaged.push({ key, text });
      } else if (reading.state === 'good') {
        const { value, revision } = reading;
        values.push(value);
        known.set(key, { kind, id: kind.idOf(value as never), value, revision });
      } else if (reading.state === 'newer') {
        stop(reading.name);
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
    if (keys.length > 0) await bring(kind, await ask(() => platform.store.read(keys)));
  };

  const take = async (more: readonly AnyKind<never>[], keys?: readonly string[]) => {
    try {
      const there = keys ?? (await ask(() => platform.store.keys()));
      const own = there.filter((key) => isOfSome(more, key));
      const texts = await ask(() => platform.store.read(own));
      for (const kind of more) await bring(kind, texts);
    } catch (error) {
      if (!(error instanceof WithoutStorage)) throw error;
    }
  };

  const goWithout = () => {
    stopped = true;
    clearTimeout(timer);
    store.dispatch(savingSet('stopped'));
    asking.giveUp();
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
    } else if (reading?.state === 'newer') {
      stop(reading.name);
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
    const leavings = unwritten().flatMap(({ kind, id, key }): Leaving[] => {
      const value = keyOf(kind, id) === key ? valueAt(kind, id) : undefined;
      const was = known.get(key)?.revision ?? 0;
      if (value === undefined) return [{ key, was, text: null }];
      const text = writeStored(kind, value, was + 1);
      // What would be refused does not take the place of the last that was good.
      const isGood = asRead(kind, value).ok;
      return [isGood ? { key, was, text } : { key: asideOf(key), was: 0, text }];
    });
    leaveSlip(platform, leavings);
    return leavings.length > 0 ? save() : work;
  };

  const takeLate = (late: readonly Leaving[]) => {
    for (const { key, text } of late) {
      const kind = kinds.find((one) => isOfKind(one, key));
      if (!kind || kind.atOnce.way === 'later' || text === null) continue;
      const reading = readStored(kind, key, text);
      if (reading.state !== 'good') continue;
      const id = kind.idOf(reading.value as never);
      const here = known.get(key);
      if (isEqual(reading.value, valueAt(kind, id))) continue;
      // What both were made of is not known any more: what differs clashes.
      if (here) meet(kind, id, key, reading.value, { ...here, base: undefined });
      else store.dispatch(kind.slice.put([reading.value as never]));
    }
  };

  const unwrittenTexts = () =>
    Object.fromEntries(
      unwritten().flatMap(({ kind, id, key }) => {
        const value = keyOf(kind, id) === key ? valueAt(kind, id) : undefined;
        return value === undefined ? [] : [[key, writeStored(kind, value, 0)]];
      }),
    );

  platform.tabs.onTold((key) => void fromOtherTab(key));
  const saveNow = () => (unwritten().length > 0 ? save() : work);
  return {
    take,
    takeSome,
    keep,
    ask,
    askNow: asking.now,
    goWithout,
    saveNow,
    leave,
    takeLate,
    unwrittenTexts,
    revisionOf: (key) => known.get(key)?.revision ?? 0,
  };
}

import isEqual from 'fast-deep-equal';
import { z } from 'zod';
import { isRecord, isoWithOffset } from '@/core/common';
import { fileName, saveFile } from '@/platform/files';
import { lock, unlock, type Locked } from '@/platform/secret';
import { deviceSet } from './hall/device';
import { DEVICE, HALL_KINDS } from './hall/kinds';
import type { Hall } from './hall';
import { LED, RECORD_KINDS, RUN, WORKSHOP_KINDS } from './kinds';
import { isOfKind, readStored, type AnyKind } from './storage/kind';
import { openWorkshop } from './workshop';

const FORMAT = 'hushed-willow-backup';
const LOCKED_FORMAT = 'hushed-willow-locked-backup';
const VERSION = 1;

/** A file larger than this is no backup of this application. */
export const MOST_BACKUP_BYTES = 200_000_000;

/** Every kind that a backup holds; what is made from others is made anew, and this device is its own. */
const KINDS: readonly AnyKind<never>[] = [
  ...(WORKSHOP_KINDS as readonly AnyKind<never>[]),
  ...(RECORD_KINDS as readonly AnyKind<never>[]),
  RUN as AnyKind<never>,
  LED as AnyKind<never>,
  ...(HALL_KINDS as readonly AnyKind<never>[]),
].filter(({ derived, name }) => !derived && name !== DEVICE.name && name !== 'lead');

const kindOfKey = (key: string) => KINDS.find((kind) => isOfKind(kind, key));

const fileSchema = z.looseObject({
  format: z.literal(FORMAT),
  version: z.int().min(1),
  madeAt: z.string().max(40),
  kept: z.record(z.string().max(200), z.looseObject({ version: z.int() })),
});
const lockedSchema = z.looseObject({
  format: z.literal(LOCKED_FORMAT),
  version: z.int().min(1),
  salt: z.string().max(100),
  iv: z.string().max(100),
  rounds: z.int().min(100_000).max(10_000_000),
  data: z.string(),
});

/** Saves all that is kept as one file, locked where a passphrase is given; says how many things. */
export async function saveBackup(hall: Hall, passphrase: string): Promise<number> {
  await openWorkshop(hall);
  await hall.keeper.saveNow();
  const { store, clock } = hall.platform;
  const keys = (await store.keys()).filter((key) => kindOfKey(key));
  const texts = await store.read(keys);
  const kept = Object.fromEntries(
    Object.entries(texts).flatMap(([key, text]) => {
      const value = parsed(text ?? '');
      return isRecord(value) ? [[key, value]] : [];
    }),
  );
  const madeAt = isoWithOffset(clock.wallTime());
  const text = JSON.stringify({ format: FORMAT, version: VERSION, madeAt, kept });
  const file =
    passphrase === ''
      ? text
      : JSON.stringify({
          format: LOCKED_FORMAT,
          version: VERSION,
          ...(await lock(text, passphrase)),
        });
  saveFile(fileName(`hushed-willow-${madeAt.slice(0, 10)}`, 'json'), file, 'application/json');
  hall.store.dispatch(deviceSet({ backedUpAt: madeAt }));
  return Object.keys(kept).length;
}

export type BackupFault =
  'not-json' | 'cut-off' | 'wrong-format' | 'newer' | 'passphrase' | 'invalid';

export type BackupRead =
  | { readonly state: 'good'; readonly madeAt: string; readonly kept: Kept }
  | { readonly state: 'locked'; readonly locked: Locked }
  | { readonly state: 'bad'; readonly fault: BackupFault; readonly at?: string };

/** What a backup holds, by key, checked whole and as it stands in storage. */
export type Kept = Readonly<Record<string, string>>;

/** Reads a backup whole; nothing of a wrong one is taken, and the first wrong place is named. */
export function readBackup(text: string): BackupRead {
  const data = parsed(text);
  if (data === undefined) {
    const begun = text.trimStart().startsWith('{"format":"hushed-willow');
    return { state: 'bad', fault: begun ? 'cut-off' : 'not-json' };
  }
  const version = isRecord(data) ? data.version : undefined;
  const format = isRecord(data) ? data.format : undefined;
  if (format !== FORMAT && format !== LOCKED_FORMAT) return { state: 'bad', fault: 'wrong-format' };
  if (typeof version === 'number' && version > VERSION) return { state: 'bad', fault: 'newer' };
  const locked = lockedSchema.safeParse(data);
  if (locked.success) return { state: 'locked', locked: locked.data };
  const file = fileSchema.safeParse(data);
  if (!file.success) return { state: 'bad', fault: 'invalid' };
  const kept: Record<string, string> = {};
  for (const [key, value] of Object.entries(file.data.kept)) {
    const kind = kindOfKey(key);
    if (!kind) return { state: 'bad', fault: 'invalid', at: key };
    const own = JSON.stringify(value);
    const read = readStored(kind, key, own);
    if (read.state === 'newer') return { state: 'bad', fault: 'newer', at: read.name };
    if (read.state === 'damaged') return { state: 'bad', fault: 'invalid', at: read.name };
    kept[key] = own;
  }
  return { state: 'good', madeAt: file.data.madeAt, kept };
}

export async function unlockBackup(locked: Locked, passphrase: string): Promise<BackupRead> {
  const text = await unlock(locked, passphrase);
  return text === undefined ? { state: 'bad', fault: 'passphrase' } : readBackup(text);
}

/** What bringing a backup in would do, by the first word of the keys. */
export interface Difference {
  readonly kind: string;
  readonly added: number;
  readonly changed: number;
  /** Kept here and not in the file: lost where all is replaced. */
  readonly only: number;
}

const valueIn = (text: string | null | undefined) => {
  const value = parsed(text ?? '');
  if (!isRecord(value)) return undefined;
  const { revision: _, ...rest } = value;
  return rest;
};

export async function differencesFrom(hall: Hall, kept: Kept): Promise<readonly Difference[]> {
  await openWorkshop(hall);
  await hall.keeper.saveNow();
  const { store } = hall.platform;
  const keys = (await store.keys()).filter((key) => kindOfKey(key));
  const here = await store.read(keys);
  const rows = new Map<string, { added: number; changed: number; only: number }>();
  const count = (key: string, what: 'added' | 'changed' | 'only') => {
    const kind = kindOfKey(key)?.name ?? key;
    const row = rows.get(kind) ?? { added: 0, changed: 0, only: 0 };
    row[what] += 1;
    rows.set(kind, row);
  };
  for (const [key, text] of Object.entries(kept)) {
    if (here[key] === undefined || here[key] === null) count(key, 'added');
    else if (!isEqual(valueIn(here[key]), valueIn(text))) count(key, 'changed');
  }
  for (const key of keys) if (!(key in kept)) count(key, 'only');
  return [...rows].map(([kind, row]) => ({ kind, ...row }));
}

/**
 * Brings a backup in: what it holds is laid over what is here, and where all is replaced, what it does
 * not hold goes. It is written in one go; the page has to be opened anew afterwards.
 */
export async function bringBackup(hall: Hall, kept: Kept, how: 'merge' | 'replace'): Promise<void> {
  const { store, tabs } = hall.platform;
  const keys = await store.keys();
  const made = keys.filter((key) => /^(?:month|meeting|row|standing)\//u.test(key));
  const others = keys.filter((key) => kindOfKey(key) && !(key in kept));
  await store.write(kept);
  await store.remove(how === 'replace' ? [...made, ...others] : made);
  Object.keys(kept).forEach((key) => tabs.tell(key));
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

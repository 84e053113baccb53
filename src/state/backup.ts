import isEqual from 'fast-deep-equal';
import { z } from 'zod';
import { isRecord, isoWithOffset } from '@/core/common';
import { fileName, saveFile } from '@/platform/files';
import { canLock, lock, unlock, type Locked } from '@/platform/secret';
import { deviceSet, helpSchema, type Help } from './hall/device';
import { DEVICE } from './hall/kinds';
import type { Hall } from './hall';
import { kindOfKey } from './kinds';
import { keyOf, readStored, writeStored, type AnyKind } from './storage/kind';
import { openWorkshop } from './workshop';

const FORMAT = 'hushed-willow-backup';
const LOCKED_FORMAT = 'hushed-willow-locked-backup';
const VERSION = 1;

/** A file larger than this is no backup of this application. */
export const MOST_BACKUP_BYTES = 200_000_000;

/** What is made from others is made anew, and this device and a class that is under way are its own. */
const inBackup = (kind: AnyKind<never> | undefined): kind is AnyKind<never> =>
  kind !== undefined && !kind.derived && kind.name !== DEVICE.name && kind.name !== 'lead';

const fileSchema = z.looseObject({
  format: z.literal(FORMAT),
  version: z.int().min(1),
  madeAt: z.string().max(40),
  kept: z.record(z.string().max(200), z.unknown()),
  /** What somebody who calls for help has to know. */
  help: helpSchema.optional().catch(undefined),
});
const lockedSchema = z.looseObject({
  format: z.literal(LOCKED_FORMAT),
  version: z.int().min(1),
  salt: z.string().max(100),
  iv: z.string().max(100),
  rounds: z.int().min(100_000).max(10_000_000),
  data: z.string(),
});

/** A backup as text. */
export function backupText(
  madeAt: string,
  texts: Readonly<Record<string, string>>,
  help?: Help,
): string {
  const kept = Object.fromEntries(
    Object.entries(texts).map(([key, text]) => [key, JSON.parse(text) as unknown]),
  );
  return JSON.stringify({ format: FORMAT, version: VERSION, madeAt, ...(help && { help }), kept });
}

/** How many things are in a backup, and the names of those that could not be read and are not. */
export type Saved =
  | { readonly count: number; readonly left: readonly string[] }
  /** A browser locks nothing on a page that came without encryption. */
  | { readonly fault: 'no-cipher' };

/** So many are read before the page has its turn. */
const AT_ONCE = 100;

/**
 * Saves all that is kept as one file, locked where a passphrase is given: each thing as it will be read,
 * and what is not in storage yet as it is in the page.
 */
export async function saveBackup(hall: Hall, passphrase: string): Promise<Saved> {
  if (passphrase !== '' && !canLock()) return { fault: 'no-cipher' };
  await openWorkshop(hall);
  await hall.keeper.saveNow();
  const { store, clock } = hall.platform;
  const keys = (await hall.keeper.ask(() => store.keys())).filter((key) =>
    inBackup(kindOfKey(key)),
  );
  const stored = await hall.keeper.ask(() => store.read(keys));
  const unwritten = Object.entries(hall.keeper.unwrittenTexts()).filter(([key]) =>
    inBackup(kindOfKey(key)),
  );
  const kept: Record<string, string> = {};
  const left: string[] = [];
  for (const [at, [key, text]] of Object.entries({
    ...stored,
    ...Object.fromEntries(unwritten),
  }).entries()) {
    if (at % AT_ONCE === AT_ONCE - 1) await new Promise((resolve) => setTimeout(resolve, 0));
    const kind = kindOfKey(key);
    if (!kind || text === null) continue;
    const read = readStored(kind, key, text);
    if (read.state === 'good') kept[key] = writeStored(kind, read.value, read.revision);
    else left.push(read.name);
  }
  const madeAt = isoWithOffset(clock.wallTime());
  const text = backupText(madeAt, kept, hall.store.getState().device.help);
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
  return { count: Object.keys(kept).length, left };
}

export type BackupFault =
  'not-json' | 'cut-off' | 'wrong-format' | 'newer' | 'passphrase' | 'no-cipher' | 'invalid';

export type BackupRead =
  | {
      readonly state: 'good';
      readonly madeAt: string;
      readonly kept: Kept;
      /** What can't be read of it, by what it is called: it is left out, and the rest comes in. */
      readonly left: readonly string[];
      readonly help: Help | undefined;
    }
  | { readonly state: 'locked'; readonly locked: Locked }
  | { readonly state: 'bad'; readonly fault: BackupFault };

/** What a backup holds, by key, as it stands in storage: all of it can be read. */
export type Kept = Readonly<Record<string, string>>;

/** Reads a backup: each thing as it would be read from storage, what can't be is left out and named. */
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
  const left: string[] = [];
  for (const [key, value] of Object.entries(file.data.kept)) {
    const kind = kindOfKey(key);
    const read = inBackup(kind) ? readStored(kind, key, JSON.stringify(value)) : undefined;
    if (kind && read?.state === 'good' && keyOf(kind, kind.idOf(read.value as never)) === key) {
      kept[key] = writeStored(kind, read.value, read.revision);
    } else if (kind === undefined || inBackup(kind)) {
      left.push(read && read.state !== 'good' ? read.name : key);
    }
  }
  const { madeAt, help } = file.data;
  if (Object.keys(kept).length === 0 && left.length > 0) return { state: 'bad', fault: 'invalid' };
  return { state: 'good', madeAt, kept, left, help };
}

export async function unlockBackup(locked: Locked, passphrase: string): Promise<BackupRead> {
  if (!canLock()) return { state: 'bad', fault: 'no-cipher' };
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
  const keys = (await store.keys()).filter((key) => inBackup(kindOfKey(key)));
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
 * not hold goes. It is written in one go; the page has to be opened anew afterwards. The emergency
 * details come with it where there are none here, or where all is replaced.
 */
export async function bringBackup(
  hall: Hall,
  { kept, help }: Pick<Extract<BackupRead, { state: 'good' }>, 'kept' | 'help'>,
  how: 'merge' | 'replace',
): Promise<void> {
  const { store, tabs } = hall.platform;
  const keys = await store.keys();
  const here = await store.read(Object.keys(kept).filter((key) => keys.includes(key)));
  // Later than what stands here, so that no tab takes it for what it has read already.
  const texts = Object.fromEntries(
    Object.entries(kept).map(([key, text]) => [key, afterwards(text, here[key] ?? undefined)]),
  );
  const made = keys.filter((key) => kindOfKey(key)?.derived);
  const others = keys.filter((key) => inBackup(kindOfKey(key)) && !(key in kept));
  await store.write(texts);
  await store.remove(how === 'replace' ? [...made, ...others] : made);
  const own = hall.store.getState().device.help;
  const isEmpty = Object.values(own).every((line) => line.trim() === '');
  if (help && (how === 'replace' || isEmpty)) hall.store.dispatch(deviceSet({ help }));
  await hall.keeper.saveNow();
  Object.keys(kept).forEach((key) => tabs.tell(key));
}

function afterwards(text: string, here: string | undefined): string {
  const value = parsed(text);
  const other = parsed(here ?? '');
  if (!isRecord(value) || !isRecord(other)) return text;
  const revision = Math.max(Number(value.revision ?? 0), Number(other.revision ?? 0) + 1);
  return JSON.stringify({ ...value, revision });
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

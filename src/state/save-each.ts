import type { Platform } from '@/platform';

/** How one kind of record is written. */
interface Way<T> {
  readonly key: (id: string) => string;
  readonly text: (one: T) => string;
  readonly failed?: (one: T) => void;
  /** Whether other tabs are told. */
  readonly tell?: boolean;
}

/** Writes what is new or changed among records, and removes what is gone. */
export async function saveEach<T>(
  { store, tabs }: Platform,
  before: Readonly<Record<string, T>>,
  after: Readonly<Record<string, T>>,
  { key, text, failed, tell }: Way<T>,
): Promise<boolean> {
  let good = true;
  for (const [id, one] of Object.entries(after)) {
    if (before[id] === one) continue;
    const saved = await written(() => store.write(key(id), text(one)));
    if (saved && tell) tabs.tell(key(id));
    if (saved) continue;
    good = false;
    failed?.(one);
  }
  for (const id of Object.keys(before)) {
    if (after[id]) continue;
    good = (await written(() => store.remove(key(id)))) && good;
    if (tell) tabs.tell(key(id));
  }
  return good;
}

/** Whether a write went through. */
export async function written(write: () => Promise<void>): Promise<boolean> {
  try {
    await write();
    return true;
  } catch {
    return false;
  }
}

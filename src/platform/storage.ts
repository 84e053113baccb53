import { createAsyncStorage } from '@react-native-async-storage/async-storage';

/** Where the application keeps what a person made: text by key, in this browser. */
export interface KeyStore {
  read(keys: readonly string[]): Promise<Readonly<Record<string, string | null>>>;
  keys(): Promise<readonly string[]>;
  /** All of it or nothing. */
  write(texts: Readonly<Record<string, string>>): Promise<void>;
  remove(keys: readonly string[]): Promise<void>;
}

export function browserStore(): KeyStore {
  const storage = createAsyncStorage('hushed-willow');
  return {
    read: (keys) => storage.getMany([...keys]),
    keys: () => storage.getAllKeys(),
    write: (texts) => storage.setMany({ ...texts }),
    remove: (keys) => storage.removeMany([...keys]),
  };
}

/** Asks that the browser does not clear what is kept. Undefined where it can't tell. */
export async function askToPersist(): Promise<boolean | undefined> {
  if (!navigator.storage?.persist) return undefined;
  return (await navigator.storage.persisted()) || (await navigator.storage.persist());
}

/** From here on storage is said to be nearly full: a class may not be kept any more. */
const NEARLY_FULL = 0.9;

export const isNearlyFull = ({ used, room }: { used: number; room: number }): boolean =>
  used > room * NEARLY_FULL;

/** How much is kept here, in bytes, and how much there is room for. Undefined where the browser can't tell. */
export async function roomLeft(): Promise<{ used: number; room: number } | undefined> {
  const found = await navigator.storage?.estimate?.();
  return found?.usage === undefined || found.quota === undefined
    ? undefined
    : { used: found.usage, room: found.quota };
}

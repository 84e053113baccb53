import type { KeyStore } from '@/platform/storage';

export interface KeptSize {
  /** The first word of their keys. */
  readonly kind: string;
  readonly count: number;
  readonly bytes: number;
}

/** How much is kept of each kind, the most first. */
export async function keptSizes(
  store: Pick<KeyStore, 'keys' | 'read'>,
): Promise<readonly KeptSize[]> {
  const byKind = new Map<string, string[]>();
  for (const key of await store.keys()) {
    const [kind = key] = key.split('/');
    const known = byKind.get(kind);
    if (known) known.push(key);
    else byKind.set(kind, [key]);
  }
  const sizes: KeptSize[] = [];
  for (const [kind, keys] of byKind) {
    const texts = Object.values(await store.read(keys));
    const bytes = texts.reduce((all, text) => all + bytesOf(text ?? ''), 0);
    sizes.push({ kind, count: keys.length, bytes });
  }
  return sizes.sort((a, b) => b.bytes - a.bytes);
}

const bytesOf = (text: string) => new Blob([text]).size;

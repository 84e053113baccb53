/** A text locked with a passphrase, as plain data: AES-GCM under a key that PBKDF2 makes of it. */
export interface Locked {
  readonly salt: string;
  readonly iv: string;
  readonly rounds: number;
  readonly data: string;
}

/** Source: OWASP's advice on storing passwords, for PBKDF2 with SHA-256. */
const ROUNDS = 600_000;

async function keyOf(passphrase: string, salt: Uint8Array<ArrayBuffer>, rounds: number) {
  const bytes = new TextEncoder().encode(passphrase.normalize('NFKC'));
  const base = await crypto.subtle.importKey('raw', bytes, 'PBKDF2', false, ['deriveKey']);
  return crypto.subtle.deriveKey(
    { name: 'PBKDF2', hash: 'SHA-256', salt, iterations: rounds },
    base,
    { name: 'AES-GCM', length: 256 },
    false,
    ['encrypt', 'decrypt'],
  );
}

/** Whether this browser locks anything here: on a page that came without encryption it does not. */
export function canLock(): boolean {
  return (globalThis.crypto as Partial<Crypto> | undefined)?.subtle !== undefined;
}

export async function lock(text: string, passphrase: string): Promise<Locked> {
  const salt = crypto.getRandomValues(new Uint8Array(16));
  const iv = crypto.getRandomValues(new Uint8Array(12));
  const key = await keyOf(passphrase, salt, ROUNDS);
  const data = await crypto.subtle.encrypt(
    { name: 'AES-GCM', iv },
    key,
    new TextEncoder().encode(text),
  );
  return {
    salt: written(salt),
    iv: written(iv),
    rounds: ROUNDS,
    data: written(new Uint8Array(data)),
  };
}

/** Undefined where the passphrase is another, or what was locked was changed. */
export async function unlock(locked: Locked, passphrase: string): Promise<string | undefined> {
  try {
    const key = await keyOf(passphrase, read(locked.salt), locked.rounds);
    const plain = await crypto.subtle.decrypt(
      { name: 'AES-GCM', iv: read(locked.iv) },
      key,
      read(locked.data),
    );
    return new TextDecoder().decode(plain);
  } catch {
    return undefined;
  }
}

/** In pieces, since a call takes only so many arguments. */
function written(bytes: Uint8Array): string {
  let text = '';
  for (let at = 0; at < bytes.length; at += 0x8000) {
    text += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  }
  return btoa(text);
}

function read(text: string): Uint8Array<ArrayBuffer> {
  return Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));
}

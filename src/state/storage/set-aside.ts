import type { Platform } from '@/platform';
import { noticeShown } from '../hall/notices';
import { nameIn } from './kind';

/** Where damaged values are moved, so that they stand in nobody's way and are not lost. */
const SET_ASIDE = 'set-aside/';

export const asideOf = (key: string) => SET_ASIDE + key;

interface Damaged {
  readonly key: string;
  readonly text: string;
}

type Told = { dispatch(action: ReturnType<typeof noticeShown>): unknown };

/** Names what was set aside before, until the person lets go of it. */
export async function speakOfSetAside(
  store: Told,
  platform: Platform,
  keys: readonly string[],
): Promise<void> {
  const texts = await platform.store.read(keys.filter((key) => key.startsWith(SET_ASIDE)));
  for (const [key, text] of Object.entries(texts)) {
    if (text !== null) store.dispatch(noticeOf(key, key.slice(SET_ASIDE.length), text));
  }
}

/**
 * Moves damaged values out of the way and names them. One that can't be moved stays where it is, and
 * is named all the same.
 */
export async function setAside(
  damaged: readonly Damaged[],
  store: Told,
  platform: Platform,
): Promise<void> {
  for (const { key, text } of damaged) {
    const aside = asideOf(key);
    const kept = await moved(key, aside, text, platform);
    store.dispatch(noticeOf(kept ? aside : key, key, text));
  }
}

function noticeOf(key: string, was: string, text: string) {
  return noticeShown({ kind: 'set-aside', key, name: nameIn(text) ?? was, text });
}

async function moved(key: string, aside: string, text: string, platform: Platform) {
  try {
    await platform.store.write({ [aside]: text });
    await platform.store.remove([key]);
    return true;
  } catch {
    return false;
  }
}

import { writeStored } from '../storage/kind';
import { DEVICE_AT_FIRST } from './device';
import type { Hall } from './hall';
import { DEVICE, DEVICE_KEY } from './kinds';
import { noticeShown } from './notices';
import type { Texts } from '../demo';

/**
 * On the first visit with an empty store: the demo data, so that there is something to see.
 * @returns what could not be written, to be shown all the same; undefined where all is well
 */
export async function welcome({ store, platform }: Hall): Promise<Texts | undefined> {
  const keys = await platform.store.keys().catch(() => undefined);
  if (keys && !(await isFirstVisit(keys, platform))) return undefined;
  const { demoTexts } = await import('../demo');
  const texts = demoTexts(platform.clock.wallTime());
  store.dispatch(noticeShown({ kind: 'demo-loaded' }));
  const missing = Object.entries(texts).filter(([key]) => !keys?.includes(key));
  const welcomed = writeStored(DEVICE, { ...DEVICE_AT_FIRST, welcomed: true }, 1);
  try {
    await platform.store.write({ ...Object.fromEntries(missing), [DEVICE_KEY]: welcomed });
    return undefined;
  } catch {
    return texts;
  }
}

/** A first visit that was cut off while it saved has only some of the demo data, and no mark yet. */
async function isFirstVisit(keys: readonly string[], platform: Hall['platform']): Promise<boolean> {
  const texts = await platform.store.read([DEVICE_KEY]).catch(() => undefined);
  if (texts?.[DEVICE_KEY]) return false;
  return keys.every(
    (key) =>
      !/^(routine|run|move|move-draft|lead|person|group)\b/.test(key) || /^[a-z]+\/demo-/.test(key),
  );
}

import { writeStored } from '../storage/kind';
import { DEVICE_AT_FIRST } from './device';
import type { Hall } from './hall';
import { DEVICE, DEVICE_KEY } from './kinds';
import { noticeShown } from './notices';
import type { Texts } from '../demo';

/**
 * On the first visit with an empty store: the demo data, so that there is something to see. Nothing is
 * taken for a first visit but a store that was read and found to be new.
 * @param keys all that is there
 * @returns what could not be written, to be shown all the same; undefined where all is well
 */
export async function welcome(hall: Hall, keys: readonly string[]): Promise<Texts | undefined> {
  const { store, platform, keeper } = hall;
  const { keptMark } = platform;
  const texts = await keeper.ask(() => platform.store.read([DEVICE_KEY]));
  if (texts[DEVICE_KEY]) {
    keptMark.set();
    return undefined;
  }
  if (keys.some(isOwn)) return undefined;
  if (keptMark.isSet()) {
    if (keys.length === 0) store.dispatch(noticeShown({ kind: 'was-cleared' }));
    return undefined;
  }
  return loadDemo(hall, keys);
}

/** Lays the demo data into the store, and says so. */
async function loadDemo({ store, platform }: Hall, keys: readonly string[]) {
  const { demoTexts } = await import('../demo');
  const demo = demoTexts(platform.clock.wallTime());
  store.dispatch(noticeShown({ kind: 'demo-loaded' }));
  const missing = Object.entries(demo).filter(([key]) => !keys.includes(key));
  const welcomed = writeStored(DEVICE, { ...DEVICE_AT_FIRST, welcomed: true }, 1);
  try {
    await platform.store.write({ ...Object.fromEntries(missing), [DEVICE_KEY]: welcomed });
    platform.keptMark.set();
    return undefined;
  } catch {
    return demo;
  }
}

/**
 * Whether a key is of something that did not come with the demo data: a first visit that was cut off
 * while it saved has only some of that, and no mark yet.
 */
function isOwn(key: string): boolean {
  return (
    /^(routine|run|move|move-draft|lead|person|group|reading|set-aside|beside)\b/u.test(key) &&
    !/^[a-z]+\/demo-/u.test(key)
  );
}

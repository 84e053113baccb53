import { isOnStage, onTyping, reload } from '@/platform/page';
import type { Hall } from './hall';
import { offlineKnown, versionBusy } from './version';

const TYPING = 'typing ';
const LEADING = 'lead ';

/** A page that is opened again after it could not be hears of it once. */
const begun = new WeakSet<Hall>();

/**
 * Has all pieces fetched aside, and tells other tabs when somebody is in the middle of typing here: a
 * class that is led tells by its own lock.
 */
export function beginOffline(hall: Hall): void {
  if (begun.has(hall)) return;
  begun.add(hall);
  const { store, platform } = hall;
  const own = `${TYPING}${platform.newId()}`;
  let isTyping = false;
  let letGo: (() => void) | undefined;
  onTyping((next) => {
    isTyping = next;
    letGo?.();
    letGo = undefined;
    if (!next) return;
    void platform.locks.hold(own).then((held) => {
      if (isTyping) letGo = held;
      else held?.();
    });
  });
  platform.offline.begin((state) => {
    const { isOlder } = store.getState().version;
    store.dispatch(offlineKnown(state));
    // Nobody's hands are on this page: it goes with the others. Else it says so.
    if (state.isOlder && !isOlder && !isTyping && !isOnStage()) reload();
  });
}

/** Takes the version that waits, unless somebody is in the middle of something in any tab. */
export async function takeVersion({ store, platform }: Hall): Promise<void> {
  const held = [...(await platform.locks.held())];
  const busy = held.some((name) => name.startsWith(LEADING))
    ? 'class'
    : held.some((name) => name.startsWith(TYPING))
      ? 'typing'
      : undefined;
  store.dispatch(versionBusy(busy));
  if (!busy) platform.offline.take();
}

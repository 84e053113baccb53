import { isOnStage, onTyping, reload } from '@/platform/page';
import type { Hall } from './hall';
import { offlineKnown, versionBusy } from './version';

const TYPING = 'typing ';
const LEADING = 'lead ';

/**
 * Has all pieces fetched aside, and tells other tabs when somebody is in the middle of typing here: a
 * class that is led tells by its own lock.
 */
export function beginOffline({ store, platform }: Hall): void {
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

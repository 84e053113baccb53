import { activateKeepAwakeAsync, deactivateKeepAwake } from 'expo-keep-awake';

const TAG = 'lead';

/** Keeps the screen on until the returned function is called. A browser that can't just dims. */
export function keepAwake(): () => void {
  const ask = () => {
    if (!document.hidden) void activateKeepAwakeAsync(TAG).catch(() => undefined);
  };
  ask();
  // Browsers take the lock away when the page is hidden.
  document.addEventListener('visibilitychange', ask);
  return () => {
    document.removeEventListener('visibilitychange', ask);
    void deactivateKeepAwake(TAG).catch(() => undefined);
  };
}

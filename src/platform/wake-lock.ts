import { activateKeepAwakeAsync, deactivateKeepAwake } from 'expo-keep-awake';

const TAG = 'lead';

/**
 * Keeps the screen on until the returned function is called.
 * @param onRefused called where the browser does not grant it: the screen may go dark
 */
export function keepAwake(onRefused: () => void): () => void {
  const ask = () => {
    if (!document.hidden) void activateKeepAwakeAsync(TAG).catch(onRefused);
  };
  ask();
  // Browsers take the lock away when the page is hidden.
  document.addEventListener('visibilitychange', ask);
  return () => {
    document.removeEventListener('visibilitychange', ask);
    void deactivateKeepAwake(TAG).catch(() => undefined);
  };
}

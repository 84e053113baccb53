/** What a browser hands over where it can install the application. */
interface InstallEvent extends Event {
  prompt(): Promise<unknown>;
}

let offer: InstallEvent | undefined;
const listeners = new Set<() => void>();
const changed = (next: InstallEvent | undefined) => {
  offer = next;
  listeners.forEach((listen) => listen());
};

/** Hears of it from the first moment on; a browser offers it when it likes. */
export function hearOfInstalling(): void {
  window.addEventListener('beforeinstallprompt', (event) => {
    // The browser's own bar would come at a time of its own.
    event.preventDefault();
    changed(event as InstallEvent);
  });
  window.addEventListener('appinstalled', () => changed(undefined));
}

/** Whether the browser would install the application now. */
export const canInstall = (): boolean => offer !== undefined;

/** Whether this page runs as an application of its own. */
export const isInstalled = (): boolean => window.matchMedia('(display-mode: standalone)').matches;

/**
 * Fills the screen while a class is led, where the application is installed: in a browser's window that
 * is for whoever opened it to choose. Returns the way back.
 */
export function fillScreen(): () => void {
  const page = document.documentElement;
  if (!isInstalled() || !('requestFullscreen' in page)) return () => undefined;
  // A system may refuse; the class goes on as it is.
  void page.requestFullscreen().catch(() => undefined);
  return () => {
    if (document.fullscreenElement) void document.exitFullscreen().catch(() => undefined);
  };
}

/** Calls when that may have changed; returns the way to stop. */
export function onInstallable(listen: () => void): () => void {
  listeners.add(listen);
  return () => void listeners.delete(listen);
}

/** Has the browser ask; it may be asked once. */
export async function install(): Promise<void> {
  const asked = offer;
  changed(undefined);
  await asked?.prompt();
}

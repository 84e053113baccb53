/** What is known of this application working without a network, and of a newer version of it. */
export interface OfflineState {
  /**
   * `cannot`: not over this connection, or not in this browser. `not-yet`: its pieces are being fetched.
   * `broken`: they could not all be fetched or kept. `works`: all are here.
   */
  readonly state: 'cannot' | 'not-yet' | 'broken' | 'works';
  /** A newer version has been fetched, and waits. */
  readonly waits: boolean;
  /** A newer version was taken in another tab, and this page is still of the one before. */
  readonly isOlder: boolean;
}

/** What came of looking: what is here is the newest, or one was fetched, or not all of it, or nobody answers. */
export type Looked = 'newest' | 'fetched' | 'broken' | 'unreachable';

export interface Offline {
  /** The version of this page, and what it was built from. */
  version(): string;
  /** Fetches all pieces aside once the page stands, and tells what is known. */
  begin(tell: (state: OfflineState) => void): void;
  /** When the pieces that are here were fetched, as an ISO time; undefined where none are. */
  since(): Promise<string | undefined>;
  /** Asks the server for a newer version, and fetches it. */
  look(): Promise<Looked>;
  /** Takes the version that waits: all tabs are loaded anew with it. */
  take(): void;
  /** Fetches everything once more, and only then lets go of what is here. False where it can't all be fetched. */
  fetchAnew(): Promise<boolean>;
}

const WORKER = '/sw.js';
const PAGE = '/index.html';
/** The first screen comes first. */
const WAIT_MS = 1500;
/** So often a page that stays open asks for a newer version. */
const LOOK_MS = 60 * 60_000;

/** By a service worker; over plain http from another machine browsers have none. */
export function browserOffline(): Offline {
  const { serviceWorker } = navigator as Partial<Navigator>;
  let registration: ServiceWorkerRegistration | undefined;
  let known: OfflineState = {
    state: serviceWorker ? 'not-yet' : 'cannot',
    waits: false,
    isOlder: false,
  };
  let tell: (state: OfflineState) => void = () => undefined;
  const now = (change: Partial<OfflineState>) => {
    known = { ...known, ...change };
    tell(known);
  };

  const register = async () => {
    if (!serviceWorker) return;
    const { Workbox } = await import('workbox-window');
    let isControlled = Boolean(serviceWorker.controller);
    const box = new Workbox(WORKER, { updateViaCache: 'none' });
    box.addEventListener('waiting', () => now({ waits: true }));
    box.addEventListener('activated', () => {
      now({ state: 'works' });
      void laidAnew().catch(() => undefined);
    });
    box.addEventListener('redundant', () => {
      // One that never came to work leaves the one before, or nothing.
      if (!serviceWorker.controller) now({ state: 'broken' });
    });
    serviceWorker.addEventListener('controllerchange', () => {
      // The first one only comes to its page; a later one is of another version than the page.
      if (isControlled) now({ waits: false, isOlder: true });
      else now({ state: 'works' });
      isControlled = true;
    });
    registration = await box.register();
    if (registration?.active && serviceWorker.controller) now({ state: 'works' });
    if (registration?.waiting) now({ waits: true });
    setInterval(() => void look(), LOOK_MS);
  };

  let registering: Promise<void> | undefined;
  const registered = () => {
    registering ??= register().catch(() => {
      registering = undefined;
      if (!serviceWorker?.controller) now({ state: 'broken' });
    });
    return registering;
  };

  const look = async (): Promise<Looked> => {
    await registered();
    try {
      await registration?.update();
    } catch {
      // A worker that can't be read is not a server that does not answer.
      return (await answers()) ? 'broken' : 'unreachable';
    }
    const coming = registration?.installing;
    if (coming) return (await settled(coming)) ? 'fetched' : 'broken';
    if (registration?.waiting) return 'fetched';
    return registration ? 'newest' : 'unreachable';
  };

  return {
    version: () => document.querySelector<HTMLMetaElement>('meta[name=version]')?.content ?? '',
    begin: (listen) => {
      tell = listen;
      tell(known);
      const soon = () => setTimeout(() => void registered(), WAIT_MS);
      if (document.readyState === 'complete') soon();
      else window.addEventListener('load', soon, { once: true });
    },
    since: async () => {
      const page = await cached(PAGE);
      const date = page?.headers.get('date');
      return date ? new Date(date).toISOString() : undefined;
    },
    look,
    take: () => registration?.waiting?.postMessage({ type: 'SKIP_WAITING' }),
    fetchAnew: async () => {
      try {
        await fetchWhole();
      } catch {
        return false;
      }
      const own = await serviceWorker?.getRegistration();
      await own?.unregister();
      for (const name of await caches.keys()) await caches.delete(name);
      return true;
    },
  };
}

const answers = () =>
  fetch('/healthz', { cache: 'no-store' }).then(
    ({ ok }) => ok,
    () => false,
  );

/** Whether a version that is being fetched came whole. */
const settled = (coming: ServiceWorker) =>
  new Promise<boolean>((resolve) => {
    coming.addEventListener('statechange', () => {
      if (coming.state !== 'installing') resolve(coming.state !== 'redundant');
    });
  });

/**
 * Lays the scripts once more where they lie. What a worker lays down while it is installed is compiled
 * whole, before anything has run; what a page lays down is compiled as it was used, and starts faster.
 */
async function laidAnew(): Promise<void> {
  for (const name of await caches.keys()) {
    const cache = await caches.open(name);
    for (const script of (await cache.keys()).filter(({ url }) => /\.js$/u.test(url))) {
      const kept = await cache.match(script);
      if (kept) await cache.put(script, kept);
    }
  }
}

/** What is kept of the application itself is no data of anybody. */
const cached = (path: string) =>
  'caches' in window ? caches.match(path, { ignoreSearch: true }) : Promise.resolve(undefined);

/** The server's page and every piece that it or the worker names, past all that is kept of them. */
async function fetchWhole(): Promise<void> {
  const text = async (path: string) => {
    const answer = await fetch(path, { cache: 'reload' });
    if (!answer.ok) throw new Error(path);
    return answer.text();
  };
  // The worker itself is asked past the worker: only the server has it.
  const worker = await text(WORKER);
  const pieces = [...worker.matchAll(/url:"(\/[^"]+)"/gu)].map(([, url = '']) => url);
  if (pieces.length === 0) throw new Error(WORKER);
  for (const piece of pieces) await text(`${piece}?anew=${Date.now()}`);
}

/** Turns at something that all tabs of the application share. */
export interface Locks {
  /** Does the work while no other tab, and no other work here, has the lock of this name. */
  exclusive<T>(name: string, work: () => Promise<T>): Promise<T>;
  /** Holds a lock until the returned function is called; undefined where it is held already. */
  hold(name: string): Promise<(() => void) | undefined>;
  /** The names that are held now, in any tab. */
  held(): Promise<ReadonlySet<string>>;
}

const PREFIX = 'hushed-willow ';

/** The browser's locks. Where a page may not have them, over plain http, each tab is on its own. */
export function browserLocks(): Locks {
  const locks = (navigator as Partial<Navigator>).locks;
  if (!locks) {
    return {
      exclusive: (_, work) => work(),
      hold: () => Promise.resolve(() => undefined),
      held: () => Promise.resolve(new Set()),
    };
  }
  return {
    exclusive: async (name, work) => await locks.request(PREFIX + name, work),
    hold: (name) =>
      new Promise((resolve) => {
        const take = (lock: Lock | null) => {
          if (!lock) return resolve(undefined);
          return new Promise<void>((letGo) => resolve(letGo));
        };
        void locks.request(PREFIX + name, { ifAvailable: true }, take);
      }),
    held: async () => {
      const { held = [] } = await locks.query();
      const names = held.map(({ name = '' }) => name).filter((name) => name.startsWith(PREFIX));
      return new Set(names.map((name) => name.slice(PREFIX.length)));
    },
  };
}

/**
 * Where a page that goes away leaves what it had not written yet: writing to the store takes longer
 * than the page still has, and this is done at once. Each tab has a slip of its own.
 */
export interface Slips {
  /** Leaves this text in place of what this tab left before; undefined takes it away. */
  leave(text: string | undefined): void;
  /** The slips of all tabs, by their names. */
  all(): Readonly<Record<string, string>>;
  remove(name: string): void;
}

const PREFIX = 'hushed-willow slip ';

export function browserSlips(own: string): Slips {
  const keep = () => window.localStorage;
  return {
    leave: (text) => {
      if (text === undefined) keep().removeItem(PREFIX + own);
      else keep().setItem(PREFIX + own, text);
    },
    all: () =>
      Object.fromEntries(Object.entries(keep()).filter(([name]) => name.startsWith(PREFIX))),
    remove: (name) => keep().removeItem(name),
  };
}

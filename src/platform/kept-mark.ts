/**
 * A mark, in another place than the store, that things were kept here once: so that a store that was
 * cleared is not taken for a first visit.
 */
export interface KeptMark {
  isSet(): boolean;
  set(): void;
}

const NAME = 'hushed-willow kept';

/** A browser that keeps no such marks has none: then the store alone tells. */
export function browserKeptMark(): KeptMark {
  return {
    isSet: () => {
      try {
        return window.localStorage.getItem(NAME) !== null;
      } catch {
        return false;
      }
    },
    set: () => {
      try {
        window.localStorage.setItem(NAME, '1');
      } catch {
        // Full, or shut: nothing else depends on it.
      }
    },
  };
}

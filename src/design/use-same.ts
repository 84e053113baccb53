import { useCallback, useEffect, useRef } from 'react';

/** A function that stays the same while what it does follows what is drawn. */
export function useSame<A extends readonly unknown[], R>(does: (...args: A) => R) {
  const now = useRef(does);
  useEffect(() => {
    now.current = does;
  });
  return useCallback((...args: A) => now.current(...args), []);
}

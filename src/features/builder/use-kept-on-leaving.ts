import { useEffect, useRef } from 'react';

/** Keeps what is still in a field when the field goes away without being left. */
export function useKeptOnLeaving(typed: string | undefined, keep: (typed: string) => void): void {
  const last = useRef({ typed, keep });
  useEffect(() => {
    last.current = { typed, keep };
  });
  useEffect(
    () => () => {
      if (last.current.typed !== undefined) last.current.keep(last.current.typed);
    },
    [],
  );
}

import { useEffect, useRef } from 'react';
import { beforePageLeave } from '@/platform/page';

/** With the time that writing takes, what is typed is kept within a second. */
const HAND_ON_MS = 700;

/**
 * Hands on what is being typed without waiting for the field to be left: soon after it was typed, when
 * the page is hidden, and when the field goes.
 * @param typed undefined while nothing is that was not handed on
 * @param pause waits for a pause in the typing: for what means something else letter by letter
 */
export function useHandedOn(typed: string | undefined, handOn: () => void, pause = false): void {
  const last = useRef({ typed, handOn });
  useEffect(() => {
    last.current = { typed, handOn };
  });
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => {
    if (typed === undefined) return;
    if (pause) clearTimeout(timer.current);
    if (timer.current !== undefined && !pause) return;
    timer.current = setTimeout(() => {
      timer.current = undefined;
      if (last.current.typed !== undefined) last.current.handOn();
    }, HAND_ON_MS);
  }, [typed, pause]);
  useEffect(() => {
    const flush = () => {
      clearTimeout(timer.current);
      timer.current = undefined;
      if (last.current.typed !== undefined) last.current.handOn();
    };
    const stop = beforePageLeave(flush);
    return () => {
      stop();
      flush();
    };
  }, []);
}

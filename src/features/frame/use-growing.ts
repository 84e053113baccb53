import { useEffect, useState } from 'react';

const FIRST = 1;
const STEP = 4;

/**
 * How many of a long list are drawn: the first with the page, so that it stands at once, and the rest in
 * small steps while nobody waits.
 * @param key what it is a list of; another list begins anew
 */
export function useGrowing(count: number, key: string): number {
  const [drawn, setDrawn] = useState({ key, most: FIRST });
  const most = drawn.key === key ? drawn.most : FIRST;
  useEffect(() => {
    if (most >= count) return undefined;
    const timer = setTimeout(() => setDrawn({ key, most: most + STEP }), 0);
    return () => clearTimeout(timer);
  }, [most, count, key]);
  return Math.min(most, count);
}

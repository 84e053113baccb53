import { useCallback, useEffect, useState } from 'react';

/** News of the class stands so long in the place of the cue. */
const NEWS_MS = 5000;

/** A sentence that is shown for a while and goes by itself. */
export function useNews(): readonly [string, (news: string) => void] {
  const [news, setNews] = useState({ text: '' });
  useEffect(() => {
    if (news.text === '') return undefined;
    const timer = setTimeout(() => setNews({ text: '' }), NEWS_MS);
    return () => clearTimeout(timer);
  }, [news]);
  return [news.text, useCallback((text: string) => setNews({ text }), [])];
}

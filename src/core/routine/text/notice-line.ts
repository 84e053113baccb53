import { parseDuration } from '@/core/common';
import type { NoticeLine } from '../entries';
import { localProblem, type LocalProblem } from './problem';
import { unquote } from './text-lines';

const MOST_WORDS = 300;
const COULD = ['notice 15s "…"'] as const;

/** The parts of `notice 15s "Which side feels heavier?"`; undefined where a line is none. */
export function noticeIn(
  text: string,
): { readonly time: string; readonly words: string } | undefined {
  const groups = /^notice\b *(?!:)(?<time>[^"]*)(?<words>".*)?$/i.exec(text)?.groups;
  return groups && { time: groups.time ?? '', words: groups.words ?? '' };
}

/**
 * What such a line says.
 * @param quoted the words as they were typed, with their quotes
 */
export function noticeFrom(
  time: string,
  quoted: string,
  { text, raw }: { readonly text: string; readonly raw: string },
): Pick<NoticeLine, 'noticeMs' | 'words'> | LocalProblem {
  const result = parseDuration(time.trim());
  const words = unquote(quoted);
  if (!result.ok || result.value < 1000 || !words) {
    const at = result.ok && result.value >= 1000 ? text.length - quoted.length : 7;
    return localProblem('not-a-notice', at, raw.slice(at), COULD);
  }
  if (words.length > MOST_WORDS) {
    return localProblem('text-too-long', text.length - quoted.length, `${words.slice(0, 20)}…`);
  }
  return { noticeMs: result.value, words };
}

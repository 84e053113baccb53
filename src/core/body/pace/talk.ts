import { rememberText } from '@/core/common';

const SAID = /[\p{L}\p{N}]/u;

/**
 * Words are runs of non-space that hold a letter or a digit.
 * @example countWords('Sit tall – and breathe') // 4
 */
export const countWords = rememberText(
  (text) => text.split(/\s+/u).filter((run) => SAID.test(run)).length,
);

/**
 * How long a text takes to say, rounded up to a whole second.
 * @returns milliseconds
 * @example talkMs('Turn your chest left, grow tall', 120) // 3000
 */
export function talkMs(text: string, talkWpm: number): number {
  return Math.ceil((countWords(text) * 60) / talkWpm) * 1000;
}

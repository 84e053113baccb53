/** Words are runs of non-space that hold a letter or a digit. */
export function countWords(text: string): number {
  return text.split(/\s+/u).filter((run) => /[\p{L}\p{N}]/u.test(run)).length;
}

/**
 * How long a text takes to say, rounded up to a whole second.
 * @returns milliseconds
 */
export function talkMs(text: string, talkWpm: number): number {
  return Math.ceil((countWords(text) * 60) / talkWpm) * 1000;
}

import { rememberText } from '@/core/common';

/** Words are runs of non-space that hold a letter or a digit. */
export const countWords = rememberText((text) => {
  let count = 0;
  let inRun = false;
  let isWord = false;
  for (let i = 0; i < text.length; i++) {
    const kind = kindOf(text, i);
    if (kind === 'space') inRun = isWord = false;
    else {
      if (!inRun) [inRun, isWord] = [true, false];
      if (kind === 'letter' && !isWord) {
        isWord = true;
        count += 1;
      }
    }
  }
  return count;
});

/** Plain letters, digits and spaces are told by their code; the rest by what Unicode says. */
function kindOf(text: string, i: number): 'letter' | 'space' | 'other' {
  const code = text.charCodeAt(i);
  if (code < 128) {
    if (code === 32 || (code >= 9 && code <= 13)) return 'space';
    const letter = (code | 32) >= 97 && (code | 32) <= 122;
    return letter || (code >= 48 && code <= 57) ? 'letter' : 'other';
  }
  const char = String.fromCodePoint(text.codePointAt(i) ?? code);
  if (/\s/u.test(char)) return 'space';
  return /[\p{L}\p{N}]/u.test(char) ? 'letter' : 'other';
}

/**
 * How long a text takes to say, rounded up to a whole second.
 * @returns milliseconds
 */
export function talkMs(text: string, talkWpm: number): number {
  return Math.ceil((countWords(text) * 60) / talkWpm) * 1000;
}

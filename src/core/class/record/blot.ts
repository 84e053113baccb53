const BLOT = '–';

/** Shorter parts of a name are words like any other. */
const LEAST_LETTERS = 3;

const plain = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/gu, '\\$&');

/**
 * A text with somebody's name blotted out: the whole of it, and each part of it that is a name by itself.
 * @example blotted('Ada dizzy; Ada Fenn sat down, adamant', 'Ada Fenn') // '– dizzy; – sat down, adamant'
 */
export function blotted(text: string, name: string): string {
  const parts = name.split(/\s+/u).filter((part) => part.length >= LEAST_LETTERS);
  const names = [name.trim(), ...parts].filter((one) => one !== '');
  if (names.length === 0) return text;
  const any = names.map((one) => plain(one).replace(/\s+/gu, '\\s+')).join('|');
  return text.replace(new RegExp(`(?<![\\p{L}\\p{N}])(?:${any})(?![\\p{L}\\p{N}])`, 'giu'), BLOT);
}

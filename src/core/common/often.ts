/** How often something is meant: from so many times to so many, a day or a week. */
export interface Often {
  readonly least: number;
  readonly most: number;
  readonly per: 'day' | 'week';
}

const WORDS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];
const NUMBER = `(?:\\d{1,2}|${WORDS.join('|')}|once|twice|thrice)`;
const TIMES = new RegExp(
  `\\b(${NUMBER})(?:\\s*(?:-|–|to|or)\\s*(${NUMBER}))?\\s*(?:x|×|times?|breaks?|classes)?\\s*(?:a|an|per|each|every|/)\\s*(day|week)\\b`,
  'u',
);
const DAILY =
  /^(?:every|each)\s+(?:day|morning|evening|night|afternoon|work(?:ing)?\s?day)\b|\bdaily\b/u;
const WEEKLY =
  /^(?:every|each|once\s+a)\s+(?:week|(?:mon|tues|wednes|thurs|fri|satur|sun)day)\b|\bweekly\b/u;

const numberOf = (text: string): number => {
  if (/^\d/u.test(text)) return Number(text);
  const named = { once: 1, twice: 2, thrice: 3 }[text];
  return named ?? WORDS.indexOf(text) + 1;
};

/**
 * Reads how often a routine is meant to be done, from an instructor's own words; words that give no
 * count, such as `evenings`, give none.
 * @example readOften('3-5 a week, evenings') // { least: 3, most: 5, per: 'week' }
 */
export function readOften(text: string): Often | undefined {
  const said = text.toLowerCase().trim();
  const [, first, second, per] = TIMES.exec(said) ?? [];
  if (first && (per === 'day' || per === 'week')) {
    const [a, b] = [numberOf(first), numberOf(second ?? first)];
    const [least, most] = [Math.min(a, b), Math.max(a, b)];
    return least > 0 ? { least, most, per } : undefined;
  }
  if (DAILY.test(said)) return { least: 1, most: 1, per: 'day' };
  return WEEKLY.test(said) ? { least: 1, most: 1, per: 'week' } : undefined;
}

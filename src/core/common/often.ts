/** How often something is meant: from so many times to so many, a day or a week. */
export interface Often {
  readonly least: number;
  readonly most: number;
  readonly per: 'day' | 'week';
}

const WORDS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];
const NUMBER = `(?:\\d{1,2}|${WORDS.join('|')}|once|twice|thrice)`;
const THING = '(?:x|×|times?|breaks?|classes|class|days?|sessions?|rounds?)';
const TIMES = new RegExp(
  `(?<!\\d ?)\\b(${NUMBER})(?:\\s*(?:-|–|to|or)\\s*(${NUMBER}))?(?:\\s*${THING})?\\s*(?:(?:a|an|per|each|every|/)\\s*|(?<=${THING})\\s*)(day|week)\\b`,
  'u',
);
const DAILY = /^(?:every|each)\s+(?:day|morning|evening|night|afternoon)\b|\bdaily\b/u;
const WEEKLY = /^(?:every|each)\s+week\b|\bweekly\b/u;
const WORKDAYS = /\b(?:week|work|working )days?\b/u;
const WEEKDAY = /\b(?:mon|tue|wed|thu|fri|sat|sun)(?:s?day|nesday|rsday|urday|s|r|rs)?s?\b/gu;

/** Other words for the same, in one form. */
const plain = (text: string): string =>
  text
    .toLowerCase()
    .trim()
    .replace(/\ba couple of\b/gu, 'two')
    .replace(/\bwk\b/gu, 'week')
    .replace(/\b(?:daily|a ?day)\b/gu, 'a day')
    .replace(/\b(?:weekly|a ?week)\b/gu, 'a week');

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
  const [, first, second, per] = TIMES.exec(plain(text)) ?? [];
  if (first && (per === 'day' || per === 'week')) {
    const [a, b] = [numberOf(first), numberOf(second ?? first)];
    const [least, most] = [Math.min(a, b), Math.max(a, b)];
    return least > 0 ? { least, most, per } : undefined;
  }
  const said = text.toLowerCase().trim();
  const once = (n: number, of: Often['per']): Often => ({ least: n, most: n, per: of });
  if (WORKDAYS.test(said)) return once(5, 'week');
  if (DAILY.test(said)) return once(1, 'day');
  const days = new Set((said.match(WEEKDAY) ?? []).map((day) => day.slice(0, 3)));
  if (days.size > 0) return once(days.size, 'week');
  return WEEKLY.test(said) ? once(1, 'week') : undefined;
}

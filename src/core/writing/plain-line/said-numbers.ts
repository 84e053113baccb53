const UNITS =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
    ' ',
  );
const TENS = 'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ');

const WORDS: ReadonlyMap<string, number> = new Map([
  ...UNITS.map((word, n) => [word, n] as const),
  ...TENS.map((word, i) => [word, 20 + 10 * i] as const),
]);
const ONE = UNITS.slice(1, 10).join('|');
const TEN = TENS.join('|');
const WORD = new RegExp(`\\b(?:(${TEN})(?:[ -](${ONE}))?|(${UNITS.slice(1).join('|')}))\\b`, 'gu');

/** Numbers that are written otherwise, as digits: words to a hundred, dozens, and parts of a minute. */
export function inDigits(text: string): string {
  return text
    .replace(/\bhalf a dozen\b/gu, '6')
    .replace(/\b(?:a |one )?dozen\b/gu, '12')
    .replace(/\b(?:a|one|1) min(?:ute)? and a half\b/gu, '90 s')
    .replace(/\b(\w+) and a half (?=min)/gu, (_, n: string) => `${WORDS.get(n) ?? n}.5 `)
    .replace(/\b(?:half a|1\/2 a?|0\.5) ?min(?:ute)?\b/gu, '30 s')
    .replace(/\b(?:a )?quarter of a min(?:ute)?\b/gu, '15 s')
    .replace(/\bthree[ -]quarters of a min(?:ute)?\b/gu, '45 s')
    .replace(/\ba (?:min|minute)\b/gu, '60 s')
    .replace(/\ba couple of\b/gu, '2')
    .replace(/\b(?:a|one) hundred\b/gu, '100')
    .replace(WORD, (_, ten?: string, one?: string, unit?: string) =>
      String((WORDS.get(ten ?? '') ?? 0) + (WORDS.get(one ?? unit ?? '') ?? 0)),
    )
    .replace(/(\d+) 1\/2\b|(\d+) ?½/gu, '$1$2.5')
    .replace(/½ ?(?=min|m\b)/gu, '0.5 ')
    .replace(/(?<=^|[ (x@])[:](?=\d\d\b)/gu, '0:')
    .replace(/\btwice\b/gu, 'x2')
    .replace(/\bthrice\b/gu, 'x3')
    .replace(/\bonce\b/gu, ' ');
}

const YOUR = '(?:your |the |a |an |one )?';
const SEAT = `${YOUR}(?:chair|seat|stool)`;

/** How people are placed, as sentences say it, and the word that names have for it. */
const PLACED: readonly (readonly [RegExp, string])[] = [
  [
    new RegExp(
      `\\b(?:(?:lie|lying|laying|lay)(?: down)?(?: flat)? |(?<!hands? ))on ${YOUR}back\\b(?! of)`,
      'u',
    ),
    'lying',
  ],
  [
    new RegExp(
      `\\b(?:(?:lie|lying|laying|lay)(?: down)? )?on ${YOUR}side\\b|\\b(?:lie|lying) (?:side|sideways)\\b`,
      'u',
    ),
    'side lying',
  ],
  [
    new RegExp(
      `\\b(?:(?:lie|lying|laying|lay)(?: down)? )?(?:on ${YOUR}(?:front|tummy|stomach)|face down)\\b`,
      'u',
    ),
    'prone',
  ],
  [
    /\b(?:lie|lay|lying|laying)(?: down)?(?: flat)? (?:(?:on|in) (?:the |your |a )?(?:bed|floor|mat)|and|with)\b/u,
    'lying',
  ],
  // What begins in a chair stands in plans under what is done standing.
  [/^standing (?=sit to stand\b)/u, ''],
  [/^sit and (?!stand|reach|breathe|rise|get)(?=\S+ \S)/u, 'seated'],
  [
    new RegExp(
      `\\b(?:(?:get |come |go |start )?(?:on ?to |in )?${YOUR})?(?:hands and knees|hands & knees|all fours)(?: position)?\\b`,
      'u',
    ),
    'all fours',
  ],
  [
    new RegExp(
      `^(?:start(?:ing)? |begin )?(?:sit|sitting|seated)(?: up)?(?: (?:nice and|nice|tall|upright|straight|comfortably|forward|well back))+(?: (?:in|on) ${SEAT})?(?: with)?(?= \\S)`,
      'u',
    ),
    'seated',
  ],
  [
    new RegExp(
      `^(?:start(?:ing)? |begin )?(?:sit|sitting|seated)(?: (?:tall|forward))*(?: (?:at|on|to|towards|near) ${YOUR}(?:front )?(?:edge|front)(?: of ${SEAT})?| (?:in|on) ${SEAT})(?: with)?(?= \\S)`,
      'u',
    ),
    'seated',
  ],
  [
    /^(?:start(?:ing)? |begin )?(?:stand|standing)(?: (?:tall|upright|straight))*(?: (?:behind|holding) (?:your |the |a )?chair)?(?= (?!ups?\b|on\b|sit\b|to\b|from\b)\S+ \S)/u,
    'standing',
  ],
];

/** What is said of how a body is kept, and names nothing. */
const KEPT = new RegExp(
  [
    '(?:with )?(?:your |the |both )?knees (?:bent|soft)(?: (?:and )?feet flat)?',
    'feet (?:hip|shoulder)[- ]width(?: apart)?',
    'arms? (?:by|at|down by) (?:your |the )?sides?',
    '(?:keep(?:ing)? )?(?:your |the )?(?:back|spine) (?:straight|long|tall)',
    'through (?:your |the )?(?:spine|back)',
    '(?:nice and |as )?(?:slow|gentle)(?:ly)?',
    'as (?:far|high|low|big|much) as (?:you can|is comfortable|comfortable)',
    '(?:if|as|when) (?:needed|able|you can|possible|required)',
    '(?:one|leg|arm|knee|foot) at a time',
    '(?:in )?total',
    'at (?:the |your )?desk',
    '(?:pause |hold )?at (?:the )?(?:top|bottom|end)',
    `(?<=\\bsit to stand )from ${YOUR}(?:low |high |higher |raised |firm )*(?:chair|seat)`,
  ]
    .map((kept) => `\\b${kept}\\b`)
    .join('|'),
  'gu',
);

/** What it is compared with. */
const LIKE = /(?<=\S+ \S+ )\b(?:like|as if|as though) .*$/u;

/** Knees that are bent tell one calf from the other. */
const TELLS = /\bcalf|\bcalves|\bsoleus|\bfold|\bhips high\b/u;

/** A sentence without what only sets people up: places in the words of names, what is kept dropped. */
export function withoutSetUp(words: string): string {
  const placed = PLACED.reduce(
    (text, [said, place]) => text.replace(said, ` ${place} `).replace(/\s+/gu, ' ').trim(),
    words,
  ).replace(LIKE, '');
  const bare = TELLS.test(placed) ? placed : placed.replace(KEPT, ' ').replace(/\s+/gu, ' ').trim();
  return bare === '' ? words : bare;
}

import type { Side } from '@/core/body';

/** What a plain line says of an amount; nothing that it does not say. */
export interface SaidDose {
  readonly seconds?: number;
  readonly reps?: number;
  readonly breaths?: number;
  readonly sets?: number;
  /** A number without a word: of what the move is counted in. */
  readonly bare?: number;
  readonly each?: true;
  /** So many one way and so many the other, and no side of a body. */
  readonly eachWay?: true;
  readonly only?: Side;
  readonly held?: true;
}

export interface SaidLine {
  readonly dose: SaidDose;
  /** What is left of the line: the words that name the move. */
  readonly words: string;
  /** The same, parted where the line has a comma or the like. */
  readonly clauses: readonly string[];
}

const NUMBERS: Readonly<Record<string, string>> = {
  one: '1',
  two: '2',
  three: '3',
  four: '4',
  five: '5',
  six: '6',
  seven: '7',
  eight: '8',
  nine: '9',
  ten: '10',
  eleven: '11',
  twelve: '12',
  fifteen: '15',
  sixteen: '16',
  twenty: '20',
  thirty: '30',
  forty: '40',
  'forty-five': '45',
  sixty: '60',
  ninety: '90',
};
const NUMBER = Object.keys(NUMBERS)
  .sort((a, b) => b.length - a.length)
  .join('|');

/** Numbers that are a part of a name, and stay: one leg, figure four, the eight that is walked. */
const NAMED =
  /\b(?:one|two|four)[ -](?:legs?|legged|hands?|knees?|arms?|foot|feet|sides?)\b|\bboth[ -](?:knees|arms|hands|feet)\b|\bboth[ -]legs (?=reach|strap)|\bfigure[ -](?:four|4|eight|8)\b|\bfigures? of (?:eight|8)\b|\ball[ -](?:fours|4'?s)(?! ?x)\b|\b90[/ -]?90\b|\bninety[ -]?ninety\b|\bin four (?:equal )?parts\b|\b(?:two|three|four)[ -]part\b|\blook left (?:and|&|\/) right\b|\bhover (?:and|&) hold\b|\bto the (?:right and left|left and right)\b/gu;

/** Bullets, numbering and a time in front, which say nothing of the move. */
const FRONT = /^\s*(?:[-*•·–>]+|\(?\d{1,2}[.)](?!\d))\s*/u;

const COUNTED = '(?:reps?|repetitions?|times|steps|counts?)';

const LIMB = '(?:side|leg|foot|feet|arm|hand|way|direction|hip|knee|ankle|shoulder|wrist)s?';

/** Stands for a name while numbers are looked for. */
const markOf = (at: number) => `qq${'q'.repeat(at)}zq`;

/** What is written short, and is no amount. */
const FORWARD = '(?:fwd|forward|forwards)';
const BACK = '(?:bwd|backward|backwards|back)';
const SHORT: readonly (readonly [RegExp, string])[] = [
  [
    new RegExp(
      `\\b(\\d+) ?(?:${FORWARD}\\b[ ,&+/]*(?:and )?\\1 ?${BACK}|${BACK}\\b[ ,&+/]*(?:and )?\\1 ?${FORWARD})\\b`,
      'gu',
    ),
    '$1 each way',
  ],
  [
    new RegExp(
      `\\b(?:${FORWARD} x ?(\\d+)[ ,&+/]*(?:and )?${BACK} x ?\\1|${BACK} x ?(\\d+)[ ,&+/]*(?:and )?${FORWARD} x ?\\2)\\b`,
      'gu',
    ),
    '$1$2 each way',
  ],
  [
    /\b(\d+) ?(?:clockwise|cw)\b[ ,&+/]*(?:and )?\1 ?(?:anti-?clockwise|counter-?clockwise|acw|ccw)\b/gu,
    '$1 each way',
  ],
  [/\bin (?:for )?\d+,? ?(?:and )?out (?:for )?\d+\b/gu, 'paced'],
  [/\bl(?:eft)? (?:to|2) r(?:ight)?\b|\br(?:ight)? (?:to|2) l(?:eft)?\b/gu, 'side to side'],
  [/\ball 4'?s\b/gu, 'all fours'],
  [/\bfwds?\b/gu, 'forward'],
  [/\b(?:bwds?|bkwds?)\b/gu, 'backward'],
  [/\bext\b/gu, 'extension'],
  [/\bflex\b/gu, 'flexion'],
  [/\brot\b/gu, 'rotation'],
  [/\babd\b/gu, 'abduction'],
  [/\balt\b/gu, 'alternate'],
  [/\bhip add\b/gu, 'hip adduction'],
  [/\bdf ?\/ ?pf\b|\bpf ?\/ ?df\b/gu, 'dorsiflexion plantarflexion'],
  [/\binv ?\/ ?ev\b/gu, 'inversion eversion'],
  [/\bdf\b/gu, 'dorsiflexion'],
  [/\bpf\b/gu, 'plantarflexion'],
  [/\ber\b/gu, 'external rotation'],
  [/\bec\b/gu, 'eyes closed'],
  [/\beo\b/gu, 'eyes open'],
  [/\bs\/l\b/gu, 'side lying'],
  [/\bw\/ ?o\b/gu, 'without '],
  [/\bw\//gu, 'with '],
  [/\bbilat(?:eral)?\b|\bdbl\b/gu, ' '],
  [/\be\. ?s\.(?= |$)/gu, 'each side'],
  [/\bhams\b/gu, 'hamstring'],
  [/\bshldrs?\b/gu, 'shoulder'],
  [/\bone (knee|leg|arm|foot|hand) (?:at a time|(?:and )?then the other)\b/gu, '$1 alternate'],
];

/** When in a class it comes, in front of what it is. */
const WHEN =
  /^\s*(?:warm(?:ing)?[ -]?up|cool(?:ing)?[ -]?down|wind(?:ing)?[ -]?down|(?:start|finish|end)(?: with)?)[:,-]? (?=\S+ \S)/u;

/** The same in the middle of it, or behind. */
const WARMING =
  /(?<=\S )\b(?:warm(?:ing)?[ -]?up\b(?= \S)|(?:to|as (?:a )?) ?(?:warm|cool)[ -]?(?:up|down)\b)/u;

/** One side, and the other after it. */
const IN_TURN =
  /\b(?:right|r)\b(?=.*\bthen (?:the |your )?(?:left|l)\b)|\b(?:left|l)\b(?=.*\bthen (?:the |your )?(?:right|r)\b)/u;

/** The same of one side and of the other. */
const TWICE = [
  /\b(\d+ ?(?:s|secs?|seconds?|x|reps?)?) ?(?:l|left)\b[ ,&+]*(?:and )?\1 ?(?:r|right)\b/u,
  /\b(\d+ ?(?:s|secs?|seconds?|x|reps?)?) ?(?:r|right)\b[ ,&+]*(?:and )?\1 ?(?:l|left)\b/u,
  /\b(?:left|right|l|r)\b( ?[^,;]*?\d[^,;]*?)[,;]? (?:and |then )?(?:left|right|l|r)\b\1/u,
];

const lettersOf = (text: string) =>
  text
    .replace(/[^\p{L}\p{N}' -]+/gu, ' ')
    .replace(/\s+/gu, ' ')
    .trim();

/** So many on one side in front, and as many of the other behind. */
const FRONT_AND_BEHIND =
  /^( *\d+ ?(?:s|secs?|seconds?|x|reps?)?\b)(.*?)\b(?:on |to )?(?:the |your )?(?:left|right)((?: (?:leg|foot|arm|side))?)[ ,;&]+(?:and )?\1 ?(?:on |to )?(?:the |your )?(?:left|right)\b/u;

/** Reads amounts out of a line as people write it, and leaves the rest. */
export function readSaidDose(typed: string): SaidLine {
  const kept: string[] = [];
  let text = ` ${typed.toLowerCase().normalize('NFKC').replace(/[×✕]/gu, 'x').replace(/[’]/gu, "'").replace(/[–—]/gu, '-')} `;
  text = text.replace(FRONT, ' ').replace(WHEN, ' ').replace(WARMING, ' ');
  for (const [short, long] of SHORT) text = text.replace(short, long);
  text = text.replace(NAMED, (name) => ` ${markOf(kept.push(name) - 1)} `);
  text = text
    .replace(/\bhalf a min(?:ute)?\b/gu, '30 s')
    .replace(/\b(?:a|one|1) min(?:ute)? and a half\b|\bone and a half min(?:ute)?s?\b/gu, '90 s')
    .replace(/\ba (?:min|minute)\b/gu, '60 s')
    .replace(/\ba couple of\b/gu, '2')
    .replace(/\btwice\b/gu, 'x2')
    .replace(/\bonce\b/gu, ' ')
    .replace(/\bsts\b/gu, 'sit to stand')
    .replace(new RegExp(`\\b(${NUMBER})\\b`, 'gu'), (word) => NUMBERS[word] ?? word);
  const said: { -readonly [K in keyof SaidDose]: SaidDose[K] } = {};
  const take = (pattern: RegExp, read: (...parts: number[]) => void) => {
    const match = pattern.exec(text);
    if (!match) return;
    read(...match.slice(1).map((part) => Number((part ?? '').replace(',', '.'))));
    text = text.replace(match[0], ' ');
  };
  const when = (pattern: RegExp, is: () => void) => {
    if (!pattern.test(text)) return;
    is();
    text = text.replace(pattern, ' ');
  };
  // "Hold 5" is five seconds, whatever else is counted.
  take(
    /\b(?:hold|held|holding)(?: (?:it|each|for|this|about))* (\d+)\b(?! ?(?:-|to\b|x ?\d+ ?s|x(?! ?\d)|:|breaths?|times|reps?|slow|deep|full|m\b|mins?\b|minutes?))(?: ?(?:seconds?|secs?|s)\b)?/u,
    (s) => Object.assign(said, { seconds: s, held: true }),
  );
  // Sides first: their numbers are none.
  if (/(?:\b(?:each|per|every|either|both)(?: single)? |\/ ?)(?:ways?|directions?)\b/u.test(text))
    said.eachWay = true;
  when(
    /\b(?:left|l)\s*(?:&|\+|\/|,|and|then)\s*(?:right|r)\b|\b(?:right|r)\s*(?:&|\+|\/|,|and|then)\s*(?:left|l)\b/gu,
    () => (said.each = true),
  );
  // "10 s left 10 s right", and "left foot front 15 s, right foot front 15 s".
  for (const twice of TWICE) {
    text = text.replace(twice, (_, amount: string) => {
      said.each = true;
      return ` ${amount} `;
    });
  }
  text = text.replace(FRONT_AND_BEHIND, (_, amount: string, what: string, limb: string) => {
    said.each = true;
    return `${amount} ${what}${limb} `;
  });
  if (IN_TURN.test(text)) {
    said.each = true;
    text = text.replace(IN_TURN, ' ').replace(/\bthen (?:the |your )?(?:left|right|l|r)\b/u, ' ');
  }
  when(
    new RegExp(
      `\\b(?:on )?(?:each|per|every|either)(?: (?:single )?${LIMB})?\\b|\\/ ?${LIMB}\\b|\\b(?:a|p\\.?) ?side\\b|\\bboth (?:sides|ways|directions|legs)\\b|\\be\\/s\\b|\\bea\\b\\.?(?: ${LIMB})?`,
      'gu',
    ),
    () => (said.each = true),
  );
  when(
    /\b(?:then |and )?(?:the )?other (?:side|leg|arm|way)\b|\b(?:swap|switch|change)(?: sides?)?\b|\brepeat\b/gu,
    () => (said.each = true),
  );
  for (const side of ['left', 'right'] as const) {
    when(
      new RegExp(`\\b${side}(?: (?:side|leg|arm|foot))? only\\b|\\bonly (?:the )?${side}\\b`, 'u'),
      () => (said.only = side),
    );
  }
  const S = "(?:seconds?|secs?|s|\"|'')(?![a-z])";
  const M = "(?:minutes?|mins?|m|')(?![a-z'])";
  take(new RegExp(`\\b(\\d+) ?x ?(\\d+) ?${S}`, 'u'), (sets, s) =>
    Object.assign(said, { sets, seconds: s }),
  );
  take(new RegExp(`\\b(\\d+) ?x ?(\\d+) ?${M}`, 'u'), (sets, m = 0) =>
    Object.assign(said, { sets, seconds: m * 60 }),
  );
  take(/\b(\d+) ?x ?(\d+) ?(?:slow |deep )?breaths?\b/u, (sets, breaths) =>
    Object.assign(said, { sets, breaths }),
  );
  // "3 sets of 30 seconds": what follows is the amount of one.
  const ofTime =
    /\b(\d+) ?(?:sets?|rounds?|lots?) (?:of )?(?=\d+ ?(?:s|secs?|seconds?|m|mins?|minutes?|breaths?)\b)/u;
  take(ofTime, (sets) => (said.sets = sets));
  take(
    /\b(\d+) ?(?:sets?|rounds?|lots?) ?(?:of|x|,)? ?(\d+)(?: ?(?:reps?|repetitions|times))?\b/u,
    (sets, reps) => Object.assign(said, { sets, reps }),
  );
  take(/\b(\d+):(\d\d)(?: ?min(?:ute)?s?)?/u, (m = 0, s = 0) => (said.seconds = m * 60 + s));
  take(
    new RegExp(`\\b(\\d+(?:[.,]\\d+)?)(?: ?- ?\\d+)? ?-?${M}`, 'u'),
    (m = 0) => (said.seconds = Math.round(m * 60)),
  );
  take(new RegExp(`\\b(\\d+)(?: ?(?:-|to) ?\\d+)? ?-?${S}`, 'u'), (s) => (said.seconds ??= s));
  take(
    /\b(\d+)(?: ?(?:-|to) ?\d+)? ?(?:slow |deep |full |big |easy |long )*breaths?\b/u,
    (n) => (said.breaths = n),
  );
  take(/\b(\d+) ?(?:sets?|rounds?|lots)\b/u, (n) => (said.sets ??= n));
  take(new RegExp(`\\b(\\d+) ?${COUNTED} ?x ?(\\d+)\\b`, 'u'), (reps, sets) =>
    Object.assign(said, { reps, sets }),
  );
  take(new RegExp(`\\b(\\d+) ?x ?(\\d+)\\b(?: ?${COUNTED}\\b)?`, 'u'), (a = 0, b = 0) =>
    Object.assign(said, { sets: Math.min(a, b), reps: Math.max(a, b) }),
  );
  take(/\bx ?(\d+)\b(?: (?:steps|reps|times)\b)?/u, (n) => {
    if (said.seconds !== undefined || said.breaths !== undefined || said.reps !== undefined)
      said.sets ??= n;
    else said.reps = n;
  });
  take(
    /\b(\d+)(?: ?(?:-|to) ?\d+)? ?(?:reps?|repetitions?|counts?|steps)(?![a-z])/u,
    (n) => (said.reps = n),
  );
  take(/\b(\d+)(?: ?(?:-|to) ?\d+)? ?(?:times|x)(?![a-z])/u, (n) => {
    if (said.seconds !== undefined || said.breaths !== undefined) said.sets ??= n;
    else said.reps = n;
  });
  take(/\b(\d+)(?: ?(?:-|to) ?\d+)?\b/u, (n) => {
    // "5, hold 5 s": so many, each held.
    if (said.seconds !== undefined && (said.held || /\bh[eo]ld/u.test(text))) said.reps ??= n;
    if (said.reps === undefined && said.seconds === undefined && said.breaths === undefined)
      said.bare = n;
  });
  when(
    /\b(?:hold|holding|held)(?: (?:it|for|this))?\b(?! (?:the|on|onto|a|your|to|back of|chair|counter|rail|wall|table|ankle)\b)/u,
    () => (said.held = true),
  );
  const words = kept.reduce((line, name, i) => line.replace(markOf(i), name), text);
  const clauses = words.split(/[,;:()+]|(?<= )-(?= )|\bthen\b/u).map(lettersOf);
  return {
    dose: said,
    words: lettersOf(words),
    clauses: clauses.filter((clause) => clause !== ''),
  };
}

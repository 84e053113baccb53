import type { Side } from '@/core/body';
import { scanAmounts, type Amount, type Fact } from './dose-grammar';
import { inDigits } from './said-numbers';

/** What a plain line says of an amount; nothing that it does not say. */
export interface SaidDose {
  readonly seconds?: number;
  readonly reps?: number;
  readonly breaths?: number;
  readonly sets?: number;
  /** A number without a word: of what the move is counted in. */
  readonly bare?: number;
  /** Up to so much, where the amount is a span. */
  readonly to?: number;
  readonly setsTo?: number;
  readonly each?: true;
  /** So many one way and so many the other, and no side of a body. */
  readonly eachWay?: true;
  /** With each limb, whatever else is said of ways. */
  readonly eachLimb?: true;
  readonly only?: Side;
  readonly held?: true;
  /** Of each rep, beside a length of its own or in breaths. */
  readonly heldS?: number;
  readonly heldBreaths?: number;
  readonly restS?: number;
  readonly tempo?: readonly number[];
  readonly paces?: readonly number[];
  /** What is lifted or pulled, as it was said. */
  readonly load?: string;
  readonly inAll?: true;
  /** Amounts that go nowhere: said twice, or of what no line has. */
  readonly lost?: readonly string[];
}

export interface SaidLine {
  readonly dose: SaidDose;
  /** What is left of the line: the words that name the move. */
  readonly words: string;
  /** The same, parted where the line has a comma or the like. */
  readonly clauses: readonly string[];
}

/** Numbers that are a part of a name, and stay: one leg, figure four, the eight that is walked. */
const NAMED =
  /\b(?:glute|quad|hamstring|thigh)s? sets\b|\bwarrior[ -](?:one|two|three|[123]|i{1,3})\b|\b(?:4|four)[ -]point\b|\bturns? 360\b|\b360(?: degrees?)? turns?\b|\bfigures? of four\b|\b(?:20-20-20|4-4-4-4)\b|\b(?:one|two|four)[ -](?:legs?|legged|hands?|knees?|arms?|foot|feet|sides?)\b|\bboth[ -](?:knees|arms|hands|feet)\b|\bboth[ -]legs (?=reach|strap)|\bfigure[ -](?:four|4|eight|8)\b|\bfigures? of (?:eight|8)\b|\ball[ -](?:fours|4'?s)(?! ?x)\b|\b90[/ -]?90\b|\bninety[ -]?ninety\b|\bin four (?:equal )?parts\b|\b(?:two|three|four)[ -]part\b|\blook left (?:and|&|\/) right\b|\bhover (?:and|&) hold\b|\bto the (?:right and left|left and right)\b/gu;

/** Bullets, numbering and a time in front, which say nothing of the move. */
const FRONT = /^\s*(?:[-*•·–>]+|\(?\d{1,2}[.)](?!\d))\s*/u;

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
    new RegExp(
      `\\b(?:${FORWARD}|${BACK}) (\\d+)(?: times)?[ ,&+/]*(?:and )?(?:${FORWARD}|${BACK}) \\1\\b`,
      'gu',
    ),
    '$1 each way',
  ],
  [
    new RegExp(
      `x ?(\\d+) ?(?:${FORWARD}|${BACK})\\b[ ,&+/]*(?:and )?x ?\\1 ?(?:${FORWARD}|${BACK})\\b`,
      'gu',
    ),
    '$1 each way',
  ],
  [
    /\b(\d+) ?(?:clockwise|cw)\b[ ,&+/]*(?:and )?\1 ?(?:anti-?clockwise|counter-?clockwise|acw|ccw)\b/gu,
    '$1 each way',
  ],
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
  [/\bone (?:at a time|by one|after (?:the other|another))\b/gu, 'alternate'],
  [/\bb ?\/ ?l\b/gu, ' '],
  [/\bno ues?(?: support)?\b/gu, 'no hands'],
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
  /\b(\d+ ?(?:s|secs?|seconds?|mins?|minutes?|x|reps?|breaths?|times)?) ?(?:on (?:the )?)?(?:l|left)\b[ ,&+]*(?:and )?\1 ?(?:on (?:the )?)?(?:r|right)\b/u,
  /\b(\d+ ?(?:s|secs?|seconds?|mins?|minutes?|x|reps?|breaths?|times)?) ?(?:on (?:the )?)?(?:r|right)\b[ ,&+]*(?:and )?\1 ?(?:on (?:the )?)?(?:l|left)\b/u,
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

/** One side that is named beside an amount, with no other after it. */
const LONE_SIDE =
  /(?<!\b(?:to|and|or|look|turn|lean|bend|step|from) (?:the |your )?)(?:\b(?:on )?(?:the |your )?(left|right|l|r) (?:side|leg|foot|arm|hand|hip|knee|ankle|shoulder|wrist)\b|(?<=\d ?(?:s|secs?|seconds?|x|reps?|mins?)? )(?:on )?(?:the )?(left|right|l|r)(?= *[,;)]?$| *$))/u;

/** Behind a comma or an amount, and at the end. */
const BOTH_BEHIND = /(?<=[,(;] ?|\d ?)both (?:feet|ankles|hands|wrists|arms|legs|knees)\)? *$/u;

const EACH_LIMB =
  /(?:\b(?:each|per|every|either|both)(?: single)? |\/ ?)(?:sides?|legs?|foot|feet|arms?|hands?|hips?|knees?|ankles?|shoulders?|wrists?)\b/u;

/** Nobody does more sets of a thing. */
const MOST_SETS = 6;

type Putting = { -readonly [K in keyof SaidDose]: SaidDose[K] };

/** What facts say together. What is said twice, or has no place beside the others, is lost and told. */
function doseOf(facts: readonly Fact[]): SaidDose {
  const dose: Putting = {};
  const lost: string[] = [];
  const put = (key: 'seconds' | 'reps' | 'breaths' | 'sets' | 'bare', { n, to }: Amount) => {
    if (dose[key] !== undefined) return void lost.push(`${n}`);
    dose[key] = n;
    if (to === undefined) return undefined;
    if (key === 'sets') dose.setsTo = to;
    else dose.to = to;
    return undefined;
  };
  const again: Amount[] = [];
  const held: Extract<Fact, { is: 'held' }>[] = [];
  for (const fact of facts) {
    if (fact.is === 'again') again.push(fact.much);
    else if (fact.is === 'held') held.push(fact);
    else if (fact.is === 'rest') {
      if (dose.restS !== undefined || fact.much.to !== undefined) lost.push('rest');
      dose.restS ??= fact.much.n;
    } else if (fact.is === 'tempo' || fact.is === 'paces') {
      if (dose[fact.is]) lost.push(fact.is);
      dose[fact.is] = fact.parts;
    } else if (fact.is === 'load')
      dose.load = dose.load === undefined ? fact.said : `${dose.load}, ${fact.said}`;
    else if (fact.is === 'in-all') dose.inAll = true;
    else if (fact.is === 'other') lost.push(fact.said);
    else put(fact.is, fact.much);
  }
  // "5, hold 5 s": so many, each held; "10 s x3": so many times of what else is said.
  const [hold] = held;
  if (held.length > 1) lost.push('held');
  const hasOwn = dose.reps !== undefined || dose.breaths !== undefined;
  for (const much of again) {
    const isMore =
      hasOwn || dose.reps !== undefined || dose.seconds !== undefined || dose.bare !== undefined;
    // "With a 5 s hold x10, 2 sets": the sets are said.
    const isCounted = hold !== undefined && dose.sets !== undefined && !isMore;
    const sets = !isCounted && (isMore || (hold !== undefined && dose.reps === undefined));
    // So many in all beside so many on a side are no sets of it.
    if (sets && (dose.bare !== undefined || dose.reps !== undefined) && much.n > MOST_SETS)
      lost.push(`x ${much.n}`);
    else put(sets ? 'sets' : 'reps', much);
  }
  if (hold) {
    const { unit, much } = hold;
    if (dose.reps === undefined && dose.bare !== undefined) {
      dose.reps = dose.bare;
      delete dose.bare;
    }
    const isWhole = dose.seconds === undefined && dose.breaths === undefined;
    dose.held = true;
    if (unit === 'breaths' && dose.reps === undefined && isWhole) put('breaths', much);
    else if (unit === 'breaths') dose.heldBreaths = much.n;
    else if (isWhole) put('seconds', much);
    else if (dose.reps !== undefined) lost.push(`${much.n} s`);
    else dose.heldS = much.n;
    if (much.to !== undefined && (dose.reps !== undefined || !isWhole)) lost.push(`${much.to}`);
  }
  // Where another amount is said, a number without a word is of nothing.
  const others = [dose.seconds, dose.reps, dose.breaths];
  if (dose.bare !== undefined && others.some((one) => one !== undefined)) {
    lost.push(`${dose.bare}`);
    delete dose.bare;
  }
  return { ...dose, ...(lost.length > 0 && { lost }) };
}

/** Reads amounts out of a line as people write it, and leaves the rest. */
export function readSaidDose(typed: string): SaidLine {
  const kept: string[] = [];
  let text = ` ${typed
    .toLowerCase()
    .replace(/(\d?) ?½/gu, '$1.5')
    .normalize('NFKC')
    .replace(/[×✕]/gu, 'x')
    .replace(/[’]/gu, "'")
    .replace(/[–—]/gu, '-')} `;
  text = text.replace(FRONT, ' ').replace(WHEN, ' ').replace(WARMING, ' ');
  for (const [short, long] of SHORT) text = text.replace(short, long);
  // "Both feet" behind an amount is each of them; before it, both at once.
  text = text.replace(BOTH_BEHIND, ' each foot ');
  text = text.replace(NAMED, (name) => ` ${markOf(kept.push(name) - 1)} `);
  text = inDigits(text.replace(/\bsts\b|\bsit 2 stand\b/gu, 'sit to stand'));
  const said: { -readonly [K in keyof SaidDose]: SaidDose[K] } = {};
  const when = (pattern: RegExp, is: () => void) => {
    if (!pattern.test(text)) return;
    is();
    text = text.replace(pattern, ' ');
  };
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
      // So many to the left and as many to the right are twice as many of what has no sides.
      said.eachWay = true;
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
  if (EACH_LIMB.test(text) || /\beach way,? each\b/u.test(text)) said.eachLimb = true;
  when(
    new RegExp(
      `\\b(?:on )?(?:each|per|every|either)(?: (?:single )?${LIMB})?\\b|\\/ ?${LIMB}\\b|\\b(?:a|p\\.?) ?side\\b|\\bboth (?:sides|ways|directions|legs)\\b|\\be\\/s\\b|\\bea\\b\\.?(?: ${LIMB})?`,
      'gu',
    ),
    () => (said.each = true),
  );
  when(
    /\b(?:then |and )?(?:the )?other (?:side|leg|arm|way)\b|\b(?:and )?then (?:on )?the other(?: one)?(?= *[.,;]?$| *$)|\b(?:swap|switch|change)(?: sides?)?\b|\brepeat\b(?! (?:x|this|it|all|for)? ?\d)/gu,
    () => (said.each = true),
  );
  for (const side of ['left', 'right'] as const) {
    when(
      new RegExp(
        `\\b(?:${side}|${side.charAt(0)})(?: (?:side|leg|arm|foot))? only\\b|\\bonly (?:the )?${side}\\b`,
        'u',
      ),
      () => (said.only = side),
    );
  }
  if (!said.each && !said.only) {
    const lone = LONE_SIDE.exec(text);
    if (lone) {
      said.only = (lone[1] ?? lone[2] ?? '').startsWith('l') ? 'left' : 'right';
      text = text.replace(lone[0], ' ');
    }
  }
  const { facts, rest } = scanAmounts(text);
  text = rest;
  Object.assign(said, doseOf(facts));
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

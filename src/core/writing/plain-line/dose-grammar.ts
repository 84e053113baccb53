/** So much, or from so much to so much. */
export interface Amount {
  readonly n: number;
  readonly to?: number;
}

/** One thing that a line says of an amount. */
export type Fact =
  | {
      readonly is: 'reps' | 'breaths' | 'seconds' | 'sets' | 'bare' | 'again';
      readonly much: Amount;
    }
  | { readonly is: 'held'; readonly unit: 'seconds' | 'breaths'; readonly much: Amount }
  | { readonly is: 'rest'; readonly much: Amount }
  /** Out, pause, back and wait, in seconds. */
  | { readonly is: 'tempo'; readonly parts: readonly number[] }
  /** In, hold, out and hold, in seconds. */
  | { readonly is: 'paces'; readonly parts: readonly number[] }
  | { readonly is: 'load'; readonly said: string }
  | { readonly is: 'in-all' }
  /** A number of something that no line of a routine has. */
  | { readonly is: 'other'; readonly said: string };

export interface Scanned {
  readonly facts: readonly Fact[];
  /** What no fact was made of. */
  readonly rest: string;
}

const N = String.raw`(\d+(?:[.,]\d+)?)`;
const SPAN = String.raw`${N}(?:(?:-| to | or )${N})?`;
const SECONDS = String.raw`(?:seconds?|secs?|s|"|'')(?![a-z])`;
const MINUTES = String.raw`(?:minutes?|mins?|m|')(?![a-z'])`;
const SETS = '(?:sets?|rounds?|lots?|circuits?)';
const REPS = '(?:reps?|repetitions?|times|steps|counts?)(?![a-z])';
const BREATHS = '(?:slow |deep |full |big |easy |long )*breaths?(?![a-z])';
const TIMES = '(?:times|x)(?![a-z\\d])';

const numberOf = (text: string | undefined) => Number((text ?? '').replace(',', '.'));

function amountOf(low: string | undefined, high: string | undefined, unit = 1): Amount {
  const n = Math.round(numberOf(low) * unit * 10) / 10;
  if (high === undefined) return { n };
  const to = Math.round(numberOf(high) * unit * 10) / 10;
  return { n, to };
}

/** What stands before the place that is read: a number means another thing behind a name than behind a number. */
type Before = 'start' | 'word' | 'fact' | 'mark';

class Scanner {
  at = 0;
  before: Before = 'start';
  /** Whether an amount is behind: a rest that is named after it is no part of a name. */
  hasAmount = false;

  constructor(readonly text: string) {}

  /** What stands here, which is then behind. */
  eat(pattern: RegExp): RegExpExecArray | undefined {
    pattern.lastIndex = this.at;
    const match = pattern.exec(this.text);
    if (!match) return undefined;
    this.at += match[0].length;
    return match;
  }

  /** One way of reading, or back to where it began. */
  one<T>(read: () => T | undefined): T | undefined {
    const from = this.at;
    const found = read();
    if (found === undefined) this.at = from;
    return found;
  }
}

const here = (source: string) => new RegExp(source, 'uy');

const CLOCK = here(String.raw`(\d+):([0-5]\d)(?!\d)(?: ?(?:min(?:ute)?s?|m)(?![a-z]))?`);
const SPAN_MINUTES = here(`${SPAN} ?-? ?${MINUTES}`);
const AND_SECONDS = here(
  String.raw` ?(?:and |, ?)?([1-5]?\d) ?(?:seconds?|secs?|s|"|'')(?![a-z])(?! ?-? ?(?:of )?(?:rest|break|recover|off|between))`,
);
const SPAN_SECONDS = here(`${SPAN} ?-? ?${SECONDS}`);

function time(scan: Scanner): Amount | undefined {
  const clock = scan.eat(CLOCK);
  if (clock) return { n: numberOf(clock[1]) * 60 + numberOf(clock[2]) };
  const minutes = scan.eat(SPAN_MINUTES);
  if (minutes) {
    const much = amountOf(minutes[1], minutes[2], 60);
    const seconds = much.to === undefined ? scan.eat(AND_SECONDS) : undefined;
    return seconds ? { n: much.n + numberOf(seconds[1]) } : much;
  }
  const seconds = scan.eat(SPAN_SECONDS);
  return seconds && amountOf(seconds[1], seconds[2]);
}

type Production = (scan: Scanner) => readonly Fact[] | undefined;

const BETWEEN = here(
  ` ?(?:in )?(?:between|btw|after)(?: (?:each |every |the )*(?:${SETS}|sides?|legs?|one|(reps?))?)?(?![a-z])`,
);
const REST_WORD = here(
  String.raw`(?:(?:and|then|with|w\/|\+) ?)*(?:an? )?(?:rest|break|recover(?:y)?)(?:s|ing|ed)?(?![a-z])(?: (?:time|period|of|for|about|in|between|after|each|every|${SETS}))*:? ?`,
);
const TIME_OF_REST = here(
  ` ?-? ?(?:of )?(?:rest|break|recovery|recover|off|resting)(?![a-z])(?! ?:? ?(?:for |of )?\\d)`,
);
const BARE = here(`${N}(?![\\d:])`);

/** The rest is between reps, where no line has one. */
function between(scan: Scanner, much: Amount): readonly Fact[] {
  const among = scan.eat(BETWEEN);
  return among?.[1] ? [{ is: 'other', said: 'between reps' }] : [{ is: 'rest', much }];
}

const rest: Production = (scan) =>
  scan.one(() => {
    const joined = /^(?:and|then|with|w\/|\+)/u.test(scan.text.slice(scan.at, scan.at + 5));
    if (scan.before !== 'word' || joined || scan.hasAmount) {
      const from = scan.at;
      if (scan.eat(REST_WORD)) {
        const much = time(scan) ?? plainNumber(scan);
        if (much) return between(scan, much);
        scan.at = from;
      }
    }
    scan.eat(WITH);
    const much = time(scan);
    if (!much) return undefined;
    if (scan.eat(TIME_OF_REST)) return between(scan, much);
    return scan.eat(BETWEEN) && [{ is: 'rest', much }];
  });
const WITH = here(String.raw`(?:with|w\/|and|\+) ?(?:an? )?`);

function plainNumber(scan: Scanner): Amount | undefined {
  const bare = scan.eat(BARE);
  return bare && amountOf(bare[1], undefined);
}

const PARTS = here(
  String.raw`(?:(?:at )?(?:a )?(?:tempo|pace|@) ?(?:of )?)?(\d{1,2})( ?- ?|\/)(\d{1,2})\2(\d{1,2})(?:\2(\d{1,2}))?(?![\d\/-])`,
);
const WAY = '(?:up|down|out|back|lower(?:ing)?|lift(?:ing)?|rais(?:e|ing)|ris(?:e|ing)|return)';
const UNIT = `(?: ?(?:${SECONDS}|counts?))?`;
const NUMBER_WAY = here(
  `(\\d{1,2})${UNIT} (${WAY})(?![a-z])[ ,;/&]*(?:and )?(?:(?:hold|pause)(?: for)? (\\d{1,2})${UNIT}[ ,;/&]*)?(\\d{1,2})${UNIT} (${WAY})(?![a-z])`,
);
const WAY_NUMBER = here(
  `(${WAY})(?: (?:for|over|in))? (\\d{1,2})${UNIT}[ ,;/&]*(?:and )?(?:(?:hold|pause)(?: for)? (\\d{1,2})${UNIT}[ ,;/&]*)?(${WAY})(?: (?:for|over|in))? (\\d{1,2})${UNIT}(?![a-z\\d])`,
);
/** One way of it alone, in a trainer's words as well. */
const HALF_WAY = `(?:${WAY}|ecc(?:entrics?|entrically)?|concentrics?|negatives?)`;
const HALF = here(
  `(?:(?:slow(?:ly)? )?(\\d{1,2}) ?-?(?:${SECONDS}|counts?) (?:slow(?:ly)? )?${HALF_WAY}(?![a-z])|${HALF_WAY}(?: slowly)? (?:for|over|in) (?:a count of )?(\\d{1,2})${UNIT}(?![a-z\\d]))`,
);

const tempo: Production = (scan) =>
  scan.one(() => {
    const parts = scan.eat(PARTS);
    if (parts) {
      const [, out, , pause, back, wait] = parts;
      return [{ is: 'tempo', parts: [out, pause, back, wait].flatMap(given) }];
    }
    const told = scan.eat(NUMBER_WAY);
    if (told) return told[2] === told[5] ? undefined : ways(told[1], told[3], told[4]);
    // Behind a word, as in a roll down, it is a part of the name.
    const first = scan.before === 'word' ? undefined : scan.eat(WAY_NUMBER);
    if (first) return first[1] === first[4] ? undefined : ways(first[2], first[3], first[5]);
    const half = scan.eat(HALF);
    // How long the other half takes is not said.
    return half && [{ is: 'other', said: half[0].trim() }];
  });
const given = (part: string | undefined) => (part === undefined ? [] : [numberOf(part)]);
/** A way takes a few seconds; more of them are a count. */
const MOST_WAY_S = 8;

function ways(out?: string, pause = '0', back?: string): readonly Fact[] | undefined {
  const parts = [out, pause, back].map(numberOf);
  return parts.some((s) => s > MOST_WAY_S) ? undefined : [{ is: 'tempo', parts }];
}

const IN = '(?:in|inhale)';
const OUT = '(?:(?:breathe )?out|exhale)';
const WAIT = `(?:[ ,;/]*(?:hold|pause)(?: for)? (\\d{1,2})${UNIT})?`;
const IN_OUT = here(
  `${IN}(?: for)?(?: a count of)? (\\d{1,2})${UNIT}${WAIT}[ ,;/&-]*(?:and )?${OUT}(?: for)?(?: a count of)? (\\d{1,2})${UNIT}${WAIT}(?![a-z\\d])`,
);
const FOUR = here(
  String.raw`(\d{1,2}) ?${UNIT} in[ ,;/&-]*(?:and )?(\d{1,2}) ?${UNIT} out(?![a-z])`,
);

const paces: Production = (scan) => {
  const said = scan.eat(IN_OUT);
  if (said) {
    const [, inS, full, outS, empty] = said;
    const waits = full !== undefined || empty !== undefined;
    const parts = waits ? [inS, full ?? '0', outS, ...(empty ? [empty] : [])] : [inS, outS];
    return [{ is: 'paces', parts: parts.flatMap(given) }];
  }
  const four = scan.eat(FOUR);
  return four && [{ is: 'paces', parts: four.slice(1).flatMap(given) }];
};

const FILL =
  '(?: (?:it|them|each|every|one|this|that|the|there|here|up|down|still|position|stretch|pose|for|about|around|a|slow|count|counts|of|at|top|bottom|end|rep|squeeze))*';
const HOLD = here(`(?:and |then |with an? |& )?(?:hold(?:ing|s)?|held)(?![a-z])${FILL}:? ?`);
const STAY = here(
  `(?:and |then |with an? |& )?(?:paus(?:es?|ing)|squeez(?:es?|ing)|keep(?:ing)?|stay(?:ing)?)(?![a-z])${FILL}:? ?`,
);
const HOLD_BREATHS = here(`${SPAN} ?${BREATHS}`);
const NO_HOLD = `(?! ?(?:x ?\\d+ ?s|x(?! ?\\d)|${SETS}|times|reps?|m\\b|mins?\\b|minutes?|:|/|-? ?\\d|to \\d|legs?\\b))`;
const HOLD_BARE = here(`${N}(?![\\d.,:]*\\d)${NO_HOLD}(?: ?counts?)?`);
const AT_TOP = here(` ?(?:counts? )?at (?:the )?(?:top|bottom|end)(?: of each(?: rep)?)?(?![a-z])`);
const TIME_HELD = here(
  ` ?-?(?:each |isometric )?(?:holds?|held|squeezes?|pauses?)(?![a-z])(?: each)?`,
);
const COUNT_HELD = here(`${SPAN} ?-? ?counts? (?:holds?|squeezes?|pauses?)(?![a-z])(?: each)?`);
const COUNT_OF = here(
  String.raw`(?:for |to |and )?(?:an? )?(?:slow(?:ly)? )?count(?:ing)? (?:of|to) (\d+)`,
);

const held: Production = (scan) =>
  scan.one(() => {
    const told = scan.eat(HOLD);
    const stays = !told && scan.before !== 'word' && scan.before !== 'start' && scan.eat(STAY);
    if (told || stays) {
      const much = amountHeld(scan, Boolean(told) || scan.before === 'mark');
      if (much) scan.eat(AT_TOP);
      return much && [much];
    }
    const counted = scan.eat(COUNT_HELD);
    if (counted) return [{ is: 'held', unit: 'seconds', much: amountOf(counted[1], counted[2]) }];
    const count = scan.eat(COUNT_OF);
    if (count) return [{ is: 'other', said: count[0].trim() }];
    const much = time(scan);
    if (!much || !scan.eat(TIME_HELD)) return undefined;
    scan.eat(AT_TOP);
    return [{ is: 'held', unit: 'seconds', much }];
  });

function amountHeld(scan: Scanner, mayBeBare: boolean): Fact | undefined {
  const breaths = scan.eat(HOLD_BREATHS);
  if (breaths) return { is: 'held', unit: 'breaths', much: amountOf(breaths[1], breaths[2]) };
  const much = time(scan);
  if (much) return { is: 'held', unit: 'seconds', much };
  const bare = mayBeBare ? scan.eat(HOLD_BARE) : undefined;
  return bare && { is: 'held', unit: 'seconds', much: amountOf(bare[1], undefined) };
}

const REPS_SETS = here(String.raw`(\d+) ?r(?:eps?)? ?x ?(\d+) ?s(?:ets?)?(?![a-z])`);
const SETS_OF = here(`${SPAN} ?${SETS}(?![a-z]) ?(?:of|x|,|:|at)? ?`);
const LABELLED = here(`(sets?|reps?) ?[:=]? ?${SPAN}(?! ?x)(?! ?${SECONDS})`);
const TIMES_SIGN = here(' ?x ?');
const SPAN_HERE = here(`${SPAN}(?![\\d:])`);
const REPS_HERE = here(` ?-? ?${REPS}`);
const BREATHS_HERE = here(` ?${BREATHS}`);
const SETS_HERE = here(` ?${SETS}(?![a-z])`);
const TIMES_HERE = here(` ?${TIMES}`);
const SLASH = here(String.raw`([1-5])\/(\d{1,2})(?![\d\/])`);

function spanHere(scan: Scanner): Amount | undefined {
  const span = scan.eat(SPAN_HERE);
  return span && amountOf(span[1], span[2]);
}

/** More sets than these are none: the smaller of two numbers is the sets only where it is few. */
const MOST_SETS = 5;

function product(a: Amount, b: Amount): readonly Fact[] {
  const [sets, reps] = a.n <= b.n ? [a, b] : [b, a];
  if (sets.n > MOST_SETS) return [{ is: 'other', said: `${a.n} x ${b.n}` }];
  return [
    { is: 'sets', much: sets },
    { is: 'reps', much: reps },
  ];
}

const products: Production = (scan) =>
  scan.one(() => {
    const short = scan.eat(REPS_SETS);
    if (short) {
      return [
        { is: 'reps', much: amountOf(short[1], undefined) },
        { is: 'sets', much: amountOf(short[2], undefined) },
      ];
    }
    const slash = scan.eat(SLASH);
    if (slash && numberOf(slash[2]) > MOST_SETS) {
      return [
        { is: 'sets', much: amountOf(slash[1], undefined) },
        { is: 'reps', much: amountOf(slash[2], undefined) },
      ];
    }
    if (slash) return undefined;
    const label = scan.eat(LABELLED);
    if (label) {
      const is = label[1]?.startsWith('set') ? 'sets' : 'reps';
      return [{ is, much: amountOf(label[2], label[3]) }];
    }
    return scan.one(() => setsOf(scan)) ?? scan.one(() => by(scan));
  });

/** "3 sets of 10", "2 rounds of 30 s". */
function setsOf(scan: Scanner): readonly Fact[] | undefined {
  const sets = scan.eat(SETS_OF);
  if (!sets) return undefined;
  const first: Fact = { is: 'sets', much: amountOf(sets[1], sets[2]) };
  const of = scan.one(() => measured(scan));
  return of ? [first, ...of] : [first];
}

/** An amount with its unit, or a number of reps. */
function measured(scan: Scanner): readonly Fact[] | undefined {
  const much = time(scan);
  if (much) {
    const isRest = scan.one(() => scan.eat(TIME_OF_REST) ?? scan.eat(BETWEEN));
    if (isRest) return undefined;
    return scan.eat(TIME_HELD)
      ? [{ is: 'held', unit: 'seconds', much }]
      : [{ is: 'seconds', much }];
  }
  const span = spanHere(scan);
  if (!span) return undefined;
  if (scan.eat(BREATHS_HERE)) return [{ is: 'breaths', much: span }];
  scan.eat(REPS_HERE);
  return [{ is: 'reps', much: span }];
}

/** "3 x 10", "30 s x 2", "10 x 3 sets", "5 breaths x 3". */
function by(scan: Scanner): readonly Fact[] | undefined {
  const timed = time(scan);
  if (timed) {
    const isHeld = Boolean(scan.eat(TIME_HELD));
    if (!scan.eat(TIMES_SIGN)) return undefined;
    const sets = spanHere(scan);
    if (!sets) return undefined;
    if (!scan.eat(SETS_HERE)) scan.eat(TIMES_HERE);
    const amount: Fact = isHeld
      ? { is: 'held', unit: 'seconds', much: timed }
      : { is: 'seconds', much: timed };
    return [amount, { is: 'again', much: sets }];
  }
  const first = spanHere(scan);
  if (!first) return undefined;
  const breaths = scan.eat(BREATHS_HERE);
  const reps = !breaths && scan.eat(REPS_HERE);
  if (!scan.eat(TIMES_SIGN)) return undefined;
  const second = scan.one(() => measured(scan));
  if (!second) return undefined;
  const [other] = second;
  if (!other || !('much' in other)) return undefined;
  const { much } = other;
  if (breaths || reps) {
    if (other.is !== 'reps') return undefined;
    scan.eat(SETS_HERE);
    return [
      { is: breaths ? 'breaths' : 'reps', much: first },
      { is: 'sets', much },
    ];
  }
  if (other.is === 'reps') {
    if (scan.eat(SETS_HERE)) {
      return [
        { is: 'reps', much: first },
        { is: 'sets', much },
      ];
    }
    return product(first, much);
  }
  return [{ is: 'sets', much: first }, other];
}

const WEIGHT = here(
  String.raw`(?:with |w\/ ?)?(?:an? |light )?(\d+(?:[.,]\d+)?(?: ?(?:-|to) ?\d+(?:[.,]\d+)?)?) ?(kgs?|kilos?|lbs?|pounds?|oz|grams?|g|litres?|ml)(?![a-z])(?: (?:each|weights?|dumb-?bells?|hand weights?|bottles?)(?![a-z]))?`,
);
const BAND = here(
  '(red|yellow|green|blue|black|light|heavy|medium|tan|grey|gray|orange|purple|pink) (?=(?:thera)?-?bands?(?![a-z]))',
);
const OTHER = here(
  String.raw`${SPAN} ?(?:lengths?|laps?|widths?|circuits? of|met(?:re|er)s?|yards?|feet|ft|degrees?|°|cm|inch(?:es)?|%|percent|times (?:up|along|across)|cycles?|songs?|verses?|tracks?|people|persons?|chairs?)(?![a-z])`,
);
const IN_ALL = here('(?:in (?:all|total)|altogether|total(?:ly)?)(?![a-z])');
const ON = here(' ?on(?= ?(?:/|,|and|\\d|$))');

const loads: Production = (scan) => {
  const weight = scan.eat(WEIGHT);
  if (weight) return [{ is: 'load', said: `${weight[1]} ${weight[2]}` }];
  const band = scan.eat(BAND);
  if (band) return [{ is: 'load', said: `${band[1]} band` }];
  const other = scan.eat(OTHER);
  return other && [{ is: 'other', said: other[0] }];
};

const REPEAT = here(
  `(?:(?:and |then )?(?:repeat(?:ed)?|do (?:it|this)|for)(?: (?:this|it|all|for))*[: ]*)?(?:x ?${SPAN}|${SPAN} ?${TIMES})(?: ?(?:${REPS}|${SETS}))?(?![a-z\\d])`,
);

const TIMES_BREATHS = here(`x ?${SPAN} ?${BREATHS}`);

const singles: Production = (scan) =>
  scan.one(() => {
    if (scan.eat(IN_ALL)) return [{ is: 'in-all' }];
    const timed = time(scan);
    if (timed) {
      scan.eat(ON);
      return [{ is: 'seconds', much: timed }];
    }
    const breaths = scan.eat(TIMES_BREATHS);
    if (breaths) return [{ is: 'breaths', much: amountOf(breaths[1], breaths[2]) }];
    const again = scan.eat(REPEAT);
    if (again) {
      const [said, xLow, xHigh, low, high] = again;
      const much = amountOf(xLow ?? low, xLow === undefined ? high : xHigh);
      return [{ is: new RegExp(`${SETS}$`, 'u').test(said) ? 'sets' : 'again', much }];
    }
    const much = spanHere(scan);
    if (!much) return undefined;
    if (scan.eat(BREATHS_HERE)) return [{ is: 'breaths', much }];
    if (scan.eat(SETS_HERE)) return [{ is: 'sets', much }];
    if (scan.eat(REPS_HERE)) return [{ is: 'reps', much }];
    return LETTER.test(scan.text[scan.at] ?? '') ? undefined : [{ is: 'bare', much }];
  });

const LETTER = /[a-z]/u;

const PRODUCTIONS: readonly Production[] = [rest, paces, tempo, loads, held, products, singles];

const WORD = here(String.raw`[\p{L}\p{N}][\p{L}\p{N}']*`);

/** A dash with blanks around it is of a span, as 8 - 10, or parts two amounts, as 2 x 9 - 60 s. */
function partedAtDashes(text: string): string {
  return text.replace(
    /(x ?)?(?<![\d-] ?)(\d+) - (\d+)(?! ?- ?\d)/gu,
    (said, times: string | undefined, low: string, high: string) => {
      const isSpan =
        times === undefined && Number(high) > Number(low) && Number(high) <= 2 * Number(low);
      return isSpan ? `${low}-${high}` : `${times ?? ''}${low} ; ${high}`;
    },
  );
}

/**
 * Parses all amounts of a line: what it is counted in, how long, how often, what is held, rested, lifted.
 * @param text in small letters, with numbers as digits and plain signs
 */
export function scanAmounts(text: string): Scanned {
  const scan = new Scanner(partedAtDashes(text.replace(/\s+/gu, ' ')));
  const facts: Fact[] = [];
  let left = '';
  while (scan.at < scan.text.length) {
    const found = PRODUCTIONS.reduce<readonly Fact[] | undefined>(
      (all, production) => all ?? production(scan),
      undefined,
    );
    if (found) {
      facts.push(...found);
      scan.before = 'fact';
      scan.hasAmount ||= found.some(({ is }) => is !== 'load' && is !== 'rest');
      left += ' ';
      continue;
    }
    const word = scan.eat(WORD);
    if (word) {
      // A number that nothing was made of is not passed over.
      if (/\d/u.test(word[0])) facts.push({ is: 'other', said: word[0] });
      left += word[0];
      scan.before = 'word';
      continue;
    }
    const mark = scan.text[scan.at] ?? '';
    left += mark;
    if (mark !== ' ') scan.before = 'mark';
    scan.at += 1;
  }
  return { facts, rest: left };
}

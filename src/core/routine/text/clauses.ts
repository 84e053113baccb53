import {
  LOADS,
  POSITION_IDS,
  isPositionId,
  type Load,
  type PositionId,
  type Side,
} from '@/core/body';
import {
  fail,
  succeed,
  type Result,
  LONGEST_MS,
  parseDuration,
  printDuration,
} from '@/core/common';
import {
  CHALLENGES,
  PROP_NAMES,
  propNamed,
  SUPPORTS,
  MOST_COUNT,
  MOST_SETS,
  USUAL_PRESS_MS,
  type Breath,
  type Held,
  type PropName,
  type RepBreath,
  type Tempo,
  type WrittenDose,
} from '@/core/moves';
import { laneMeant, lanesSaid, type LaneName } from '@/core/people';
import { MOST_ACCEPTS, MOST_OPTIONS, type Item, type SidesClause } from '../entries';
import { unquote, type Piece } from './text-lines';
import { localProblem, type LocalProblem, type ReadingProblemCode } from './problem';

/** What the clauses of a line say; levels by their names, since a clause knows no move. */
export type ClauseWords = Partial<
  Omit<Item, 'kind' | 'id' | 'moveId' | 'level' | 'laneLevels' | 'options'> & {
    readonly level: string;
    readonly laneLevels: Readonly<Partial<Record<LaneName, string>>>;
    readonly options: readonly OptionWords[];
  }
>;

/** An option as it stands in a line: whose it is, and what it says. */
export interface OptionWords {
  readonly lane?: LaneName;
  readonly text: string;
  /** Where it stands in the line. */
  readonly at: number;
}
export type ClauseKey = keyof ClauseWords;

export interface ClauseSaid {
  readonly key: ClauseKey;
  readonly words: ClauseWords;
}
export type ClauseReading = ClauseSaid | { readonly problem: LocalProblem };

interface Clause {
  readonly pattern: RegExp;
  readonly read: (
    match: RegExpExecArray,
    piece: Piece,
    lanes: readonly LaneName[] | undefined,
  ) => ClauseReading;
}

const said = (key: ClauseKey, words: ClauseWords): ClauseReading => ({ key, words });

type Part<T> = Result<T, LocalProblem>;

/** A clause from its parts; the first part that could not be read is its problem. */
function from<T extends readonly unknown[]>(
  parts: { readonly [K in keyof T]: Part<T[K]> },
  make: (...values: T) => ClauseReading,
): ClauseReading {
  const values: unknown[] = [];
  for (const part of parts) {
    if (!part.ok) return { problem: part.problems[0] };
    values.push(part.value);
  }
  return make(...(values as unknown as T));
}

function stop(...args: Parameters<typeof localProblem>): Part<never> {
  return fail(localProblem(...args));
}

function duration(text: string, piece: Piece, most = LONGEST_MS, least = 1000): Part<number> {
  const read = text.trim();
  const result = parseDuration(read);
  const at = Math.max(0, piece.text.indexOf(read));
  if (!result.ok) {
    const code = result.problems[0];
    return stop(
      code,
      at,
      read,
      code === 'bare-number' ? [`${read}s`, `${read}m`] : ['45s', '1:30'],
    );
  }
  if (result.value < least) return stop('too-few', at, read, ['1s']);
  return result.value > most ? stop('too-long', at, read, [printDuration(most)]) : result;
}

function whole(text: string | undefined, most: number, piece: Piece): Part<number> {
  if (text === undefined) return succeed(1);
  const n = Number(text);
  const at = Math.max(0, piece.text.indexOf(text));
  if (n < 1) return stop('too-few', at, text, ['1']);
  return n > most ? stop('too-many', at, text, [String(most)]) : succeed(n);
}

/** A number or a span of numbers, as `2` or `2-3`. */
interface Span {
  readonly least: number;
  readonly most?: number;
}

const SPAN = /^(?<least>[^-]*?) *- *(?<most>.+)$/;

/** A span ends above its start; where it does not, its end is the problem. */
function spanOf(least: number, most: number, text: string, piece: Piece): Part<Span> {
  if (most > least) return succeed({ least, most });
  return stop('span-backwards', Math.max(0, piece.text.indexOf(text)), text);
}

function wholeSpan(text: string | undefined, most: number, piece: Piece): Part<Span> {
  const { groups } = SPAN.exec(text ?? '') ?? {};
  const low = whole(groups?.least ?? text, most, piece);
  if (!low.ok) return low;
  if (!groups?.most) return succeed({ least: low.value });
  const high = whole(groups.most, most, piece);
  return high.ok ? spanOf(low.value, high.value, text ?? '', piece) : high;
}

const sets = (text: string | undefined, piece: Piece) => wholeSpan(text, MOST_SETS, piece);

/** `30s`, `30s-1:00`, or `30-60s`, where both ends have one unit. */
function durationSpan(text: string, piece: Piece): Part<Span> {
  const { least, most } = SPAN.exec(text.trim())?.groups ?? {};
  if (most === undefined || least === undefined) {
    const plain = duration(text, piece);
    return plain.ok ? succeed({ least: plain.value }) : plain;
  }
  const unit = /^\d+$/.test(least) ? (/[a-z ]+$/i.exec(most)?.[0] ?? '') : '';
  const high = duration(most, piece);
  if (!high.ok) return high;
  const low = duration(least + unit, piece);
  return low.ok ? spanOf(low.value, high.value, text.trim(), piece) : low;
}

/** Both spans of a dose, as its words keep them. */
function spanWords(amount: Span, n: Span): { sets: number; most?: number; mostSets?: number } {
  return {
    sets: n.least,
    ...(amount.most && { most: amount.most }),
    ...(n.most && { mostSets: n.most }),
  };
}

const dose = (written: WrittenDose) => said('dose', { dose: written });

function quotedWords(text: string, piece: Piece): Part<string> {
  const at = piece.text.length - text.length;
  const words = unquote(text);
  if (!words) return stop('bad-quote', at, text, ['"…"']);
  return words.length > 300 ? stop('text-too-long', at, `${words.slice(0, 20)}…`) : succeed(words);
}

/** A clause that keeps a person's own words letter for letter. */
function ownWords(key: 'meant' | 'cue' | 'setUp' | 'out'): Clause['read'] {
  return ({ groups }, piece) =>
    from([quotedWords(typedEnd(piece, groups?.words ?? ''), piece)], (words) =>
      said(key, { [key]: words }),
    );
}

/** The end of a piece as it was typed. */
const typedEnd = (piece: Piece, text: string) => piece.raw.slice(piece.raw.length - text.length);

function oneOf<T extends string>(
  options: readonly T[],
  text: string,
  piece: Piece,
  code: ReadingProblemCode = 'unknown-clause',
): Part<T> {
  const folded = text.toLowerCase().replace(/ +/g, ' ').trim();
  const found = options.find((option) => option === folded);
  const at = piece.text.length - text.length;
  return found ? succeed(found) : stop(code, at, text.trim(), options);
}

/** A way of taking part, under the word that its routine has for it. */
function laneOf(word: string, piece: Piece, lanes: readonly LaneName[] = []): Part<LaneName> {
  const lane = laneMeant(word, lanes);
  const at = Math.max(0, piece.text.lastIndexOf(word));
  return lane ? succeed(lane) : stop('unknown-lane', at, word, lanesSaid(lanes));
}

/** A base position, as `floor-cross` or `floor cross`; sided ones on their left. */
function placeNamed(text: string, piece: Piece): Part<PositionId> {
  const folded = text.toLowerCase().trim().replace(/ +/g, '-');
  if (isPositionId(folded)) return succeed(folded);
  return stop('unknown-position', piece.text.length - text.length, text.trim(), POSITION_IDS);
}

/** The name of a load by itself adds to what is asked. */
const LOADS_ASKED = new RegExp(`^(?:asks +)?(?<load>${LOADS.join('|')})$`, 'i');

/** A prop, or what stands in for one: a pillow is a cushion. */
function propOf(text: string, piece: Piece): Part<PropName> {
  const prop = propNamed(text);
  return prop ? succeed(prop) : oneOf(PROP_NAMES, text, piece);
}

const sideNamed = (text: string | undefined): Side =>
  text?.toLowerCase() === 'right' ? 'right' : 'left';

const SIDES: readonly (readonly [RegExp, SidesClause])[] = [
  [/^each side$/i, 'each'],
  [/^alternating$/i, 'alternating'],
  [/^left only$/i, 'left-only'],
  [/^right only$/i, 'right-only'],
];

/** Every clause that may follow a move's name. */
const CLAUSES: readonly Clause[] = [
  {
    pattern: /^hold\b(?<d>[^x]*?)(?:x *(?<sets>\d+(?: *- *\d+)?))?$/i,
    read: ({ groups }, piece) =>
      from([durationSpan(groups?.d ?? '', piece), sets(groups?.sets, piece)], (hold, n) =>
        dose({ kind: 'hold', holdMs: hold.least, ...spanWords(hold, n) }),
      ),
  },
  {
    pattern:
      /^(?<n>\d+(?: *- *\d+)?) *reps?(?<all> +in +all)?(?: *x *(?<sets>\d+(?: *- *\d+)?))?(?: +(?<breath>with the breath.*))?$/i,
    read: ({ groups }, piece) =>
      from(
        [
          wholeSpan(groups?.n, MOST_COUNT, piece),
          sets(groups?.sets, piece),
          repBreath(groups?.breath, piece),
        ],
        (reps, n, breath) =>
          said('dose', {
            dose: {
              kind: 'reps',
              reps: reps.least,
              ...(groups?.all && { inAll: true }),
              ...spanWords(reps, n),
            },
            ...(breath && { breath }),
          }),
      ),
  },
  {
    pattern: /^held +(?<d>.+)$/i,
    read: ({ groups }, piece) =>
      from([held(groups?.d ?? '', piece)], (value) => said('held', { held: value })),
  },
  {
    pattern: /^with the breath.*$/i,
    read: ([text], piece) =>
      from([repBreath(text, piece)], (breath) => said('breath', breath ? { breath } : {})),
  },
  {
    pattern:
      /^(?<n>\d+(?: *- *\d+)?) *breaths?(?: +(?<breath>\d+(?: *\/ *\d+){1,3}))?(?: *x *(?<sets>\d+(?: *- *\d+)?))?$/i,
    read: ({ groups }, piece) =>
      from(
        [
          wholeSpan(groups?.n, MOST_COUNT, piece),
          breathIn(groups?.breath, piece),
          sets(groups?.sets, piece),
        ],
        (breaths, breath, n) =>
          dose({
            kind: 'breaths',
            breaths: breaths.least,
            ...(breath && { breath }),
            ...spanWords(breaths, n),
          }),
      ),
  },
  {
    pattern: /^for\b(?<d>[^x]*?)(?:x *(?<sets>\d+(?: *- *\d+)?))?$/i,
    read: ({ groups }, piece) =>
      from([durationSpan(groups?.d ?? '', piece), sets(groups?.sets, piece)], (timed, n) =>
        dose({ kind: 'timed', timedMs: timed.least, ...spanWords(timed, n) }),
      ),
  },
  {
    pattern: /^rest +(?<d>.+)$/i,
    read: ({ groups }, piece) =>
      from([duration(groups?.d ?? '', piece, LONGEST_MS, 0)], (restMs) =>
        said('restMs', { restMs }),
      ),
  },
  {
    pattern: /^press\b(?<d>[^x"]*?)x *(?<times>\d+)(?: *(?<words>".*))?$/i,
    read: ({ groups }, piece) =>
      from(
        [
          groups?.d?.trim() ? duration(groups.d, piece, 60_000) : succeed(USUAL_PRESS_MS),
          whole(groups?.times, 20, piece),
          groups?.words
            ? quotedWords(typedEnd(piece, groups.words), piece)
            : succeed<string | undefined>(undefined),
        ],
        (pressMs, times, pressWhere) =>
          said('press', { press: { pressMs, times }, ...(pressWhere && { pressWhere }) }),
      ),
  },
  {
    pattern: /^tempo +(?<parts>\d+(?: *- *\d+){2,3})$/i,
    read: ({ groups }, piece) =>
      from([tempo(groups?.parts ?? '')], (t) => said('tempo', { tempo: t })),
  },
  ...SIDES.map(([pattern, sides]) => ({ pattern, read: () => said('sides', { sides }) })),
  {
    pattern: /^(?<side>left|right) first$/i,
    read: ({ groups }) => said('firstSide', { firstSide: sideNamed(groups?.side) }),
  },
  {
    pattern: /^weak +(?<side>left|right) *\+ *(?<d>.+)$/i,
    read: ({ groups }, piece) =>
      from([duration(groups?.d ?? '', piece)], (extraMs) =>
        said('weak', { weak: { side: sideNamed(groups?.side), extraMs } }),
      ),
  },
  {
    pattern: /^accept +(?<id>[a-z][a-z-]{0,40}) *(?<words>".*)$/i,
    read: ({ groups }, piece) =>
      from([quotedWords(typedEnd(piece, groups?.words ?? ''), piece)], (why) =>
        said('accept', { accept: [{ finding: (groups?.id ?? '').toLowerCase(), why }] }),
      ),
  },
  {
    pattern: /^level +(?<name>.+?)(?: +in +(?<lane>[a-z-]+))?$/i,
    read: ({ groups }, piece, lanes) => {
      const name = groups?.name ?? '';
      const level: Part<string> =
        name.length > 60
          ? stop('text-too-long', piece.text.indexOf(name), `${name.slice(0, 20)}…`)
          : succeed(piece.raw.slice(piece.text.indexOf(name)).slice(0, name.length));
      const { lane } = groups ?? {};
      if (!lane) return from([level], (kept) => said('level', { level: kept }));
      return from([level, laneOf(lane, piece, lanes)], (kept, where) =>
        said('laneLevels', { laneLevels: { [where]: kept } }),
      );
    },
  },
  {
    pattern: /^support +(?<name>.+)$/i,
    read: ({ groups }, piece) =>
      from([oneOf(SUPPORTS, groups?.name ?? '', piece)], (support) => said('support', { support })),
  },
  {
    pattern: /^with +(?<name>.+)$/i,
    read: ({ groups }, piece) =>
      from([oneOf(CHALLENGES, groups?.name ?? '', piece)], (challenge) =>
        said('challenge', { challenge }),
      ),
  },
  {
    pattern: /^prop +none$/i,
    read: () => said('props', { props: [] }),
  },
  {
    pattern: /^also +(?<name>.+)$/i,
    read: ({ groups }, piece) =>
      from([propOf(groups?.name ?? '', piece)], (prop) => said('alsoProps', { alsoProps: [prop] })),
  },
  { pattern: /^straight[ -]on$/i, read: () => said('straightOn', { straightOn: true }) },
  {
    pattern: /^at +(?<name>.+)$/i,
    read: ({ groups }, piece) =>
      from([placeNamed(groups?.name ?? '', piece)], (at) => said('at', { at })),
  },
  {
    pattern: LOADS_ASKED,
    read: ({ groups }) => said('asks', { asks: [groups?.load?.toLowerCase() as Load] }),
  },
  {
    pattern: /^asks +(?<name>.+)$/i,
    read: ({ groups }, piece) =>
      from([oneOf(LOADS, groups?.name ?? '', piece, 'unknown-load')], (load) =>
        said('asks', { asks: [load] }),
      ),
  },
  {
    pattern: /^or(?: +(?<lane>[a-z-]+))? *(?<words>".*)$/i,
    read: ({ groups }, piece, lanes) => {
      const words = groups?.words ?? '';
      const at = piece.text.length - words.length + 1;
      const lane = groups?.lane;
      return from(
        [
          quotedWords(typedEnd(piece, words), piece),
          lane ? laneOf(lane, piece, lanes) : succeed<LaneName | undefined>(undefined),
        ],
        (text, whose) =>
          said('options', { options: [{ ...(whose && { lane: whose }), text, at }] }),
      );
    },
  },
  {
    pattern: /^prop +(?<name>.+)$/i,
    read: ({ groups }, piece) =>
      from([propOf(groups?.name ?? '', piece)], (prop) => said('props', { props: [prop] })),
  },
  { pattern: /^pin$/i, read: () => said('pinned', { pinned: true }) },
  { pattern: /^meant *(?<words>".*)$/i, read: ownWords('meant') },
  { pattern: /^cue *(?<words>".*)$/i, read: ownWords('cue') },
  { pattern: /^set-?up *(?<words>".*)$/i, read: ownWords('setUp') },
  { pattern: /^out *(?<words>".*)$/i, read: ownWords('out') },
];

const LONGEST_BREATH_S = 20;

/** `4/6` is in and out, `4/2/6` waits between, `4/2/6/2` waits after too. */
function breathIn(text: string | undefined, piece: Piece): Part<Breath | undefined> {
  if (text === undefined) return succeed(undefined);
  const parts = text.split('/').map((part) => part.trim());
  const seconds: number[] = [];
  for (const [at, part] of parts.entries()) {
    // A wait may be nothing.
    const waits = parts.length > 2 && at % 2 === 1;
    const read = waits && Number(part) === 0 ? succeed(0) : whole(part, LONGEST_BREATH_S, piece);
    if (!read.ok) return read;
    seconds.push(read.value * 1000);
  }
  const [inMs = 0, second = 0, third, emptyMs] = seconds;
  if (third === undefined) return succeed({ inMs, outMs: second });
  return succeed({
    inMs,
    outMs: third,
    ...(second > 0 && { fullMs: second }),
    ...(emptyMs && { emptyMs }),
  });
}

/** `with the breath`, at the pace's, or `with the breath 4/6`. */
function repBreath(text: string | undefined, piece: Piece): Part<RepBreath | undefined> {
  const own = text?.slice('with the breath'.length).trim();
  if (own === undefined) return succeed(undefined);
  if (own === '') return succeed('pace');
  const at = piece.text.length - own.length;
  if (!/^\d+ *\/ *\d+$/.test(own)) return stop('bad-breath', at, own, ['with the breath 4/6']);
  const read = breathIn(own, piece);
  return read.ok && read.value ? succeed({ inMs: read.value.inMs, outMs: read.value.outMs }) : read;
}

/** `5s`, or `2 breaths` at the pace. */
function held(text: string, piece: Piece): Part<Held> {
  const breaths = /^(\d+) *breaths?$/i.exec(text)?.[1];
  if (breaths === undefined) {
    const time = duration(text, piece, 300_000);
    return time.ok ? succeed({ ms: time.value }) : time;
  }
  const count = whole(breaths, 30, piece);
  return count.ok ? succeed({ breaths: count.value }) : count;
}

function tempo(text: string): Part<Tempo> {
  const parts = text.split('-').map(Number);
  if (parts.some((s) => s > 60)) return stop('too-many', 6, text, ['2-1-2']);
  if (parts.every((s) => s === 0)) return stop('too-few', 6, text, ['2-1-2']);
  const [out = 0, pause = 0, back = 0, wait = 0] = parts.map((s) => s * 1000);
  return succeed([out, pause, back, wait]);
}

/** Starts of clauses, for a problem to offer. */
export const CLAUSE_STARTS = [
  'hold 30s',
  '8 reps',
  '5 breaths',
  'for 20s',
  'rest 10s',
  'press 5s x3',
  'tempo 2-1-2',
  'held 5s',
  'with the breath',
  'each side',
  'alternating',
  'left first',
  'left only',
  'weak left +10s',
  'level …',
  'support one hand',
  'with head turning',
  'prop strap',
  'prop none',
  'also cushion',
  'at floor-cross',
  'straight on',
  'asks look-up',
  'pin',
  'cue "…"',
  'set-up "…"',
  'out "…"',
  'meant "…"',
] as const;

/**
 * Reads one clause; undefined where it is none.
 * @param lanes the routine's ways of taking part, for what a line says of one of them
 */
export function readClause(piece: Piece, lanes?: readonly LaneName[]): ClauseReading | undefined {
  for (const { pattern, read } of CLAUSES) {
    const match = pattern.exec(piece.text);
    if (match) return read(match, piece, lanes);
  }
  return undefined;
}

/**
 * Puts clauses together; lists and levels of lanes grow, anything else may stand once.
 * @returns what is wrong where they do not go together
 */
export function mergeWords(
  words: ClauseWords,
  reading: ClauseSaid,
): ClauseWords | 'clause-twice' | 'too-many-accepts' | 'too-many-options' {
  switch (reading.key) {
    case 'accept': {
      const accept = [...(words.accept ?? []), ...(reading.words.accept ?? [])];
      return accept.length > MOST_ACCEPTS ? 'too-many-accepts' : { ...words, accept };
    }
    case 'props': {
      const none = [words.props, reading.words.props].some((props) => props?.length === 0);
      if (none && words.props) return 'clause-twice';
      return { ...words, props: grown(words.props, reading.words.props) };
    }
    case 'alsoProps':
      return { ...words, alsoProps: grown(words.alsoProps, reading.words.alsoProps) };
    case 'asks':
      return { ...words, asks: grown(words.asks, reading.words.asks) };
    case 'options': {
      const options = [...(words.options ?? []), ...(reading.words.options ?? [])];
      return options.length > MOST_OPTIONS ? 'too-many-options' : { ...words, options };
    }
    case 'laneLevels': {
      const lanes = Object.keys(reading.words.laneLevels ?? {});
      if (lanes.some((lane) => lane in (words.laneLevels ?? {}))) return 'clause-twice';
      return { ...words, laneLevels: { ...words.laneLevels, ...reading.words.laneLevels } };
    }
    default:
      return Object.keys(reading.words).some((key) => key in words)
        ? 'clause-twice'
        : { ...words, ...reading.words };
  }
}

function grown<T>(all: readonly T[] = [], more: readonly T[] = []): T[] {
  return [...new Set([...all, ...more])];
}

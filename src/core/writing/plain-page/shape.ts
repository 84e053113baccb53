import { hasClock } from '../plain-line/said-line';

/** How a plan is set down. */
export const SHAPES = ['list', 'clock', 'table', 'prose'] as const;
export type Shape = (typeof SHAPES)[number];

/** A row of a plan before it is read. */
export interface RawRow {
  /** Counted from 1. */
  readonly line: number;
  /** As it stands there. */
  readonly typed: string;
  /** What is read of it: a table's cells are put together to a line. */
  readonly said: string;
  /** What belongs to it and is no amount: a column of notes, or a bullet under it. */
  readonly note?: string;
  /** How long the clock gives it, in seconds, where the row itself says nothing. */
  readonly clockS?: number;
  /** Its time can't be read: it ends before it begins. */
  readonly backwards?: true;
  /** What orders rows, and is none of them. */
  readonly structure?: true;
}

export interface Shaped {
  readonly shape: Shape;
  readonly rows: readonly RawRow[];
  /** What a table's columns were taken for, in their order; only of a table. */
  readonly columns?: readonly Column[];
  /** Whether they were guessed from what stands in them. */
  readonly guessed?: true;
}

export const COLUMNS = [
  'move',
  'sets',
  'reps',
  'hold',
  'time',
  'rest',
  'side',
  'notes',
  'none',
] as const;
export type Column = (typeof COLUMNS)[number];

interface TypedLine {
  readonly line: number;
  readonly typed: string;
}

const HEADS: readonly (readonly [Column, RegExp])[] = [
  ['move', /^(?:exercises?|moves?|movements?|activit(?:y|ies)|names?|what|stretch(?:es)?|item)$/u],
  ['sets', /^(?:sets?|rounds?|no\.? of sets|x sets)$/u],
  ['reps', /^(?:reps?|repetitions?|times|count|how many|number|reps? ?\/ ?time|dose|amount)$/u],
  ['hold', /^(?:holds?|hold time|held)$/u],
  ['time', /^(?:time|duration|length|how long|for)$/u],
  ['rest', /^(?:rests?|recovery|break|rest (?:time|between|period))$/u],
  ['side', /^(?:sides?|legs?|l\/r|each side|which side)$/u],
  [
    'notes',
    /^(?:notes?|cues?|comments?|how|remarks?|tips?|details?|teaching points?|adaptations?|options?|equipment|kit)$/u,
  ],
  ['none', /^(?:#|no\.?|nr\.?|section|part|order|)$/u],
];

/** A head's unit, as in "Rest (s)" or "Time min". */
const UNIT = /[([ ](s|secs?|seconds?|m|mins?|minutes?)[)\]]?$/u;

interface Head {
  readonly column: Column;
  readonly unit: 's' | 'min' | undefined;
}

function headOf(cell: string): Head | undefined {
  const folded = cell.toLowerCase().replace(/[*_:]/gu, '').trim();
  const unit = UNIT.exec(folded)?.[1];
  const word = folded.replace(UNIT, '').trim();
  const column = HEADS.find(([, is]) => is.test(word))?.[0];
  if (!column) return undefined;
  return { column, unit: unit === undefined ? undefined : unit.startsWith('s') ? 's' : 'min' };
}

/** Ways to part cells, the surest first. */
const SPLITS: readonly {
  readonly split: (line: string) => readonly string[];
  readonly needsHead: boolean;
}[] = [
  { split: (line) => line.split('\t'), needsHead: false },
  {
    split: (line) => (line.includes('|') ? line.replace(/^\s*\||\|\s*$/gu, '').split('|') : [line]),
    needsHead: false,
  },
  { split: (line) => line.split(';'), needsHead: true },
  { split: csvCells, needsHead: true },
  { split: (line) => line.trim().split(/ {2,}|\s*\.{4,}\s*/u), needsHead: false },
];

/** Cells between commas; what stands in quotes keeps its own. */
function csvCells(line: string): readonly string[] {
  return [...line.matchAll(/(?:^|,)(?:"((?:[^"]|"")*)"|([^,]*))/gu)].map(
    ([, quoted, plain]) => quoted?.replaceAll('""', '"') ?? plain ?? '',
  );
}

const RULE = /^[\s|:+=-]+$/u;
/** So many of the lines have the same columns, where they are a table. */
const MOST_ARE = 0.6;

function tableOf(lines: readonly TypedLine[]): Shaped | undefined {
  for (const { split, needsHead } of SPLITS) {
    const cut = lines
      .filter(({ typed }) => !RULE.test(typed))
      .map(({ line, typed }) => ({ line, typed, cells: split(typed).map((cell) => cell.trim()) }));
    const wide = cut.filter(({ cells }) => cells.filter(Boolean).length > 1);
    if (wide.length < 2 || wide.length < cut.length * MOST_ARE) continue;
    const first = wide.find(
      ({ cells }) =>
        cells.filter((cell) => headOf(cell)?.column !== 'none').filter((cell) => headOf(cell))
          .length >= 2,
    );
    const heads = first?.cells.map(headOf);
    const isHeaded = heads !== undefined && heads.some((head) => head?.column === 'move');
    if (needsHead && !isHeaded) continue;
    const body = cut.filter((row) => row !== first || !isHeaded);
    const columns: readonly Head[] = isHeaded
      ? heads.map((head) => head ?? { column: 'notes', unit: undefined })
      : guessed(body.map(({ cells }) => cells));
    if (!columns.some(({ column }) => column === 'move')) continue;
    // Without a head, what has no numbers in its columns is a list with wide gaps.
    if (!isHeaded && columns.every(({ column }) => column === 'move' || column === 'notes'))
      continue;
    const above = isHeaded && first ? cut.filter(({ line }) => line < first.line) : [];
    return {
      shape: 'table',
      columns: columns.map(({ column }) => column),
      ...(!isHeaded && { guessed: true as const }),
      rows: [
        ...above.map(({ line, typed }) => ({ line, typed, said: typed })),
        ...body
          .filter((row) => !above.includes(row))
          .map(({ line, typed, cells }): RawRow => ({ line, typed, ...rowFrom(cells, columns) })),
      ],
    };
  }
  return undefined;
}

/** What columns are, from what stands in them. */
function guessed(rows: readonly (readonly string[])[]): readonly Head[] {
  const wide = Math.max(...rows.map(({ length }) => length));
  const all = Array.from({ length: wide }, (_, i) =>
    rows.map((cells) => cells[i] ?? '').filter(Boolean),
  );
  const letters = all.map((cells) => cells.join('').replace(/[^\p{L}]/gu, '').length);
  const move = letters.findIndex(
    (many, i) => many > 0 && i <= 1 && many >= Math.max(...letters) * 0.4,
  );
  const numbers = all.flatMap((cells, i) =>
    i !== move && cells.length > 0 && cells.every((cell) => /^\d{1,3}(?:-\d{1,3})?$/u.test(cell))
      ? [i]
      : [],
  );
  const isFew = (i: number | undefined) =>
    i !== undefined && all[i]?.every((cell) => Number(cell) <= 6);
  return all.map((cells, i): Head => {
    const none = { unit: undefined };
    if (i === move) return { column: 'move', ...none };
    if (i < move && cells.every((cell) => /^\d+[.)]?$/u.test(cell)))
      return { column: 'none', ...none };
    if (numbers.includes(i)) {
      const isSets = numbers.length > 1 && i === numbers[0] && isFew(i);
      return { column: isSets ? 'sets' : 'reps', ...none };
    }
    if (cells.some((cell) => /\d/u.test(cell))) return { column: 'reps', ...none };
    const isSide = cells.every((cell) => SIDE_WORDS.test(cell));
    return { column: isSide && cells.length > 0 ? 'side' : 'notes', ...none };
  });
}

const SIDE_WORDS =
  /^(?:each|both|l ?[+/&] ?r|l|r|left|right|each side|both sides|both ways|each leg|each arm|both legs|both arms|per side|per leg|yes|y|no|n|-|n\/a)$/iu;
/** Only what is lifted: a note has room for it. */
const LOAD = /^\d+(?:[.,]\d+)? ?(?:kgs?|lbs?|g|oz)$/iu;
const NONE = /^(?:|-+|–|—|n\/?a|none|no|0)$/iu;
const BARE = /^\d+(?:[.,]\d+)?(?: ?[-–] ?\d+)?$/u;

/** The line that a row's cells say together. */
function rowFrom(
  cells: readonly string[],
  columns: readonly Head[],
): Pick<RawRow, 'said' | 'note'> {
  const of = (wanted: Column) =>
    columns.flatMap(({ column, unit }, i) => {
      const cell = cells[i] ?? '';
      return column === wanted && !NONE.test(cell) ? [{ cell, unit }] : [];
    });
  const inTime = ({ cell, unit }: { cell: string; unit: Head['unit'] }, usual: 's' | 'min') =>
    BARE.test(cell) ? `${cell} ${unit ?? usual}` : cell;
  const name = of('move')
    .map(({ cell }) => cell)
    .join(' ');
  const [sets, ...moreSets] = of('sets').map(({ cell }) => cell.replace(/^x ?| ?sets?$/giu, ''));
  const counted = of('reps').map(({ cell }) => (BARE.test(cell) ? `${cell} reps` : cell));
  const holds = of('hold').map((one) => `hold ${inTime(one, 's').replace(/^hold /iu, '')}`);
  // A length without a unit is seconds from ten on, and minutes below.
  const times = of('time').map((one) =>
    inTime(one, Number.parseFloat(one.cell) < 10 ? 'min' : 's'),
  );
  const rest = of('rest').map((one) => `rest ${inTime(one, 's').replace(/^rest /iu, '')}`);
  const remarks = of('notes').map(({ cell }) => cell);
  // What is a side or an amount is that, in whatever column it is written.
  const said = remarks.filter(
    (cell) => SIDE_WORDS.test(cell) || (/\d/u.test(cell) && !LOAD.test(cell)),
  );
  const sides = [
    ...of('side').flatMap(({ cell }) => sideOf(cell)),
    ...said.flatMap((cell) => (SIDE_WORDS.test(cell) ? sideOf(cell) : [cell])),
  ];
  const [main = '', ...more] = [...counted, ...holds, ...times];
  const dose =
    sets === undefined || sets === '1' ? main : main === '' ? `${sets} sets` : withSets(sets, main);
  const note = remarks.filter((cell) => !said.includes(cell)).join(', ');
  return {
    said: [name, dose, ...more, ...moreSets, ...sides, ...rest]
      .filter(Boolean)
      .join(', ')
      .replace(', ', ' '),
    ...(note !== '' && { note }),
  };
}

/** Sets before an amount that may have its own side or rest behind it. */
const withSets = (sets: string, main: string) =>
  /^\d+ ?x|sets?\b/iu.test(main)
    ? `${main} ; ${sets} sets`
    : main.startsWith('hold ')
      ? `${main} x ${sets}`
      : `${sets} x ${main}`;

function sideOf(cell: string): readonly string[] {
  if (/^(?:each|both|l ?[+/&] ?r|each side|both sides|per side|yes|y)$/iu.test(cell))
    return ['each side'];
  if (/^(?:l|left)$/iu.test(cell)) return ['left only'];
  return /^(?:r|right)$/iu.test(cell) ? ['right only'] : [cell];
}

const TIME = String.raw`(\d{1,2})[:.](\d\d)`;
const CLOCKED = new RegExp(
  String.raw`^\s*[([]?${TIME}(?:\s*(?:[-–—]|to)\s*${TIME})?[)\]]?\s*[-–:|]?\s+(.*)$`,
  'u',
);

/** "5-8 min" in front is from minute five to minute eight. */
const MINUTES =
  /^\s*[([]?(\d{1,3})\s*[-–—]\s*(\d{1,3})\s*(?:mins?|minutes?|')[)\]]?\s*[-–:|]?\s+(.*)$/u;

/** A row's time in front, in the seconds or minutes of its clock. */
function clockIn(typed: string) {
  const bare = typed.replace(/^\s*[-*•]\s*/u, '');
  const minutes = MINUTES.exec(bare);
  if (minutes) {
    const [, from = '', to = '', rest = ''] = minutes;
    return { start: Number(from) * 60, end: Number(to) * 60, rest };
  }
  const [, m1 = '', s1 = '', m2, s2, rest = ''] = CLOCKED.exec(bare) ?? [];
  return {
    start: m1 === '' ? undefined : Number(m1) * 60 + Number(s1),
    end: m2 === undefined ? undefined : Number(m2) * 60 + Number(s2),
    rest,
  };
}

/** Rows with a time in front: its two ends are how long it takes, or it ends where the next begins. */
function clockOf(lines: readonly TypedLine[]): Shaped | undefined {
  const timed = lines.map(({ line, typed }) => ({ line, typed, ...clockIn(typed) }));
  const isMinutes = lines.some(({ typed }) => MINUTES.test(typed));
  const starts = timed.flatMap(({ start }) => (start === undefined ? [] : [start]));
  const rises = starts.every((start, i) => i === 0 || start >= (starts[i - 1] ?? 0));
  const ends = timed.filter(({ end }) => end !== undefined).length;
  if ((starts.length < 2 && ends === 0) || !rises) return undefined;
  // A class that begins at ten, or goes by fives below two, is told in hours and minutes.
  const [first = 0] = starts;
  const last = starts.at(-1) ?? 0;
  const byFives = starts.every((one) => one % 5 === 0) && last < 120 && starts.length > 2;
  const inHours =
    first >= 360 ||
    (first > 0 && ends === 0 && first >= 300) ||
    (byFives && first === 0 && last <= 90);
  const unit = inHours && !isMinutes ? 60 : 1;
  const rows = timed.map(({ line, typed, start, end, rest }, i): RawRow => {
    if (start === undefined) return { line, typed, said: typed };
    const next = timed.slice(i + 1).find((one) => one.start !== undefined)?.start;
    const to = end ?? next;
    const clockS = to === undefined ? undefined : (to - start) * unit;
    if (end !== undefined && end <= start) return { line, typed, said: rest, backwards: true };
    return { line, typed, said: rest, ...(clockS !== undefined && clockS > 0 && { clockS }) };
  });
  return { shape: 'clock', rows };
}

/** What orders rows: rounds, repeats, rests between them. */
const AGAIN =
  '(?: (?:all|everything|above|this|these|it|on|the|other|opposite|side|sides|leg|arm|circuit|lot|whole|thing|twice|x ?\\d+|\\d+ times|from|top|start))*';
const STRUCTURE = new RegExp(
  String.raw`^\s*[([]?(?:(?:x ?\d+|\d+ ?x|\d+|two|three|four) ?(?:rounds?|circuits?|times (?:through|round))(?: of)?|(?:rounds?|circuits?) ?x? ?\d*|repeat${AGAIN}|(?:and |then )*back to the (?:start|top|beginning)|super-?sets?:?|circuit:?|other side|(?:now )?(?:swap|change|switch) (?:sides?|legs?|arms?)|rest (?:of |for )?(?:\d+:\d\d|\d+ ?(?:s|secs?|seconds?|m|mins?|minutes?)?|a minute|one minute) (?:in )?between(?: (?:each|every|all|the))?(?: (?:rounds?|exercises?|sets?|moves?|stations?|circuits?))?)[)\]]?[.:]?\s*$`,
  'iu',
);

const INDENT = /^(?:\t| {2,})\s*(?:[-*•–>]|[a-z][.)])?\s*/u;

/** Where one sentence ends, or goes on to the next thing to do. */
const SENTENCES =
  /(?<=[.;!])\s+|,? (?:and then|then|and finish(?: off)? with|finish(?:ing)? with|followed by)\s+/giu;
const LONG = 90;

function listOf(lines: readonly TypedLine[]): Shaped {
  let isProse = false;
  const rows: RawRow[] = [];
  // What is set in stands under the last line that is not, where that is one of a list.
  let isListed = false;
  for (const { line, typed } of lines) {
    const isSetIn = INDENT.test(typed);
    if (!isSetIn) isListed = /^(?:\d+[.)]|[-*•])/u.test(typed);
    const isUnder = isSetIn && isListed && rows.length > 0;
    const above = rows.at(-1);
    // A bullet under a row says how that is done, unless it has an amount of its own.
    if (isUnder && above && !/\d/u.test(typed)) {
      const note = [above.note, typed.replace(INDENT, '').trim()].filter(Boolean).join(', ');
      rows[rows.length - 1] = { ...above, note };
      continue;
    }
    const parts =
      typed.length > LONG ? typed.split(SENTENCES).filter((part) => /\p{L}/u.test(part)) : [typed];
    if (parts.length > 1 && parts.filter((part) => AMOUNT.test(part)).length > 1) {
      isProse = true;
      rows.push(...parts.map((part) => ({ line, typed: part.trim(), said: part.trim() })));
    } else rows.push({ line, typed, said: typed });
  }
  return { shape: isProse ? 'prose' : 'list', rows };
}
const AMOUNT =
  /\d|\b(?:once|twice|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|thirty|minute|dozen)\b/iu;

/**
 * Takes a plan apart into its rows, by how it is set down as a whole.
 * @param as what it was said to be, in place of what it is taken for
 */
export function shapeOf(lines: readonly TypedLine[], as?: Shape): Shaped {
  const clocked = lines.filter(
    ({ typed }) => hasClock(typed) || CLOCKED.test(typed) || MINUTES.test(typed),
  ).length;
  // A column of times is a clock, whatever parts the others.
  const isClock = clocked > 1 && clocked >= lines.length * MOST_ARE;
  const shaped =
    (as === 'clock' || (as === undefined && isClock) ? clockOf(lines) : undefined) ??
    (as === undefined || as === 'table' ? tableOf(lines) : undefined) ??
    (as === undefined && clocked > 1 ? clockOf(lines) : undefined) ??
    listOf(lines);
  const rows = shaped.rows.map((row) =>
    STRUCTURE.test(row.said) ? { ...row, structure: true as const } : row,
  );
  return { ...shaped, rows };
}

const SAID_TIME =
  /(?:total|length|lasts?|about|approx\.?|class|session|\(|-|–|,|^|\b)[ :]*(\d{1,3}) ?(?:mins?|minutes?)\b/iu;

/** How long a plan itself says that it takes, from its title, in milliseconds. */
export function saidMsOf(title: string): number | undefined {
  const minutes = SAID_TIME.exec(title)?.[1];
  return minutes === undefined ? undefined : Number(minutes) * 60_000;
}

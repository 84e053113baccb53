import {
  REGIONS,
  type PaceChanges,
  POSITION_IDS,
  isPositionId,
  isSided,
  onSide,
  type PositionId,
} from '@/core/body';
import {
  fail,
  succeed,
  type Result,
  parseDuration,
  parseLength,
  GROUP_NAMES,
  type GroupName,
} from '@/core/common';
import { foldName } from '@/core/moves';
import { LANE_NAMES, laneNamed, laneSaid, readLimits, type LaneName } from '@/core/people';
import type { Routine } from '../schema';
import { SCHOOLS, SCHOOL_QUESTIONS } from '../school';
import { IN_ROOM, MOST_OF_A_THING } from '../room';
import { MOST_OFTEN, MOST_UNREAD } from '../schema';
import { splitAtCommas, unquote } from './text-lines';
import { localProblem, type LocalProblem, type ReadingProblemCode } from './problem';

/** What a header sets; several may add to the pace's numbers. */
export interface HeaderWords {
  readonly title?: string;
  readonly group?: GroupName;
  readonly pace?: PaceChanges;
  readonly slotMs?: number;
  readonly start?: PositionId;
  readonly end?: PositionId | 'stay';
  readonly lanes?: Routine['lanes'];
  readonly schools?: Routine['schools'];
  readonly room?: Routine['room'];
  readonly limits?: Routine['limits'];
  readonly limitsUnread?: Routine['limitsUnread'];
  readonly goals?: Routine['goals'];
  readonly often?: Routine['often'];
}

/** What a header says, and what of it could not be read; the rest is kept. */
interface Said {
  readonly words: HeaderWords;
  readonly problems: readonly LocalProblem[];
}

type Read = (raw: string, text: string) => Result<HeaderWords, LocalProblem> | Said;

function stop(...args: Parameters<typeof localProblem>): Result<never, LocalProblem> {
  return fail(localProblem(...args));
}

function readPosition(text: string, also: readonly string[]): Result<PositionId, LocalProblem> {
  const folded = text.toLowerCase().replace(/\s+/gu, '-');
  const named = folded === 'side-lying' || folded === 'kneel-half' ? onSide(folded, null) : folded;
  if (isPositionId(named)) return succeed(named);
  return stop('unknown-position', 0, text, [...also, ...POSITION_IDS.filter((id) => !isSided(id))]);
}

const BREATH = /^(\d{1,2}) *\/ *(\d{1,2})$/;

const PACE_NUMBERS: Readonly<Record<string, Exclude<keyof PaceChanges, 'talkWpm'>>> = {
  'set-up': 'setUpMs',
  settling: 'settlingMs',
  'count-in': 'countInMs',
  switch: 'switchMs',
  between: 'betweenMs',
  prop: 'propMs',
  rising: 'risingMs',
};
export const PACE_KEYS = ['speech', ...Object.keys(PACE_NUMBERS), 'transfer'] as const;

function readPaceNumbers(text: string): Result<HeaderWords, LocalProblem> {
  let changes: PaceChanges = {};
  let at = 0;
  for (const part of text.split(',')) {
    const result = readPaceNumber(part.trim(), at + part.length - part.trimStart().length);
    if (!result.ok) return result;
    changes = { ...changes, ...result.value };
    at += part.length + 1;
  }
  return succeed({ pace: changes });
}

function readPaceNumber(part: string, at: number): Result<PaceChanges, LocalProblem> {
  const match = /^([a-z-]+) +(.+)$/i.exec(part);
  const key = match?.[1]?.toLowerCase() ?? '';
  const value = match?.[2]?.trim() ?? '';
  const valueAt = at + part.length - value.length;
  if (key === 'speech') {
    const wpm = Number(value);
    const good = Number.isInteger(wpm) && wpm >= 40 && wpm <= 400;
    return good ? succeed({ talkWpm: wpm }) : stop('unknown-pace-number', valueAt, value, ['120']);
  }
  if (key === 'transfer') {
    const hundredths = Math.round(Number(value) * 100);
    const good = /^\d(\.\d{1,2})?$/.test(value) && hundredths >= 50 && hundredths <= 500;
    return good
      ? succeed({ transferHundredths: hundredths })
      : stop('unknown-pace-number', valueAt, value, ['1.8']);
  }
  const name = Object.hasOwn(PACE_NUMBERS, key) ? PACE_NUMBERS[key] : undefined;
  if (!name) return stop('unknown-pace-number', at, part, PACE_KEYS);
  if (key === 'rising') return readRising(value, valueAt);
  const ms = paceMs(value, valueAt);
  return ms.ok ? succeed({ [name]: ms.value }) : ms;
}

/** `20s + 10s` is the pause after lying and the one on standing; `0s` alone takes both away. */
function readRising(value: string, at: number): Result<PaceChanges, LocalProblem> {
  const [first = '', second] = value.split('+');
  const rising = paceMs(first.trim(), at);
  if (!rising.ok) return rising;
  if (second === undefined) {
    const both = rising.value === 0 ? { standingMs: 0 } : {};
    return succeed({ risingMs: rising.value, ...both });
  }
  const standing = paceMs(second.trim(), at + value.length - second.trimStart().length);
  return standing.ok ? succeed({ risingMs: rising.value, standingMs: standing.value }) : standing;
}

function paceMs(text: string, at: number): Result<number, LocalProblem> {
  const result = parseDuration(text);
  if (!result.ok) return stop(result.problems[0], at, text, ['6s']);
  return result.value > 600_000 ? stop('too-long', at, text, ['10:00']) : result;
}

const READERS: Readonly<Record<string, Read>> = {
  title: (raw) => {
    const title = unquote(raw) ?? raw;
    if (title === '') return stop('empty-header', 0, raw, ['title: Morning reset']);
    return title.length > 120
      ? stop('text-too-long', 0, `${title.slice(0, 20)}…`)
      : succeed({ title });
  },
  group: (raw, text) => {
    const name = GROUP_NAMES.find((group) => group === text.toLowerCase());
    return name ? succeed({ group: name }) : stop('unknown-group', 0, raw, GROUP_NAMES);
  },
  slot: (raw, text) => {
    // Nobody means a class of so many seconds.
    const result = parseLength(text);
    if (!result.ok) return stop(result.problems[0], 0, raw, ['10:00', '15m', '15']);
    return result.value < 1000
      ? stop('too-few', 0, raw, ['10:00'])
      : succeed({ slotMs: result.value });
  },
  start: (_, text) => {
    const result = readPosition(text, []);
    return result.ok ? succeed({ start: result.value }) : result;
  },
  end: (_, text) => {
    if (text.toLowerCase() === 'stay') return succeed({ end: 'stay' });
    const result = readPosition(text, ['stay']);
    return result.ok ? succeed({ end: result.value }) : result;
  },
  breath: (raw, text) => {
    const [, inS, outS] = (BREATH.exec(text) ?? []).map(Number);
    if (!inS || !outS || inS > 20 || outS > 20) return stop('bad-breath', 0, raw, ['4/5']);
    return succeed({ pace: { breathInMs: inS * 1000, breathOutMs: outS * 1000 } });
  },
  pace: (_, text) => readPaceNumbers(text),
  lanes: (_, text) => {
    const words = new Map<string, LaneName>();
    /** Two lanes under one word could not be told apart in a line. */
    const readLane = (name: string) => {
      const lane = laneNamed(name);
      const known = lane && words.get(laneSaid(lane));
      if (!lane || (known && known !== lane)) return undefined;
      words.set(laneSaid(lane), lane);
      return lane;
    };
    return readList(text, 'unknown-lane', [...LANE_NAMES, 'bed as lighter'], readLane, (lanes) => ({
      lanes: [...new Set(lanes)],
    }));
  },
  school: (_, text) =>
    readList(text, 'unknown-school', SCHOOL_EXAMPLES, readSchool, (schools) => ({
      schools: Object.assign({}, ...schools) as NonNullable<Routine['schools']>,
    })),
  room: (_, text) =>
    readList(text, 'unknown-room-thing', IN_ROOM, readRoomThing, (room) => ({
      room: [...new Map(room.map((one) => [one.thing, one])).values()],
    })),
  limits: (raw, text) => (text === '' ? stop('empty-header', 0, raw, ['none']) : limitsSaid(raw)),
  often: (raw) => {
    if (raw === '') return stop('empty-header', 0, raw, ['3-5 a week', 'every hour', 'evenings']);
    return raw.length > MOST_OFTEN
      ? stop('text-too-long', 0, `${raw.slice(0, 20)}…`)
      : succeed({ often: raw });
  },
  goals: (_, text) =>
    readList(
      text,
      'unknown-goal',
      REGIONS,
      (name) => oneOf(REGIONS, name.replace(/ /g, '-')),
      (goals) => ({
        goals: [...new Set(goals)],
      }),
    ),
};

const SCHOOL_EXAMPLES = SCHOOL_QUESTIONS.map((question) => `${question} ${SCHOOLS[question][0]}`);

function oneOf<T extends string>(options: readonly T[], name: string): T | undefined {
  return options.find((option) => option === name);
}

function readSchool(text: string): NonNullable<Routine['schools']> | undefined {
  const question = SCHOOL_QUESTIONS.find((one) => text.startsWith(`${one} `));
  if (!question) return undefined;
  const school = oneOf<string>(SCHOOLS[question], text.slice(question.length + 1));
  return school === undefined ? undefined : { [question]: school };
}

/** "12 chairs", "chair x12", "a wall", "mats" or "wall". */
function readRoomThing(said: string): NonNullable<Routine['room']>[number] | undefined {
  const text = said.replace(/^(?:an?|the|some|enough) /iu, '');
  const whole = oneOf(IN_ROOM, text) ?? IN_ROOM.find((one) => pluralOf(one) === text);
  if (whole) return { thing: whole };
  const before = /^(\d{1,3}) (.+)$/.exec(text);
  const after = /^(.+) [x×] ?(\d{1,3})$/.exec(text);
  const count = Number(before?.[1] ?? after?.[2] ?? 0);
  const name = before?.[2] ?? after?.[1] ?? '';
  const thing = oneOf(IN_ROOM, name) ?? IN_ROOM.find((one) => pluralOf(one) === name);
  return thing && count >= 1 && count <= MOST_OF_A_THING ? { thing, count } : undefined;
}

/** "chairs without wheels", "benches": how a counted thing is written. */
function pluralOf(thing: string): string {
  const [first = '', ...rest] = thing.split(/(?= with)/u);
  const last = /(?:ch|sh|s|x)$/.test(first) ? `${first}es` : `${first}s`;
  return last + rest.join('');
}

/** A list between commas; what is not known in it is a problem each, and the rest is kept. */
function readList<T>(
  text: string,
  code: ReadingProblemCode,
  could: readonly string[],
  read: (name: string) => T | undefined,
  make: (values: readonly T[]) => HeaderWords,
): Result<HeaderWords, LocalProblem> | Said {
  const values: T[] = [];
  const problems: LocalProblem[] = [];
  for (const piece of splitAtCommas(text, text)) {
    const value = read(foldName(piece.text));
    if (value === undefined) problems.push(localProblem(code, piece.at, piece.text, could));
    else values.push(value);
  }
  if (values.length > 0) return { words: make(values), problems };
  return problems.length > 0 ? { words: {}, problems } : stop('empty-header', 0, text, could);
}

/** Words that name no limit are kept as they stand: they were said, and wait for an answer. */
function limitsSaid(raw: string): Said {
  const { limits, unread } = readLimits(raw);
  const waiting = unread.map(({ words }) =>
    words.replaceAll('#', ' ').slice(0, MOST_UNREAD.letters).trim(),
  );
  return {
    words: {
      ...((limits.length > 0 || unread.length === 0) && { limits: [...limits] }),
      ...(unread.length > 0 && { limitsUnread: waiting.slice(0, MOST_UNREAD.count) }),
    },
    problems: unread.map(({ words, at, nearest }) =>
      localProblem('unknown-limit', at, words, nearest),
    ),
  };
}

/** The limits of a group from what somebody typed of them; both left out where that is nothing. */
export function readLimitsHeader(typed: string): Pick<Routine, 'limits' | 'limitsUnread'> {
  const { limits, limitsUnread } = typed.trim() === '' ? {} : limitsSaid(typed).words;
  return { limits, limitsUnread };
}

export interface HeaderReading extends Said {
  readonly key: string;
}

/** Reads `key: value`; undefined where the line is no header. Places count from its start. */
export function readHeader(text: string, raw: string): HeaderReading | undefined {
  const match = /^([a-z]+)\s*:\s*/i.exec(text);
  const key = match?.[1]?.toLowerCase();
  if (!match || !key) return undefined;
  const from = match[0].length;
  const read = Object.hasOwn(READERS, key) ? READERS[key] : undefined;
  if (!read) return undefined;
  const said = read(raw.slice(from).trim(), text.slice(from).trim());
  const { words, problems } = 'words' in said ? said : saidBy(said);
  return { key, words, problems: problems.map((one) => ({ ...one, at: one.at + from })) };
}

function saidBy(result: Result<HeaderWords, LocalProblem>): Said {
  return result.ok
    ? { words: result.value, problems: [] }
    : { words: {}, problems: result.problems };
}

import { distance } from 'fastest-levenshtein';
import type { Side } from '@/core/body';
import type { LimitOfBody } from './effects';
import { LIMITS, ofOneSide, type LimitName } from './names';
import {
  FILLERS,
  NO_LIMITS,
  OTHER_NAMES,
  PART_WORDS,
  SAYS_NOTHING,
  TROUBLES,
  TROUBLE_WORDS,
  UNCLEAR,
  type BodyPart,
  type Trouble,
} from './sayings';

/** Words that no limit is called by, or more than one. */
export interface UnreadLimit {
  /** As it was typed. */
  readonly words: string;
  /** Where it starts in the text, counted from 0. */
  readonly at: number;
  /** The three limits that it comes nearest to, the nearest first. */
  readonly nearest: readonly LimitName[];
  /** Limits that some of the words name all the same: they are read, and the rest is still to be asked. */
  readonly taken: readonly LimitOfBody[];
}

export interface LimitsRead {
  /** Each once; empty where there are none, or none that could be read. */
  readonly limits: readonly LimitOfBody[];
  readonly unread: readonly UnreadLimit[];
}

/**
 * Reads limits as people say them: their names, and plain or trade words for them, with or without
 * a side, between commas, semicolons or "and". It never throws.
 * @example readLimits('bad knees, hip replacement left')
 */
export function readLimits(text: string): LimitsRead {
  const limits = new Map<string, LimitOfBody>();
  const unread: UnreadLimit[] = [];
  for (const { words, at } of pieces(text)) {
    const said = limitSaid(words);
    const { taken, isAll } = said === 'unread' ? namedWithin(words) : { taken: said, isAll: true };
    if (!isAll) unread.push({ words, at, nearest: nearestLimits(words), taken });
    for (const one of taken) limits.set(limitWords(one), one);
  }
  return { limits: [...limits.values()].filter(notCovered(limits)), unread };
}

/**
 * The limits that words are the names of, whole: for searches, where the other words look for something else.
 * @example limitsNamed('bad knees') // [{ limit: 'knee painful' }]
 */
export function limitsNamed(text: string): readonly LimitOfBody[] {
  return pieces(text).flatMap(({ words }) => {
    const said = limitSaid(words);
    return said === 'unread' ? [] : said;
  });
}

/** A limit of one side says nothing where the same one is there for both. */
function notCovered(limits: ReadonlyMap<string, LimitOfBody>) {
  return ({ limit, side }: LimitOfBody) => side === undefined || !limits.has(limit);
}

/** "knee painful left": what `readLimits` reads back. */
export function limitWords({ limit, side }: LimitOfBody): string {
  return side ? `${limit} ${side}` : limit;
}

interface Said {
  readonly words: string;
  readonly at: number;
}

/** What stands between commas, semicolons and ends of lines; by "and" too where the whole is no limit. */
function pieces(text: string): readonly Said[] {
  return cut(text, 0, /[,;\n]/gu).flatMap((piece) => {
    if (limitSaid(piece.words) !== 'unread') return [piece];
    const parts = cut(piece.words, piece.at, /\s+(?:and|&|\+)\s+/giu);
    return parts.length > 1 ? parts : [piece];
  });
}

function cut(text: string, from: number, between: RegExp): readonly Said[] {
  const found: Said[] = [];
  let start = 0;
  for (const match of [...text.matchAll(between), { index: text.length, 0: '' }]) {
    const raw = text.slice(start, match.index);
    const words = raw.trim().replace(/\s+/gu, ' ');
    if (words !== '') found.push({ words, at: from + start + raw.search(/\S/u) });
    start = match.index + match[0].length;
  }
  return found;
}

function limitSaid(words: string): readonly LimitOfBody[] | 'unread' {
  const said = plain(words);
  if (SAYS_NOTHING.includes(said) || NO_LIMITS.includes(said)) return [];
  const { rest, side } = withoutSide(said);
  const limit = NAMED.get(said) ?? NAMED.get(rest) ?? NAMED.get(bare(rest)) ?? troubleIn(rest);
  if (!limit) return 'unread';
  return [side && ofOneSide(limit) ? { limit, side } : { limit }];
}

/** What turns round what is said: nothing inside such words counts. */
const TURNS =
  /\b(?:no|not|never|without|isnt|arent|hasnt|havent|doesnt|dont|didnt|wasnt|cleared|nor|free of)\b/u;

/** When it was, or how long: it changes nothing of what is meant. */
const WHEN = new Set([
  ...[
    'ago',
    'last',
    'this',
    'next',
    'week',
    'weeks',
    'wk',
    'wks',
    'month',
    'months',
    'mth',
    'mths',
  ],
  ...['year', 'years', 'yr', 'yrs', 'day', 'days', 'today', 'yesterday', 'spring', 'summer'],
  ...['autumn', 'winter', 'christmas', 'easter', 'january', 'february', 'march', 'april', 'may'],
  ...['june', 'july', 'august', 'september', 'october', 'november', 'december', 'type', 'stage'],
  ...['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday', 'often'],
  ...['sometimes', 'times', 'time', 'twice', 'once', 'ever', 'again', 'now', 'still', 'both'],
  ...['early', 'late', 'well', 'controlled', 'treated', 'tablets', 'medication', 'pills', 'for'],
  ...['when', 'she', 'he', 'they', 'it', 'at', 'to', 'by', 'takes', 'taking', 'uses', 'using'],
  ...['gets', 'get', 'suffers', 'diagnosed', 'waiting', 'registered', 'history', 'fitted'],
]);
const isWhen = (word: string) =>
  WHEN.has(word) || isFiller.has(word) || SIDE_WORDS.has(word) || /^\d+\w{0,2}$/u.test(word);

const MOST_WORDS_IN_A_NAME = 6;

/**
 * The limits that words inside a phrase name, the longest names first; all of it is read where the rest
 * only says when. A part of the body by itself names nothing here: "needs a hand" is no bad wrist.
 */
function namedWithin(words: string): { taken: readonly LimitOfBody[]; isAll: boolean } {
  const said = plain(words).split(' ').slice(0, 40);
  if (TURNS.test(said.join(' '))) return { taken: [], isAll: false };
  const { side } = withoutSide(said.join(' '));
  const used = new Set<number>();
  const taken: LimitOfBody[] = [];
  for (let size = Math.min(MOST_WORDS_IN_A_NAME, said.length); size > 0; size--) {
    for (let at = 0; at + size <= said.length; at++) {
      const places = Array.from({ length: size }, (_, i) => at + i);
      if (places.some((place) => used.has(place))) continue;
      const some = said.slice(at, at + size);
      const named = limitWithin(some);
      if (!named) continue;
      places.forEach((place) => used.add(place));
      taken.push(side && ofOneSide(named) ? { limit: named, side } : { limit: named });
    }
  }
  const scattered = taken.length === 0 ? troubleAmong(said) : undefined;
  if (scattered)
    taken.push(side && ofOneSide(scattered) ? { limit: scattered, side } : { limit: scattered });
  const left = said.filter((word, i) => !used.has(i) && !isWhen(word));
  return { taken, isAll: taken.length > 0 && left.length === 0 };
}

/** A part and what is the matter with it, with other words between them. */
function troubleAmong(said: readonly string[]): LimitName | undefined {
  if (!said.some((word) => TROUBLE_OF.has(word))) return undefined;
  return troubleIn(said.filter((word) => PART_OF.has(word) || TROUBLE_OF.has(word)).join(' '));
}

function limitWithin(some: readonly string[]): LimitName | undefined {
  const [first = '', last = ''] = [some[0], some.at(-1)];
  // A name begins and ends with a word that tells something.
  if (isWhen(first) || isWhen(last) || some.every((word) => PART_OF.has(word))) return undefined;
  const words = some.join(' ');
  return NAMED.get(words) ?? (some.length > 1 ? troubleIn(words) : undefined);
}

/** Lower case, with neither accents nor points, and hyphens read as spaces. */
function plain(words: string): string {
  return words
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[\p{M}'’‘`"“”.!?:()]/gu, '')
    .replace(/[-–—/_\s]+/gu, ' ')
    .replace(/\bflare up\b|\bflaring up\b/gu, 'flareup')
    .trim();
}

const SIDE_WORDS: ReadonlyMap<string, Side | 'both'> = new Map([
  ['left', 'left'],
  ['l', 'left'],
  ['right', 'right'],
  ['r', 'right'],
  ['both', 'both'],
  ['bilateral', 'both'],
]);

function withoutSide(said: string): { readonly rest: string; readonly side: Side | undefined } {
  const words = said.split(' ');
  const sides = new Set(words.flatMap((word) => SIDE_WORDS.get(word) ?? []));
  const [only] = sides;
  const rest = words.filter((word) => !SIDE_WORDS.has(word)).join(' ');
  return { rest, side: sides.size === 1 && only !== 'both' ? only : undefined };
}

const isFiller = new Set(FILLERS);
const bare = (said: string) =>
  said
    .split(' ')
    .filter((word) => !isFiller.has(word) && !/^\d+$/u.test(word))
    .join(' ');

/** Every name of every limit, with fillers and without. */
const NAMED: ReadonlyMap<string, LimitName> = new Map(
  LIMITS.flatMap((limit) =>
    [limit, ...(OTHER_NAMES[limit] ?? [])].flatMap((name): [string, LimitName][] => [
      [plain(name), limit],
      [bare(plain(name)), limit],
    ]),
  ).filter(([name]) => name !== ''),
);

function keyOf<T extends string>(
  table: Readonly<Record<T, readonly string[]>>,
): ReadonlyMap<string, T> {
  const entries = Object.entries<readonly string[]>(table);
  return new Map(entries.flatMap(([key, words]) => words.map((word) => [word, key as T])));
}
const PART_OF: ReadonlyMap<string, BodyPart> = keyOf(PART_WORDS);
const TROUBLE_OF: ReadonlyMap<string, Trouble> = keyOf(TROUBLE_WORDS);

/** A part and what is the matter with it, in any order; a part alone is a painful one. */
function troubleIn(said: string): LimitName | undefined {
  const words = bare(said).split(' ');
  const parts = new Set(words.flatMap((word) => PART_OF.get(word) ?? []));
  const troubles = new Set(words.flatMap((word) => TROUBLE_OF.get(word) ?? []));
  const strange = words.some((word) => !PART_OF.has(word) && !TROUBLE_OF.has(word));
  const [part] = parts;
  if (strange || parts.size !== 1 || !part) return undefined;
  const trouble = ORDER_OF_TROUBLES.find((one) => troubles.has(one)) ?? 'pain';
  return TROUBLES[trouble][part];
}

/** "Painful after an operation" is read as the operation, which rules out more. */
const ORDER_OF_TROUBLES = ['operated', 'fracture', 'flare', 'pain'] as const;

/** Every trouble of every part, by all its words: what a word typed wrong may have been meant for. */
const TROUBLED = Object.entries(TROUBLES).flatMap(([trouble, limits]) =>
  Object.entries(limits).flatMap(([part, limit]) =>
    PART_WORDS[part as BodyPart].flatMap((own) => [
      ...TROUBLE_WORDS[trouble as Trouble].map((word) => [`${word} ${own}`, limit] as const),
      ...(trouble === 'pain' ? [[own, limit] as const] : []),
    ]),
  ),
);

/** All that limits are called, word by word. */
const CALLED = [...NAMED, ...TROUBLED].map(([name, limit]) => ({ words: name.split(' '), limit }));
const CALLED_WORDS = [...new Set(CALLED.flatMap(({ words }) => words))];

const NEAREST = 3;

const unclearOf = (said: string) => (Object.hasOwn(UNCLEAR, said) ? UNCLEAR[said] : undefined);

/** The limits that words come nearest to, by what they share and by their letters. */
export function nearestLimits(words: string): readonly LimitName[] {
  const said = withoutSide(plain(words)).rest.slice(0, 60);
  const inside = said.split(' ').map((word) => unclearOf(word));
  const unclear = unclearOf(said) ?? unclearOf(bare(said)) ?? inside.find(Boolean);
  if (unclear) return unclear;
  const apartness = apartnessOf(said.split(' '));
  const best = new Map<LimitName, number>();
  for (const { words: name, limit } of CALLED) {
    const apart = apartness(name);
    if (apart < (best.get(limit) ?? Infinity)) best.set(limit, apart);
  }
  return [...best]
    .toSorted(([, a], [, b]) => a - b)
    .slice(0, NEAREST)
    .map(([limit]) => limit);
}

/** From 0, the same, to about 1: the mean of how far each word is from its nearest in the name. */
function apartnessOf(said: readonly string[]): (name: readonly string[]) => number {
  // Names are made of few words: each is held against what is said once.
  const far = new Map(
    CALLED_WORDS.map((word) => [
      word,
      said.map((own) => distance(own, word) / Math.max(own.length, word.length)),
    ]),
  );
  return (name) => {
    const table = name.map((word) => far.get(word) ?? []);
    const mine = said.map((_, i) => Math.min(...table.map((row) => row[i] ?? 1)));
    const theirs = table.map((row) => Math.min(...row));
    return (2 * mean(mine) + mean(theirs)) / 3;
  };
}

const mean = (numbers: readonly number[]) =>
  numbers.reduce((sum, one) => sum + one, 0) / numbers.length;

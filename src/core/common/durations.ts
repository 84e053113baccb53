import { fail, succeed, type Result } from './result';

/** The longest time one clause may ask for, in milliseconds (4 hours). */
export const LONGEST_MS = 4 * 60 * 60 * 1000;

export type DurationProblem = 'bare-number' | 'not-a-duration' | 'too-long';

const UNITS = /^(?:(\d{1,5})\s*h)?\s*(?:(\d{1,5})\s*m(?:in)?)?\s*(?:(\d{1,5})\s*s(?:ec)?)?$/i;
const CLOCK = /^(?:(\d{1,2}):(\d{2})|(\d{1,4})):(\d{2})$/;

/**
 * Reads `45s`, `1:30`, `2m`, `2m30s` or `1:02:00` as integer milliseconds.
 * A bare number is a problem: nobody can tell seconds from minutes.
 * @example parseDuration('2m30s') // { ok: true, value: 150000 }
 */
export function parseDuration(text: string): Result<number, DurationProblem> {
  const trimmed = text.trim();
  if (/^\d+$/.test(trimmed)) return fail('bare-number');
  const seconds = clockSeconds(trimmed) ?? unitSeconds(trimmed);
  if (seconds === undefined) return fail('not-a-duration');
  const ms = seconds * 1000;
  return ms > LONGEST_MS ? fail('too-long') : succeed(ms);
}

/**
 * Reads the length of a class: as `parseDuration` does and as people say it, but a bare number is
 * minutes, since nobody means a class of so many seconds.
 * @example parseLength('20') // { ok: true, value: 1200000 }
 * @example parseLength('half an hour') // { ok: true, value: 1800000 }
 */
export function parseLength(text: string): Result<number, DurationProblem> {
  const trimmed = text.trim();
  const read = parseDuration(/^\d{1,5}$/.test(trimmed) ? `${trimmed}m` : trimmed);
  if (read.ok || read.problems[0] !== 'not-a-duration') return read;
  const ms = saidMs(trimmed.toLowerCase());
  if (ms === undefined) return read;
  return ms > LONGEST_MS ? fail('too-long') : succeed(ms);
}

const SMALL = [
  ...['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven'],
  ...['twelve', 'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen'],
];
const TENS = ['twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];
const SHARES: Readonly<Record<string, number>> = {
  ...{
    'half a': 0.5,
    'a half': 0.5,
    'half an': 0.5,
    half: 0.5,
    '½': 0.5,
    '1/2': 0.5,
    '¼': 0.25,
    '1/4': 0.25,
  },
  ...{ 'a quarter of an': 0.25, 'quarter of an': 0.25, 'a quarter': 0.25 },
  ...{ 'three quarters of an': 0.75, 'three-quarters of an': 0.75, '¾': 0.75, '3/4': 0.75 },
  ...{ a: 1, an: 1, 'a couple of': 2 },
};
const UNIT_MS: Readonly<Record<string, number>> = { h: 3_600_000, m: 60_000, s: 1000 };
const PART =
  /^(?:about |around |and |, ?)*(.*?) ?(?<![a-z])(hours?|hrs?|h|minutes?|mins?|m|seconds?|secs?|s)(?![a-z])\.?( and a half| and a quarter)?\s*/u;

/** A quantity as it is said: `45`, `1.5`, `1 1/2`, `twenty-five`, `half an`. */
function saidNumber(said: string): number | undefined {
  const plain = said.trim();
  if (Object.hasOwn(SHARES, plain)) return SHARES[plain];
  if (/^\d{1,5}(?:\.\d{1,2})?$/u.test(plain)) return Number(plain);
  const mixed = /^(\d{1,3}) ?(½|¼|¾|1\/2|1\/4|3\/4)$/u.exec(plain);
  if (mixed) return Number(mixed[1]) + (SHARES[mixed[2] ?? ''] ?? 0);
  const [first = '', second, ...more] = plain.split(/[ -]/u);
  if (more.length > 0) return undefined;
  const small = SMALL.indexOf(second ?? first) + 1;
  const tens = (TENS.indexOf(first) + 2) * 10;
  if (second === undefined) return small || (tens >= 20 ? tens : undefined);
  return small > 0 && small < 10 && tens >= 20 ? tens + small : undefined;
}

/** Hours, minutes and seconds as they are said, all of the text or nothing. */
function saidMs(text: string): number | undefined {
  let rest = text
    .replace(/^(?:about|around|roughly|max(?:imum)?|at most|up to)\b\.? ?/u, '')
    .replace(/ ?\b(?:long|in all|max(?:imum)?|at most|or so)\.?$/u, '')
    .replace(/(\d),(\d)/gu, '$1.$2')
    .replace(/(\d) ?[’'′]/gu, '$1 min');
  // A number in words alone is minutes, as one in figures is.
  const bare = /^[a-z -]+$/u.test(rest) ? saidNumber(rest) : undefined;
  if (bare !== undefined && !Object.hasOwn(SHARES, rest)) return bare * 60_000;
  let ms = 0;
  let before = 0;
  while (rest !== '') {
    // "1 hr 30": what stands alone behind hours is minutes.
    const alone = before === UNIT_MS.h && /^(?:and )?(\d{1,2})$/u.exec(rest)?.[1];
    if (alone) return ms + Number(alone) * 60_000;
    const [whole = '', said = '', unit = '', half] = PART.exec(rest) ?? [];
    const size = UNIT_MS[unit[0] ?? ''];
    const count = saidNumber(said);
    if (whole === '' || size === undefined || count === undefined) return undefined;
    ms += (count + (half ? (half.endsWith('half') ? 0.5 : 0.25) : 0)) * size;
    before = size;
    rest = rest.slice(whole.length);
  }
  return ms > 0 ? Math.round(ms) : undefined;
}

function clockSeconds(text: string): number | undefined {
  const match = CLOCK.exec(text);
  if (!match) return undefined;
  const [, hours = '0', minutesInHour, minutesAlone, seconds = '0'] = match;
  const minutes = Number(minutesInHour ?? minutesAlone);
  if (Number(seconds) > 59 || (minutesInHour !== undefined && minutes > 59)) return undefined;
  return Number(hours) * 3600 + minutes * 60 + Number(seconds);
}

function unitSeconds(text: string): number | undefined {
  const match = UNITS.exec(text);
  if (!match || text === '') return undefined;
  const [, hours = '0', minutes = '0', seconds = '0'] = match;
  return Number(hours) * 3600 + Number(minutes) * 60 + Number(seconds);
}

/**
 * Writes whole seconds the way routine text keeps them: `45s`, `1:30`, `1:02:00`.
 * @param ms milliseconds, rounded down to a second
 * @example printDuration(90_000) // '1:30'
 */
export function printDuration(ms: number): string {
  return ms < 60_000 ? `${Math.floor(ms / 1000)}s` : printClock(ms);
}

/**
 * Writes a time as a clock shows it: `0:45`, `19:42`, `1:02:00`.
 * @param ms milliseconds, rounded down to a second
 * @example printClock(3_723_000) // '1:02:03'
 */
export function printClock(ms: number): string {
  const seconds = Math.floor(ms / 1000);
  const pad = (n: number) => String(n).padStart(2, '0');
  const hours = Math.floor(seconds / 3600);
  const minutes = Math.floor(seconds / 60) % 60;
  return hours > 0
    ? `${hours}:${pad(minutes)}:${pad(seconds % 60)}`
    : `${minutes}:${pad(seconds % 60)}`;
}

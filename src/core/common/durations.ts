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
 * Reads the length of a class: as `parseDuration` does, but a bare number is minutes, since nobody
 * means a class of so many seconds.
 * @example parseLength('20') // { ok: true, value: 1200000 }
 */
export function parseLength(text: string): Result<number, DurationProblem> {
  const trimmed = text.trim();
  return parseDuration(/^\d{1,5}$/.test(trimmed) ? `${trimmed}m` : trimmed);
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

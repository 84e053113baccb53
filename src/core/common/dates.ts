const two = (n: number) => String(Math.abs(Math.trunc(n))).padStart(2, '0');

/**
 * A moment as the clock on the wall has it, with its offset, so that its first ten letters are the
 * day on which it was.
 * Such as 2026-11-26T10:00:00+01:00.
 */
export function isoWithOffset(date: Date): string {
  const offset = -date.getTimezoneOffset();
  const day = `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
  const time = `${two(date.getHours())}:${two(date.getMinutes())}:${two(date.getSeconds())}`;
  return `${day}T${time}${offset < 0 ? '-' : '+'}${two(offset / 60)}:${two(offset % 60)}`;
}

/**
 * A day and an hour by the clock on the wall of this place, as a moment with its offset. The wall's own
 * words stay as they are, even where that hour is left out on the night when the clocks change.
 * @param day as `2026-03-29`
 * @param time as `02:30`
 * @param offsetOf how many minutes a moment's clock is behind UTC, as `Date` has it
 */
export function atWallClock(
  day: string,
  time: string,
  offsetOf: (moment: Date) => number = (moment) => moment.getTimezoneOffset(),
): string {
  const asUtc = new Date(`${day}T${time}:00Z`);
  // The offset of that hour, from a first guess; on the night of the change the one before it.
  const guess = new Date(asUtc.getTime() + offsetOf(asUtc) * 60_000);
  const offset = -offsetOf(guess);
  const sign = offset < 0 ? '-' : '+';
  return `${day}T${time}:00${sign}${two(offset / 60)}:${two(offset % 60)}`;
}

/** Whether a text is a day that there is, as `2026-02-28`. */
export function isDay(text: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/u.test(text)) return false;
  const at = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(at.getTime()) && at.toISOString().slice(0, 10) === text;
}

/** What is kept of a class or a person is not from before this day: such a year is a slip of the keys. */
export const FIRST_DAY = '1990-01-01';

const DAY_MS = 86_400_000;
const utc = (day: string) => Date.parse(`${day.slice(0, 10)}T00:00:00Z`);

/** The day by the clock on the wall, as `2026-11-26`. */
export function dayOfDate(date: Date): string {
  return isoWithOffset(date).slice(0, 10);
}

/**
 * Whole days from one day to another; what stands behind a day is not looked at.
 * @example daysBetween('2026-02-27', '2026-03-01') // 2
 */
export function daysBetween(from: string, to: string): number {
  return Math.round((utc(to) - utc(from)) / DAY_MS);
}

/** The day that comes so many days after another. */
export function daysAfter(day: string, days: number): string {
  return new Date(utc(day) + days * DAY_MS).toISOString().slice(0, 10);
}

/** 0 for Monday to 6 for Sunday. */
export function weekdayOf(day: string): number {
  return (new Date(utc(day)).getUTCDay() + 6) % 7;
}

/** The Monday of a day's week. */
export function weekOf(day: string): string {
  return daysAfter(day, -weekdayOf(day));
}

/**
 * The next day that is a weekday, this day itself where its hour is still to come.
 * @param weekday 0 is Monday
 * @param time as `10:30`; the end of the day where it is left out
 * @param now the day and the clock on the wall
 */
export function nextOn(
  weekday: number,
  time: string | undefined,
  now: { readonly day: string; readonly clock: string },
): string {
  const ahead = (weekday - weekdayOf(now.day) + 7) % 7;
  return daysAfter(now.day, ahead === 0 && (time ?? '23:59') < now.clock ? 7 : ahead);
}

/**
 * The last day on which an hour has been, this day itself where it has.
 * @param time as `10:00`
 * @example lastWith('10:00', { day: '2026-03-01', clock: '00:20' }) // '2026-02-28'
 */
export function lastWith(
  time: string,
  now: { readonly day: string; readonly clock: string },
): string {
  return time <= now.clock ? now.day : daysAfter(now.day, -1);
}

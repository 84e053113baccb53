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

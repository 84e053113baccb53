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

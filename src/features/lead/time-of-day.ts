const DAY_MS = 86_400_000;

/**
 * How long it is until a time of day, in milliseconds; what is past is meant for tomorrow. Undefined
 * where it is no time of day.
 * @example msUntil('10:30', new Date(2026, 0, 5, 10, 0)) // 1_800_000
 */
export function msUntil(text: string, now: Date): number | undefined {
  const read = /^(\d{1,2})(?:[:.h]?(\d{2}))?\s*(am|pm)?$/iu.exec(text.trim());
  if (!read) return undefined;
  const [, hour = '', minute = '0', half] = read;
  const hours = half ? (Number(hour) % 12) + (half.toLowerCase() === 'pm' ? 12 : 0) : Number(hour);
  if (hours > 23 || Number(minute) > 59 || (half && Number(hour) > 12)) return undefined;
  const at = new Date(now);
  at.setHours(hours, Number(minute), 0, 0);
  const ms = at.getTime() - now.getTime();
  return ms > 0 ? ms : ms + DAY_MS;
}

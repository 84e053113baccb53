/*
 * Times and days as the device's own settings write them, in one form on every page. A moment has the
 * offset of its place, and is shown as the clock on that wall had it.
 */

/** The wall's own words as a moment that is not moved to any other zone. */
const asWall = (iso: string): Date => {
  const day = iso.slice(0, 10);
  const time = /T(\d{2}:\d{2})/u.exec(iso)?.[1] ?? '12:00';
  return new Date(`${day}T${time}:00Z`);
};

type Form = Intl.DateTimeFormatOptions;
const DAY: Form = { day: 'numeric', month: 'short' };
const TIME: Form = { hour: 'numeric', minute: '2-digit' };
const forms = new Map<Form, Intl.DateTimeFormat>();

function written(form: Form, at: Date): string {
  const made = forms.get(form) ?? new Intl.DateTimeFormat([], { ...form, timeZone: 'UTC' });
  forms.set(form, made);
  return Number.isNaN(at.getTime()) ? '' : made.format(at);
}

const WITH_YEAR: Form = { ...DAY, year: 'numeric' };
const WHOLE: Form = { weekday: 'short', ...WITH_YEAR, ...TIME };

/** A time of day: of a moment, or as `10:30`. */
export function timeShown(at: string): string {
  return written(TIME, asWall(at.includes('T') ? at : `2000-01-01T${at.padStart(5, '0')}`));
}

/** A day with its year, as `2026-11-26` or of a moment. */
export function dayShown(day: string): string {
  return written(WITH_YEAR, asWall(day.slice(0, 10)));
}

/** A day of these months, without its year. */
export function shortDayShown(day: string): string {
  return written(DAY, asWall(day.slice(0, 10)));
}

/** A moment: the day of the week, the day and the time. */
export function momentShown(at: string): string {
  return written(WHOLE, asWall(at));
}

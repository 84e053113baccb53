import { daysBetween } from '@/core/common';
import type { LimitName } from '../limit/names';
import type { Person } from './schema';

/** For so long a fall makes somebody unsteady, whoever looked at it. Source: practice. */
const FALL_DAYS = 365;

type Event = NonNullable<Person['events']>[number];

/** What an event is, for as long as it holds: a limit, or that nobody knows yet. */
const HOLDS_AS: Readonly<Record<Event['what'], LimitName | 'not-asked'>> = {
  fall: 'unsteady',
  faint: 'faint on rising',
  fracture: 'not-asked',
  operation: 'not-asked',
  'stop-sign': 'not-asked',
};

/**
 * Whether what happened still holds on a day: a fall for twelve months; a faint until a clinician was
 * asked; a fracture, an operation or a stop sign until then, or until the questions were asked again.
 * @param askedOn the day on which the questions were asked last
 */
export function holdsOn(event: Event, day: string, askedOn?: string): boolean {
  const { what, on, dealtOn } = event;
  if (on > day) return false;
  if (what === 'fall') return daysBetween(on, day) < FALL_DAYS;
  if (dealtOn !== undefined && dealtOn <= day) return false;
  return what === 'faint' || askedOn === undefined || askedOn <= on;
}

/** What the events of somebody hold them to on a day, each once. */
export function inForce(
  { events = [], askedOn }: Pick<Person, 'events' | 'askedOn'>,
  day: string,
): ReadonlySet<LimitName | 'not-asked'> {
  const held = events.filter((event) => holdsOn(event, day, askedOn));
  return new Set(held.map(({ what }) => HOLDS_AS[what]));
}

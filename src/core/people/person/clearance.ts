import { effectsNotAsked, effectsOf, type Effect } from '../limit/effects';
import type { Clearance, Person } from './schema';

/** The clearances that still hold on a day: not a year old, and nothing has happened since. */
export function clearancesOn(person: Person, day: string): readonly Clearance[] {
  return (person.clearances ?? []).filter(
    ({ on }) =>
      on <= day &&
      day < oneYearAfter(on) &&
      !(person.events ?? []).some((event) => event.on >= on && event.on <= day),
  );
}

function oneYearAfter(day: string): string {
  return `${Number(day.slice(0, 4)) + 1}${day.slice(4)}`;
}

/**
 * What a person's limits rule out or ask care for on a day, as `2026-11-25`.
 * @param older whether they take part in an older group, which is checked even where nobody asked
 */
export function personEffects(person: Person, day: string, older: boolean): readonly Effect[] {
  if (person.limits) return effectsOf(person.limits, clearancesOn(person, day), person.name);
  return older ? effectsNotAsked(person.name) : [];
}

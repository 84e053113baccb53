import type { LimitName } from '../limit/names';
import { inForce } from './in-force';
import { effectsNotAsked, effectsOf, type Effect } from '../limit/effects';
import type { Clearance, Person } from './schema';

/** The first day on which a clearance no longer holds. */
export function lapseOf({ on, until }: Pick<Clearance, 'on' | 'until'>): string {
  const year = `${Number(on.slice(0, 4)) + 1}${on.slice(4)}`;
  return until && until < year ? until : year;
}

/** The clearances that still hold on a day: not a year old, and nothing has happened since. */
export function clearancesOn(person: Person, day: string): readonly Clearance[] {
  return (person.clearances ?? []).filter(
    ({ on, until }) =>
      on <= day &&
      day < lapseOf({ on, until }) &&
      !(person.events ?? []).some((event) => event.on >= on && event.on <= day),
  );
}

/**
 * What a person's limits rule out or ask care for on a day, as `2026-11-25`.
 * @param older whether they take part in an older group, which is checked even where nobody asked
 */
export function personEffects(person: Person, day: string, older: boolean): readonly Effect[] {
  const ofToday = person.limitsToday ? effectsOf(person.limitsToday, [], person.name) : [];
  const held = inForce(person, day);
  const has = (name: LimitName) => person.limits?.some(({ limit }) => limit === name) ?? false;
  const happened = [...held].filter((one) => one !== 'not-asked').filter((one) => !has(one));
  const ofEvents = effectsOf(
    happened.map((limit) => ({ limit })),
    [],
    person.name,
  );
  const told = (person.told ?? '').trim() !== '';
  const strict =
    told || held.has('not-asked') || (!person.limits && (older || person.unknownIsStrict));
  const notAsked = strict ? effectsNotAsked(person.name) : [];
  const own = person.limits ? effectsOf(person.limits, clearancesOn(person, day), person.name) : [];
  return [...own, ...ofEvents, ...notAsked, ...ofToday];
}

import type { OwnDose } from '../person/member';

type Setting = Omit<OwnDose, 'before'>;

/** As many settings of one move as are kept. */
export const MOST_SETTINGS = 200;

const isSame = (a: Setting, b: Setting): boolean =>
  a.level === b.level && a.amount === b.amount && a.sets === b.sets;

/** All settings of a dose, the earliest first. */
export const settingsOf = ({ before = [], ...now }: OwnDose): readonly Setting[] => [
  ...before,
  now,
];

/**
 * A dose that is set, with all that it was before. What is merely set again stays of its day: a story
 * that was told with it would be another one otherwise.
 */
export function doseSet(known: OwnDose | undefined, next: Setting): OwnDose {
  if (!known) return next;
  const { before: _, ...now } = known;
  if (isSame(now, next)) return known;
  return { ...next, before: settingsOf(known).slice(-MOST_SETTINGS) };
}

/** The dose that a class of a day was taken with: what is set after it on that day is for the next. */
export function doseBefore(dose: OwnDose | undefined, on: string): Setting | undefined {
  return dose && settingsOf(dose).findLast((one) => one.on < on);
}

/** Less of everything at the same level; whatever else it is may ask more. */
function isLess(next: Setting, before: Setting): boolean {
  const least = (a: number | undefined, b: number | undefined) =>
    a === b || (a !== undefined && b !== undefined && a <= b);
  return (
    next.level === before.level &&
    least(next.amount, before.amount) &&
    least(next.sets, before.sets)
  );
}

/** The days on which a dose may have risen: whenever it was set to what is not plainly less. */
export function daysOfRise(dose: OwnDose): readonly string[] {
  const all = settingsOf(dose);
  return all.flatMap((one, i) => {
    const before = all[i - 1];
    return before && isLess(one, before) ? [] : [one.on];
  });
}

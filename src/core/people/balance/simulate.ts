import { daysAfter } from '@/core/common';
import type { Rung } from './ladder';
import { placeOn, rungsOf, sameRung, type LadderSchool } from './rungs';

/** A rung and the class in which it would be reached, where all goes well. */
export interface Foreseen {
  readonly on: string;
  readonly rung: Rung;
}

/**
 * The coming weeks of somebody under a school: each rung passed in two classes, the quickest that the
 * rules allow. What is foreseen is a way, not a promise.
 * @param passed on how many days the present rung was passed already
 * @param everyDays days between two classes
 */
export function foreseen(
  school: LadderSchool,
  older: boolean,
  from: Rung,
  {
    on,
    weeks,
    everyDays,
    passed,
  }: { on: string; weeks: number; everyDays: number; passed: number },
): readonly Foreseen[] {
  const rungs = rungsOf(school, older);
  const found: Foreseen[] = [];
  let at = placeOn(rungs, from);
  let days = sameRung(rungs[at] ?? from, from) ? passed : 0;
  for (let day = everyDays; day <= weeks * 7; day += everyDays) {
    days += 1;
    const next = rungs[at + 1];
    if (days < 2 || !next) continue;
    at += 1;
    days = 0;
    found.push({ on: daysAfter(on, day), rung: next });
  }
  return found;
}

import { STANCES, type Stance } from '@/core/body';
import type { Reading } from '../person/measures';
import { timesOn, type Rung } from './ladder';

/** What is older than this says nothing of today. */
const HOLDS_MONTHS = 12;
/** A stance that is held so long by the weaker side leads to the next. */
const HELD_S = 10;

/** A rung that readings offer, and the reading that it rests on. */
export interface MeasuredRung {
  readonly rung: Rung;
  readonly from: Reading;
}

const weaker = ({ value, left, right }: Reading): number | undefined =>
  value ?? (left === undefined || right === undefined ? undefined : Math.min(left, right));

/**
 * Where measured stances would place somebody on the ladder: the narrowest stance that the weaker side
 * held, as long as it did, with a hand at the support to begin with. A wider stance that was measured and
 * not held for ten seconds ends the search; readings with hands, an aid, one side alone, from before
 * something happened, or older than a year, offer nothing. Source: practice, after the four-stage test.
 * @param since the day of the last event; readings up to it count no longer
 * @returns undefined where no reading is enough
 */
export function measuredRung(
  readings: readonly Reading[],
  today: string,
  since = '',
): MeasuredRung | undefined {
  const year = `${Number(today.slice(0, 4)) - HOLDS_MONTHS / 12}${today.slice(4)}`;
  let best: MeasuredRung | undefined;
  for (const base of STANCES) {
    const last = readings
      .filter(({ measure, on }) => measure === base && on > year && on > since && on <= today)
      .sort((a, b) => a.on.localeCompare(b.on))
      .at(-1);
    const seconds = last && !last.with ? weaker(last) : undefined;
    if (!last) continue;
    if (seconds === undefined) break;
    const timeMs = timesOn(base).findLast((one) => one <= seconds * 1000);
    if (timeMs === undefined) break;
    best = { rung: { base, hands: first(base), challenge: 'still', timeMs }, from: last };
    if (seconds < HELD_S) break;
  }
  return best;
}

const first = (base: Stance) => (base === 'one-leg' ? 'one hand' : 'fingertips');

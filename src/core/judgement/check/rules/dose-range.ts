import {
  MOST_SETS,
  amountOf,
  doseInForce,
  ownDose,
  sideSetMs,
  unitMs,
  type Dose,
} from '@/core/moves';
import {
  amountRange,
  changeItem,
  doseChanged,
  entryAt,
  placeOf,
  type Block,
  type ItemInForce,
} from '@/core/routine';
import type { About, Rule, Severity } from '../finding';
import { itemOf } from '../mend';
import type { Seen, SeenItem } from '../seen';

/** Up to half or double is the instructor's own choice; beyond it may be a slip. */
const severity = (now: number, least: number, most: number): Severity =>
  now * 2 < least || now > most * 2 ? 'caution' : 'note';

interface Span {
  readonly now: number;
  readonly least: number;
  readonly most: number;
  readonly kind: Dose['kind'];
}

/**
 * A kind of dose that a move does not offer is held against those it does, in seconds: reps through
 * their tempo, breaths through the pace.
 */
function spanInTime(seen: Seen, { item, inForce }: SeenItem): Span | undefined {
  const { move, dose, sides } = inForce;
  const one = (kind: 'reps' | 'breaths') =>
    unitMs(
      doseInForce(
        { dose: kind === 'reps' ? { kind, reps: 1, sets: 1 } : { kind, breaths: 1, sets: 1 } },
        ownDose(move, seen.routine.group),
      ),
      seen.pace,
    ) ?? 0;
  const { holdMs, timedMs, reps, breaths } = move.range;
  const times = (span: readonly number[] | undefined, ms: number) => span?.map((n) => n * ms);
  const spans = [holdMs, timedMs, times(reps, one('reps')), times(breaths, one('breaths'))].filter(
    (span) => span !== undefined,
  );
  if (spans.length === 0) return undefined;
  const shared = sides.way === 'alternating' && dose.kind === 'timed';
  const extraMs = item.weak?.extraMs ?? 0;
  const now = sideSetMs(dose, seen.pace) / (shared ? 2 : 1) + extraMs;
  const least = Math.min(...spans.map((span) => span[0] ?? 0));
  const most = Math.max(...spans.map((span) => span[1] ?? 0));
  return { now, least, most, kind: 'timed' };
}

function spanOf(seen: Seen, one: SeenItem): Span | undefined {
  const range = amountRange(one.item, seen.routine);
  return range ? { ...range, kind: one.inForce.dose.kind } : spanInTime(seen, one);
}

/** So few reps are a rehearsal; bouts by turns, and holds that are done many times, are short. */
const VALUES = {
  rehearsalMost: 2,
  boutLeastMs: 10_000,
  manyHoldMs: 10_000,
  manySetsFrom: 3,
} as const;

function blockOf({ routine }: Seen, { entryId }: SeenItem): Block | undefined {
  const entry = entryAt(routine, placeOf(routine, entryId));
  return entry.kind === 'block' ? entry : undefined;
}

/**
 * Whether a dose is short because of the kind of work that it is, and not by a slip: a rehearsal, one long
 * breath, a bout by turns, one of many holds. Some methods are made of these.
 */
function isShortWork({ dose }: ItemInForce, block: Block | undefined): boolean {
  switch (dose.kind) {
    case 'reps':
      return dose.reps <= VALUES.rehearsalMost;
    case 'breaths':
      return dose.breaths === 1;
    case 'timed':
      return (block?.rounds ?? 1) > 1 && dose.timedMs >= VALUES.boutLeastMs;
    case 'hold':
      return dose.holdMs <= VALUES.manyHoldMs && dose.sets >= VALUES.manySetsFrom;
  }
}

const sets = ({ about }: { readonly about: About<'kinds'> }) => about.kinds?.[0] === 'sets';

/** The end of a span that lies outside; both are held against the range. */
function outside(
  ends: readonly (number | undefined)[],
  least: number,
  most: number,
): number | undefined {
  return ends.find((end) => end !== undefined && (end < least || end > most));
}

/** A dose outside its move's range, in amount or in sets. */
export const doseRange: Rule<'now' | 'least' | 'most', 'kinds'> = {
  severity: 'caution',
  source: 'practice',
  anyOrder: true,
  values: VALUES,
  find: (seen) =>
    seen.items.flatMap((one) => {
      const { item, inForce } = one;
      const { dose, move } = inForce;
      const block = blockOf(seen, one);
      // In a build-up a dose is done again and again, and is short for that.
      if (block?.buildUp) return [];
      const short = isShortWork(inForce, block);
      const [fewest, mostSets] = move.range.sets;
      const most = short && dose.kind === 'hold' ? MOST_SETS : mostSets;
      const sets = outside([dose.sets, dose.mostSets], fewest, most);
      const range = spanOf(seen, one);
      const least = short ? 0 : range?.least;
      const amount = range && outside([range.now, dose.most], least ?? 0, range.most);
      const found = sets
        ? { numbers: { now: sets, least: fewest, most }, about: { kinds: ['sets'] as const } }
        : range && amount !== undefined
          ? {
              numbers: { now: amount, least: range.least, most: range.most },
              about: { kinds: [range.kind] },
            }
          : undefined;
      if (!found) return [];
      const { now, least: fewer, most: greatest } = found.numbers;
      return [{ severity: severity(now, fewer, greatest), itemId: item.id, ...found }];
    }),
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    if (!one) return [];
    // Of another kind than the move offers: its own dose is the way back.
    if (!sets(finding) && !amountRange(one.item, seen.routine)) {
      const words = { dose: undefined, restMs: undefined, tempo: undefined, press: undefined };
      return [changeItem(seen.routine, one.item.id, words)];
    }
    const { now = 0, least = 0, most = 0 } = finding.numbers;
    const value = Math.min(most, Math.max(least, now));
    const to = sets(finding)
      ? { sets: value, amount: amountOf(one.inForce.dose) }
      : { amount: value };
    return [changeItem(seen.routine, one.item.id, doseChanged(one.item, seen.routine, to))];
  },
};

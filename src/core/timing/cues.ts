import { remember, rememberPair, rememberText, withCapital } from '@/core/common';
import { otherSide, type Side, talkMs, type Pace, type TransferPart } from '@/core/body';
import { cuesOf, type Cues, type Move } from '@/core/moves';
import type { LaneName } from '@/core/people';
import type { Item, ItemInForce } from '@/core/routine';
import type { ScorePhrases, SegmentSide } from './score';
import { workOf, type WorkSet } from './set-times';

/** The end of the work, where the count-down stands and no cue may. */
export const COUNT_DOWN_MS = 5000;
/** Shorter work has no count-down; its cue may fill it. */
export const COUNT_DOWN_FROM_MS = 12_000;

/** A cue with the side's words put in; alternating work speaks of the side that starts. */
export function spoken(
  template: string,
  side: SegmentSide,
  first: Side | null,
  phrases: ScorePhrases,
): string {
  const named = side === 'left' || side === 'right' ? side : (first ?? 'left');
  return sayings(phrases)[named](template);
}

const sayings = remember((phrases: ScorePhrases) => {
  const of = (named: Side) =>
    rememberText((template) => {
      const text = template
        .replaceAll('{side}', phrases.side(named))
        .replaceAll('{other}', phrases.side(otherSide(named)));
      return withCapital(text);
    });
  return { left: of('left'), right: of('right') };
});

export interface GoCue {
  readonly text: string;
  /** Whether it can be said before the count-down. */
  readonly fits: boolean;
  /** Own words whole, where there is only time for a part of them. */
  readonly whole?: string | undefined;
}

/** How long a cue that starts with a set may take. */
export function roomForCueMs({ ms, parts }: WorkSet): number {
  const [first] = parts;
  if (parts.length > 1 && first) return first.ms;
  return ms >= COUNT_DOWN_FROM_MS ? ms - COUNT_DOWN_MS : ms;
}

/**
 * The go-cue of a set: the full one on a side's first set where it fits, else the short one. Own
 * words stay own: every set has them, to the last word there is time for.
 */
export function goCue(
  item: Pick<Item, 'cue'>,
  { sides, go, short: brief }: Pick<Cues, 'go' | 'short'> & Pick<Move, 'sides'>,
  set: WorkSet,
  first: Side | null,
  pace: Pace,
  phrases: ScorePhrases,
): GoCue {
  const say = (template: string) => spoken(template, set.side, first, phrases);
  const fits = (text: string) => talkMs(text, pace.talkWpm) <= roomForCueMs(set);
  if (item.cue !== undefined) {
    const whole = say(item.cue);
    if (fits(whole)) return { text: whole, fits: true };
    const text = cutTo(whole, fits);
    return { text, fits: false, ...(text !== whole && { whole }) };
  }
  const full = say(phrases.forSides(go, sides, set.side));
  if (set.set === 1 && fits(full)) return { text: full, fits: true };
  const short = say(phrases.forSides(brief, sides, set.side));
  return { text: short, fits: fits(short) };
}

/** As many of the words as can be said; the first in any case. */
function cutTo(text: string, fits: (text: string) => boolean): string {
  const words = text.split(' ');
  let count = words.length - 1;
  while (count > 1 && !fits(words.slice(0, count).join(' '))) count--;
  return words.slice(0, count).join(' ') || text;
}

/** As many steps of a way as can be said while it is walked; the words never lengthen it. */
export function transferCue(
  part: TransferPart,
  pace: Pace,
  phrases: ScorePhrases,
  of?: LaneName,
): string | undefined {
  if (of) return waySaid(part, pace, phrases, of);
  const known = waysSaid(part, phrases);
  if (!known.has(pace)) known.set(pace, waySaid(part, pace, phrases));
  return known.get(pace);
}

const waysSaid = rememberPair(
  (_: TransferPart, __: ScorePhrases) => new WeakMap<Pace, string | undefined>(),
);

function waySaid(
  { steps, ms }: TransferPart,
  pace: Pace,
  phrases: ScorePhrases,
  of?: LaneName,
): string | undefined {
  for (let count = steps.length; count > 0; count--) {
    const text = phrases.way(steps.slice(0, count), of);
    if (talkMs(text, pace.talkWpm) <= ms) return text;
  }
  return undefined;
}

/**
 * Whether the shortest go-cue of every set of an item can be said in its time.
 * @returns the talk and the room of the tightest set, in milliseconds
 */
export function goCueFits(
  item: Item,
  inForce: ItemInForce,
  pace: Pace,
): { readonly fits: boolean; readonly talkMs: number; readonly roomMs: number } {
  // A side's name is one word, and so is the place that is kept for it.
  const cues = cuesOf(inForce.move, inForce.level);
  const full = talkMs(item.cue ?? cues.go, pace.talkWpm);
  const short = item.cue === undefined ? talkMs(cues.short, pace.talkWpm) : full;
  let tightest: { readonly talkMs: number; readonly roomMs: number } | undefined;
  for (const set of workOf(item, inForce, pace).flatMap((pass) => pass.sets)) {
    const roomMs = roomForCueMs(set);
    const said = set.set === 1 && full <= roomMs ? full : short;
    if (!tightest || roomMs - said < tightest.roomMs - tightest.talkMs) {
      tightest = { talkMs: said, roomMs };
    }
  }
  if (!tightest) return { fits: true, talkMs: 0, roomMs: 0 };
  return { fits: tightest.talkMs <= tightest.roomMs, ...tightest };
}

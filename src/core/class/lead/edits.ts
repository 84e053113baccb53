import { paceOf, type Side } from '@/core/body';
import type { TakingPart } from '@/core/people';
import { catalogueFor, itemsInOrder, type Routine } from '@/core/routine';
import {
  compile,
  doneByLeading,
  isWork,
  msOf,
  type Score,
  type ScorePhrases,
  type Segment,
} from '@/core/timing';
import type { LeadEdit } from '../record/changes';
import { easedItems, mayBeEased } from './ease';
import { extended } from './extend';
import { playedOn, shifted, totals } from './shift';

/** A class as it is led: its routine with what was changed, and the score of that. */
export interface Led {
  readonly routine: Routine;
  readonly score: Score;
  /** What the rest of the score was timed from, and how many plays stand before its first. */
  readonly rest: { readonly routine: Routine; readonly from: number };
}

/** A routine as it was planned, before any edit. */
export function planned(routine: Routine, part: TakingPart, phrases: ScorePhrases): Led {
  const score = compile(routine, part, phrases);
  return { routine, score, rest: { routine, from: 0 } };
}

/** The class after one edit. What was done before it, and the play it came in, stay as they are. */
export function edited(led: Led, edit: LeadEdit, part: TakingPart, phrases: ScorePhrases): Led {
  switch (edit.kind) {
    case 'extend':
      return { ...led, score: extended(led.score, edit) };
    case 'again':
      return { ...led, score: withOtherSide(led, edit.segment, phrases) };
    case 'ease': {
      const ids = laterItems(led.score, playAt(led.score, edit.segment) ?? -1);
      const rest = { ...led.rest, routine: easedItems(led.rest.routine, ids) };
      return retimed({ ...led, routine: easedItems(led.routine, ids), rest }, edit, part, phrases);
    }
    case 'lanes': {
      const lanes = [...edit.lanes];
      const rest = { ...led.rest, routine: { ...led.rest.routine, lanes } };
      return retimed({ ...led, routine: { ...led.routine, lanes }, rest }, edit, part, phrases);
    }
    case 'settle': {
      const from = playAt(led.score, edit.segment) ?? 0;
      const here = led.score.segments.find(({ play }) => play === from);
      const rest = { routine: onlySettle(led.routine, here), from };
      return retimed({ ...led, rest }, edit, part, phrases);
    }
  }
}

/** The rest of the score timed anew, from where its routine now says. */
function retimed(
  led: Led,
  { segment }: { readonly segment: number },
  part: TakingPart,
  phrases: ScorePhrases,
): Led {
  const { routine, from } = led.rest;
  const play = playAt(led.score, segment);
  if (play === undefined) return led;
  const next = compile(routine, part, phrases);
  return { ...led, score: playedOn(led.score, segment, next, { play, from }) };
}

/** The item being done, by itself, and then the settle. */
function onlySettle(routine: Routine, here: Segment | undefined): Routine {
  const item = itemsInOrder(routine).find(({ id }) => id === here?.itemId);
  const settle = routine.heads?.settle;
  return {
    ...routine,
    heads: settle && { settle },
    sections: {
      'warm-up': [],
      main: item ? [{ ...item, straightOn: undefined }] : [],
      settle: routine.sections.settle,
    },
  };
}

/** The play that a place belongs to: the last one that has begun. Undefined before the first. */
export function playAt({ segments }: Score, at: number): number | undefined {
  for (let i = at; i >= 0; i--) {
    const play = segments[i]?.play;
    if (play !== null && play !== undefined) return play;
  }
  return undefined;
}

/** Items whose plays all stand behind one, without the one that is being done. */
function laterItems({ segments }: Score, play: number): ReadonlySet<string> {
  const here = segments.find((one) => one.play === play)?.itemId;
  const later = segments.filter((one) => one.play !== null && one.play > play);
  return new Set(later.flatMap(({ itemId }) => (itemId && itemId !== here ? [itemId] : [])));
}

/** Whether anything of what is to come can be made easier. */
export function mayEase({ routine, score }: Led, at: number): boolean {
  const ids = laterItems(score, playAt(score, at) ?? -1);
  return itemsInOrder(routine).some((item) => ids.has(item.id) && mayBeEased(item, routine));
}

/** Whether there is a settle to go to, with something else before it. */
export function maySettle({ routine, score }: Led, at: number): boolean {
  const settles = new Set(
    itemsInOrder({ ...routine, sections: { ...NOTHING, settle: routine.sections.settle } }).map(
      ({ id }) => id,
    ),
  );
  const play = playAt(score, at);
  const here = score.segments.find((one) => one.play === play)?.itemId;
  if (play === undefined || settles.size === 0 || (here && settles.has(here))) return false;
  return score.segments.some((one) => one.play !== null && one.play > play);
}

const NOTHING: Routine['sections'] = { 'warm-up': [], main: [], settle: [] };

/** Whether the other side has been done in this play, and this is its last side. */
export function mayPlayAgain({ segments }: Score, at: number): boolean {
  const here = segments[at];
  if (!here || !isWork(here)) return false;
  const other = otherSide(here);
  if (!other) return false;
  const own = segments.map((one, i) => ({ one, i })).filter(({ one }) => one.play === here.play);
  const later = own.filter(({ one, i }) => i > at && isWork(one));
  if (later.some(({ one }) => one.side !== here.side || one.set !== here.set)) return false;
  return own.some(({ one, i }) => i < at && isWork(one) && one.side === other);
}

function otherSide({ side }: Segment): Side | undefined {
  if (side === 'left') return 'right';
  return side === 'right' ? 'left' : undefined;
}

/** The last set of the other side once more, behind this play, with its own switch. */
function withOtherSide({ score, routine }: Led, at: number, phrases: ScorePhrases): Score {
  const { segments } = score;
  const here = segments[at];
  const to = here && otherSide(here);
  if (!to || !mayPlayAgain(score, at)) return score;
  const own = segments.filter((one) => isWork(one) && one.play === here.play && one.side === to);
  const set = own.at(-1)?.set ?? 1;
  const last = own.filter((one) => one.set === set);
  const end = segments.findLastIndex(({ play }) => play === here.play);
  const startMs = segments[end]?.endMs ?? here.endMs;
  const means = doneByLeading(catalogueFor(routine), here)?.move.sideMeans;
  const { switchMs } = paceOf(routine.group, routine.pace);
  const known = segments.find(({ kind, play }) => kind === 'switch' && play === here.play);
  const turn: Segment = {
    ...here,
    kind: 'switch',
    side: to,
    set: null,
    startMs,
    endMs: startMs + (known ? msOf(known) : switchMs),
    marks: [],
    cues: [{ atMs: startMs, kind: 'switch', text: phrases.switchTo(to, means) }],
  };
  let atMs = turn.endMs;
  const again = last.map((one) => {
    const moved = shifted(one, atMs - one.startMs);
    atMs = moved.endMs;
    // When it was done first it called the other side, which does not come now.
    const cues = moved.cues.filter(({ kind }) => kind !== 'switch' && kind !== 'ahead');
    return { ...moved, set: set + 1, cues };
  });
  const behind = segments.slice(end + 1).map((one) => shifted(one, atMs - startMs));
  return totals(score, [...segments.slice(0, end + 1), turn, ...again, ...behind]);
}

import { paceOf, type Pace } from '@/core/body';
import { repBreathOf, type Breath, type Dose } from '@/core/moves';
import { itemInForce, itemsInOrder, type Routine } from '@/core/routine';
import { isWork, setKey, type Mark, type Score, type Segment } from '@/core/timing';
import { LEAD } from './strings';

/** What is counted at a moment of the work, in words, and how full the breath is. */
export interface Counted {
  /** "breathe out", "set 1 of 2": a word beside what is large. */
  readonly detail: string;
  /** 0 to 1. */
  readonly swell: number;
  /** The rep or breath that is being done: what is counted is what is large. */
  readonly count?: {
    readonly n: number;
    /** "of 8", "last one". */
    readonly of: string;
  };
  /** Whether `detail` says how the breath goes. */
  readonly breathes?: true;
  /** Pressing into a stretch, or easing after it. */
  readonly effort?: 'press' | 'ease';
}

/** Counting of reps and breaths, press or ease, and sets. */
export function countedAt(
  routine: Routine,
  segment: Segment,
  placeMs: number,
  score: Score,
  at: number,
): Counted {
  const item = itemsInOrder(routine).find(({ id }) => id === segment.itemId);
  if (!item || !isWork(segment)) return { detail: '', swell: 1 };
  const { dose } = itemInForce(item, routine);
  const isPlanned = segment.set !== null && segment.set <= dose.sets;
  const set = dose.sets > 1 && segment.set && isPlanned ? LEAD.set(segment.set, dose.sets) : '';
  const join = (...parts: readonly string[]) => parts.filter(Boolean).join(' · ');
  if (segment.kind === 'press') {
    return { detail: join(LEAD.press, set), swell: 1, effort: 'press' };
  }
  if (dose.kind === 'hold') {
    const before = score.segments[at - 1];
    const eases = dose.press && before?.kind === 'press' && before.play === segment.play;
    return { detail: join(eases ? LEAD.ease : '', set), swell: 1, ...(eases && EASING) };
  }
  const units = segment.marks.filter(({ kind }) => kind === 'rep' || kind === 'breath');
  const started = units.filter(({ atMs }) => atMs <= placeMs);
  const marks = setMarks(score, segment);
  const all = dose.kind === 'reps' && dose.inAll;
  const n = all ? started.length : (started.at(-1)?.n ?? 0);
  // What the marks count is what is done: a weak side may get more than the dose says.
  const of = all ? units.length : marks.findLast(({ kind }) => kind === 'last')?.n;
  if (!n || !of) return { detail: set, swell: 1 };
  const most = dose.most && dose.most > of ? dose.most : undefined;
  const last = n === of && of > 1 && !most;
  const count = { n, of: last ? LEAD.lastOne : LEAD.ofCount(of, most) };
  const pace = paceOf(routine.group, routine.pace);
  const since = placeMs - (started.at(-1)?.atMs ?? placeMs);
  const breath = breathOf(dose, pace);
  if (breath) {
    const phase = phaseAt(breath, since);
    return { detail: join(LEAD[phase.does], set), swell: phase.swell, count, breathes: true };
  }
  const hold = segment.marks.find(
    ({ kind, atMs, ms = 0 }) => kind === 'held' && atMs <= placeMs && placeMs < atMs + ms,
  );
  const left = hold && LEAD.repHeld(Math.ceil((hold.atMs + (hold.ms ?? 0) - placeMs) / 1000));
  return { detail: join(left ?? '', set), swell: 1, count };
}

const EASING = { effort: 'ease' } as const;

/** How the breath goes that is counted, or that reps are led with; undefined for other work. */
export function breathOf(dose: Dose, pace: Pace): Breath | undefined {
  if (dose.kind === 'reps') return dose.breath && repBreathOf(dose.breath, pace);
  if (dose.kind !== 'breaths') return undefined;
  const { inMs = pace.breathInMs, outMs = pace.breathOutMs, fullMs, emptyMs } = dose;
  return { inMs, outMs, fullMs, emptyMs };
}

/** Whether it goes in, waits or goes out so long after its start, and how full one is. */
function phaseAt(
  { inMs, fullMs = 0, outMs }: Breath,
  since: number,
): { readonly does: 'breatheIn' | 'waitFull' | 'breatheOut'; readonly swell: number } {
  if (since < inMs) return { does: 'breatheIn', swell: since / inMs };
  if (since < inMs + fullMs) return { does: 'waitFull', swell: 1 };
  const out = Math.min(1, (since - inMs - fullMs) / outMs);
  return out < 1 ? { does: 'breatheOut', swell: 1 - out } : { does: 'waitFull', swell: 0 };
}

function setMarks({ segments }: Score, here: Segment): readonly Mark[] {
  return segments.filter((one) => setKey(one) === setKey(here)).flatMap(({ marks }) => marks);
}

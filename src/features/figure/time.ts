import type { Step } from '@/core/body';
import type { Dose, MoveKind } from '@/core/moves';

/** How a figure goes through its key poses: milliseconds on the way, back, and at rest in each. */
export interface Beat {
  readonly wayMs: number;
  readonly backMs: number;
  readonly stayMs: number;
}

/** One rep or one hold of a class, and how far it has come. */
export interface Now extends Beat {
  readonly sinceMs: number;
  /** Sides change by turns, a rep for each. */
  readonly turns?: boolean;
  /** Begins again by itself: work that nobody counts. */
  readonly loops?: boolean;
}

const USUAL: Beat = { wayMs: 2000, backMs: 2000, stayMs: 700 };
const HELD: Beat = { wayMs: 2400, backMs: 2000, stayMs: 4000 };

/** Whether it is gone into once and stayed in: a hold, and a stretch that is counted in breaths. */
export const isStayedIn = ({ kind: counted }: Dose, kind: MoveKind): boolean =>
  counted === 'hold' || (counted === 'breaths' && kind === 'stretch');

/** In the tempo of the dose; a hold goes in, stays, and comes back. */
export function beatOf(dose: Dose, kind: MoveKind): Beat {
  if (isStayedIn(dose, kind)) return HELD;
  if (dose.kind !== 'reps' || !dose.tempo) return USUAL;
  const [out, pause, back] = dose.tempo;
  return { wayMs: Math.max(400, out), backMs: Math.max(400, back), stayMs: Math.max(200, pause) };
}

/** Slow at both ends, as bodies are. */
const eased = (t: number) => t * t * (3 - 2 * t);

/** The place between `keys` poses after so many milliseconds: there, and back again. */
export function placeAt(ms: number, keys: number, { wayMs, backMs, stayMs }: Beat): number {
  if (keys < 2) return 0;
  const last = keys - 1;
  const there = last * (wayMs + stayMs);
  const whole = there + backMs + stayMs;
  const at = ms % whole;
  if (at < there) {
    const step = Math.floor(at / (wayMs + stayMs));
    return step + eased(Math.min(1, (at % (wayMs + stayMs)) / wayMs));
  }
  return last * (1 - eased(Math.min(1, (at - there) / backMs)));
}

/**
 * The place in one rep or hold: through all key poses on the way, still at its end, and back; or, of a
 * move that ends as the mirror of its beginning and changes sides, one way in the whole of the time.
 */
export function placeNow(ms: number, keys: number, now: Now, isTurn: boolean): number {
  if (keys < 2) return 0;
  const { wayMs, stayMs, backMs } = now;
  const last = keys - 1;
  if (now.turns && isTurn) return last * eased(Math.min(1, ms / (wayMs + stayMs + backMs)));
  if (ms < wayMs) return last * eased(ms / wayMs);
  const over = ms - wayMs - stayMs;
  return over <= 0 ? last : last * (1 - eased(Math.min(1, over / Math.max(1, backMs))));
}

/** The step of a way that is gone at a part of its time, 0 to 1, and how far. */
export function placeOnWay(
  steps: readonly Step[],
  gone: number,
): { readonly step: Step | undefined; readonly part: number } {
  const all = steps.reduce((sum, { seconds }) => sum + seconds, 0);
  let left = Math.min(1, Math.max(0, gone)) * all;
  const last = steps.at(-1);
  for (const step of steps) {
    if (left <= step.seconds && step !== last) return { step, part: left / step.seconds };
    if (step === last) return { step, part: Math.min(1, left / step.seconds) };
    left -= step.seconds;
  }
  return { step: undefined, part: 0 };
}

/** How long a breath of somebody at rest takes. */
const BREATH_MS = 4600;

/** How full the chest is, 0 to 1. */
export const breathAt = (ms: number): number =>
  0.5 - 0.5 * Math.cos((2 * Math.PI * ms) / BREATH_MS);

/** The key pose that is shown after so many milliseconds, where nothing is to move. */
export const keyAt = (ms: number, keys: number): number =>
  Math.floor(ms / 2200) % Math.max(1, keys);

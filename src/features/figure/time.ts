import type { Dose } from '@/core/moves';

/** How a figure goes through its key poses: seconds on the way, and at rest in each. */
export interface Beat {
  readonly wayMs: number;
  readonly backMs: number;
  readonly stayMs: number;
}

const USUAL: Beat = { wayMs: 2000, backMs: 2000, stayMs: 700 };
const HELD: Beat = { wayMs: 2400, backMs: 2000, stayMs: 4000 };

/** In the tempo of the dose; a hold goes in, stays, and comes back. */
export function beatOf(dose: Dose): Beat {
  if (dose.kind === 'hold') return HELD;
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

/** The key pose that is shown after so many milliseconds, where nothing is to move. */
export const keyAt = (ms: number, keys: number): number =>
  Math.floor(ms / 2200) % Math.max(1, keys);

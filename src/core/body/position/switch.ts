import type { Pace } from '../pace/paces';

/** Seconds that changing sides takes a usual adult where it is more than turning round. */
export const LONG_SWITCH_S = {
  'roll-over': 6,
  'change-knee': 4,
  'floor-legs': 4,
  'lifted-leg': 8,
} as const;
export type LongSwitch = keyof typeof LONG_SWITCH_S;
export const LONG_SWITCHES = Object.keys(LONG_SWITCH_S) as LongSwitch[];

/**
 * The time to change sides: the pace's, or a longer way at the pace's transfer factor.
 * @returns milliseconds
 */
export function switchMs(pace: Pace, long: LongSwitch | undefined): number {
  if (!long) return pace.switchMs;
  const longMs = Math.ceil((LONG_SWITCH_S[long] * pace.transferHundredths) / 100) * 1000;
  return Math.max(pace.switchMs, longMs);
}

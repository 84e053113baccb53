import type { Tempo } from '@/core/moves';

/** A pause longer than this begins a new round of taps. */
const NEW_ROUND_MS = 20_000;

/** The taps that belong together, with one more. */
export function withTap(taps: readonly number[], atMs: number): readonly number[] {
  const last = taps.at(-1);
  return last === undefined || atMs - last > NEW_ROUND_MS ? [atMs] : [...taps, atMs];
}

/** The time from one tap to the next, the middle one of all; undefined before there are three taps. */
export function beatOf(taps: readonly number[]): number | undefined {
  if (taps.length < 3) return undefined;
  const between = taps.slice(1).map((at, i) => at - (taps[i] ?? at));
  const sorted = between.sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)];
}

/** Whole seconds that come to a beat, shared out as they were; what was nought stays nought. */
export function sharedOut(parts: readonly number[], beatMs: number): readonly number[] {
  const whole = parts.reduce((sum, ms) => sum + ms, 0);
  const seconds = Math.max(parts.filter((ms) => ms > 0).length, Math.round(beatMs / 1000));
  const shares = parts.map((ms) =>
    ms === 0 ? 0 : Math.max(1, Math.floor((seconds * ms) / whole)),
  );
  // What rounding left over goes to the longest, or is taken from it.
  const longest = parts.indexOf(Math.max(...parts));
  const left = seconds - shares.reduce((sum, s) => sum + s, 0);
  return shares.map((s, i) => (i === longest ? Math.max(1, s + left) : s) * 1000);
}

/** A tempo that takes as long as a beat. */
export function tempoAt(tempo: Tempo, beatMs: number): Tempo {
  const [out = 0, pause = 0, back = 0, wait = 0] = sharedOut(tempo, beatMs);
  return [out, pause, back, wait];
}

import type { CueKind, SpokenCue } from '@/core/timing';

/** What a line of the script is for: the cues of the score, and what is said between them. */
export type LineKind = CueKind | 'next' | 'point' | 'half' | 'count' | 'way-out' | 'eyes';

/** One line of the script, at its moment of the score. */
export interface ScriptLine extends Omit<SpokenCue, 'kind'> {
  readonly kind: LineKind;
  /** Shown under it and never said: what to watch, and how it is made easier or goes further. */
  readonly beside?: string;
}

/** Lines that are read once and gone; the others stand until the next of their kind. */
const PASSING: readonly LineKind[] = ['next', 'point', 'half', 'count', 'end', 'eyes'];

/** Whether a line is news of a moment, behind which the line before it stands again. */
export function passes({ kind }: Pick<ScriptLine, 'kind'>): boolean {
  return PASSING.includes(kind);
}

/** How much of the script is said aloud; the rest is shown. */
export type Talk = 'full' | 'spare' | 'quiet';

/** Names, switches and the last ones; a moment's wait before going on is said as well. */
const SPARE: readonly LineKind[] = ['next', 'ahead', 'notice', 'switch', 'count', 'pause', 'eyes'];

/**
 * Whether a line is said aloud.
 * @example isSaid({ kind: 'go' }, 'spare') // false
 */
export function isSaid({ kind }: Pick<ScriptLine, 'kind'>, talk: Talk): boolean {
  return talk === 'full' || (talk === 'spare' && SPARE.includes(kind));
}

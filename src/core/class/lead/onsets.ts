import { rememberPair } from '@/core/common';
import {
  COUNT_DOWN_FROM_MS,
  COUNT_DOWN_MS,
  isCounted,
  msOf,
  type Score,
  type Segment,
} from '@/core/timing';
import type { LineKind, ScriptLine } from '../script/script-line';

/** Sounds that a class hears, each with one meaning. */
export type Tone = 'count' | 'start' | 'end' | 'switch' | 'halfway' | 'rep';

export type Onset =
  | { readonly atMs: number; readonly kind: 'tone'; readonly tone: Tone }
  | { readonly atMs: number; readonly kind: 'say'; readonly line: LineKind; readonly text: string };

const SECOND_MS = 1000;

/** Everything that sounds, in order, each at its moment of the score. Worked out once a script. */
export const onsetsOf = rememberPair(
  (score: Score, script: readonly ScriptLine[]): readonly Onset[] =>
    [
      ...score.segments.flatMap((segment, i) => tonesOf(segment, score.segments[i + 1])),
      ...script.map(({ atMs, kind, text }): Onset => ({ atMs, kind: 'say', line: kind, text })),
    ].sort((a, b) => a.atMs - b.atMs),
);

function tonesOf(segment: Segment, next: Segment | undefined): readonly Onset[] {
  const tones: Onset[] = [];
  const tone = (atMs: number, name: Tone) => tones.push({ atMs, kind: 'tone', tone: name });
  const { kind, startMs, endMs } = segment;
  if (kind === 'count-in') countTo(endMs, startMs, tone);
  if (kind === 'switch') {
    tone(startMs, 'switch');
    countTo(endMs, Math.max(startMs, endMs - 3 * SECOND_MS), tone);
  }
  if (kind === 'work') tone(startMs, 'start');
  const endsSet = !next || !continues(segment, next);
  if (kind === 'work' && endsSet) {
    // What is counted has "last one" in the place of a count-down.
    const timed = !isCounted([segment]) && msOf(segment) >= COUNT_DOWN_FROM_MS;
    if (timed) countTo(endMs, endMs - COUNT_DOWN_MS, tone);
    tone(endMs, 'end');
  }
  for (const mark of segment.marks) {
    if (mark.kind === 'halfway') tone(mark.atMs, 'halfway');
    else if ((mark.kind === 'rep' || mark.kind === 'breath') && mark.atMs > startMs)
      tone(mark.atMs, 'rep');
  }
  return tones;
}

function countTo(endMs: number, fromMs: number, tone: (atMs: number, name: Tone) => void): void {
  for (let atMs = endMs - SECOND_MS; atMs >= fromMs; atMs -= SECOND_MS) tone(atMs, 'count');
}

/** Press and ease parts of one set are one piece of work to the ear. */
function continues(segment: Segment, next: Segment): boolean {
  return (
    segment.play === next.play &&
    segment.set === next.set &&
    segment.side === next.side &&
    (next.kind === 'press' || next.kind === 'work')
  );
}

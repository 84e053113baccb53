import { COUNT_DOWN_FROM_MS, COUNT_DOWN_MS, type Score, type Segment, msOf } from '@/core/timing';

/** Sounds that a class hears, each with one meaning. */
export type Tone = 'count' | 'start' | 'end' | 'switch' | 'halfway' | 'rep';

export type Onset =
  | { readonly atMs: number; readonly kind: 'tone'; readonly tone: Tone }
  | { readonly atMs: number; readonly kind: 'say'; readonly text: string };

const SECOND_MS = 1000;

const known = new WeakMap<Score, readonly Onset[]>();

/** Everything that sounds, in order, each at its moment of the score. Worked out once a score. */
export function onsetsOf(score: Score): readonly Onset[] {
  const onsets = known.get(score) ?? allOnsets(score);
  known.set(score, onsets);
  return onsets;
}

function allOnsets(score: Score): readonly Onset[] {
  return score.segments
    .flatMap((segment, i) => segmentOnsets(segment, score.segments[i + 1]))
    .sort((a, b) => a.atMs - b.atMs);
}

function segmentOnsets(segment: Segment, next: Segment | undefined): readonly Onset[] {
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
    if (msOf(segment) >= COUNT_DOWN_FROM_MS) countTo(endMs, endMs - COUNT_DOWN_MS, tone);
    tone(endMs, 'end');
  }
  for (const mark of segment.marks) {
    if (mark.kind === 'halfway') tone(mark.atMs, 'halfway');
    else if (mark.kind !== 'last' && mark.atMs > startMs) tone(mark.atMs, 'rep');
  }
  const cues = segment.cues.map(({ atMs, text }): Onset => ({ atMs, kind: 'say', text }));
  return [...tones, ...cues];
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
